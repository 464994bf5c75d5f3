import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { send } from '../../frontend/src/api/sending';

const asked: Request[] = [];

/** Answers in this order; a fault is a connection that broke. */
function server(...answers: (number | Error)[]): void {
    vi.stubGlobal('fetch', (request: Request) => {
        asked.push(request);
        const answer = answers.shift() ?? 200;
        return answer instanceof Error ? Promise.reject(answer) : Promise.resolve(new Response(null, { status: answer }));
    });
}

const write = (method = 'POST') => new Request('http://127.0.0.1/api/v1/programmes/1/stock', { method });
const keys = () => asked.map((request) => request.headers.get('Idempotency-Key'));

beforeEach(() => {
    document.cookie = 'XSRF-TOKEN=t';
    asked.length = 0;
    vi.useFakeTimers();
});
afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
});

async function sent(request: Request): Promise<Response | unknown> {
    const answer = send(request).catch((fault: unknown) => fault);
    await vi.runAllTimersAsync();
    return answer;
}

describe('a write', () => {
    it('whose answer is lost is sent again with the same key', async () => {
        server(new TypeError('Failed to fetch'), new TypeError('Failed to fetch'), 201);

        expect(await sent(write())).toMatchObject({ status: 201 });
        expect(keys()).toHaveLength(3);
        expect(new Set(keys()).size).toBe(1);
        expect(keys()[0]).toMatch(/^[0-9a-f]{32}$/);
    });

    it('that the server cannot take just now is sent again a little later', async () => {
        server(503, 201);

        expect(await sent(write('PUT'))).toMatchObject({ status: 201 });
    });

    it('is given up after a few tries, and says so', async () => {
        server(...Array.from({ length: 9 }, () => new TypeError('Failed to fetch')));

        expect(await sent(write())).toBeInstanceOf(TypeError);
        expect(asked).toHaveLength(3);
    });

    it('has a key of its own each time, and what was refused is not sent again', async () => {
        server(422, 201);
        await sent(write());
        await sent(write());

        expect(new Set(keys()).size).toBe(2);
    });
});

describe('a question', () => {
    it('has no key and is asked once', async () => {
        server(new TypeError('Failed to fetch'));

        expect(await sent(new Request('http://127.0.0.1/api/v1/catalogue'))).toBeInstanceOf(TypeError);
        expect(keys()).toEqual([null]);
    });
});
