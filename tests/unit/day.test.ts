import { expect, test } from 'vitest';
import type { DayTask } from '../../frontend/src/api/client';
import { barsOf, clockAt, lanesOf, markEvery, rowsOf } from '../../frontend/src/features/day/picture';

const task = (id: string, start: number, end: number, more: Partial<DayTask> = {}): DayTask => ({
    id,
    unit: Number(id[0]),
    step: id.slice(2),
    action: 'Lay everything out on the table.',
    start,
    end,
    clock: '09:30',
    people: ['Ada'],
    place: 'Table 1',
    tool: '',
    done: false,
    late: 0,
    adults_only: false,
    is_check: false,
    wait: 0,
    ...more,
});

test('tables come in their order, then the places of tools; people as they are written', () => {
    const tasks = [
        task('1.a', 0, 1, { place: 'Knife' }),
        task('1.b', 0, 1, { place: 'Table 10' }),
        task('1.c', 0, 1, { place: 'Table 2' }),
    ];
    expect(rowsOf(tasks, [], 'place')).toEqual(['Table 2', 'Table 10', 'Knife']);
    expect(rowsOf(tasks, [{ name: 'Bo' }, { name: 'Ada' }], 'person')).toEqual(['Bo', 'Ada']);
});

test('a task of two people is a bar in the row of each', () => {
    const bars = barsOf([task('1.turn', 10, 15, { people: ['Bo', 'Ada'] })], ['Ada', 'Bo'], 'person', 4);
    expect(bars.map(({ row, x, width }) => [row, x, width])).toEqual([
        [1, 40, 20],
        [0, 40, 20],
    ]);
    // As much as there is room for: the unit at the least.
    expect(bars[0]!.text).toBe('1');
    expect(barsOf([task('1.turn', 0, 60)], ['Ada'], 'person', 8)[0]!.text).toBe('1 Lay out on the table.');
});

test('what is done at one table at once has a lane of its own', () => {
    const tasks = [task('1.a', 0, 10), task('2.a', 5, 12), task('1.b', 10, 20)];
    const bars = barsOf(tasks, ['Table 1'], 'place', 1);
    expect(lanesOf(bars)).toEqual([
        { lane: 0, lanes: 2 },
        { lane: 1, lanes: 2 },
        { lane: 0, lanes: 2 },
    ]);
});

test('marks of the clock stand apart and count from the beginning', () => {
    expect([12, 6, 2.4, 1].map(markEvery)).toEqual([5, 10, 30, 60]);
    expect(clockAt({ starts_at: '2026-12-05T09:30', begun_at: null }, 95)).toBe('11:05');
});
