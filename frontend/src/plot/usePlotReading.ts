import { computed, ref, type Ref } from 'vue';
import { figure } from './option';
import type { Line, Plot } from './plot';

/** Keys that go along a line, and from line to line. */
const ALONG: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, PageDown: -10, PageUp: 10, Home: -Infinity, End: Infinity };
const ACROSS: Record<string, number> = { ArrowUp: 1, ArrowDown: -1 };

const within = (value: number, most: number): number => Math.min(most, Math.max(0, value));

/** Reads a plot point by point: along a line with left and right, from line to line with up and down. */
export function usePlotReading(plot: () => Plot, lines: Ref<Line[]>, measure: Ref<'imperial' | 'metric'>) {
    const cursor = ref<{ line: number; point: number } | null>(null);
    const at = computed(() => {
        const line = cursor.value && lines.value[cursor.value.line];
        const point = line?.line[measure.value][cursor.value!.point];
        return line && point ? { line, point } : null;
    });
    const said = computed(() => {
        if (!at.value) return '';
        const { across, up } = plot();
        const [x = 0, y = 0] = at.value.point;
        const unit = (axis: typeof across): string => axis.unit[measure.value];
        return `${at.value.line.name}: ${figure(x, across[measure.value])} ${unit(across)}, ${figure(y, up[measure.value])} ${unit(up)}`;
    });

    function onKey(event: KeyboardEvent): void {
        const [along, across] = [ALONG[event.key], ACROSS[event.key]];
        if (event.target !== event.currentTarget || (along === undefined && across === undefined)) return;
        event.preventDefault();
        const now = cursor.value ?? { line: 0, point: 0 };
        const line = within(now.line + (across ?? 0), lines.value.length - 1);
        const last = (lines.value[line]?.line[measure.value].length ?? 1) - 1;
        cursor.value = { line, point: cursor.value === null ? 0 : within(now.point + (along ?? 0), last) };
    }

    return { at, said, onKey, leave: () => (cursor.value = null) };
}
