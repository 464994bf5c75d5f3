import { expect, test } from '@playwright/test';
import { pick, row, signIn, stage, view } from './steps';

test.beforeEach(async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/1/build');
    await expect(row(page, 'clean_air')).toBeVisible();
});

test('the drawing itself is clicked, turned and taken apart', async ({ page }) => {
    const drawing = page.locator('.bench .drawn svg').first();
    /** A place on the screen where a part of the drawing is what one sees. */
    const place = async (part: string): Promise<{ x: number; y: number }> => {
        const found = await page.waitForFunction((wanted) => {
            for (let y = 120; y < innerHeight; y += 6) {
                for (let x = 340; x < 940; x += 6) {
                    const seen = document.elementFromPoint(x, y);
                    if (seen instanceof SVGElement && seen.dataset.part === wanted) return { x, y };
                }
            }
            return null;
        }, part);
        return (await found.jsonValue())!;
    };
    // The face brings filters, the fan fans, the board over it what is done about the corners.
    for (const [part, name] of [
        ['face-1', 'Filter'],
        ['fan', 'Fan'],
        ['shroud', 'Corners'],
    ] as const) {
        const at = await place(part);
        await page.mouse.click(at.x, at.y);
        await expect(page.locator('.panel')).toContainText(name);
        await page.keyboard.press('Escape');
        await expect(page.locator('.panel')).toHaveCount(0);
        await page.waitForTimeout(300);
    }

    const strokes = () => drawing.locator('[data-part=face-1]').first().getAttribute('d');
    const before = await strokes();
    const box = (await drawing.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height - 60);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height - 60, { steps: 4 });
    await page.mouse.up();
    await expect.poll(strokes).not.toBe(before);
    await expect(page.locator('.panel')).toHaveCount(0);
    await page.getByRole('button', { name: 'Take apart' }).click();
    await expect(page.getByRole('button', { name: 'Put together' })).toBeVisible();
});

test('the speed is dragged along the curves', async ({ page }) => {
    await view(page, 'Curves');
    const slider = page.getByRole('slider', { name: 'Speed' });
    await expect(slider).toHaveAttribute('aria-valuenow', '2');
    const to = (await page.locator('.point[data-speed="1"]').boundingBox())!;
    const from = (await page.locator('.point[data-speed="2"]').boundingBox())!;
    const clean = await row(page, 'clean_air').textContent();
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 4 });
    await page.mouse.up();
    await expect(slider).toHaveAttribute('aria-valuenow', '1');
    await expect(row(page, 'clean_air')).not.toHaveText(clean ?? '');
    await slider.focus();
    await page.keyboard.press('ArrowRight');
    await expect(row(page, 'clean_air')).toHaveText(clean ?? '');
});

test('a dispute is put side by side and one side taken; undo brings the other back, over a reload too', async ({ page }) => {
    await view(page, 'Compare');
    await pick(page, 'A shroud or none?');
    const columns = page.locator('.columns article');
    await expect(columns).toHaveCount(2);
    await expect(columns.first().getByRole('list', { name: 'Best at' })).toContainText('most clean air');
    const bypass = await row(page, 'bypass_flow').textContent();
    await columns.nth(1).getByRole('button', { name: 'Use this build' }).click();
    await expect(row(page, 'bypass_flow')).not.toHaveText(bypass ?? '');
    await page.reload();
    await expect(row(page, 'bypass_flow')).not.toHaveText(bypass ?? '');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(row(page, 'bypass_flow')).toHaveText(bypass ?? '');
    await page.keyboard.press('Control+Shift+Z');
    await expect(row(page, 'bypass_flow')).not.toHaveText(bypass ?? '');

    // The build stands beside one that was pinned.
    await view(page, 'Compare');
    await page.getByRole('button', { name: 'Pin this build' }).click();
    await expect(page.locator('.columns article')).toHaveCount(2);
});

test('the ledger shows what is different from a pinned version, over a reload too', async ({ page }) => {
    await page.goto('/programmes/1');
    await page.getByRole('link', { name: /Staff office/ }).click();
    await stage(page, 'Build');
    const was = page.locator('tr:has([data-row=clean_air]) s');
    const first = await row(page, 'clean_air').textContent();
    await page.getByRole('button', { name: 'One unit more' }).click();
    await expect(was).toHaveText(first ?? '');
    await page.getByRole('button', { name: 'Save version 2' }).click();
    await expect(was).toHaveCount(0);

    await view(page, 'Versions');
    await page.locator('[data-version="1"]').getByRole('button', { name: 'Pin to the ledger' }).click();
    await expect(was).toHaveText(first ?? '');
    await page.reload();
    await expect(was).toHaveText(first ?? '');
    await expect(page.getByText('Compared with version 1')).toBeVisible();
    await page.getByRole('button', { name: 'Unpin' }).click();
    await expect(was).toHaveCount(0);

    await view(page, 'Versions');
    for (let times = 0; times < 4; times++) {
        await page.locator('[data-version="1"]').getByRole('button', { name: 'Compare' }).click();
        await expect(page.locator('.columns article')).toHaveCount(Math.min(times + 2, 4));
        if (times < 3) await view(page, 'Versions');
    }
    await expect(page.locator('.columns article').last()).toContainText('cfm');
});

test('every figure says why', async ({ page }) => {
    const rows = await page.locator('[data-why]').all();
    expect(rows.length).toBeGreaterThan(10);
    for (const one of rows) {
        await one.click();
        await expect(page.locator('.why li small').first()).toBeVisible();
        expect(((await page.locator('.why li .figure').first().textContent()) ?? '').length).toBeGreaterThan(2);
    }
});
