import { expect, test } from '@playwright/test';
import { choose, pick, row, signIn } from './steps';

test('from limits to the right build on the bench', async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/3/find');
    await expect(page.getByRole('status').filter({ hasText: 'builds compared' })).toBeVisible();
    await page.locator('[data-wish=level]').fill('48 dBA');
    await page.locator('[data-wish=seat]').fill('6 ft');
    await page.locator('[data-wish=first_cost]').fill('60');
    await expect(page.getByText('No build meets all limits.')).toBeVisible();
    await expect(
        page.getByRole('heading', {
            name: /^At most 48 dBA at the seat\. No build meets this and all other limits\. The nearest has \d+ dBA there\.$/,
        }),
    ).toBeVisible();
    await page.locator('[data-wish=first_cost]').fill('900');
    await expect(page.getByRole('heading', { name: 'What your limits rule out' })).toBeVisible();

    // Narrowed down on the picture itself, by dragging along a measure.
    const count = page.locator('p.count');
    const before = Number((await count.textContent())?.match(/\d+/)?.[0]);
    const track = page.locator('.axis .ant-slider').first();
    await track.scrollIntoViewIfNeeded();
    const box = (await track.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.4, { steps: 5 });
    await page.mouse.up();
    await expect.poll(async () => Number((await count.textContent())?.match(/\d+/)?.[0])).toBeLessThan(before);

    const card = page.locator('.picks article').first();
    await expect(card.locator('svg g path').first()).toBeVisible();
    const level = await card.locator('dd').nth(2).textContent();
    await card.getByRole('button').click();
    await expect(page).toHaveURL(/\/build$/);
    await expect(page.getByText('Reaches the goal').or(page.getByText('Reaches it'))).toBeVisible();
    await expect(row(page, 'clean_air')).toBeVisible();
    expect(level).toMatch(/dBA/);

    // The wishes are still there after a reload.
    await page.goto('/rooms/3/find');
    await expect(page.locator('[data-wish=first_cost]')).toHaveValue('900');
});

test('what is in stock is reserved for a build and no longer free for others', async ({ page }) => {
    await signIn(page);
    await page.goto('/programmes/1/stock');
    const bin = page.locator('[data-bin="20x20x4-g13"]');
    await expect(bin).toContainText('4 free');
    await bin.click();
    await pick(page, 'Reserve');
    await page.getByRole('textbox', { name: 'Pieces' }).fill('9');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Choose the build to reserve them for.')).toBeVisible();
    await choose(page, 'Build', 'Classroom 2: Two cubes');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Available in stock: 4. You entered 9.')).toBeVisible();
    await page.getByRole('textbox', { name: 'Pieces' }).fill('3');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(bin).toContainText('1 free, 3 reserved');
    await expect(page.getByRole('region', { name: 'Recent movements' }).locator('tbody tr.ant-table-row').first()).toContainText(
        /reserved\s*20x20 × 4 in grade 13\s*· Classroom 2: Two cubes/,
    );
    await pick(page, 'Return');
    await page.getByRole('textbox', { name: 'Pieces' }).fill('3');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(bin).toContainText('4 free');
});

test('the kit of a sheet is reserved from stock in one go and given back', async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/1/sheet');
    const sheet = page.getByRole('region', { name: 'Build sheet' });
    const tape = sheet.getByRole('row', { name: /Duct tape/ });
    await expect(tape).toContainText('free in stock');
    const toBuy = sheet.getByRole('row', { name: /To buy/ });
    const before = await toBuy.textContent();
    await sheet.getByRole('button', { name: 'Reserve 1 piece from stock' }).click();
    await expect(tape).toContainText('1 from stock');
    await expect(toBuy).toHaveText(/EUR 0\.00/);
    expect(before).not.toContain('EUR 0.00');
    await expect(sheet.getByRole('button', { name: /^Reserve/ })).toHaveCount(0);

    await page.goto('/programmes/1/stock');
    await expect(page.getByText('kit of version 1').first()).toBeVisible();
    await page.goto('/rooms/1/sheet');
    await sheet.getByRole('button', { name: 'Release' }).click();
    await expect(sheet.getByRole('button', { name: 'Reserve 6 pieces from stock' })).toBeVisible();
    await sheet.getByRole('button', { name: /^Reserve/ }).click();
    await sheet.getByRole('button', { name: 'Mark 6 pieces as used' }).click();
    await expect(sheet.getByRole('button', { name: /as used$/ })).toHaveCount(0);
    await expect(toBuy).toHaveText(/EUR 0\.00/);
});
