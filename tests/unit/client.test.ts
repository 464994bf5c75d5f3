import { describe, expect, it } from 'vitest';
import { answer, Refused } from '../../frontend/src/api/client';

const response = (status: number) => new Response(null, { status });

async function refusal(asked: Promise<{ data?: unknown; error?: unknown; response: Response }>): Promise<Refused> {
    try {
        await answer(asked);
    } catch (refused) {
        if (refused instanceof Refused) return refused;
        throw refused;
    }
    throw new Error('It was answered.');
}

describe('an answer', () => {
    it('gives its data', async () => {
        await expect(answer(Promise.resolve({ data: { id: 3 }, response: response(200) }))).resolves.toEqual({ id: 3 });
    });

    it('that is refused carries faults and offers to their fields', async () => {
        const error = {
            message: 'No.',
            errors: { 'room.width': ['Is it 8.4 m or 8400 m?'] },
            choices: { 'room.width': ['8.4 m', '8400 m'] },
        };
        const refused = await refusal(Promise.resolve({ error, response: response(422) }));

        expect([refused.status, refused.message]).toEqual([422, 'No.']);
        expect(refused.errors['room.width']).toHaveLength(1);
        expect(refused.choices['room.width']).toEqual(['8.4 m', '8400 m']);
    });

    it('that never came says that nothing is lost', async () => {
        const refused = await refusal(Promise.reject(new TypeError('Failed to fetch')));

        expect(refused.status).toBe(0);
        expect(refused.message).toContain('Nothing is lost');
    });

    it('of a broken server tells nothing of its inside', async () => {
        const refused = await refusal(Promise.resolve({ error: { message: 'SQLSTATE[42S02] at /srv' }, response: response(500) }));

        expect(refused.message).not.toContain('SQLSTATE');
    });

    it('of a server without its records is told as it says it', async () => {
        const refused = await refusal(
            Promise.resolve({ error: { message: 'The records cannot be reached just now.' }, response: response(503) }),
        );

        expect(refused.message).toBe('The records cannot be reached just now.');
    });

    it('that was called off stays called off', async () => {
        await expect(answer(Promise.reject(new DOMException('', 'AbortError')))).rejects.toBeInstanceOf(DOMException);
    });
});
