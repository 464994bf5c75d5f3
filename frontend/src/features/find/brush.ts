import type { Found } from '../../api/client';

/** Stretches of measures that are shown, by measure, from 0 for the worst to 1 for the best. */
export type Brush = Record<string, [number, number]>;

const ROUNDING = 1e-6;

/** Whether a build lies within all stretches. */
export const isWithin = (build: Found, brush: Brush): boolean =>
    Object.entries(brush).every(([key, [low, high]]) => {
        const place = build.places[key] ?? 0;
        return place >= low - ROUNDING && place <= high + ROUNDING;
    });
