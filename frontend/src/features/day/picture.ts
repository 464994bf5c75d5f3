import type { BuildDay, DayTask } from '../../api/client';

/** Whether rows are places, as a table or the place of a tool, or people. */
export type By = 'place' | 'person';

export interface Bar {
    task: DayTask;
    row: number;
    x: number;
    width: number;
    /** What is written on it, as far as there is room. */
    text: string;
}

/** Width of a letter on a bar, px. */
const LETTER = 7.2;

/** Rows of the picture: tables in their order and then the places of tools, or people as they are written. */
export function rowsOf(tasks: DayTask[], people: { name: string }[], by: By): string[] {
    if (by === 'person') return people.map(({ name }) => name);
    const places = [...new Set(tasks.map(({ place }) => place))];
    const tables = places.filter((place) => /^Table \d+$/.test(place)).sort((one, other) => Number(one.slice(6)) - Number(other.slice(6)));
    return [...tables, ...places.filter((place) => !tables.includes(place)).sort()];
}

/** Each task as a bar in its row; of several people one in each of theirs. */
export function barsOf(tasks: DayTask[], rows: string[], by: By, scale: number): Bar[] {
    return tasks.flatMap((task) =>
        (by === 'person' ? task.people : [task.place]).map((row) => {
            const width = Math.max(3, (task.end - task.start) * scale);
            const whole = `${task.unit} ${task.action.replace(/^(Lay|Set|Turn) (everything|the) /, '$1 ')}`;
            const letters = Math.floor((width - 8) / LETTER);
            return {
                task,
                row: rows.indexOf(row),
                x: task.start * scale,
                width,
                text:
                    letters < 1
                        ? ''
                        : letters >= whole.length
                          ? whole
                          : letters < 5
                            ? String(task.unit)
                            : `${whole.slice(0, letters - 1)}…`,
            };
        }),
    );
}

/** Where bars of one row lie over each other, as at a shared table, each has a lane of its own. */
export function lanesOf(bars: Bar[]): { lane: number; lanes: number }[] {
    const placed = bars.map(() => ({ lane: 0, lanes: 1 }));
    const rows = new Map<number, number[]>();
    bars.forEach((bar, index) => rows.set(bar.row, [...(rows.get(bar.row) ?? []), index]));
    for (const indexes of rows.values()) {
        const ends: number[] = [];
        for (const index of [...indexes].sort((one, other) => bars[one]!.x - bars[other]!.x)) {
            const bar = bars[index]!;
            const free = ends.findIndex((end) => end <= bar.x + 0.01);
            const lane = free < 0 ? ends.length : free;
            ends[lane] = bar.x + bar.width;
            placed[index]!.lane = lane;
        }
        for (const index of indexes) placed[index]!.lanes = Math.max(1, ends.length);
    }
    return placed;
}

/** Minutes between two marks of the clock, so that they stand apart. */
export function markEvery(scale: number): number {
    return [5, 10, 15, 30, 60, 120].find((minutes) => minutes * scale >= 56) ?? 240;
}

/** A minute of the day as a clock shows it. */
export function clockAt(day: Pick<BuildDay, 'starts_at' | 'begun_at'>, minute: number): string {
    const from = day.begun_at ? new Date(day.begun_at) : new Date(day.starts_at);
    return new Date(from.getTime() + minute * 60_000).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
}

/** Colours of the units, taken in turn. */
export const hueOf = (unit: number): string => `var(--unit-${((unit - 1) % 6) + 1})`;
