import type { CustomSeriesRenderItemAPI, CustomSeriesRenderItemParams } from 'echarts';
import type { Axis } from '../api/client';
import { LOOKS } from './looks';
import type { Line, Plot } from './plot';

type Measure = 'imperial' | 'metric';

/** Around the plot, for numbers and units, px. */
export const EDGES = { left: 62, right: 18, top: 30, bottom: 46 };

/** A number as fine as the marks of its axis allow it to be read: a hundredth of the way from one to the next. */
export function figure(value: number, { step }: Axis['metric']): string {
    const decimals = Math.max(0, 2 - Math.floor(Math.log10(step)));
    return value.toLocaleString('en', { minimumFractionDigits: 0, maximumFractionDigits: Math.min(4, decimals) });
}

function axisOf(axis: Axis, measure: Measure, isUp: boolean, isBoth = false) {
    const { most, step } = axis[measure];
    const text = { color: 'var(--pencil)', fontFamily: 'var(--figures)', fontSize: 12 };
    const decimals = Math.max(0, -Math.floor(Math.log10(step)));
    return {
        type: 'value' as const,
        min: isBoth ? -most : 0,
        max: most,
        // Twice as far has half as many marks.
        interval: isBoth ? 2 * step : step,
        name: `${axis.name}, ${axis.unit[measure]}`,
        nameLocation: isUp ? ('end' as const) : ('middle' as const),
        nameGap: isUp ? 12 : 28,
        nameTextStyle: {
            color: 'var(--pencil)',
            fontFamily: 'var(--text)',
            fontSize: 13,
            align: isUp ? ('left' as const) : ('center' as const),
            padding: [0, 0, 0, isUp ? -50 : 0],
        },
        // Between its round marks the axis ends where it must.
        axisLabel: {
            ...text,
            hideOverlap: true,
            showMaxLabel: Math.abs(most / step - Math.round(most / step)) < 1e-6,
            formatter: (value: number) => value.toLocaleString('en', { minimumFractionDigits: 0, maximumFractionDigits: decimals }),
        },
        axisLine: { show: true, lineStyle: { color: 'var(--ink)', width: 2 } },
        axisTick: { show: true, lineStyle: { color: 'var(--ink)' } },
        splitLine: { lineStyle: { color: 'var(--mat-line)' } },
    };
}

const lineOf = (line: Line, measure: Measure) => {
    const { color, width, dash } = LOOKS[line.look];
    return {
        type: 'line' as const,
        name: line.name,
        data: line.line[measure],
        showSymbol: false,
        silent: line.isSilent ?? false,
        clip: true,
        lineStyle: { color, width, type: dash ?? ('solid' as const) },
        itemStyle: { color },
        emphasis: { disabled: true },
        z: line.look === 'fan' ? 2 : 3,
    };
};

/** A closed area, filled: the library draws lines of its own, this one is a polygon. */
const areaOf = (area: Line, measure: Measure) => ({
    type: 'custom' as const,
    name: area.name,
    data: [0],
    silent: true,
    clip: true,
    z: 1,
    tooltip: { show: false },
    renderItem: (_: CustomSeriesRenderItemParams, api: CustomSeriesRenderItemAPI) => ({
        type: 'polygon' as const,
        shape: { points: area.line[measure].map((point) => api.coord(point)) },
        style: { fill: LOOKS[area.look].color, opacity: 0.2 },
    }),
});

/** What the chart library draws of a plot, in one measure. */
export function optionOf(plot: Plot, measure: Measure) {
    const { across, up } = plot;
    const told = (axis: Axis, value: unknown): string => `${figure(Number(value), axis[measure])} ${axis.unit[measure]}`;
    return {
        animation: false,
        grid: EDGES,
        xAxis: axisOf(across, measure, false),
        yAxis: axisOf(up, measure, true, plot.isBoth),
        tooltip: {
            trigger: 'item' as const,
            confine: true,
            backgroundColor: 'var(--sheet)',
            borderColor: 'var(--line)',
            textStyle: { color: 'var(--ink)', fontFamily: 'var(--text)', fontSize: 13 },
            formatter: ({ seriesName, value }: { seriesName?: string; value?: unknown }) => {
                const [x, y] = Array.isArray(value) ? value : [];
                return `${seriesName ?? ''}<br>${told(across, x)}, ${told(up, y)}`;
            },
        },
        series: [...(plot.areas ?? []).map((area) => areaOf(area, measure)), ...plot.lines.map((line) => lineOf(line, measure))],
    };
}
