import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref, shallowRef } from 'vue';
import { api } from '../../frontend/src/api/client';
import { useAgainst } from '../../frontend/src/features/work/useAgainst';
import { within } from './mounted';
import { ledger } from './samples';
import { desk } from './work';

beforeEach(() => {
    vi.spyOn(api, 'GET').mockImplementation((async (_: string, { params }: { params: { path: { version: number } } }) => {
        const id = params.path.version;
        if (id === 9) return { error: { message: 'This is not there, or no longer.' }, response: new Response(null, { status: 404 }) };
        if (id === 8) return { error: { message: 'Try again.' }, response: new Response(null, { status: 503 }) };
        return { data: { ledger: ledger({ goal: `of ${id}` }), version: { id, number: id - 10 } }, response: new Response() };
    }) as never);
});
afterEach(() => vi.restoreAllMocks());

const held = (latest: number, kept: ReturnType<typeof desk>) => within(() => useAgainst(shallowRef(kept), ref(latest))).made;

it('holds against the latest version until another is pinned, and over a reload', async () => {
    const kept = desk();
    const against = held(12, kept);
    await vi.waitFor(() => expect(against.ledger.value?.goal).toBe('of 12'));
    expect(against.number.value).toBeNull();
    against.pinned.value = 11;
    await vi.waitFor(() => expect([against.ledger.value?.goal, against.number.value]).toEqual(['of 11', 1]));
    const again = held(13, desk({ notes: kept.kept.notes }));
    await vi.waitFor(() => expect(again.ledger.value?.goal).toBe('of 11'));
    again.pinned.value = null;
    await vi.waitFor(() => expect(again.ledger.value?.goal).toBe('of 13'));
    expect(again.pinned.value).toBeNull();
});

it('lets go of a version that is gone, not of one that cannot be reached just now', async () => {
    const against = held(12, desk());
    against.pinned.value = 8;
    await vi.waitFor(() => expect(against.ledger.value).toBeNull());
    await new Promise((soon) => setTimeout(soon, 20));
    expect(against.pinned.value).toBe(8);
    against.pinned.value = 9;
    await vi.waitFor(() => expect(against.pinned.value).toBeNull());
});
