import { describe, expect, it } from 'vitest';
import { effectScope, reactive, ref, shallowRef } from 'vue';
import { FIRST_CHOICES } from '../../frontend/src/features/work/useDraft';
import { useHistory } from '../../frontend/src/features/work/useHistory';
import type { Desk } from '../../frontend/src/store/desk';
import { within } from './mounted';
import { desk } from './work';

const open = (kept = desk()) => shallowRef<Desk | null>(kept);

describe('undo and redo', () => {
    const history = (kept = desk()) => {
        const state = reactive({ choices: { ...FIRST_CHOICES } });
        const { made, app } = within(() =>
            useHistory(
                open(kept),
                () => state.choices,
                ref(true),
                (choices) => (state.choices = choices),
                ref(false),
            ),
        );
        return { state, made, app };
    };

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

    it('lets what still works on the state come to its end first', async () => {
        const { state, made } = history();
        let end: () => void = () => undefined;
        effectScope().run(() => made.waitFor(() => new Promise<void>((resolve) => (end = resolve))));
        state.choices = { ...state.choices, units: 2 };
        const undone = made.undo();
        expect(state.choices.units).toBe(2);
        state.choices = { ...state.choices, units: 3 };
        end();
        await undone;
        expect(state.choices.units).toBe(2);
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

    it('takes all that is done in one hold for one step', () => {
        const state = reactive({ x: 0 });
        const held = ref(false);
        const { made } = within(() =>
            useHistory(
                open(),
                () => ({ ...state }),
                ref(true),
                (before: { x: number }) => Object.assign(state, before),
                held,
            ),
        );
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

    it('goes on from the steps that were kept, and is reached by keyboard but not while typing', () => {
        const { state, made } = history(desk({ past: [JSON.stringify({ ...FIRST_CHOICES, units: 1 })] }));
        state.choices = { ...state.choices, units: 2 };
        made.undo();
        made.undo();
        expect([state.choices.units, made.canUndo.value, made.canRedo.value]).toEqual([1, false, true]);
        made.redo();
        made.redo();
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
