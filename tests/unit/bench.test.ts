import { describe, expect, it, vi } from 'vitest';
import type { Option, Unit } from '../../frontend/src/api/client';
import ChoicePanel from '../../frontend/src/features/build/ChoicePanel.vue';
import ShapeChoices from '../../frontend/src/features/build/ShapeChoices.vue';
import LedgerFigures from '../../frontend/src/features/ledger/LedgerFigures.vue';
import LedgerVerdict from '../../frontend/src/features/ledger/LedgerVerdict.vue';
import SpeedSwitch from '../../frontend/src/features/ledger/SpeedSwitch.vue';
import RuleBand from '../../frontend/src/features/goal/RuleBand.vue';
import { markRaw, nextTick, ref, type Ref } from 'vue';
import type { Tray } from '../../frontend/src/features/build/useTray';
import { mounted } from './mounted';
import { ledger, shown, speed, unit } from './samples';
import { CATALOGUE, workOn } from './work';

const option = (id: string, over: Partial<Option> = {}): Option => ({
    id,
    name: `Option ${id}`,
    group: '',
    facts: [],
    price: null,
    provenance: null,
    within: null,
    ...over,
});

describe('the panel of choices', () => {
    const options = [option('a'), option('b', { price: '12.00', provenance: 'typical' }), option('c')];
    const panel = (fans = options, misfits: Record<string, string> = { c: 'Too wide by far.' }, instead = {}) => {
        const catalogue = { ...CATALOGUE, fans };
        const work = workOn({ catalogue, ledger: ledger({ unit: unit() }) });
        work.draft.choices.fan = 'b';
        const tray = {
            catalogue: ref(catalogue),
            open: ref('fan'),
            instead: ref(instead),
            reasons: ref(misfits),
            choose: vi.fn(),
            looking: ref(null),
            isAnother: ref(false),
            would: { ledger: ref(null), fault: ref('') },
        };
        return { ...mounted(ChoicePanel, { tray: markRaw(tray) as unknown as Tray }, 'imperial', work), tray };
    };

    it('offers what fits and keeps what does not behind a button, with its reason', async () => {
        const page = panel();
        expect(page.all('[role=radio]').map((one) => one.dataset.option)).toEqual(['a', 'b']);
        expect(page.host.textContent).not.toContain('Too wide');
        await page.press('Show 1 that do not fit');
        expect(page.text('.misfit')).toContain('Too wide by far.');
    });

    it('marks the one in force and says its price and where its figures came from', () => {
        const page = panel();
        expect(page.one('[aria-checked=true]').dataset.option).toBe('b');
        expect(page.text('[aria-checked=true]')).toMatch(/EUR 12.00.*typical figures/);
    });

    it('says which other parts a choice would bring', () => {
        expect(panel(options, {}, { a: { says: 'with another filter' } }).text('[data-option=a]')).toContain('with another filter');
    });

    it('is closed with Escape and tells what was looked at and chosen', async () => {
        const page = panel();
        page.one('[data-option=a]').dispatchEvent(new FocusEvent('focus'));
        expect((page.tray.looking as Ref<string | null>).value).toBe('a');
        await page.click('[data-option=a]');
        window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
        await nextTick();
        expect(page.tray.choose).toHaveBeenCalledWith('a');
        expect(page.tray.open.value).toBeNull();
    });

    it('is searched by words in any order where it is long', async () => {
        const many = Array.from({ length: 20 }, (_, number) =>
            option(`${number}`, { name: `Filter ${number} dense`, group: number > 9 ? 'Grade 13' : 'Grade 8' }),
        );
        const page = panel(many, {});
        await page.write('[aria-label=Search]', 'grade 13 DENSE 14');
        expect(page.all('[role=radio]').map((one) => one.dataset.option)).toEqual(['14']);
        await page.write('[aria-label=Search]', 'gold');
        expect(page.text('.none')).toContain('Nothing found');
    });
});

describe('the ways a shape is made', () => {
    const about = {
        shape: 'cube',
        usual_direction: 'pull',
        options: [
            { id: 'layout', name: 'How they stand', usual: 'pinwheel', choices: [option('pinwheel'), option('two-between-two')] },
            { id: 'per-side', name: 'On each side', usual: '1', choices: [option('1'), option('2')] },
        ],
    };

    it('shows the usual where nothing was chosen, and keeps only what is not usual', async () => {
        const onChoose = vi.fn();
        const page = mounted(ShapeChoices, { about, options: { 'per-side': '2' }, onChoose });
        expect(page.all('.ant-select-selection-item').map((one) => one.textContent)).toEqual(['Option pinwheel', 'Option 2']);
        await page.choose('How they stand', 'Option two-between-two');
        expect(onChoose).toHaveBeenLastCalledWith({ 'per-side': '2', layout: 'two-between-two' });
        await page.choose('On each side', 'Option 1');
        expect(onChoose).toHaveBeenLastCalledWith({});
    });

    it('is not there for a shape without any', () => {
        expect(mounted(ShapeChoices, { about: { ...about, options: [] }, options: {} }).all('.ant-select')).toEqual([]);
    });
});

