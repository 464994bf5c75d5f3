import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { row, signIn, view } from './steps';

const SCREENS = [
    '/programmes/1',
    '/programmes/1/parts/filter/20x20x1-g13-dense',
    '/programmes/1/settings',
    '/programmes/1/stock',
    '/rooms/1/room',
    '/rooms/1/target',
    '/rooms/1/find',
    '/rooms/1/build',
    '/rooms/1/kit',
    '/rooms/1/guide',
    '/rooms/1/sheet',
    '/units/2',
    '/units/4/proof',
    '/units/4/proof?view=clearing',
    '/units/4/proof?view=air',
    '/units/4/proof?view=sound',
    '/units/4/proof?view=more',
    '/rooms/5/proof',
    '/programmes/1/units',
    '/programmes/1/days',
    '/days/1',
    '/programmes/1/shopping',
    '/programmes/1/sites/1/plan',
    '/account',
    '/programmes/1/people',
    '/programmes/1/activity',
    '/?all',
];
/** The legacy mode leaves out frames of other pages, of which there are none, and is twice as quick. */
const audit = (page: Page) => new AxeBuilder({ page }).setLegacyMode(true);
const CONTENT = '.tile, .ledger, .unit .text, .units li, .days li, .day .bar, .building, form, [data-test=member], .deleted, .shop';

test('axe finds nothing serious on any screen, light or dark', async ({ page }) => {
    test.slow();
    await signIn(page);
    for (const screen of SCREENS) {
        await page.emulateMedia({ colorScheme: 'light' });
        await page.goto(screen);
        await expect(page.locator(CONTENT).first()).toBeVisible();
        // Also what looks different once something was done.
        const lines = page.locator('.shop .line');
        if (screen.endsWith('/shopping')) await lines.first().click();
        await page.waitForTimeout(400);
        const light = await audit(page).analyze();
        // In the dark only the colours are others.
        await page.emulateMedia({ colorScheme: 'dark' });
        await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
        await page.waitForTimeout(300);
        const dark = await audit(page).withRules(['color-contrast', 'link-in-text-block']).analyze();
        const found = [...light.violations, ...dark.violations].filter((one) => ['serious', 'critical'].includes(one.impact ?? ''));
        if (screen.endsWith('/shopping')) {
            await lines.first().click();
            await expect(lines.first()).toHaveAttribute('aria-pressed', 'false');
        }
        expect(found.map((one) => `${screen} ${one.id}: ${one.nodes.map((node) => node.target).join(' | ')}`)).toEqual([]);
    }
});

test('axe finds nothing serious where a shape and its options are chosen', async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/1/build');
    await page.getByRole('button', { name: /^Shape:/ }).click();
    await expect(page.getByRole('combobox', { name: 'How the four frames stand' })).toBeVisible();
    const found = (await audit(page).include('.panel').analyze()).violations;
    expect(found.map((one) => `${one.id}: ${one.nodes.map((node) => node.target).join(' | ')}`)).toEqual([]);
});

test('axe finds nothing serious in any view of the bench and of the room', async ({ page }) => {
    test.slow();
    await signIn(page);
    const serious = async (where: string): Promise<string[]> =>
        (await audit(page).analyze()).violations
            .filter((one) => ['serious', 'critical'].includes(one.impact ?? ''))
            .map((one) => `${where} ${one.id}: ${one.nodes.map((node) => node.target).join(' | ')}`);
    await page.goto('/rooms/1/build');
    for (const name of ['Curves', 'Air', 'In the room', 'Compare', 'Versions']) {
        await view(page, name);
        await page.waitForTimeout(600);
        expect(await serious(name)).toEqual([]);
    }
    await page.goto('/rooms/1/kit');
    for (const name of ['Sizes to measure', 'Buy', 'Print']) {
        await view(page, name);
        await page.waitForTimeout(400);
        expect(await serious(name)).toEqual([]);
    }
    await page.goto('/rooms/3/room');
    for (const pick of ['[data-corner="4"]', '[data-wall="0"]', '[data-furnishing="0"]']) {
        await page.locator(pick).focus();
        await page.keyboard.press('Enter');
        await expect(page.getByRole('region', { name: 'Selection' })).toBeVisible();
        expect(await serious(pick)).toEqual([]);
    }
    await view(page, 'In 3D');
    expect(await serious('as it stands')).toEqual([]);
});

test('every screen fits a phone without scrolling sideways', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    for (const screen of SCREENS) {
        await page.goto(screen);
        await expect(page.locator(CONTENT).first()).toBeVisible();
        // The best builds come later than the form, and are wider.
        if (screen.endsWith('/find')) await expect(page.locator('.axes')).toBeVisible();
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    }
});

test('the parts can be reached and changed with the keyboard alone', async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/1/build');
    const before = await row(page, 'bypass_flow').textContent();
    const tile = page.getByRole('button', { name: /^Corners:/ });
    await tile.focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-option=shroud]')).toBeFocused();
    await page.keyboard.press('Shift+Tab');
    await page.keyboard.press('Shift+Tab');
    await page.keyboard.press('Enter');
    await expect(row(page, 'bypass_flow')).not.toHaveText(before ?? '');
    await page.keyboard.press('Escape');
    await expect(page.locator('.panel')).toHaveCount(0);
});

