import Dexie, { type EntityTable, type Table } from 'dexie';

/** Work on a room that is not saved yet, as one tab of one person has it. */
export interface DraftRow {
    place: string;
    person: string;
    room: string;
    work: string;
    /** Whether the server keeps the same. */
    isSent: boolean;
    at: number;
}

/** A state that undo or redo leads to, by its number in the row of states. */
export interface StepRow {
    place: string;
    number: number;
    state: string;
}

/** Where a tab is in its row of states, and what it keeps besides. */
export interface DeskRow {
    place: string;
    /** Number of the state that is on the screen. */
    position: number;
    notes: Record<string, string>;
    at: number;
}

/** Something ticked off, or no longer, on the shopping list of a programme, that the server does not know yet. */
export interface TickRow {
    programme: number;
    part: string;
    ticked: boolean;
    at: number;
}

/** Something told of a step of a unit that the server does not know yet. */
export interface UnitTickRow {
    key: string;
    unit: number;
    step: string;
    kind: 'begun' | 'done' | 'undone' | 'seen' | 'unseen' | 'note' | 'wrong';
    hold: number | null;
    text: string;
    /** A photo that goes with it: JPEG, base64. */
    photo: string | null;
    at: number;
}

/** A reading of a survey that the server does not know yet. */
export interface ReadingRow {
    key: string;
    unit: number;
    survey: number;
    place: string;
    entered: string;
    source: 'typed' | 'file' | 'phone' | 'meter';
    at: number;
    more: { meter?: string | null; log?: number; unit_on?: boolean; from_min?: number | null; to_min?: number | null; photo?: number };
}

/** Something that holds or sets until a minute. */
export interface TimerRow {
    key: string;
    unit: number;
    step: string;
    name: string;
    /** ms since 1970. */
    ends: number;
    rung: boolean;
}

/**
 * What this browser keeps. A change of its tables is another version with an upgrade beside those that are here; older
 * versions stay, so that every browser is led to the newest.
 */
export class LocalDatabase extends Dexie {
    readonly drafts!: EntityTable<DraftRow, 'place'>;
    readonly steps!: Table<StepRow, [string, number]>;
    readonly desks!: EntityTable<DeskRow, 'place'>;
    readonly ticks!: Table<TickRow, [number, string]>;
    readonly unitTicks!: EntityTable<UnitTickRow, 'key'>;
    readonly timers!: EntityTable<TimerRow, 'key'>;
    readonly readings!: EntityTable<ReadingRow, 'key'>;

    constructor() {
        super('jornel');
        this.version(1).stores({ drafts: 'place, [person+room], at', steps: '[place+number], place', desks: 'place, at' });
        this.version(2).stores({ ticks: '[programme+part], programme' });
        this.version(3).stores({ unitTicks: 'key, unit', timers: 'key, unit' });
        this.version(4).stores({ readings: 'key, unit' });
    }
}

export const database = new LocalDatabase();

const DAY = 86_400_000;
/** What nobody came back to for as long is dropped, ms. */
const KEPT = 60 * DAY;

export async function dropOld(now: number): Promise<void> {
    const old = await database.desks
        .where('at')
        .below(now - KEPT)
        .primaryKeys();
    await Promise.all([
        database.desks.bulkDelete(old),
        database.drafts
            .where('at')
            .below(now - KEPT)
            .delete(),
        database.steps.where('place').anyOf(old).delete(),
    ]);
}
