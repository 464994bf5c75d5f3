import { database, dropOld, type DeskRow } from './database';
import { thisTab } from './tab';

/** What one tab keeps of the work on one room: the draft, the steps of undo and redo, and notes such as what was pinned. */
export interface Desk {
    /** What was not saved; null for nothing. */
    readonly draft: string | null;
    /** States before and after the one on the screen, in their order. */
    readonly past: string[];
    readonly future: string[];
    readonly notes: Readonly<Record<string, string>>;
    keepDraft(work: string | null): void;
    /** The server keeps the draft as it is here. */
    sent(): void;
    /** A step forward: the state that is left, after which there is no future. */
    step(left: string): void;
    /** Along the steps: the state that is left, and by how many. */
    move(left: string, by: -1 | 1): void;
    note(key: string, text: string | null): void;
    /** When all of the above is written down. */
    written(): Promise<unknown>;
}

/** Steps that are kept at most; older ones are dropped from the far end. */
export const MOST_STEPS = 10_000;

/** Moves what another tab has kept to this one: of the tab that it is a copy of. */
async function copy(from: string, to: string): Promise<void> {
    const [draft, desk, steps] = await Promise.all([
        database.drafts.get(from),
        database.desks.get(from),
        database.steps.where('place').equals(from).toArray(),
    ]);
    if (draft) await database.drafts.put({ ...draft, place: to });
    if (desk) await database.desks.put({ ...desk, place: to });
    await database.steps.bulkPut(steps.map((step) => ({ ...step, place: to })));
}

/** The newest work of the person on the room that the server does not have, from a tab that was closed. */
async function leftBehind(person: string, room: string): Promise<string | null> {
    const drafts = await database.drafts.where('[person+room]').equals([person, room]).toArray();
    const [newest] = drafts.filter(({ isSent }) => !isSent).sort((a, b) => b.at - a.at);
    return newest?.work ?? null;
}

interface Kept {
    draft: string | null;
    past: string[];
    future: string[];
    row: DeskRow;
}

const empty = (place: string): Kept => ({ draft: null, past: [], future: [], row: { place, position: 0, notes: {}, at: Date.now() } });

async function read(place: string, person: string, room: string): Promise<Kept> {
    const [draft, row, steps] = await Promise.all([
        database.drafts.get(place),
        database.desks.get(place),
        database.steps.where('[place+number]').between([place, 0], [place, Infinity]).toArray(),
    ]);
    const position = row?.position ?? 0;
    return {
        draft: draft?.work ?? (await leftBehind(person, room)),
        past: steps.filter(({ number }) => number < position).map(({ state }) => state),
        future: steps.filter(({ number }) => number > position).map(({ state }) => state),
        row: { ...empty(place).row, ...row },
    };
}

/**
 * A change that the database has not written down yet, kept where it is written at once, so that a page that is left within
 * the same moment loses nothing. Null for none; a draft of null is one that was saved.
 */
const unwritten = {
    read(place: string): { work: string | null } | null {
        const text = sessionStorage.getItem(`unwritten ${place}`);
        return text === null ? null : (JSON.parse(text) as { work: string | null });
    },
    keep(place: string, work: string | null): void {
        try {
            sessionStorage.setItem(`unwritten ${place}`, JSON.stringify({ work }));
        } catch {
            // More than fits there: then only the database has it.
            sessionStorage.removeItem(`unwritten ${place}`);
        }
    },
    done: (place: string): void => sessionStorage.removeItem(`unwritten ${place}`),
};

/** Opens what this tab has kept of a person's work on a room. Where the browser keeps nothing, work goes on without. */
export async function openDesk(person: string, room: string): Promise<Desk> {
    const tab = await thisTab();
    const placeIn = (id: string): string => [person, room, id].join(' ');
    const place = placeIn(tab.id);
    let kept = empty(place);
    let works = true;
    try {
        if (tab.copyOf !== null && !(await database.desks.get(place))) await copy(placeIn(tab.copyOf), place);
        kept = await read(place, person, room);
        void dropOld(Date.now()).catch(() => undefined);
    } catch {
        works = false;
    }

    const left = unwritten.read(place);
    if (left !== null) kept = { ...kept, draft: left.work };
    const { row } = kept;
    let work = left === null ? kept.draft : undefined;
    /** One write after the other, each of what is so when it is made. */
    let last: Promise<unknown> = Promise.resolve();
    function write(make: () => Promise<unknown>): void {
        if (works) last = last.then(make).catch(() => undefined);
    }
    /** What was saved is left behind by no other tab either. */
    const forgetDraft = (): Promise<unknown> =>
        database.drafts
            .where('[person+room]')
            .equals([person, room])
            .filter((draft) => draft.place === place || !draft.isSent)
            .delete();
    const keepRow = (): Promise<unknown> => database.desks.put({ ...row, notes: { ...row.notes }, at: Date.now() });

    const desk: Desk = {
        ...kept,
        notes: { ...row.notes },
        keepDraft(next) {
            if (next === work) return;
            work = next;
            unwritten.keep(place, next);
            write(async () => {
                await (next === null
                    ? forgetDraft()
                    : database.drafts.put({ place, person, room, work: next, isSent: false, at: Date.now() }));
                if (work === next) unwritten.done(place);
            });
        },
        written: () => last,
        sent: () => write(() => database.drafts.update(place, { isSent: true })),
        step(left) {
            const number = row.position++;
            write(async () => {
                await database.steps.where('[place+number]').between([place, number], [place, Infinity], true, true).delete();
                await database.steps.put({ place, number, state: left });
                await database.steps.delete([place, number - MOST_STEPS]);
                await keepRow();
            });
        },
        move(left, by) {
            const number = row.position;
            row.position += by;
            write(async () => {
                await database.steps.put({ place, number, state: left });
                await keepRow();
            });
        },
        note(key, text) {
            if (text === null) delete row.notes[key];
            else row.notes[key] = text;
            write(keepRow);
        },
    };
    if (left !== null) desk.keepDraft(left.work);
    return desk;
}
