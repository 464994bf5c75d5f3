import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { api } from '../../frontend/src/api/client';
import CompareView from '../../frontend/src/features/build/CompareView.vue';
import FindStage from '../../frontend/src/features/find/FindStage.vue';
import NeedQuestions from '../../frontend/src/features/room/NeedQuestions.vue';
import { FIRST_CHOICES, FRESH_ROOM } from '../../frontend/src/features/work/useDraft';
import { mounted } from './mounted';
import { ledger, room, shown, unit } from './samples';
import { desk, workOn } from './work';

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
        expect(document.body.textContent).toContain('Unanswered questions change nothing.');
        for (const words of ['smoke', 'dust', 'burns', 'floor', 'burns']) await page.pick(words);
        await settled();
        expect(asked.at(-1)?.body).toEqual({ answers: { air: ['dust'], avoid: ['floor'] } });
        expect(document.querySelector('dl')?.textContent?.replace(/\s+/g, ' ')).toBe('Goal: 5 air changes an hourThe finest particles.');
        await page.press('Apply', document.body);
        expect(onTake).toHaveBeenCalledWith(sets);
    });

    it('can be put off from within, with nothing taken over', async () => {
        server({ '/needs': () => ({ questions, sets, says: [] }) });
        const onTake = vi.fn();
        const page = mounted(NeedQuestions, { onTake });
        await page.click('.begin');
        await settled();
        await page.press('Cancel', document.body);
        expect(onTake).not.toHaveBeenCalled();
    });
});

describe('builds side by side', () => {
    const question = { room: FRESH_ROOM, goal: 'air-changes-5', unit: FIRST_CHOICES, version: null, programme: 1 };
    const column = (best: string) => ({ ledger: ledger({ unit: unit() }), bests: [best] });

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
        const work = workOn({ question, pinned: [{ ...FIRST_CHOICES, units: 3 }] });
        const page = mounted(CompareView, {}, 'imperial', work);
        await settled();
        expect(page.all('article h3').map((one) => one.textContent)).toEqual(['On the bench', 'Pinned 1']);
        expect(page.text('article:nth-child(2) ul')).toBe('best 1');
        await page.press('Unpin');
        expect(work.draft.pinned).toEqual([]);
        await page.pick('A shroud or none?');
        await settled();
        expect(page.all('article h3').map((one) => one.textContent)).toEqual(['shroud', 'open']);
        await page.click('article:nth-child(2) .acts button');
        expect(work.draft.choices).toEqual({ ...FIRST_CHOICES, corners: 'open' });
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
        first_cost: '10.00',
        total_cost: '20.00',
        running_cost: '10.00',
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
        left_out: [{ shape: 'Cube', reason: 'takes square filters', count: 3 }],
        tools: ['knife'],
        skills: [],
    });
    const stage = (kept = desk()) => {
        const work = workOn({ entries: { noise_limit: '45 dBA' }, build: { ...room().builds[0]!, id: 4 }, desk: kept });
        return { ...mounted(FindStage, {}, 'imperial', work), work };
    };

    it('begins with the noise limit of the room, names each pick once, and stands as a table too', async () => {
        server({ '/finds': () => found([build('a', 9), build('b', 2)]), '/sketches': () => [] });
        const page = stage();
        await settled();
        expect(asked[0]?.body).toMatchObject({ build: 4, wishes: { level: '45 dBA', units: 4 } });
        expect(page.all('.picks article')).toHaveLength(1);
        expect(page.text('.picks .names')).toBe('CheapestQuietest');
        expect(page.text('p.count')).toContain('2 selected');
        await page.pick('Table');
        expect(page.all('tbody tr b').map((one) => one.textContent)).toEqual(['a', 'b']);
        await page.click('.picks article button');
        expect([page.work.draft.choices.units, page.work.stage.value]).toEqual([9, 'build']);
    });

    it('says the nearest where nothing is left, and keeps what was wished for from elsewhere', async () => {
        server({ '/finds': () => found([]), '/sketches': () => [] });
        const page = stage(desk({ notes: { limits: '{"footprint":"2 ft²"}' } }));
        await settled();
        expect(asked[0]?.body).toMatchObject({ wishes: { footprint: '2 ft²', level: '45 dBA' } });
        expect(page.host.textContent).toContain('No build meets all limits.');
        expect(page.text('.binding h3')).toBe('Nothing under 20 dBA');
        await page.click('.ant-collapse-header');
        expect(page.host.textContent).toContain('Cube: takes square filters');
    });

    it('tells a fault at its field', async () => {
        server({});
        const page = stage();
        await settled();
        expect(page.one('[data-wish=level]').getAttribute('aria-invalid')).toBe('true');
        expect(page.host.textContent).toContain('That is no level.');
    });
});
