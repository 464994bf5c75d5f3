import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { api } from '../../frontend/src/api/client';
import CompareView from '../../frontend/src/components/bench/CompareView.vue';
import FindStage from '../../frontend/src/components/finder/FindStage.vue';
import NeedQuestions from '../../frontend/src/components/room/NeedQuestions.vue';
import { FIRST_CHOICES, FRESH_ROOM } from '../../frontend/src/composables/useDraft';
import { keepWishes } from '../../frontend/src/composables/useFinder';
import { mounted } from './mounted';
import { ledger, shown, unit } from './samples';

type Body = Record<string, unknown>;

/** The server, answering from what is put here; what it was asked is kept. */
const asked: { path: string; body: Body }[] = [];
function server(answers: Record<string, (body: Body) => unknown>): void {
    vi.spyOn(api, 'POST').mockImplementation((async (path: string, { body }: { body: Body }) => {
        asked.push({ path, body: JSON.parse(JSON.stringify(body)) as Body });
        const data = answers[path]?.(body);
        return data === undefined
            ? {
                  error: { message: 'No.', errors: { 'wishes.level': ['That is no level.'] } },
                  response: new Response(null, { status: 422 }),
              }
            : { data, response: new Response(null, { status: 200 }) };
    }) as never);
}
const settled = async (): Promise<void> => {
    for (let i = 0; i < 6; i++) await new Promise((resolve) => setTimeout(resolve, 0));
    await nextTick();
};

beforeEach(() => {
    asked.length = 0;
    sessionStorage.clear();
});
afterEach(() => vi.restoreAllMocks());

describe('the talk about the need', () => {
    const questions = [
        { id: 'air', asks: 'What is in the air?', many: false, answers: ['smoke', 'dust'].map((id) => ({ id, name: id })) },
        { id: 'avoid', asks: 'What must be minded?', many: true, answers: ['burns', 'floor'].map((id) => ({ id, name: id })) },
    ];
    const sets = [{ field: 'goal', name: 'Goal', value: 'air-changes-5', shown: '5 air changes an hour', why: 'The finest particles.' }];

    it('asks nothing until it is opened, then says what the answers set', async () => {
        server({ '/needs': ({ answers }) => ({ questions, sets: Object.keys(answers as Body).length ? sets : [], says: [] }) });
        const onTake = vi.fn();
        const page = mounted(NeedQuestions, { onTake });
        expect(asked).toEqual([]);
        await page.click('.begin');
        await settled();
        expect(page.host.textContent).toContain('Unanswered questions change nothing.');
        await page.click('[data-answer=smoke]');
        await page.click('[data-answer=dust]');
        await page.click('[data-answer=burns]');
        await page.click('[data-answer=floor]');
        await page.click('[data-answer=burns]');
        await settled();
        expect(asked.at(-1)?.body).toEqual({ answers: { air: ['dust'], avoid: ['floor'] } });
        expect(page.text('dl')).toBe('Goal: 5 air changes an hourThe finest particles.');
        page.one('form').dispatchEvent(new Event('submit', { cancelable: true }));
        expect(onTake).toHaveBeenCalledWith(sets);
    });

    it('can be put off from within, with nothing taken over', async () => {
        server({ '/needs': () => ({ questions, sets, says: [] }) });
        const onTake = vi.fn();
        const page = mounted(NeedQuestions, { onTake });
        await page.click('.begin');
        await settled();
        await page.click('.later');
        expect(page.all('form')).toHaveLength(0);
        expect(onTake).not.toHaveBeenCalled();
    });
});

describe('builds side by side', () => {
    const question = { room: FRESH_ROOM, goal: 'air-changes-5', unit: FIRST_CHOICES, version: null, programme: 1 };
    const column = (best: string) => ({ ledger: ledger({ unit: unit() }), bests: [best] });
    const props = { question, choices: FIRST_CHOICES, programme: 1, pinned: [{ ...FIRST_CHOICES, units: 3 }], currency: 'EUR' };

    it('shows the bench beside what was pinned, and a dispute in its place', async () => {
        server({
            '/disputes': () => [
                {
                    id: 'shroud',
                    question: 'A shroud or none?',
                    sides: ['shroud', 'open'].map((corners) => ({ name: corners, choices: { ...FIRST_CHOICES, corners } })),
                },
            ],
            '/comparisons': ({ units }) => ({ columns: (units as unknown[]).map((_, index) => column(`best ${index}`)) }),
        });
        const [onTake, onUnpin] = [vi.fn(), vi.fn()];
        const page = mounted(CompareView, { ...props, onTake, onUnpin });
        await settled();
        expect(page.all('article h3').map((one) => one.textContent)).toEqual(['On the bench', 'Pinned 1']);
        expect(page.text('article:nth-child(2) ul')).toBe('best 1');
        await page.click('.less');
        expect(onUnpin).toHaveBeenCalledWith(0);
        await page.click('[data-dispute=shroud]');
        await settled();
        expect(page.all('article h3').map((one) => one.textContent)).toEqual(['shroud', 'open']);
        await page.click('article:nth-child(2) .acts button');
        expect(onTake).toHaveBeenCalledWith({ ...FIRST_CHOICES, corners: 'open' });
    });
});

