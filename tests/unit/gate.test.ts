import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { answer, api, Refused } from '../../frontend/src/api/client';
import { sessionGate } from '../../frontend/src/api/sessionGate';

const sent: { path: string; token: string | null; person: string | null; body: string }[] = [];
const statuses: number[] = [];
/** Whom the next answers are given to. */
const people: string[] = [];

beforeEach(() => {
    document.cookie = 'XSRF-TOKEN=first';
    sent.length = 0;
    vi.stubGlobal('fetch', async (asked: Request | string) => {
        const request = asked instanceof Request ? asked : new Request(new URL(asked, location.href));
        const path = new URL(request.url).pathname;
        if (path === '/sanctum/csrf-cookie') {
            document.cookie = 'XSRF-TOKEN=second';
            return new Response(null, { status: 204 });
        }
        sent.push({
            path,
            token: request.headers.get('X-XSRF-TOKEN'),
            person: request.headers.get('X-Jornel-Person'),
            body: await request.text(),
        });
        return Response.json({ name: 'Loft' }, { status: statuses.shift() ?? 200, headers: { 'X-Jornel-Person': people.shift() ?? '1' } });
    });
});
afterEach(() => {
    vi.unstubAllGlobals();
    sessionGate.know(0);
    statuses.length = 0;
});

const save = () => answer(api.PUT('/rooms/{room}/draft', { params: { path: { room: 1 } }, body: { work: '{"a":1}' } }));

describe('a session that ends before a save', () => {
    it('waits for somebody to sign in again, and then saves the same', async () => {
        sessionGate.know(1);
        statuses.push(401);
        const saving = save();
        await vi.waitFor(() => expect(sessionGate.waiting.value).toHaveLength(1));
        expect(sent).toHaveLength(1);
        sessionGate.settle(true);
        await saving;
        expect(sent.map(({ body }) => body)).toEqual(Array(2).fill(JSON.stringify({ work: '{"a":1}' })));
        expect(sessionGate.waiting.value).toEqual([]);
    });

    it('is sent as whoever the page belongs to, and an answer to somebody else is not taken', async () => {
        sessionGate.know(1);
        people.push('2');
        const asking = answer(api.GET('/programmes'));
        await vi.waitFor(() => expect(sessionGate.waiting.value).toHaveLength(1));
        sessionGate.settle(true);
        await asking;
        await save();
        expect(sent.map(({ path, person }) => [path, person])).toEqual([
            ['/api/v1/programmes', null],
            ['/api/v1/programmes', null],
            ['/api/v1/rooms/1/draft', '1'],
        ]);
    });

    it('is told where nobody signs in again, or nobody was signed in', async () => {
        sessionGate.know(1);
        statuses.push(401, 401);
        const saving = save();
        await vi.waitFor(() => expect(sessionGate.waiting.value).toHaveLength(1));
        sessionGate.settle(false);
        await expect(saving).rejects.toMatchObject({ status: 401 });
        sessionGate.know(0);
        await expect(save()).rejects.toBeInstanceOf(Refused);
    });

    it('gets another token where only that had ended', async () => {
        statuses.push(419);
        await save();
        expect(sent.map(({ token }) => token)).toEqual(['first', 'second']);
    });
});
