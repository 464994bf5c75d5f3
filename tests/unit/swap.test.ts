import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, ref, shallowRef, type Ref } from 'vue';
import { api } from '../../frontend/src/api/client';
import SwapPreview from '../../frontend/src/features/build/SwapPreview.vue';
import VersionsView from '../../frontend/src/features/build/VersionsView.vue';
import { useKeeping } from '../../frontend/src/features/work/useKeeping';
import { mounted, within } from './mounted';
import { CHOICES, ledger, room, shown, speed, unit } from './samples';
import { desk, workOn } from './work';

afterEach(() => {
    vi.restoreAllMocks();
    vi.useRealTimers();
});

describe('what a swap would do', () => {
    const now = ledger({ unit: unit({ speeds: [speed()], chosen: 0 }) });

    it('says before and after, and whether the goal would be reached', async () => {
        const would = ledger({
            unit: unit({
                standing: 'short',
                likelihood: 'falls-short',
                chosen: 0,
                speeds: [speed({ clean_air: shown('410 cfm'), level: shown('62 dBA') })],
            }),
        });
        const page = mounted(SwapPreview, { now, would, fault: '', looking: true, currency: 'EUR' });
        expect(page.text('b')).toBe('✕ It would fall short of the goal');
        expect(page.text('[data-would=clean_air] dd')).toBe('600 cfm 410 cfm');
        expect(page.text('[data-would=level] dd')).toBe('62 dBA');
        // While the next is asked for, nothing jumps.
        await page.change({ would: null });
        expect(page.text('[data-would=clean_air] dd')).toBe('600 cfm 410 cfm');
    });

    it('teaches while nothing is looked at, and says why something would not fit', async () => {
        const page = mounted(SwapPreview, { now, would: null, fault: '', looking: false, currency: 'EUR' });
        expect(page.text('.hint')).toContain('to see what it would change');
        await page.change({ looking: true, fault: 'The fan is larger than the box.' });
        expect(page.text('p')).toBe('The fan is larger than the box.');
    });
});

describe('versions', () => {
    it('can be brought back to the bench or compared, and say who saved them', async () => {
        const version = (number: number, units: number) => ({
            id: number,
            number,
            choices: { ...CHOICES, units },
            clean_air: shown(`${number}00 cfm`),
            asks: shown('500 cfm'),
            units,
            units_needed: 1,
            standing: 'meets',
            saved_at: '2026-11-25T09:00:00Z',
            saved_by: 'Ossian Pike',
        });
        vi.spyOn(api, 'GET').mockResolvedValue({ data: [version(2, CHOICES.units), version(1, 7)], response: new Response() } as never);
        const onCompare = vi.fn();
        const work = workOn({ build: room().builds[0]!, choices: CHOICES, against: 1 });
        const page = mounted(VersionsView, { onCompare }, 'imperial', work);
        await vi.waitFor(() => expect(page.all('li')).toHaveLength(2));
        expect(page.text('[data-version="2"] .here')).toBe('on the bench');
        expect(page.text('[data-version="1"]')).toContain('by Ossian Pike');
        await page.click('[data-version="2"] .do button:last-child');
        expect(onCompare.mock.lastCall?.[0].units).toBe(CHOICES.units);
        // The one that is pinned to the ledger is let go, another takes its place.
        expect(page.one('[data-version="1"] [aria-pressed=true]').textContent).toContain('Pin to the ledger');
        await page.click('[data-version="1"] [aria-pressed]');
        expect(work.against.pinned.value).toBeNull();
        await page.click('[data-version="2"] [aria-pressed]');
        expect(work.against.pinned.value).toBe(2);
        await page.click('[data-version="1"] .do button');
        expect(work.draft.choices.units).toBe(7);
    });

    it('teach what a draft is before there are any', () => {
        expect(mounted(VersionsView, {}, 'imperial', workOn()).text('.teach')).toContain('kept as a draft');
    });
});

describe('keeping what is not saved', () => {
    const sent: [string, unknown][] = [];
    let away = false;
    beforeEach(() => {
        vi.useFakeTimers();
        sent.length = 0;
        away = false;
        const answer = (method: string) =>
            (async (_: string, asked: { body?: unknown }) => {
                if (away) throw new TypeError('no connection');
                sent.push([method, asked.body]);
                return { data: {}, response: new Response(null, { status: 200 }) };
            }) as never;
        vi.spyOn(api, 'PUT').mockImplementation(answer('put'));
        vi.spyOn(api, 'DELETE').mockImplementation(answer('delete'));
    });
    const keeping = (unsaved: Ref<string | null>, may = true) => {
        const kept = desk();
        const { made, app } = within(() => useKeeping(ref(5), shallowRef(kept), unsaved, ref(true), ref(may)));
        made.found(null);
        return { made, app, kept };
    };
    const pass = async (): Promise<void> => {
        await nextTick();
        await vi.advanceTimersByTimeAsync(1500);
    };

    it('waits until it is still, keeps the last, and drops it once it is saved', async () => {
        const unsaved = ref<string | null>(null);
        const { made, kept } = keeping(unsaved);
        unsaved.value = '{"a":1}';
        await nextTick();
        unsaved.value = '{"a":2}';
        await pass();
        expect(sent).toEqual([['put', { work: '{"a":2}' }]]);
        expect(made.state.value).toBe('kept');
        expect(kept.sent).toHaveBeenCalledOnce();
        unsaved.value = null;
        await pass();
        expect(sent.at(-1)?.[0]).toBe('delete');
        expect(made.state.value).toBe('none');
    });

    it('says that it waits without a connection, and keeps it when there is one again', async () => {
        const unsaved = ref<string | null>(null);
        const { made } = keeping(unsaved);
        away = true;
        unsaved.value = '{"a":1}';
        await pass();
        expect([made.state.value, sent]).toEqual(['waits', []]);
        away = false;
        window.dispatchEvent(new Event('online'));
        await vi.advanceTimersByTimeAsync(0);
        expect([made.state.value, sent]).toEqual(['kept', [['put', { work: '{"a":1}' }]]]);
    });

    it('keeps at once when the room is left, and nothing of a reader', async () => {
        const unsaved = ref<string | null>(null);
        const { app } = keeping(unsaved);
        unsaved.value = '{"a":1}';
        await nextTick();
        app.unmount();
        await vi.advanceTimersByTimeAsync(0);
        expect(sent).toHaveLength(1);
        const read = ref<string | null>(null);
        keeping(read, false);
        read.value = '{"b":1}';
        await pass();
        expect(sent).toHaveLength(1);
    });
});
