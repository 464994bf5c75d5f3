import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { Refused, type PartSheet } from '../../frontend/src/api/client';
import PackRows from '../../frontend/src/features/parts/PackRows.vue';
import PartCard from '../../frontend/src/features/parts/PartCard.vue';
import PartList from '../../frontend/src/features/parts/PartList.vue';
import PointRows from '../../frontend/src/features/parts/PointRows.vue';
import RatingList from '../../frontend/src/features/parts/RatingList.vue';
import { useWrite } from '../../frontend/src/api/useWrite';
import { mounted, within } from './mounted';
import { shown } from './samples';

const part: PartSheet = {
    kind: 'fan',
    code: 'box-20-plain',
    name: 'Box fan',
    like: 'box-20-plain',
    like_name: 'Box fan',
    standing: 'catalogue',
    revision: 0,
    figures: [
        {
            path: 'free_flow',
            name: 'free flow',
            shown: shown('1,250 cfm', '2,124 m³/h'),
            entry: '',
            from: 'typical',
            shipped: null,
            is_own: false,
        },
    ],
    points: { along: 'flow', from: null, is_own: false, rows: [] },
    packs: [{ count: 1, price: '28.00' }],
    curve: null,
    notes: [],
    facts: [],
    ratings: [],
};

describe('a part and its figures', () => {
    const card = (over = {}) =>
        mounted(PartCard, { part, mayChange: true, busy: false, errors: {}, offers: {}, message: '', currency: 'EUR', ...over });

    it('asks where a figure came from once it is written', async () => {
        const onSave = vi.fn();
        const page = card({ onSave });
        expect(page.all('td .ant-select')).toHaveLength(0);
        await page.write('[data-figure=free_flow]', '1,100 cfm');
        await page.choose('Where your free flow came from', 'rated');
        await page.submit();
        expect(onSave.mock.calls[0]?.[0].figures).toEqual({ free_flow: { entry: '1,100 cfm', from: 'rated' } });
        expect(onSave.mock.calls[0]?.[1]).toBe(false);
    });

    it('says a fault at its field and offers readings of it', async () => {
        const page = card({
            errors: { 'figures.free_flow': ['It can be read in two ways.'] },
            offers: { 'figures.free_flow': ['1.1 m3/s', '1100 m3/s'] },
        });
        expect(page.text('[role=alert]')).toBe('It can be read in two ways.');
        await page.click('.offers button');
        expect(page.one<HTMLInputElement>('[data-figure=free_flow]').value).toBe('1.1 m3/s');
    });

    it('becomes a part of its own with another name, as a new one', async () => {
        const onSave = vi.fn();
        const page = card({ onSave, part: { ...part, revision: 4, standing: 'changed' } });
        await page.click('header button');
        expect(page.one<HTMLInputElement>('#part-name').value).toBe('Box fan, ours');
        await page.submit();
        expect([onSave.mock.calls[0]?.[0].revision, onSave.mock.calls[0]?.[1]]).toEqual([0, true]);
    });

    it('is only looked at by a reader', () => {
        const page = card({ mayChange: false });
        expect(page.one<HTMLInputElement>('[data-figure=free_flow]').disabled).toBe(true);
        expect(page.text('footer')).toContain('Readers can view');
    });
});

describe('rows of a part', () => {
    it('points begin with two, for one makes no curve', async () => {
        const points = vi.fn();
        const page = mounted(PointRows, {
            modelValue: [],
            from: 'measured',
            along: 'flow',
            errors: {},
            mayChange: true,
            'onUpdate:modelValue': points,
        });
        await page.press('Add points');
        expect(points).toHaveBeenCalledWith([
            { along: '', pressure: '' },
            { along: '', pressure: '' },
        ]);
    });

    it('points that make no curve say so', () => {
        const modelValue = [{ along: '5', pressure: '' }];
        const page = mounted(PointRows, {
            modelValue,
            from: 'measured',
            along: 'flow',
            errors: { curve: ['This is no fan curve.'] },
            mayChange: true,
        });
        expect(page.text('[role=alert]')).toBe('This is no fan curve.');
    });

    it('packs are added, written and taken away', async () => {
        const change = vi.fn();
        const page = mounted(PackRows, {
            modelValue: [{ count: 1, price: '28.00' }],
            currency: 'EUR',
            errors: {},
            mayChange: true,
            'onUpdate:modelValue': change,
        });
        await page.write('[data-pack="0"]', '30,50');
        expect(change).toHaveBeenLastCalledWith([{ count: 1, price: '30,50' }]);
        await page.click('[aria-label="Remove pack 1"]');
        expect(change).toHaveBeenLastCalledWith([]);
    });

    it('a claim that several scales make stands once', () => {
        const claim = { name: 'smells', verdict: 'not kept' as const, says: 'no gas' };
        const rating = (scale: string) => ({ scale, step: '9', about: 'about grade 13', source: 'common practice', claims: [claim] });
        const page = mounted(RatingList, { ratings: [rating('One'), rating('Two')] });
        expect(page.all('li')).toHaveLength(2);
        expect(page.all('dt').map((one) => one.textContent?.replace(/\s+/g, ' ').trim())).toEqual(['Claim: smells not kept']);
        expect(page.all('dt.doubtful')).toHaveLength(1);
    });
});

describe('the list of parts', () => {
    const line = (code: string, kind: 'fan' | 'filter', standing: 'catalogue' | 'own' = 'catalogue') => ({
        kind,
        code,
        name: `Part ${code}`,
        group: 'Group',
        price: null,
        standing,
    });

    it('shows one kind and finds a programme’s own', async () => {
        const page = mounted(PartList, {
            parts: [line('a', 'fan'), line('b', 'fan', 'own'), line('c', 'filter')],
            kind: 'fan',
            code: 'a',
            currency: 'EUR',
        });
        expect(page.all('[data-part-code]').map((one) => one.dataset.partCode)).toEqual(['a', 'b']);
        await page.write('[aria-label="Search parts"]', 'your own');
        expect(page.all('[data-part-code]').map((one) => one.dataset.partCode)).toEqual(['b']);
    });
});

describe('what is being written', () => {
    it('says that it is on its way, and hands on what came of it', async () => {
        const done = vi.fn();
        const { made: writing } = within(() => useWrite((name: string) => Promise.resolve(`${name}, written`), done));
        const written = writing.run('Box fan');
        await nextTick();
        expect(writing.busy.value).toBe(true);
        expect([await written, done.mock.calls]).toEqual(['Box fan, written', [['Box fan, written', 'Box fan']]]);
        expect([writing.busy.value, writing.message.value]).toEqual([false, '']);
    });

    it('holds faults by field, or one message where no field is at fault, until they are forgotten', async () => {
        const refusals = [new Refused(422, 'No.', { name: ['Give it a name.'] }, {}), new Refused(409, 'Someone changed it.', {}, {})];
        const { made: writing } = within(() => useWrite(() => Promise.reject(refusals.shift()!)));
        expect(await writing.run()).toBeUndefined();
        expect([writing.errors.value, writing.message.value]).toEqual([{ name: ['Give it a name.'] }, '']);
        await writing.run();
        expect(writing.message.value).toBe('Someone changed it.');
        writing.forget();
        await nextTick();
        expect(writing.message.value).toBe('');
    });

    it('lets what is not a refusal through', async () => {
        const { made: writing } = within(() => useWrite(() => Promise.reject(new TypeError('away'))));
        await expect(writing.run()).rejects.toThrow('away');
        expect(writing.busy.value).toBe(false);
    });
});
