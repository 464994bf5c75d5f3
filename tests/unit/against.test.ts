import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { createApp, ref, type Ref } from 'vue';
import { api } from '../../frontend/src/api/client';
import { useAgainst } from '../../frontend/src/composables/useAgainst';
import { ledger } from './samples';

beforeEach(() => {
    sessionStorage.clear();
    vi.spyOn(api, 'GET').mockImplementation((async (_: string, { params }: { params: { path: { version: number } } }) => {
        const id = params.path.version;
        if (id === 9) return { error: { message: 'This is not there, or no longer.' }, response: new Response(null, { status: 404 }) };
        if (id === 8) return { error: { message: 'Try again.' }, response: new Response(null, { status: 503 }) };
        return { data: { ledger: ledger({ goal: `of ${id}` }), version: { id, number: id - 10 } }, response: new Response() };
    }) as never);
});
afterEach(() => vi.restoreAllMocks());

function held(latest: Ref<number | null>): ReturnType<typeof useAgainst> {
    let against!: ReturnType<typeof useAgainst>;
    const app = createApp({
        setup() {
            against = useAgainst('room-1', latest);
            return () => null;
        },
    });
    app.use(VueQueryPlugin, { queryClient: new QueryClient({ defaultOptions: { queries: { retry: false } } }) });
    app.mount(document.createElement('div'));
    return against;
}

it('holds against the latest version until another is pinned, and over a reload', async () => {
    const against = held(ref(12));
    await vi.waitFor(() => expect(against.ledger.value?.goal).toBe('of 12'));
    expect(against.number.value).toBeNull();
    against.pinned.value = 11;
    await vi.waitFor(() => expect([against.ledger.value?.goal, against.number.value]).toEqual(['of 11', 1]));
    const again = held(ref(13));
    await vi.waitFor(() => expect(again.ledger.value?.goal).toBe('of 11'));
    again.pinned.value = null;
    await vi.waitFor(() => expect(again.ledger.value?.goal).toBe('of 13'));
    expect(sessionStorage.getItem('against:room-1')).toBeNull();
});

it('lets go of a version that is gone, not of one that cannot be reached just now', async () => {
    const against = held(ref(12));
    against.pinned.value = 8;
    await vi.waitFor(() => expect(against.ledger.value).toBeNull());
    await new Promise((soon) => setTimeout(soon, 20));
    expect(against.pinned.value).toBe(8);
    against.pinned.value = 9;
    await vi.waitFor(() => expect(against.pinned.value).toBeNull());
});
