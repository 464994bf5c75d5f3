import { computed, reactive, ref, watch } from 'vue';
import type { Choices, Room, RoomEntries } from '../../api/client';
import type { Desk } from '../../store/desk';

export const FRESH_ROOM: RoomEntries = {
    name: '',
    use: 'classroom',
    length: '',
    width: '',
    height: '',
    people: '',
    pollutant: 'wildfire-pm25',
    noise_limit: '',
    has_fuel_burning: false,
    outdoor: '',
    leakiness: 'ordinary',
    ventilation: '',
    central: '',
    central_grade: '',
    supply: '',
    supply_grade: '',
    exhaust: '',
    outline: [],
    furnishings: [],
};

export const FIRST_CHOICES: Choices = {
    shape: 'cube',
    fan: 'box-20-plain',
    filter: '20x20x1-g13-economy',
    joining: 'duct-tape',
    corners: 'shroud',
    prefilter: '',
    direction: '',
    options: {},
    units: 1,
    speed: '',
};

interface Draft {
    entries: RoomEntries;
    goal: string;
    choices: Choices;
    keepFigures: boolean;
    /** Build of the room that is on the bench; 0 for the latest, NEW for one that is not saved yet. */
    bench: number;
    /** What it was begun from: the room's revision, the latest version of its latest build and the number of that; 0 for none. */
    revision: number;
    versionId: number;
    version: number;
    /** Builds set aside to be compared with the one on the bench. */
    pinned: Choices[];
}

/** In place of a build's number: one that is not saved yet, beside those that are. */
export const NEW = -1;

/** The build of a room that is on the bench; null for one that is not saved yet. */
export const onBench = (room: Room | null, bench: number): Room['builds'][number] | null =>
    bench === NEW ? null : (room?.builds.find(({ id }) => id === bench) ?? room?.builds.at(-1) ?? null);

const standing = (room: Room | null, bench: number): Pick<Draft, 'revision' | 'versionId' | 'version'> => ({
    revision: room?.revision ?? 0,
    versionId: onBench(room, bench)?.latest.id ?? 0,
    version: onBench(room, bench)?.latest.number ?? 0,
});

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * What is on the screen and not saved yet, for one room or for a new one; kept in this browser, so that a reload or a
 * lost connection loses nothing.
 */
export function useDraft() {
    let desk: Desk | null = null;
    const draft = reactive<Draft>({
        entries: { ...FRESH_ROOM },
        goal: 'air-changes-5',
        choices: { ...FIRST_CHOICES },
        keepFigures: true,
        bench: 0,
        revision: 0,
        versionId: 0,
        version: 0,
        pinned: [],
    });
    const saved = ref<{ entries: RoomEntries; goal: string; choices: Choices | null }>({
        entries: { ...FRESH_ROOM },
        goal: 'air-changes-5',
        choices: null,
    });
    const ready = ref(false);

    const roomChanged = computed(() => !same(draft.entries, saved.value.entries) || draft.goal !== saved.value.goal);
    const buildChanged = computed(() => saved.value.choices === null || !same(draft.choices, saved.value.choices) || !draft.keepFigures);

    /** Takes what the server holds, and lays over it what was kept: in this browser, else by the server from another. */
    function begin(opened: Desk, room: Room | null, keptElsewhere: Partial<Draft> | null = null): void {
        desk = opened;
        lay(room, desk.draft === null ? keptElsewhere : (JSON.parse(desk.draft) as Draft));
    }

    function lay(room: Room | null, kept: Partial<Draft> | null): void {
        const bench = kept?.bench ?? 0;
        const choices = onBench(room, bench)?.latest.choices ?? null;
        if (room) saved.value = { entries: room.entries, goal: room.goal, choices };
        Object.assign(draft, {
            entries: { ...(room?.entries ?? FRESH_ROOM) },
            goal: room?.goal ?? 'air-changes-5',
            choices: { ...(choices ?? FIRST_CHOICES) },
            keepFigures: true,
            bench,
            ...standing(room, bench),
            pinned: [],
        });
        if (kept !== null) {
            Object.assign(draft, kept);
            draft.entries = { ...FRESH_ROOM, ...draft.entries };
        }
        ready.value = true;
    }

    /** Whether someone else has saved since this was begun: the room, or a version of its build. */
    function overtaken(room: Room): { room: boolean; build: boolean } {
        const { revision, versionId } = standing(room, draft.bench);
        return { room: revision > draft.revision, build: versionId > draft.versionId };
    }

    /** Theirs comes to the screen. */
    function takeTheirs(room: Room): void {
        desk?.keepDraft(null);
        const { pinned } = draft;
        lay(room, null);
        draft.pinned = pinned;
    }

    /** What is on the screen stays, and is saved after theirs. */
    function keepMine(room: Room): void {
        saved.value = { entries: room.entries, goal: room.goal, choices: onBench(room, draft.bench)?.latest.choices ?? null };
        Object.assign(draft, standing(room, draft.bench));
    }

    /** What stands there was changed from here: the entries that are on the screen are no older for it. */
    function placed(before: number, after: number): void {
        if (draft.revision === before) draft.revision = after;
    }

    function roomSaved(room: Room): void {
        draft.revision = room.revision;
        saved.value = { ...saved.value, entries: room.entries, goal: room.goal };
        draft.entries = { ...room.entries };
        draft.goal = room.goal;
    }

    /** Another build comes to the bench: one of the room, or a new one that begins with what lies there. */
    function put(room: Room, bench: number, choices?: Choices): void {
        const latest = onBench(room, bench)?.latest.choices ?? null;
        saved.value = { ...saved.value, choices: latest };
        Object.assign(draft, { bench, ...standing(room, bench), choices: { ...(choices ?? latest ?? draft.choices) }, keepFigures: true });
    }

    function buildSaved(build: number, { id, number, choices }: Room['builds'][number]['latest']): void {
        saved.value = { ...saved.value, choices };
        Object.assign(draft, { bench: build, versionId: id, version: number, choices: { ...choices } });
        draft.keepFigures = true;
    }

    function forget(): void {
        ready.value = false;
        desk?.keepDraft(null);
    }

    /** What would be lost, as it is kept; null for nothing. */
    const unsaved = computed(() =>
        ready.value &&
        (draft.pinned.length > 0 ||
            roomChanged.value ||
            (saved.value.choices === null ? !same(draft.choices, FIRST_CHOICES) : buildChanged.value))
            ? JSON.stringify(draft)
            : null,
    );
    watch(
        [unsaved, saved, ready],
        ([work]) => {
            if (ready.value) desk?.keepDraft(work);
        },
        { flush: 'post' },
    );

    return {
        draft,
        unsaved,
        ready,
        roomChanged,
        buildChanged,
        begin,
        overtaken,
        takeTheirs,
        keepMine,
        roomSaved,
        placed,
        buildSaved,
        put,
        forget,
    };
}
