import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Refused } from '../../frontend/src/api/client';
import { sessionGate } from '../../frontend/src/api/sessionGate';
import { LocalDatabase, moved, NOBODY, database, type OutboxRow } from '../../frontend/src/store/database';
import { useOutbox } from '../../frontend/src/store/outbox';
import { within } from './mounted';

const AWAY = new Refused(0, 'away');
type Row = OutboxRow<string>;

/** A page of whoever is signed in, about one unit. */
function page(person: number, answer: () => Refused | null) {
    sessionGate.know(person);
    const sent: Row[][] = [];
    const { made, app } = within(() =>
        useOutbox<string>('unit 7', (rows) => {
            sent.push(rows);
            return Promise.resolve(answer());
        }),
    );
    const tell = (key: string): Promise<void> => made.put([made.row(key, key)]).then(made.again);
    return { ...made, sent, tell, close: () => app.unmount() };
}

afterEach(async () => {
    sessionGate.know(0);
    await database.outbox.clear();
});

describe('a phone that goes from hand to hand', () => {
    it('keeps what one told without a network from whoever signs in after, and sends it once they are back', async () => {
        const first = page(1, () => AWAY);
        await first.tell('note of the first');
        first.close();

        const second = page(2, () => null);
        await vi.waitFor(() => expect(second.isRead.value).toBe(true));
        expect(second.waiting.value).toEqual([]);
        await second.tell('note of the second');
        expect(second.sent.flat().map(({ told }) => told)).toEqual(['note of the second']);
        second.close();

        const back = page(1, () => null);
        await vi.waitFor(() => expect(back.sent.flat()).toMatchObject([{ told: 'note of the first', person: 1 }]));
        await vi.waitFor(async () => expect(await database.outbox.count()).toBe(0));
        back.close();
    });

    it('shows what somebody left as soon as it is known that the page is theirs', async () => {
        const first = page(1, () => AWAY);
        await first.tell('note of the first');
        first.close();
        sessionGate.know(0);

        const later = page(0, () => AWAY);
        await vi.waitFor(() => expect(later.isRead.value).toBe(true));
        expect(later.waiting.value).toEqual([]);
        sessionGate.know(1);
        await vi.waitFor(() => expect(later.waiting.value.map(({ told }) => told)).toEqual(['note of the first']));
        sessionGate.know(2);
        await vi.waitFor(() => expect(later.waiting.value).toEqual([]));
        expect(await database.outbox.count()).toBe(1);
        later.close();
    });

    it('knows without a network whose it is, and what was told before that was known is nobody else’s later', async () => {
        sessionGate.know(7);
        vi.resetModules();
        const reloaded = await import('../../frontend/src/api/sessionGate');
        expect([reloaded.sessionGate.who(), await reloaded.sessionGate.pass()]).toEqual([7, false]);

        const early = page(0, () => AWAY);
        await early.tell('before it was known');
        expect(early.waiting.value[0]!.person).toBe(NOBODY);
        sessionGate.know(1);
        await vi.waitFor(async () => expect((await database.outbox.toArray()).map(({ person }) => person)).toEqual([1]));
        early.close();
        const second = page(2, () => AWAY);
        await vi.waitFor(() => expect(second.isRead.value).toBe(true));
        expect(second.waiting.value).toEqual([]);
        second.close();
    });

    it('sends nothing of a page that is left open once somebody else has signed in', async () => {
        let answer: Refused | null = AWAY;
        const left = page(1, () => answer);
        await left.tell('note of the first');
        const before = left.sent.length;
        sessionGate.know(2);
        answer = null;
        await left.again();
        expect(left.sent).toHaveLength(before);
        expect(await database.outbox.count()).toBe(1);
        left.close();
    });

    it('does not forget what was told anew under the same key while the former was sent', async () => {
        sessionGate.know(1);
        let now = (): void => undefined;
        const { made, app } = within(() => useOutbox<string>('shopping 3', () => new Promise((done) => (now = () => done(null)))));
        await vi.waitFor(() => expect(made.isRead.value).toBe(true));
        const at = (time: number): Row => ({ ...made.row('fan', String(time)), at: time });
        await made.put([at(1)]);
        const sending = made.again();
        await made.put([at(2)]);
        now();
        await vi.waitFor(() => expect(made.waiting.value.map((row) => row.at)).toEqual([2]));
        now();
        await sending;
        app.unmount();
    });
});

describe('what older versions of this browser kept', () => {
    it('is led to the outbox, the name of a meter as such', () => {
        expect(moved({ key: 'a', unit: 4, survey: 1, source: 'vane meter', at: 5, more: {} } as never)).toMatchObject({
            key: 'a',
            person: NOBODY,
            about: 'proof 4',
            told: { survey: 1, source: 'meter', more: { meter: 'vane meter' } },
        });
        expect(moved({ key: 'b', unit: 4, at: 5 } as never).about).toBe('unit 4');
        expect(moved({ programme: 3, part: 'fan', ticked: true, at: 5 })).toMatchObject({
            about: 'shopping 3',
            told: { part: 'fan', ticked: true },
        });
    });

    it('is not lost as the tables change', async () => {
        database.close();
        await database.delete();
        const older = new Dexie('jornel');
        older.version(4).stores({
            drafts: 'place',
            steps: '[place+number]',
            desks: 'place',
            ticks: '[programme+part]',
            unitTicks: 'key, unit',
            timers: 'key',
            readings: 'key, unit',
        });
        await older.table('ticks').put({ programme: 3, part: 'fan', ticked: true, at: 1 });
        await older.table('unitTicks').put({ key: 'k', unit: 4, step: 'tack', kind: 'done', hold: null, text: '', photo: null, at: 2 });
        older.close();
        const newer = new LocalDatabase();
        expect((await newer.outbox.toArray()).map(({ about }) => about).sort()).toEqual(['shopping 3', 'unit 4']);
        newer.close();
        await database.open();
    });
});
