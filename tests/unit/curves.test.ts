import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import { api, type PlotLine, type Working } from '../../frontend/src/api/client';
import CurvesView from '../../frontend/src/features/build/CurvesView.vue';
import { FIRST_CHOICES, FRESH_ROOM } from '../../frontend/src/features/work/useDraft';
import { mounted } from './mounted';
import { ledger, shown, speed as speedLine, unit } from './samples';
import { workOn } from './work';

// The chart library needs a real page; what lies over the plot does not.
vi.mock('../../frontend/src/plot/plot', () => ({
    DataPlot: defineComponent({
        props: { plot: { type: Object, required: true } },
        setup: (_, { slots }) => {
            const place = ([x, y]: number[]) => ({ left: `${x}px`, top: `${y}px` });
            return () => h('div', slots.over?.({ place }));
        },
    }),
}));
afterEach(() => vi.restoreAllMocks());

describe('the curves', () => {
    const line = (points: number[][]): PlotLine => ({ imperial: points, metric: points });
    const scale = { most: 1000, step: 100 };
    const axis = (name: string, in_: string) => ({ name, unit: shown(in_), imperial: scale, metric: scale });
    const point = (x: number, y: number) => ({ at: line([[x, y]]), flow: shown(`${x} cfm`), pressure: shown('0.05 inWC') });
    const speed = (name: string, x: number) => ({
        name,
        line: line([[0, 0]]),
        clean: point(x, 70),
        loaded: point(x - 100, 50),
        keeps_quiet: name !== '3',
        reaches_goal: true,
    });
    const working: Working = {
        across: axis('Flow of one unit', 'cfm'),
        up: axis('Pressure', 'inWC'),
        speeds: [speed('1', 300), speed('2', 500), speed('3', 800)],
        box: line([]),
        loaded_box: line([]),
        band: line([]),
        why: {},
    };

    async function view() {
        vi.spyOn(api, 'POST').mockResolvedValue({ data: working, response: new Response() } as never);
        const speeds = ['1', '2', '3'].map((name) => speedLine({ name }));
        const work = workOn({
            ledger: ledger({ unit: unit({ speeds, chosen: 1 }) }),
            question: { room: FRESH_ROOM, goal: 'air-changes-5', unit: FIRST_CHOICES, version: null, programme: 1 },
        });
        const page = mounted(CurvesView, {}, 'imperial', work);
        await vi.waitFor(() => expect(page.all('.point')).toHaveLength(3));
        return { page, work };
    }

    it('shows where fan and filters meet at every speed, clean and loaded', async () => {
        const { page } = await view();
        expect(page.all('.point').map((one) => one.style.left)).toEqual(['300px', '500px', '800px']);
        expect(page.all('.dust')).toHaveLength(3);
        expect(page.all('.loud').map((one) => one.dataset.speed)).toEqual(['3']);
        expect(page.text('.says')).toContain('On 2: 500 cfm through the filters');
    });

    it('is pulled to the nearest speed, and stepped with the keyboard', async () => {
        const { page, work } = await view();
        const plot = page.one('.pulled');
        plot.setPointerCapture = () => undefined;
        for (const one of page.all('.point')) {
            const [left, top] = [parseFloat(one.style.left), parseFloat(one.style.top)];
            one.getBoundingClientRect = () => ({ left, top, width: 0, height: 0 }) as DOMRect;
        }
        plot.dispatchEvent(new PointerEvent('pointerdown', { clientX: 490, clientY: 70 }));
        expect(work.draft.choices.speed).toBe('');
        plot.dispatchEvent(new PointerEvent('pointermove', { clientX: 760, clientY: 70 }));
        expect(work.draft.choices.speed).toBe('3');
        page.one('[role=slider]').dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft', bubbles: true }));
        expect(work.draft.choices.speed).toBe('1');
    });
});