describe('the ledger', () => {
    it('says the verdict in words, with what would mend it', () => {
        const findings = [
            {
                rule: 'clean air',
                standing: 'short' as const,
                text: shown('Falls short by 39 cfm', 'Falls short by 66 m³/h'),
                mend: shown('Speed 3 would reach it.'),
            },
        ];
        const page = mounted(
            LedgerVerdict,
            {
                unit: unit({
                    standing: 'short',
                    likelihood: 'falls-short',
                    verdict: 'Falls short',
                    chance_text: shown('4 %'),
                    needed: 2,
                    findings,
                }),
                speed: speed({ reaches_goal: false }),
            },
            'metric',
        );
        expect(page.text('[data-test=verdict]')).toBe('✕ Falls short chance to reach the goal 4 %');
        expect(page.text('[data-rule="clean air"]')).toBe('Falls short by 66 m³/h Speed 3 would reach it.');
        expect(page.text('.needed')).toBe('With these figures the room needs 2 units at this speed.');
    });

    it('says of a build that reaches its goal what else is wrong of it', () => {
        const said = (over: Partial<Unit>) => mounted(LedgerVerdict, { unit: unit(over), speed: speed() }).text('[data-test=verdict]');
        expect(said({})).toBe('✓ Reaches the goal chance to reach the goal 93 %');
        expect(said({ standing: 'warns' })).toBe('✓ Reaches the goal, with a warning chance to reach the goal 93 %');
        expect(said({ standing: 'short' })).toBe('✕ Reaches the goal, but is too loud chance to reach the goal 93 %');
    });

    it('draws the band and the result along the goal at three quarters', () => {
        const page = mounted(LedgerVerdict, {
            unit: unit({ band: { ...unit().band, low_share: 0.8, high_share: 2 } }),
            speed: speed({ goal_share: 1 }),
        });
        expect(page.one('.band i').style.width).toBe('75%');
        expect([page.one('.band u').style.left, page.one('.band u').style.right]).toEqual(['60%', '0%']);
    });

    it('strikes what a figure was before, and gives the band its place', () => {
        const before = ledger({ unit: unit({ speeds: [speed({ clean_air: shown('550 cfm') })] }) });
        const page = mounted(LedgerFigures, { ledger: ledger({ unit: unit() }), before, currency: 'EUR', open: '', why: null });
        expect(page.text('tr:has([data-row=clean_air]) s')).toBe('550 cfm');
        expect(page.text('[data-row=band]')).toBe('480 cfm – 740 cfm');
        expect(page.one('[data-row=band]').getAttribute('colspan')).toBe('2');
    });

    it('says why under the row that is asked', async () => {
        const onAsk = vi.fn();
        const line = { figure: 'Air changes', formula: 'n = 3600 Q / V', filled: shown('6.3 /h'), from: 'typical', source: 'definition' };
        const page = mounted(LedgerFigures, {
            ledger: ledger({ unit: unit() }),
            before: null,
            currency: 'EUR',
            open: '',
            why: null,
            onAsk,
        });
        await page.click('[data-why=air_changes]');
        expect(onAsk).toHaveBeenCalledWith('air_changes');
        await page.change({ open: 'air_changes', why: { air_changes: [line] } });
        expect(page.text('.why')).toBe('Air changes n = 3600 Q / V6.3 /hfrom typical figures; definition');
        await page.click('[data-why=air_changes]');
        expect(onAsk).toHaveBeenLastCalledWith('');
    });

    it('offers every speed, with levels where there is room', async () => {
        const onSpeed = vi.fn();
        const speeds = ['1', '2', '3'].map((name) => speed({ name, keeps_quiet: name !== '3' }));
        const page = mounted(SpeedSwitch, { unit: unit({ speeds, chosen: 1 }), onSpeed });
        expect(page.all('input').map((one) => (one as HTMLInputElement).checked)).toEqual([false, true, false]);
        expect(page.all('.loud')).toHaveLength(1);
        expect(page.text('label')).toContain('62 dBA');
        await page.click('label:last-child input');
        expect(onSpeed).toHaveBeenCalledWith('3');
        await page.change({ unit: unit({ speeds: Array.from({ length: 10 }, (_, number) => speed({ name: `${number + 1}` })) }) });
        expect(page.text('label')).toBe('1');
    });
});

describe('a rule on the tape', () => {
    const target = {
        id: 'hold-9',
        name: 'Hold 9',
        source: 'EPA',
        judges: 'Smoke',
        asks: shown('300 cfm', '510 m³/h'),
        needs: 'how much is outdoors',
        share: 0.4,
        is_goal: false,
        gets: null,
        reached: null,
    };

    it('is as long as what it asks', () => {
        const page = mounted(RuleBand, { target, chosen: true, buildShare: 0.5, buildName: 'this build' }, 'metric');
        expect([page.one('.strip').style.width, page.text('.asks'), page.one('.build').style.left]).toEqual(['40%', '510 m³/h', '50%']);
        expect(page.one('[role=radio]').getAttribute('aria-checked')).toBe('true');
    });

    it('says what it must be told before it can ask, and cannot be chosen', () => {
        const page = mounted(RuleBand, { target: { ...target, asks: null, share: 0 }, chosen: false, buildShare: null, buildName: '' });
        expect(page.text('.asks')).toBe('enter how much is outdoors');
        expect(page.one<HTMLButtonElement>('button').disabled).toBe(true);
    });
});
