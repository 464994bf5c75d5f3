import { defineAsyncComponent } from 'vue';
import type { Axis, PlotLine } from '../api/client';

/** How a line or an area of a plot looks; what means one thing looks the same in every plot. */
export type Look = 'clean' | 'fan' | 'fan-chosen' | 'filters' | 'loaded' | 'goal' | 'mark' | 'range' | 'reading';

export interface Line {
    key: string;
    name: string;
    line: PlotLine;
    look: Look;
    /** What all lines of this look are called beneath the plot, where that is not the name of each. */
    inKey?: string;
    /** Left out of the table and of what is read with the keyboard: a mark, a range. */
    isSilent?: boolean;
}

export interface Plot {
    title: string;
    across: Axis;
    up: Axis;
    lines: Line[];
    /** Whether the axis up runs as far below zero as above. */
    isBoth?: boolean;
    /** Closed, and filled. */
    areas?: Line[];
}

/** A place on a plot, in hundredths of it from the upper left. */
export type Place = { left: string; top: string };

/** The chart library comes with the first plot that is shown. */
export const DataPlot = defineAsyncComponent(() => import('./DataPlot.vue'));
