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

/** Something ticked off, or no longer, on the shopping list of a programme. */
export interface ShoppingTick {
    part: string;
    ticked: boolean;
}

/** Something told of a step of a unit. */
export interface StepTick {
    step: string;
    kind: 'begun' | 'done' | 'undone' | 'seen' | 'unseen' | 'note' | 'wrong';
    hold: number | null;
    text: string;
    /** A photo that goes with it: JPEG, base64. */
    photo: string | null;
}

/** A reading of a survey. */
export interface ToldReading {
    survey: number;
    place: string;
    entered: string;
    source: 'typed' | 'file' | 'phone' | 'meter';
    more: { meter?: string | null; log?: number; unit_on?: boolean; from_min?: number | null; to_min?: number | null; photo?: number };
}

/** Something told that the server does not know yet, by whom and of what: `unit 7`. */
export interface OutboxRow<Told = ShoppingTick | StepTick | ToldReading> {
    key: string;
    person: number;
    about: string;
    at: number;
    told: Told;
}

/** Person of what was kept before it was said whose it is. */
export const NOBODY = 0;

/** What older versions kept, each kind by itself. */
interface OlderRow {
    key?: string;
    programme?: number;
    part?: string;
    ticked?: boolean;
    unit?: number;
    survey?: number;
    at: number;
    source?: string;
}

/** A row of an older version as one of the outbox. */
export function moved({ key, programme, unit, at, ...told }: OlderRow): OutboxRow {
    const isReading = told.survey !== undefined;
    const about = programme !== undefined ? `shopping ${programme}` : `${isReading ? 'proof' : 'unit'} ${unit}`;
    const row = { key: key ?? `${about} ${NOBODY} ${told.part}`, person: NOBODY, about, at, told } as unknown as OutboxRow;
    const came = told.source;
    if (isReading && came !== undefined && !['typed', 'file', 'phone', 'meter'].includes(came)) {
        const reading = row.told as ToldReading;
        row.told = { ...reading, source: 'meter', more: { ...reading.more, meter: came } };
    }
    return row;
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
    readonly timers!: EntityTable<TimerRow, 'key'>;
    readonly outbox!: EntityTable<OutboxRow, 'key'>;

    constructor() {
        super('jornel');
        this.version(1).stores({ drafts: 'place, [person+room], at', steps: '[place+number], place', desks: 'place, at' });
        this.version(2).stores({ ticks: '[programme+part], programme' });
        this.version(3).stores({ unitTicks: 'key, unit', timers: 'key, unit' });
        this.version(4).stores({ readings: 'key, unit' });
        this.version(5)
            .stores({ outbox: 'key, about' })
            .upgrade(async (older) => {
                for (const name of ['ticks', 'unitTicks', 'readings']) {
                    const rows = await older.table<OlderRow>(name).toArray();
                    await older.table('outbox').bulkPut(rows.map(moved));
                }
            });
        this.version(6).stores({ ticks: null, unitTicks: null, readings: null });
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
