import { describe, expect, it, vi } from 'vitest';
import type { Found } from '../../frontend/src/api/client';
import { isWithin, type Brush } from '../../frontend/src/features/find/brush';
import BuildPlot from '../../frontend/src/features/find/BuildPlot.vue';
import FoundCard from '../../frontend/src/features/find/FoundCard.vue';
import LimitBar from '../../frontend/src/features/find/LimitBar.vue';
import ShelfBin from '../../frontend/src/features/stock/ShelfBin.vue';
import StockForm from '../../frontend/src/features/stock/StockForm.vue';
import { NO_WISHES } from '../../frontend/src/features/find/useFinder';
import { mounted } from './mounted';
import { shown } from './samples';

const found = (code: string, places: Record<string, number>): Found => ({
    code,
    choices: {
        shape: 'cube',
        fan: 'box-20-plain',
        filter: '20x20x1-g13-dense',
        joining: 'duct-tape',
        corners: 'shroud',
        prefilter: '',
        direction: '',
        options: {},
        units: 2,
        speed: '1',
    },
    title: `2 × Cube ${code}`,
    parts: 'Box fan on 1',
    share: 1.2,
    chance: shown('81 %'),
    output: shown('120 %', '120 %'),
    level: shown('44 dBA', '44 dBA'),
    first_cost: '1194.40',
    total_cost: '1420.00',
    running_cost: '225.60',
    filters_last: '6 months',
    stands: 'by itself',
    footprint: shown('6 ft²', '0.6 m²'),
    height: shown('2′', '0.61 m'),
    power: shown('60 W', '60 W'),
    minutes: shown('96 min', '96 min'),
    places,
});

describe('the picture of all builds', () => {
    const axes = [
        { key: 'cost' as const, name: 'Cost', marks: [{ place: 0, label: shown('900', '900') }] },
        { key: 'level' as const, name: 'Level', marks: [{ place: 1, label: shown('30 dBA', '30 dBA') }] },
    ];
    const builds = [found('a', { cost: 1, level: 0.2 }), found('b', { cost: 0.25, level: 1 })];
    const picture = (over = {}) =>
        mounted(BuildPlot, { axes, builds, brush: {}, inside: (build: Found) => build.code === 'a', lit: 'b', ...over });
    it('draws each build as a line through its places, the best on top', () => {
        const page = picture();
        expect(page.all('svg path').map((path) => path.getAttribute('d'))).toEqual(['M0 0L1 0.8', 'M0 0.75L1 0']);
        expect(page.all('svg path').map((path) => path.getAttribute('class'))).toEqual(['inside', 'lit']);
    });

    it('names both ends of the stretch of each measure, and how far they reach', () => {
        const page = picture({ brush: { cost: [0.5, 1] } });
        const end = (label: string) => page.one(`[role=slider][aria-label="${label}"]`).getAttribute('aria-valuenow');
        expect([end('Cost, worst that is shown'), end('Cost, best that is shown'), end('Level, worst that is shown')]).toEqual([
            '50',
            '100',
            '0',
        ]);
    });

    it('leaves the builds that lie within every stretch', () => {
        const within = (brush: Brush) => builds.filter((build) => isWithin(build, brush)).map(({ code }) => code);
        expect([within({}), within({ cost: [0.5, 1] }), within({ cost: [0.25, 1], level: [0.5, 1] })]).toEqual([['a', 'b'], ['a'], ['b']]);
    });
});

describe('a card of a build', () => {
    it('says what it is best at and comes to the bench', async () => {
        const onTake = vi.fn();
        const page = mounted(
            FoundCard,
            { build: found('a', {}), drawing: null, names: ['Quietest'], currency: 'EUR', lit: false, onTake },
            'metric',
        );
        expect(page.text('.names')).toBe('Quietest');
        expect(page.text('dl')).toContain('first cost1,194 EUR');
        expect(page.text('dl')).toContain('0.6 m²');
        await page.click('button');
        expect(onTake).toHaveBeenCalledOnce();
    });
});

describe('what builds must keep to', () => {
    const bar = (over = {}) =>
        mounted(LimitBar, {
            nearestSeat: null,
            wishes: { ...NO_WISHES },
            errors: {},
            tools: ['knife', 'saw'],
            skills: ['cutting'],
            currency: 'EUR',
            ...over,
        });

    it('tells what was typed and shows a fault at its field', async () => {
        const onChange = vi.fn();
        const page = bar({ onChange, errors: { 'wishes.level': ['That is no level.'] } });
        await page.write('[data-wish=first_cost]', '120');
        expect(onChange).toHaveBeenCalledWith({ first_cost: '120' });
        expect(page.one('[data-wish=level]').getAttribute('aria-invalid')).toBe('true');
        expect(page.host.textContent).toContain('That is no level.');
    });

    it('takes the nearest drawn seat over until one is written', async () => {
        const onChange = vi.fn();
        const page = bar({ nearestSeat: shown('8′ 2″', '2.49 m'), onChange });
        await page.press('At the nearest seat on the plan, 8′ 2″ away');
        expect(onChange.mock.lastCall?.[0]).toEqual({ seat: '8′ 2″' });
        await page.change({ wishes: { ...NO_WISHES, seat: '6 ft' } });
        expect(page.host.textContent).not.toContain('nearest seat on the plan');
    });

    it('takes a tool away and gives it back, all of them being no limit', async () => {
        const onChange = vi.fn();
        const page = bar({ onChange });
        await page.press('Tools and skills at hand');
        await page.pick('saw');
        expect(onChange).toHaveBeenLastCalledWith({ tools: ['knife'] });
        await page.change({ wishes: { ...NO_WISHES, tools: ['knife'] } });
        expect(page.host.textContent).toContain('(1 not at hand)');
        await page.pick('saw');
        expect(onChange).toHaveBeenLastCalledWith({ tools: null });
    });
});

describe('the shelf', () => {
    it('draws the pieces of a bin, those reserved apart', () => {
        const page = mounted(ShelfBin, {
            line: { kind: 'filter', code: 'f', name: 'Filter', on_hand: 31, reserved: 2, free: 29 },
            picked: false,
        });
        expect([page.all('.reserved').length, page.all('.free').length]).toEqual([2, 26]);
        expect(page.host.textContent).toContain('+ 3');
        expect(page.text('.figure')).toBe('29 free, 2 reserved');
    });

    it('writes down what moved and asks for a build where one is needed', async () => {
        const onMove = vi.fn();
        const page = mounted(StockForm, {
            parts: [{ kind: 'filter', code: '20x20x1-g13', name: 'Filter', group: '', price: null, standing: 'catalogue' }],
            builds: [{ id: 7, name: 'Loft: Cube' }],
            hasMoreBuilds: false,
            part: 'filter 20x20x1-g13',
            errors: { build: ['Say which build.'] },
            message: '',
            busy: false,
            written: 0,
            onMove,
        });
        expect(page.host.textContent).not.toContain('Say which build.');
        await page.pick('Reserve');
        expect(page.host.textContent).toContain('Say which build.');
        await page.write('input[inputmode=numeric]', ' 4 ');
        await page.submit();
        expect(onMove).toHaveBeenCalledWith({ kind: 'filter', code: '20x20x1-g13', move: 'reserved', pieces: 4, build: null, note: '' });
    });
});
