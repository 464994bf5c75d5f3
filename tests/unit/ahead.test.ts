import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { computed, createApp, nextTick, ref, type Ref } from 'vue';
import { api, type Choices, type Ledger } from '../../frontend/src/api/client';
import type { Question } from '../../frontend/src/features/work/queries';
import { beside, nearest, useAhead } from '../../frontend/src/features/work/useAhead';
import { FRESH_ROOM } from '../../frontend/src/features/work/useDraft';
import { CHOICES, ledger, speed, unit } from './samples';

const asked: Choices[] = [];
beforeEach(() => {
    vi.useFakeTimers();
    asked.length = 0;
    vi.spyOn(api, 'POST').mockImplementation((async (_: string, { body }: { body: Question }) => {
        asked.push(body.unit!);
        return { data: {}, response: new Response(null, { status: 200 }) };
    }) as never);
});
afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
});

const ahead = (question: Ref<Question | null>, now: Ref<Ledger | undefined>) => {
    const app = createApp({
        setup() {
            useAhead(
                question,
                now,
                computed(() => (now.value?.unit ? beside(question.value!.unit!, now.value.unit) : [])),
            );
            return () => null;
        },
    });
    app.use(VueQueryPlugin, { queryClient: new QueryClient() });
    app.mount(document.createElement('div'));
};
const speeds = ['1', '2', '3'].map((name) => speed({ name }));
const question = (units: number): Question => ({
    room: FRESH_ROOM,
    goal: 'air-changes-5',
    unit: { ...CHOICES, units },
    version: null,
    programme: 1,
});

it('asks for the neighbouring speeds and numbers once nothing else is asked', async () => {
    ahead(ref(question(2)), ref(ledger({ unit: unit({ speeds, chosen: 1 }) })));
    await vi.advanceTimersByTimeAsync(300);
    expect(asked).toEqual([]);
    await vi.advanceTimersByTimeAsync(300);
    expect(asked.map((one) => [one.speed, one.units])).toEqual([
        ['1', 2],
        ['3', 2],
        [CHOICES.speed, 3],
        [CHOICES.speed, 1],
    ]);
});

it('asks for no speed that is not there and for no fewer than one unit', async () => {
    ahead(ref(question(1)), ref(ledger({ unit: unit({ speeds, chosen: 0 }) })));
    await vi.advanceTimersByTimeAsync(600);
    expect(asked.map((one) => [one.speed, one.units])).toEqual([
        ['2', 1],
        [CHOICES.speed, 2],
    ]);
});

it('leaves off as soon as something else is asked, and asks nothing of a bare room', async () => {
    const asks = ref<Question | null>(question(2));
    const now = ref<Ledger | undefined>(ledger({ unit: unit({ speeds, chosen: 1 }) }));
    vi.spyOn(api, 'POST').mockImplementation((async (_: string, { body }: { body: Question }) => {
        asked.push(body.unit!);
        asks.value = question(5);
        return { data: {}, response: new Response(null, { status: 200 }) };
    }) as never);
    ahead(asks as Ref<Question | null>, now as Ref<Ledger | undefined>);
    await vi.advanceTimersByTimeAsync(600);
    expect(asked).toHaveLength(1);
    asked.length = 0;
    now.value = ledger({ unit: null });
    await nextTick();
    await vi.advanceTimersByTimeAsync(600);
    expect(asked).toEqual([]);
});

it('asks for what stands nearest in a list, and for no more than a dozen of it', () => {
    expect(nearest(['a', 'b', 'c', 'd', 'e'], 'c')).toEqual(['b', 'd', 'a', 'e']);
    expect(nearest(['a', 'b', 'c'], 'gone')).toEqual(['a', 'b', 'c']);
    const many = [...'abcdefghijklmnopqrstuvwxyz'];
    expect(nearest(many, 'z')).toEqual([...'yxwvutsrqpon']);
});