/** From the click on something until a figure that it changes stands on the screen, and what of it the server took, ms. */
const timed = ({ selector, figure }: { selector: string; figure: string }): Promise<{ click: number; server: number }> =>
    new Promise((resolve) => {
        const cell = document.querySelector(figure);
        const choice = document.querySelector<HTMLElement>(selector);
        if (!cell || !choice) throw new Error(selector);
        performance.clearResourceTimings();
        const began = performance.now();
        const observer = new MutationObserver(() => {
            observer.disconnect();
            const click = performance.now() - began;
            // The entry of a request is there a little after its answer.
            setTimeout(() => {
                const asked = performance.getEntriesByType('resource').find((one) => one.name.endsWith('/evaluations')) as
                    PerformanceResourceTiming | undefined;
                resolve({ click, server: asked ? asked.responseEnd - asked.requestStart : 0 });
            }, 60);
        });
        observer.observe(cell, { childList: true, characterData: true, subtree: true });
        choice.click();
    });

const BYPASS = '[data-row=bypass_flow]';
const GOALS = ['air-changes-3', 'air-changes-4', 'air-changes-6', 'air-changes-8', 'air-changes-10', 'room-size', 'per-person'];
const OPTIONS = ['suction', 'duct-tape', 'zip-ties', 'hot-glue', 'weight', 'painters-tape', 'bungee-foam', 'wooden-drawer'];
const median = (times: number[]): string => ([...times].sort((a, b) => a - b)[times.length >> 1] ?? 0).toFixed(0);

test('how long a changed choice takes to show (printed, not judged)', { tag: '@timing' }, async ({ page }) => {
    await signIn(page);
    // A goal is never asked for ahead: server and screen in one go.
    await page.goto('/rooms/1/target');
    await expect(page.locator('.ledger .asks')).toBeVisible();
    const goals: { click: number; server: number }[] = [];
    for (const goal of GOALS) {
        await page.waitForTimeout(300);
        goals.push(await page.evaluate(timed, { selector: `[data-target="${goal}"]`, figure: '.ledger .asks' }));
    }
    console.log(
        `another goal to new numbers: median ${median(goals.map((one) => one.click))} ms, of which the server ${median(goals.map((one) => one.server))} ms`,
    );

    await page.goto('/rooms/1/build');
    await page.getByRole('button', { name: /^Joining:/ }).click();
    const blind: number[] = [];
    for (const option of OPTIONS) {
        blind.push((await page.evaluate(timed, { selector: `[data-option=${option}]`, figure: BYPASS })).click);
        await page.waitForTimeout(150);
    }
    console.log(
        `click to new numbers, in a tray just opened: median ${median(blind)} ms, worst ${Math.max(...blind).toFixed(0)} ms, of ${blind.length}`,
    );

    // The same without pointing at anything first, in a tray that has been open for as long as it takes to read it.
    await page.reload();
    await page.getByRole('button', { name: /^Joining:/ }).click();
    await page.waitForTimeout(2500);
    const server = await page.evaluate(() =>
        (performance.getEntriesByType('resource') as PerformanceResourceTiming[])
            .filter((one) => one.name.endsWith('/evaluations'))
            .map((one) => one.responseEnd - one.requestStart),
    );
    const offered: number[] = [];
    for (const option of OPTIONS) {
        offered.push((await page.evaluate(timed, { selector: `[data-option=${option}]`, figure: BYPASS })).click);
        await page.waitForTimeout(150);
    }
    console.log(
        `click to new numbers, in a tray that was read: median ${median(offered)} ms, worst ${Math.max(...offered).toFixed(0)} ms, of ${offered.length}; the server had taken ${median(server)} ms for each`,
    );

    // As a hand does it: the pointer rests on an option, what it would do is read, then it is clicked.
    await page.reload();
    await page.getByRole('button', { name: /^Joining:/ }).click();
    const looked: number[] = [];
    for (const option of OPTIONS) {
        await page.locator(`[data-option=${option}]`).hover();
        await expect(page.locator('[data-would=clean_air]')).toBeVisible();
        await page.waitForTimeout(300);
        looked.push((await page.evaluate(timed, { selector: `[data-option=${option}]`, figure: BYPASS })).click);
        await page.waitForTimeout(150);
    }
    console.log(
        `click to new numbers, looked at before: median ${median(looked)} ms, worst ${Math.max(...looked).toFixed(0)} ms, of ${looked.length}`,
    );

    // The switch of speeds, after the hand has rested as long as it takes to read the figures.
    await page.keyboard.press('Escape');
    const switched: number[] = [];
    for (const speed of [1, 2, 3, 2, 1]) {
        await page.waitForTimeout(1500);
        switched.push((await page.evaluate(timed, { selector: `.speeds label:nth-of-type(${speed})`, figure: BYPASS })).click);
    }
    console.log(
        `another speed to new numbers: median ${median(switched)} ms, worst ${Math.max(...switched).toFixed(0)} ms, of ${switched.length}`,
    );
});
