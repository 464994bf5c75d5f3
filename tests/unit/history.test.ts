import { beforeEach, describe, expect, it, vi } from 'vitest';
import { createApp, nextTick, reactive, ref } from 'vue';
import type { Working } from '../../frontend/src/api/client';
import CurvesView from '../../frontend/src/components/bench/CurvesView.vue';
import { FIRST_CHOICES } from '../../frontend/src/composables/useDraft';
import { useHistory } from '../../frontend/src/composables/useHistory';
import { mounted } from './mounted';
import { shown } from './samples';

/** Something set up in a component that shows nothing. */
function within(setup: () => void) {
    const app = createApp({
        setup() {
            setup();
            return () => null;
        },
    });
    app.mount(document.createElement('div'));
    return app;
}

describe('undo and redo', () => {
    const history = () => {
        const state = reactive({ choices: { ...FIRST_CHOICES } });
        let made!: ReturnType<typeof useHistory>;
        const app = within(() => {
            made = useHistory(
                'room-1',
                () => state.choices,
                ref(true),
                (choices) => (state.choices = choices),
            );
        });
        return { state, made, app };
    };
    beforeEach(() => sessionStorage.clear());

    it('goes back through every change and forward again', () => {
        const { state, made } = history();
        expect([made.canUndo.value, made.canRedo.value]).toEqual([false, false]);
        state.choices = { ...state.choices, corners: 'open' };
        state.choices.units = 3;
        made.undo();
        expect([state.choices.units, state.choices.corners]).toEqual([1, 'open']);
        made.undo();
        expect(state.choices).toEqual(FIRST_CHOICES);
        made.undo();
        made.redo();
        made.redo();
        expect([state.choices.units, state.choices.corners, made.canRedo.value]).toEqual([3, 'open', false]);
    });

    it('begins a new future after an undo', () => {
        const { state, made } = history();
        state.choices = { ...state.choices, units: 2 };
        made.undo();
        state.choices = { ...state.choices, units: 5 };
        expect(made.canRedo.value).toBe(false);
        made.undo();
        expect(state.choices.units).toBe(1);
    });

    it('takes all that is done in one hold for one step', async () => {
        const state = reactive({ x: 0 });
        const held = ref(false);
        let made!: ReturnType<typeof useHistory>;
        within(() => {
            made = useHistory(
                'room-2',
                () => ({ ...state }),
                ref(true),
                (before: { x: number }) => Object.assign(state, before),
                held,
            );
        });
        state.x = 1;
        held.value = true;
        for (const x of [2, 3, 4]) state.x = x;
        held.value = false;
        state.x = 5;
        made.undo();
        expect(state.x).toBe(4);
        made.undo();
        expect(state.x).toBe(1);
        made.undo();
        expect(state.x).toBe(0);
    });

    it('is still there after a reload, and is reached by keyboard but not while typing', async () => {
        const first = history();
        first.state.choices = { ...first.state.choices, units: 2 };
        await nextTick();
        first.app.unmount();
        const { state } = history();
        state.choices = { ...state.choices, units: 2 };
        const key = (target: EventTarget, over = {}) =>
            target.dispatchEvent(new KeyboardEvent('keydown', { key: 'z', ctrlKey: true, bubbles: true, cancelable: true, ...over }));
        const field = document.createElement('input');
        document.body.append(field);
        key(field);
        expect(state.choices.units).toBe(2);
        key(window);
        expect(state.choices.units).toBe(1);
        key(window, { shiftKey: true });
        expect(state.choices.units).toBe(2);
    });
});

describe('the curves', () => {
    const point = (x: number, y: number) => ({ x, y, flow: shown(`${x * 1000} cfm`), pressure: shown('0.05 inWC') });
    const speed = (name: string, x: number) => ({
        name,
        path: 'M0 0L1 1',
        clean: point(x, 0.7),
        loaded: point(x - 0.1, 0.5),
        keepsQuiet: name !== '3',
        reachesGoal: true,
    });
    const working = {
        across: { name: 'Flow of one unit', unit: shown('cfm'), imperial: [], metric: [] },
        up: { name: 'Pressure', unit: shown('inWC'), imperial: [], metric: [] },
        speeds: [speed('1', 0.3), speed('2', 0.5), speed('3', 0.8)],
        box: 'M0 1L1 0',
        loadedBox: 'M0 1L1 0',
        band: { x1: 0.4, x2: 0.6, y1: 0.6, y2: 0.8 },
        why: {},
    } satisfies Working;

    it('shows where fan and filters meet at every speed, clean and loaded', () => {
        const page = mounted(CurvesView, { working, chosen: '2' });
        expect(page.all('.point').map((one) => one.style.left)).toEqual(['30%', '50%', '80%']);
        expect(page.all('.dust')).toHaveLength(3);
        expect(page.all('.loud').map((one) => one.dataset.speed)).toEqual(['3']);
        expect(page.text('.says')).toContain('On 2: 500 cfm through the filters');
    });

    it('is pulled to the nearest speed, and stepped with the keyboard', () => {
        const onSpeed = vi.fn();
        const page = mounted(CurvesView, { working, chosen: '2', onSpeed });
        const plot = page.one('.pulled');
        plot.getBoundingClientRect = () => ({ left: 0, top: 0, width: 1000, height: 100 }) as DOMRect;
        plot.setPointerCapture = () => undefined;
        plot.dispatchEvent(new PointerEvent('pointerdown', { clientX: 490, clientY: 70 }));
        expect(onSpeed).not.toHaveBeenCalled();
        plot.dispatchEvent(new PointerEvent('pointermove', { clientX: 760, clientY: 70 }));
        expect(onSpeed).toHaveBeenLastCalledWith('3');
        page.one('[role=slider]').dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft', bubbles: true }));
        expect(onSpeed).toHaveBeenLastCalledWith('1');
    });
});
