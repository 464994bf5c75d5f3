import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, ref, shallowRef } from 'vue';
import { api, type Ledger, type Placement, type Room } from '../../frontend/src/api/client';
import { FRESH_ROOM, useDraft } from '../../frontend/src/features/work/useDraft';
import { NO_PURIFIER, usePlacements } from '../../frontend/src/features/work/usePlacements';
import { useSaving } from '../../frontend/src/features/work/useSaving';
import type { Stage } from '../../frontend/src/features/work/stage';
import { useStages } from '../../frontend/src/features/work/useStages';
import { within } from './mounted';
import { CHOICES, ledger, room, unit } from './samples';
import { desk } from './work';

const { replace } = vi.hoisted(() => ({ replace: vi.fn<(to: { params: { room: number; stage: string } }) => Promise<void>>() }));
vi.mock('vue-router', () => ({ useRouter: () => ({ replace }) }));

const taken = (data: unknown) => ({ data, response: new Response() }) as never;
const refused = (status: number, message = 'No', errors = {}) =>
    ({ error: { message, errors }, response: new Response(null, { status }) }) as never;
type Sent = { params: { path: Record<string, number> }; body: Record<string, unknown> };
const bodies = (spy: { mock: { calls: unknown[][] } }) =>
    spy.mock.calls.map(([path, sent]) => [path, (sent as Sent).params.path, (sent as Sent).body]);

const latest = room().builds[0]!.latest;
const version = (number: number) => ({ ...latest, id: 10 + number, number });

/** Somebody at work on a room, or on one that is not there yet. */
function atWork(known: Room | null, at: { stage?: string; beside?: Placement[]; shape?: string } = {}) {
    const roomId = ref(known?.id ?? null);
    const stage = ref(at.stage ?? 'build');
    const build = ref(known?.builds.at(-1) ?? null);
    const told = ref<Ledger | undefined>(ledger({ unit: at.shape === undefined ? unit() : unit({ shape: at.shape }) }));
    const kept = desk();
    const { made } = within(() => {
        const drafting = useDraft();
        drafting.begin(kept, known);
        const saving = useSaving({ roomId, siteId: 3, stage, drafting, build, ledger: told, beside: ref(at.beside ?? []) });
        return { drafting, saving, stages: useStages({ roomId, drafting, build, ledger: told }) };
    });
    return { ...made, roomId, stage, build, told, kept };
}

beforeEach(() => void replace.mockResolvedValue(undefined));
afterEach(() => {
    vi.restoreAllMocks();
    replace.mockReset();
});

