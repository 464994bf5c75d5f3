import { vi } from 'vitest';
import { computed, reactive, ref, shallowRef } from 'vue';
import type { Catalogue, Choices, Ledger, Placement, Room, RoomEntries } from '../../frontend/src/api/client';
import type { Question } from '../../frontend/src/features/work/queries';
import { FIRST_CHOICES, FRESH_ROOM } from '../../frontend/src/features/work/useDraft';
import type { Work } from '../../frontend/src/features/work/useWork';
import type { Desk } from '../../frontend/src/store/desk';
import { ledger } from './samples';

export const CATALOGUE: Catalogue = {
    shapes: [],
    fans: [],
    filters: [],
    joinings: [],
    shape_options: [],
    bases: [],
    corners: [],
    directions: [],
    pollutants: [{ id: 'wildfire-pm25', name: 'Wildfire smoke' }],
    uses: [{ id: 'classroom', name: 'Classroom' }],
    grades: [],
} as unknown as Catalogue;

/** A desk that keeps in memory what is put on it. */
export function desk(over: Partial<Desk> = {}): Desk & { kept: { draft: string | null; notes: Record<string, string> } } {
    const kept = { draft: over.draft ?? null, notes: { ...over.notes } };
    return {
        draft: kept.draft,
        past: [],
        future: [],
        notes: kept.notes,
        keepDraft: (work) => (kept.draft = work),
        sent: vi.fn(),
        step: vi.fn(),
        move: vi.fn(),
        written: () => Promise.resolve(),
        note(key, text) {
            if (text === null) delete kept.notes[key];
            else kept.notes[key] = text;
        },
        ...over,
        kept,
    };
}

interface State {
    entries?: Partial<RoomEntries>;
    choices?: Choices;
    pinned?: Choices[];
    ledger?: Ledger;
    question?: Question | null;
    errors?: Record<string, string[]>;
    build?: Room['builds'][number] | null;
    against?: number | null;
    placed?: Placement[];
    desk?: Desk;
    catalogue?: Catalogue;
}

/** The work on a room as its page provides it, from what a test puts in it. */
export function workOn(state: State = {}): Work {
    const draft = reactive({
        entries: { ...FRESH_ROOM, ...state.entries },
        goal: 'air-changes-5',
        choices: { ...(state.choices ?? FIRST_CHOICES) },
        keepFigures: true,
        pinned: state.pinned ?? [],
    });
    const pinned = ref(state.against ?? null);
    const placed = computed(() => state.placed ?? []);
    const work = {
        draft,
        drafting: { draft, put: vi.fn(), roomChanged: ref(false), buildChanged: ref(false) },
        stage: ref('build'),
        room: { data: ref(undefined) },
        programmeId: ref(1),
        currency: ref('EUR'),
        neighbours: ref([{ id: 9, name: 'Hall' }]),
        catalogue: { data: ref(state.catalogue ?? CATALOGUE) },
        desk: shallowRef(state.desk ?? desk()),
        build: ref(state.build ?? null),
        against: { pinned, ledger: ref(null), number: ref(null) },
        placing: { all: placed, counted: placed },
        bench: {
            question: shallowRef(state.question ?? null),
            ledger: shallowRef(state.ledger ?? ledger()),
            errors: ref(state.errors ?? {}),
            current: ref(true),
            view: reactive({ turn: 0, apart: false }),
        },
        held: ref(false),
        history: { undo: vi.fn(), redo: vi.fn(), waitFor: vi.fn(), canUndo: ref(false), canRedo: ref(false) },
    };
    return work as unknown as Work;
}