describe('the finder', () => {
    const build = (code: string, cost: number) => ({
        code,
        choices: { ...FIRST_CHOICES, units: cost },
        title: code,
        parts: '',
        share: 1,
        output: shown('100 %'),
        level: shown('44 dBA'),
        firstCost: '10.00',
        totalCost: '20.00',
        runningCost: '10.00',
        footprint: shown('1 ft²'),
        height: shown('2′'),
        power: shown('9 W'),
        minutes: shown('9 min'),
        places: { cost: cost / 10 },
    });
    const found = (builds: ReturnType<typeof build>[]) => ({
        generated: 715576,
        solved: 3,
        axes: [{ key: 'cost', name: 'Cost', marks: [] }],
        builds,
        picks: builds.slice(0, 1).flatMap((one) => ['Cheapest', 'Quietest'].map((name) => ({ pick: name, name, build: one }))),
        binding: builds.length
            ? []
            : [{ limit: 'level', text: shown('Nothing under 20 dBA'), wishes: [{ text: shown('The nearest'), build: build('near', 1) }] }],
        leftOut: [{ shape: 'Cube', reason: 'takes square filters', count: 3 }],
        tools: ['knife'],
        skills: [],
    });
    const stage = (over = {}) =>
        mounted(FindStage, {
            beside: [],
            there: [],
            room: 'room-1',
            entries: { ...FRESH_ROOM, noise_limit: '45 dBA' },
            goal: 'air-changes-5',
            goalName: '5 air changes',
            programme: 1,
            build: 4,
            currency: 'EUR',
            ...over,
        });

    it('begins with the noise limit of the room, names each pick once, and is narrowed down', async () => {
        server({ '/finds': () => found([build('a', 9), build('b', 2)]), '/sketches': () => [] });
        const onTake = vi.fn();
        const page = stage({ onTake });
        await settled();
        expect(asked[0]?.body).toMatchObject({ build: 4, wishes: { level: '45 dBA', units: 4 } });
        expect(page.all('.picks article')).toHaveLength(1);
        expect(page.text('.picks .names')).toBe('CheapestQuietest');
        expect(page.text('p.count')).toContain('2 selected');
        page.one('[aria-label="Cost, worst that is shown"]').dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp', bubbles: true }));
        for (let i = 0; i < 5; i++) {
            await nextTick();
            page.one('[aria-label="Cost, worst that is shown"]').dispatchEvent(
                new KeyboardEvent('keydown', { key: 'ArrowUp', bubbles: true }),
            );
        }
        await nextTick();
        expect(page.text('p.count')).toContain('1 selected');
        await page.click('.picks article button');
        expect(onTake).toHaveBeenCalledWith({ ...FIRST_CHOICES, units: 9 }, false);
    });

    it('says the nearest where nothing is left, and keeps what was wished for from elsewhere', async () => {
        keepWishes('room-1', { footprint: '2 ft²' });
        server({ '/finds': () => found([]), '/sketches': () => [] });
        const page = stage();
        await settled();
        expect(asked[0]?.body).toMatchObject({ wishes: { footprint: '2 ft²', level: '45 dBA' } });
        expect(page.host.textContent).toContain('No build meets all limits.');
        expect(page.text('.binding h3')).toBe('Nothing under 20 dBA');
        expect(page.text('.left li')).toBe('Cube: takes square filters');
    });

    it('tells a fault at its field', async () => {
        server({});
        const page = stage();
        await settled();
        expect(page.one('[data-wish=level]').getAttribute('aria-invalid')).toBe('true');
        expect(page.host.textContent).toContain('That is no level.');
    });
});
