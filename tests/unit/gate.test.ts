import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { answer, api, Refused } from '../../frontend/src/api/client';
import { sessionGate } from '../../frontend/src/api/sessionGate';

const sent: { path: string; token: string | null; body: string }[] = [];
const statuses: number[] = [];

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
        sent.push({ path, token: request.headers.get('X-XSRF-TOKEN'), body: await request.text() });
        return Response.json({ name: 'Loft' }, { status: statuses.shift() ?? 200 });
    });
});
afterEach(() => {
    vi.unstubAllGlobals();
    sessionGate.know(false);
    statuses.length = 0;
});

const save = () => answer(api.PUT('/rooms/{room}/draft', { params: { path: { room: 1 } }, body: { work: '{"a":1}' } }));

describe('a session that ends before a save', () => {
    it('waits for somebody to sign in again, and then saves the same', async () => {
        sessionGate.know(true);
        statuses.push(401);
        const saving = save();
        await vi.waitFor(() => expect(sessionGate.waiting.value).toHaveLength(1));
        expect(sent).toHaveLength(1);
        sessionGate.settle(true);
        await saving;
        expect(sent.map(({ body }) => body)).toEqual(Array(2).fill(JSON.stringify({ work: '{"a":1}' })));
        expect(sessionGate.waiting.value).toEqual([]);
    });

    it('is told where nobody signs in again, or nobody was signed in', async () => {
        sessionGate.know(true);
        statuses.push(401, 401);
        const saving = save();
        await vi.waitFor(() => expect(sessionGate.waiting.value).toHaveLength(1));
        sessionGate.settle(false);
        await expect(saving).rejects.toMatchObject({ status: 401 });
        sessionGate.know(false);
        await expect(save()).rejects.toBeInstanceOf(Refused);
    });

    it('gets another token where only that had ended', async () => {
        statuses.push(419);
        await save();
        expect(sent.map(({ token }) => token)).toEqual(['first', 'second']);
    });
});
