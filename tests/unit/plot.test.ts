import { describe, expect, it } from 'vitest';
import { ref } from 'vue';
import type { PlotLine } from '../../frontend/src/api/client';
import { figure, optionOf } from '../../frontend/src/plot/option';
import type { Plot } from '../../frontend/src/plot/plot';
import PlotTable from '../../frontend/src/plot/PlotTable.vue';
import { usePlotReading } from '../../frontend/src/plot/usePlotReading';
import { mounted, within } from './mounted';
import { shown } from './samples';

const line = (points: number[][]): PlotLine => ({ imperial: points, metric: points.map(([x = 0, y = 0]) => [x * 1.699, y * 249.1]) });
const plot: Plot = {
    title: 'Fan against filters',
    across: { name: 'Flow', unit: shown('cfm', 'm³/h'), imperial: { most: 860, step: 100 }, metric: { most: 1461, step: 200 } },
    up: { name: 'Pressure', unit: shown('inWC', 'Pa'), imperial: { most: 0.13, step: 0.02 }, metric: { most: 32.4, step: 5 } },
    lines: [
        {
            key: 'fan',
            name: 'Fan on 2',
            line: line([
                [820, 0],
                [600, 0.05],
                [0, 0.12],
            ]),
            look: 'fan',
        },
        {
            key: 'box',
            name: 'Filters',
            line: line([
                [0, 0],
                [700, 0.06],
            ]),
            look: 'filters',
        },
        {
            key: 'mark',
            name: '',
            line: line([
                [500, 0],
                [500, 0.13],
            ]),
            look: 'mark',
            isSilent: true,
        },
    ],
    areas: [
        {
            key: 'band',
            name: '90 % range',
            line: line([
                [400, 0.03],
                [600, 0.05],
            ]),
            look: 'range',
        },
    ],
};

describe('a plot', () => {
    it('has axes with round marks, numbers and units, in the measure of the screen', () => {
        const { xAxis, yAxis } = optionOf(plot, 'imperial');
        expect([xAxis.name, xAxis.max, xAxis.interval, yAxis.name, yAxis.interval]).toEqual([
            'Flow, cfm',
            860,
            100,
            'Pressure, inWC',
            0.02,
        ]);
        expect([yAxis.axisLabel.formatter(0.02), xAxis.axisLabel.formatter(800)]).toEqual(['0.02', '800']);
        // Where it ends between two marks, its end carries no number.
        expect(xAxis.axisLabel.showMaxLabel).toBe(false);
        expect(optionOf(plot, 'metric').yAxis.name).toBe('Pressure, Pa');
    });

    it('draws areas beneath lines, and leaves marks out of what answers the pointer', () => {
        const { series } = optionOf(plot, 'imperial');
        expect(series.map(({ type }) => type)).toEqual(['custom', 'line', 'line', 'line']);
        expect(series.map(({ silent }) => silent)).toEqual([true, false, false, true]);
    });

    it('writes a number a hundredth as fine as the marks of its axis', () => {
        expect([figure(612.34, { most: 860, step: 100 }), figure(0.05123, { most: 0.13, step: 0.02 })]).toEqual(['612', '0.0512']);
    });

    it('is read point by point with the keyboard, and from line to line', () => {
        const { made: reading } = within(() => usePlotReading(() => plot, ref(plot.lines.slice(0, 2)), ref('imperial')));
        const press = (key: string): string => {
            const event = new KeyboardEvent('keydown', { key, cancelable: true });
            window.addEventListener('keydown', reading.onKey, { once: true });
            window.dispatchEvent(event);
            return reading.said.value;
        };
        expect(reading.said.value).toBe('');
        expect(press('ArrowRight')).toBe('Fan on 2: 820 cfm, 0 inWC');
        expect(press('ArrowRight')).toBe('Fan on 2: 600 cfm, 0.05 inWC');
        expect(press('End')).toBe('Fan on 2: 0 cfm, 0.12 inWC');
        expect(press('ArrowUp')).toBe('Filters: 700 cfm, 0.06 inWC');
        expect(press('Home')).toBe('Filters: 0 cfm, 0 inWC');
    });

    it('stands as a table beside, line by line', () => {
        const page = mounted(PlotTable, { plot, lines: plot.lines.slice(0, 2), measure: 'imperial' });
        expect(page.all('th').map((one) => one.textContent?.trim())).toEqual(['Line', 'Flow, cfm', 'Pressure, inWC']);
        const rows = page.all('tbody tr').map((row) => [...row.querySelectorAll('td')].map((cell) => cell.textContent));
        expect(rows).toContainEqual(['Fan on 2', '600', '0.05']);
        expect(rows).toHaveLength(5);
    });
});
