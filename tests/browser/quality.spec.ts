import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { row, signIn } from './steps';

const SCREENS = [
    '/programmes/1',
    '/programmes/1/parts/filter/20x20x1-g13-dense',
    '/programmes/1/settings',
    '/programmes/1/stock',
    '/rooms/1/room',
    '/rooms/1/target',
    '/rooms/1/find',
    '/rooms/1/build',
    '/rooms/1/sheet',
];
const CONTENT = '.tile, .ledger, form';

for (const scheme of ['light', 'dark'] as const) {
    test(`axe finds nothing serious, ${scheme}`, async ({ page }) => {
        test.slow();
        await page.emulateMedia({ colorScheme: scheme });
        await signIn(page);
        for (const screen of SCREENS) {
            await page.goto(screen);
            await expect(page.locator(CONTENT).first()).toBeVisible();
            await page.waitForTimeout(400);
            const found = (await new AxeBuilder({ page }).analyze()).violations.filter((one) =>
                ['serious', 'critical'].includes(one.impact ?? ''),
            );
            expect(found.map((one) => `${screen} ${one.id}: ${one.nodes.map((node) => node.target).join(' | ')}`)).toEqual([]);
        }
    });
}

test('axe finds nothing serious where a shape and its options are chosen', async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/1/build');
    await page.getByRole('button', { name: /^Shape:/ }).click();
    await expect(page.getByLabel('How the four frames stand')).toBeVisible();
    const found = (await new AxeBuilder({ page }).include('.panel').analyze()).violations;
    expect(found.map((one) => `${one.id}: ${one.nodes.map((node) => node.target).join(' | ')}`)).toEqual([]);
});

test('every screen fits a phone without scrolling sideways', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    for (const screen of SCREENS) {
        await page.goto(screen);
        await expect(page.locator(CONTENT).first()).toBeVisible();
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    }
});

test('the parts can be reached and changed with the keyboard alone', async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/1/build');
    const before = await row(page, 'bypassFlow').textContent();
    const tile = page.getByRole('button', { name: /^Corners:/ });
    await tile.focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-option=shroud]')).toBeFocused();
    await page.keyboard.press('Shift+Tab');
    await page.keyboard.press('Shift+Tab');
    await page.keyboard.press('Enter');
    await expect(row(page, 'bypassFlow')).not.toHaveText(before ?? '');
    await page.keyboard.press('Escape');
    await expect(page.locator('.panel')).toHaveCount(0);
});

test('how long a changed choice takes to show (printed, not judged)', async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/1/build');
    await page.getByRole('button', { name: /^Joining:/ }).click();
    const times: number[] = [];
    for (const option of ['suction', 'duct-tape', 'zip-ties', 'hot-glue', 'weight', 'painters-tape', 'bungee-foam', 'wooden-drawer']) {
        times.push(
            await page.evaluate(
                (id) =>
                    new Promise<number>((resolve) => {
                        const cell = document.querySelector('[data-row=bypassFlow]');
                        const choice = document.querySelector<HTMLElement>(`[data-option=${id}]`);
                        if (!cell || !choice) throw new Error(id);
                        const began = performance.now();
                        const observer = new MutationObserver(() => {
                            observer.disconnect();
                            resolve(performance.now() - began);
                        });
                        observer.observe(cell, { childList: true, characterData: true, subtree: true });
                        choice.click();
                    }),
                option,
            ),
        );
        await page.waitForTimeout(150);
    }
    const sorted = [...times].sort((a, b) => a - b);
    console.log(
        `click to new numbers: median ${sorted[sorted.length >> 1]?.toFixed(0)} ms, worst ${sorted.at(-1)?.toFixed(0)} ms, of ${times.length}`,
    );
});
