import { expect, test } from '@playwright/test';
import { choose, number, row, signIn } from './steps';

const build = async (page: import('@playwright/test').Page, room: number): Promise<void> => {
    await page.goto(`/rooms/${room}/build`);
    await expect(row(page, 'clean_air')).toBeVisible();
};

test('another shape is chosen with the nearest parts it can be made of, and made one way or another', async ({ page }) => {
    await signIn(page);
    await build(page, 1);
    await page.getByRole('button', { name: /^Shape:/ }).click();
    await expect(page.locator('.panel [role=radio]')).toHaveCount(15);
    await expect(page.locator('[data-option=array-box]')).toContainText('with PC fan 120 mm, high static');
    const cube = (await row(page, 'clean_air').textContent()) ?? '';
    await page.locator('[data-option=array-box]').click();
    await expect(page.getByRole('button', { name: /^Fan: PC fan 120 mm/ })).toBeVisible();
    await expect(row(page, 'clean_air')).not.toHaveText(cube);
    const without = number(await row(page, 'clean_air').textContent());

    // More fans, on the ends too, move more.
    await page.getByRole('combobox', { name: 'Fans on an end' }).focus();
    for (const key of ['Enter', 'ArrowDown', 'Enter']) await page.keyboard.press(key);
    await expect.poll(async () => number(await row(page, 'clean_air').textContent())).toBeGreaterThan(without);

    // What cannot blow the other way says why.
    await page.getByRole('button', { name: /^Air:/ }).click();
    await page.locator('[data-option=push]').click();
    await expect(page.getByRole('button', { name: /^Air: Pushes/ })).toBeVisible();
});

test('a shape that is clicked before its parts are known gets them all the same', async ({ page }) => {
    await signIn(page);
    await build(page, 1);
    await page.route('**/api/v1/misfits', (route) => setTimeout(() => void route.continue().catch(() => undefined), 700));
    await page.getByRole('button', { name: /^Shape:/ }).click();
    await page.locator('[data-option=slim-tower]').click();
    await expect(page.getByRole('button', { name: /^Filter: 10x20/ })).toBeVisible();
    await expect(page.getByText('This does not fit')).toHaveCount(0);
});

test('a measured figure and a part of one’s own go into the builds, and out again', async ({ page }) => {
    await signIn(page);
    await build(page, 1);
    const shipped = number(await row(page, 'clean_air').textContent());

    await page.goto('/programmes/1/parts/fan/box-20-plain');
    await page.getByRole('textbox', { name: 'Your free flow' }).fill('950 furlongs');
    await page.getByRole('button', { name: 'Save figures' }).click();
    await expect(page.locator('tr', { hasText: 'free flow' }).getByRole('alert')).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Your free flow' })).toHaveValue('950 furlongs');
    await page.getByRole('textbox', { name: 'Your free flow' }).fill('950 cfm');
    await choose(page, 'Where your free flow came from', 'measured');
    await page.getByRole('button', { name: 'Save figures' }).click();
    await expect(page.getByText('Figures saved')).toBeVisible();
    await expect(page.locator('tr', { hasText: 'free flow' })).toContainText('measured');

    // The saved version keeps its figures, and says that newer ones exist.
    await build(page, 1);
    expect(number(await row(page, 'clean_air').textContent())).toBe(shipped);
    await expect(page.getByText(/newer figures for/).first()).toBeVisible();

    await page.goto('/programmes/1/parts/fan/box-20-plain');
    await page.getByRole('button', { name: 'Copy as your own part' }).click();
    await page.getByLabel('Name of the part').fill('Box fan from the mill');
    await page.getByRole('button', { name: 'Save as your own part' }).click();
    await expect(page.getByText('Saved as your own part')).toBeVisible();
    await build(page, 1);
    await page.getByRole('button', { name: /^Fan:/ }).click();
    await page.getByRole('radio', { name: /Box fan from the mill/ }).click();
    await expect.poll(async () => number(await row(page, 'clean_air').textContent())).toBeLessThan(shipped);

    await page.goto('/programmes/1/parts/fan/box-20-plain');
    await page.getByRole('button', { name: 'Restore shipped figures' }).click();
    await page.getByRole('button', { name: 'Restore', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Box fan 20 in, plain' })).toBeVisible();
    await page.locator('[data-part-code]', { hasText: 'Box fan from the mill' }).click();
    await page.getByRole('button', { name: 'Delete this part' }).click();
    await page.getByRole('button', { name: 'Delete', exact: true }).click();
    await expect(page.locator('[data-part-code]', { hasText: 'Box fan from the mill' })).toHaveCount(0);
});

test('settings reach every build: thin air, tariff, currency', async ({ page }) => {
    await signIn(page);
    await page.goto('/programmes/1/settings');
    await page.getByLabel('Altitude').fill('high up');
    await page.getByRole('button', { name: 'Save settings' }).click();
    await expect(page.getByLabel('Altitude')).toHaveAttribute('aria-invalid', 'true');
    await page.getByLabel('Altitude').fill('1600 m');
    await page.getByLabel('Currency').fill('CHF');
    await page.getByRole('button', { name: 'Save settings' }).click();
    // ISO 2533: 83,524 Pa at 1,600 m; over 287.05 J/(kg K) and 293.15 K that is 0.9926 kg/m3.
    await expect(page.getByText('Air of 0.993')).toBeVisible();

    await build(page, 1);
    await page.getByRole('button', { name: /^Joining:/ }).click();
    await page.locator('[data-option=painters-tape]').click();
    await expect(row(page, 'first')).toContainText('CHF');

    await page.goto('/programmes/1/settings');
    await page.getByLabel('Altitude').fill('');
    await page.getByLabel('Currency').fill('EUR');
    await page.getByRole('button', { name: 'Save settings' }).click();
    await expect(page.getByText('Air of 1.200')).toBeVisible();
});