describe('saving', () => {
    it('sends the room alone where only the room has changed, with the revision that it was begun from', async () => {
        const { drafting, saving } = atWork(room());
        expect([saving.worthwhile(false), saving.worthwhile(true)]).toEqual([false, false]);
        drafting.draft.entries.people = '9';
        expect(saving.worthwhile(false)).toBe(true);
        const put = vi.spyOn(api, 'PUT').mockResolvedValue(taken(room({ revision: 4, entries: { ...room().entries, people: '9' } })));
        const post = vi.spyOn(api, 'POST');

        expect(await saving.save(false)).toBe('room');
        expect(bodies(put)).toEqual([
            ['/rooms/{room}', { room: 7 }, { room: { ...room().entries, people: '9' }, goal: 'air-changes-6', revision: 3 }],
        ]);
        expect(post).not.toHaveBeenCalled();
        expect(drafting.draft.revision).toBe(4);
        expect(saving.worthwhile(true)).toBe(false);
    });

    it('sends a new version of the build alone where only the build has changed', async () => {
        const { drafting, saving } = atWork(room());
        drafting.draft.choices.units = 3;
        expect([saving.worthwhile(false), saving.worthwhile(true)]).toEqual([false, true]);
        const put = vi.spyOn(api, 'PUT');
        const post = vi.spyOn(api, 'POST').mockResolvedValue(taken({ ...version(3), choices: { ...CHOICES, units: 3 } }));

        expect(await saving.save(true)).toBe('build');
        expect(put).not.toHaveBeenCalled();
        expect(bodies(post)).toEqual([
            ['/builds/{build}/versions', { build: 1 }, { unit: { ...CHOICES, units: 3 }, beside: [], based_on: 2, keep_figures: true }],
        ]);
        expect(drafting.draft).toMatchObject({ version: 3, versionId: 13, bench: 1 });
        expect(saving.worthwhile(true)).toBe(false);
    });

    it('names a first build after its shape and takes along what it is counted beside', async () => {
        const beside: Placement[] = [{ build: null, bought: { ...NO_PURIFIER, name: 'Bought' }, count: 1 } as unknown as Placement];
        const { saving } = atWork(room({ builds: [] }), { beside, shape: 'Flat panel' });
        const post = vi.spyOn(api, 'POST').mockResolvedValue(taken({ id: 5, name: 'Flat panel', latest: version(1) }));
        await saving.save(true);
        expect(bodies(post)).toMatchObject([['/rooms/{room}/builds', { room: 7 }, { name: 'Flat panel', beside }]]);
    });

    it('makes a room that is new, and goes on to its goal from where one was', async () => {
        const { drafting, saving, kept } = atWork(null, { stage: 'room' });
        drafting.draft.entries.name = 'Annexe';
        await nextTick();
        expect(kept.kept.draft).toContain('Annexe');
        const post = vi.spyOn(api, 'POST').mockResolvedValue(taken(room({ id: 12 })));

        expect(await saving.save(false)).toBe('room');
        expect(bodies(post)).toMatchObject([['/sites/{site}/rooms', { site: 3 }, { room: { ...FRESH_ROOM, name: 'Annexe' } }]]);
        expect(replace.mock.calls).toEqual([[{ name: 'room', params: { room: 12, stage: 'target' } }]]);
        // What was kept of the one without a number would come back as another.
        expect(kept.kept.draft).toBeNull();
    });

    it('stays with whoever went on while a new room was saved', async () => {
        const { saving, stage } = atWork(null, { stage: 'room' });
        vi.spyOn(api, 'POST').mockResolvedValue(taken(room({ id: 12 })));
        replace.mockImplementation(async () => void (stage.value = 'find'));
        await saving.save(false);
        expect(replace.mock.calls.map(([to]) => to.params.stage)).toEqual(['target', 'find']);
    });

    it('loses nothing of a refusal, and says at which field', async () => {
        const { drafting, saving } = atWork(room());
        drafting.draft.entries.length = 'far';
        vi.spyOn(api, 'PUT').mockResolvedValue(refused(422, 'Not a length.', { 'room.length': ['Not a length.'] }));
        expect(await saving.save(false)).toBeUndefined();
        expect(saving.refused.value?.errors).toEqual({ 'room.length': ['Not a length.'] });
        expect(drafting.draft.entries.length).toBe('far');
        expect(saving.worthwhile(false)).toBe(true);
    });

    it('keeps a room that was saved before its build was refused, so that the next try sends the build alone', async () => {
        const { drafting, saving } = atWork(room());
        drafting.draft.entries.people = '9';
        drafting.draft.choices.units = 4;
        const put = vi.spyOn(api, 'PUT').mockResolvedValue(taken(room({ revision: 4, entries: { ...room().entries, people: '9' } })));
        const post = vi.spyOn(api, 'POST').mockResolvedValueOnce(refused(409, 'Someone else has saved a version.'));
        expect(await saving.save(true)).toBeUndefined();
        expect(saving.refused.value?.status).toBe(409);

        post.mockResolvedValueOnce(taken({ ...version(4), choices: { ...CHOICES, units: 4 } }));
        expect(await saving.save(true)).toBe('build');
        expect([put.mock.calls.length, post.mock.calls.length]).toEqual([1, 2]);
    });

    it('tells that it cannot be reached and may be tried again', async () => {
        const { drafting, saving } = atWork(room());
        drafting.draft.goal = 'air-changes-3';
        vi.spyOn(api, 'PUT').mockRejectedValue(new TypeError('Failed to fetch'));
        expect(await saving.save(false)).toBeUndefined();
        expect(saving.refused.value?.status).toBe(0);
        expect(saving.worthwhile(false)).toBe(true);
    });
});

describe('the stages of the job', () => {
    const named = (stages: Stage[], key: string) => stages.find((one) => one.key === key)!;

    it('open one by one as there is something to go on with', () => {
        const { stages, told } = atWork(null);
        told.value = undefined;
        expect(stages.value.filter(({ open }) => open).map(({ key }) => key)).toEqual(['room']);
        expect(named(stages.value, 'room').says).toBe('not measured yet');
        told.value = ledger();
        // A room must be saved before the finder is asked, a build before anything is made of it.
        expect(stages.value.filter(({ open }) => open).map(({ key }) => key)).toEqual(['room', 'target', 'build']);
        expect(named(stages.value, 'kit')).toMatchObject({ open: false, says: 'save a build first' });
    });

    it('tell what is saved and what has changed since', async () => {
        const { stages, drafting } = atWork(room());
        expect(stages.value.map(({ key }) => key)).toEqual(['room', 'target', 'find', 'build', 'kit', 'guide', 'sheet', 'proof']);
        expect(stages.value.every(({ open }) => open)).toBe(true);
        expect(named(stages.value, 'room')).toMatchObject({ done: true, says: '758 ft², 6 people' });
        expect(named(stages.value, 'build')).toMatchObject({ done: true, says: 'version 2' });
        drafting.draft.entries.people = '';
        drafting.draft.choices.speed = '3';
        await nextTick();
        expect(named(stages.value, 'room')).toMatchObject({ done: false, says: '758 ft², no people' });
        expect(named(stages.value, 'build')).toMatchObject({ done: false, says: 'version 2, changed' });
    });
});

describe('what stands in a room', () => {
    const own = { build: 1, bought: null, count: 2, name: 'Cube' } as unknown as Placement;
    const other = { build: 2, bought: null, count: 1, name: 'Panel' } as unknown as Placement;
    const bought = { build: null, bought: { ...NO_PURIFIER, name: 'Bought', clean_air: '200 cfm' }, count: 1 } as unknown as Placement;
    const panel = { id: 2, name: 'Panel', latest };

    function standing(placements: Placement[] = [own, other, bought]) {
        const known = shallowRef<Room | undefined>(room({ placements, builds: [room().builds[0]!, panel] }));
        const build = ref<Room['builds'][number] | null>(room().builds[0]!);
        const kept = vi.fn();
        const { made } = within(() => usePlacements(known, build, kept));
        return { made, known, build, kept };
    }
    const rows = (list: Placement[]) => list.map((row) => row.bought?.name ?? (row as unknown as { name: string }).name);

    it('is all but the build on the bench, which counts as it is drawn there', async () => {
        const { made, build } = standing();
        expect(rows(made.beside.value)).toEqual(['Panel', 'Bought']);
        expect(made.isPlaced.value).toBe(true);
        build.value = panel;
        await nextTick();
        expect(rows(made.beside.value)).toEqual(['Cube', 'Bought']);
        build.value = null;
        expect([rows(made.beside.value), made.isPlaced.value]).toEqual([['Cube', 'Panel', 'Bought'], false]);
    });

    it('is left out of the count for a look, and taken in again', () => {
        const { made } = standing();
        made.toggle(bought);
        expect(rows(made.counted.value)).toEqual(['Panel']);
        expect([made.isCounted(bought), made.isCounted(other)]).toEqual([false, true]);
        made.toggle(bought);
        expect(rows(made.counted.value)).toEqual(['Panel', 'Bought']);
    });

    it('is kept as soon as it is added, changed or removed, and one’s own change is not somebody else’s', async () => {
        const { made, kept } = standing();
        const put = vi.spyOn(api, 'PUT').mockImplementation((async () => taken(room({ revision: 4 }))) as never);
        expect(await made.add({ ...bought, count: 3 })).toBe(true);
        expect(await made.change(other, { ...other, count: 5 })).toBe(true);
        expect(await made.remove(own)).toBe(true);

        const sent = bodies(put).map(([, , body]) => body as { placements: Placement[]; revision: number });
        expect(sent.map(({ placements }) => placements.map(({ count }) => count))).toEqual([
            [2, 1, 1, 3],
            [2, 5, 1],
            [1, 1],
        ]);
        expect(sent[0]!.revision).toBe(3);
        expect(kept).toHaveBeenCalledWith(3, 4);
    });

    it('stays as it is where a change is refused, and says why', async () => {
        const { made, kept } = standing();
        vi.spyOn(api, 'PUT').mockResolvedValueOnce(refused(422, 'No.', { 'placements.3.bought.clean_air': ['Not a flow.'] }));
        expect(await made.add(bought)).toBe(false);
        expect(made.errors.value).toEqual({ 'placements.3.bought.clean_air': ['Not a flow.'] });
        expect(made.all.value).toHaveLength(3);
        vi.spyOn(api, 'PUT').mockResolvedValueOnce(refused(409, 'Someone else has changed this room.'));
        expect(await made.remove(other)).toBe(false);
        expect(made.fault.value).toBe('Someone else has changed this room.');
        expect(kept).not.toHaveBeenCalled();
    });

    it('of a room that is not there yet is nothing, and nothing is sent', async () => {
        const { made, known } = standing();
        known.value = undefined;
        const put = vi.spyOn(api, 'PUT');
        expect([made.all.value, await made.add(bought)]).toEqual([[], false]);
        expect(put).not.toHaveBeenCalled();
    });
});
