import { expect, test } from '@playwright/test';
import { number, pick, row, signIn, stage, view } from './steps';

test('what stands in a room counts together, and what is wrong of a purifier is said at its field', async ({ page }) => {
    await signIn(page);
    await page.goto('/');
    await page.getByRole('link', { name: /Waiting room/ }).click();
    await view(page, 'In the room');
    const stands = page.locator('.stands');
    const tower = stands.locator('li', { hasText: 'Tower purifier' });
    await expect(tower).toContainText('280 cfm in all');
    const together = number(await row(page, 'clean_air').textContent());

    await tower.getByRole('checkbox', { name: 'count it' }).uncheck();
    await expect.poll(async () => together - number(await row(page, 'clean_air').textContent())).toBe(280);
    await tower.getByRole('checkbox', { name: 'count it' }).check();
    await expect(row(page, 'clean_air')).toContainText(String(together));

    await page.getByRole('button', { name: 'Add a bought purifier' }).click();
    await page.locator('[data-purifier=name]').fill('Desk purifier');
    await page.locator('[data-purifier=clean_air]').fill('plenty');
    await page.getByRole('button', { name: 'Add to the room' }).click();
    await expect(page.locator('[data-purifier=clean_air]')).toHaveAttribute('aria-invalid', 'true');
    await expect(page.locator('[data-purifier=name]')).toHaveValue('Desk purifier');
    await page.locator('[data-purifier=clean_air]').fill('100 m³/h');
    await page.getByRole('button', { name: 'Add to the room' }).click();
    await expect(stands.locator('li', { hasText: 'Desk purifier' })).toContainText('59 cfm in all');
    // One's own change is not taken for someone else's: the room is saved as before.
    await expect(page.locator('.overtaken')).toHaveCount(0);
    await stage(page, 'Room');
    await page.getByRole('textbox', { name: 'People' }).fill('13');
    await page.getByRole('button', { name: 'Save changes' }).click();
    await expect(page.getByText('Room saved')).toBeVisible();
    await page.getByRole('textbox', { name: 'People' }).fill('12');
    await page.getByRole('button', { name: 'Save changes' }).click();
    await expect(page.getByRole('button', { name: 'Save changes' })).toBeDisabled();
    await stage(page, 'Build');
    await page.reload();
    await view(page, 'In the room');
    await stands.locator('li', { hasText: 'Desk purifier' }).getByRole('button', { name: 'Remove' }).click();
    await expect(stands.locator('li', { hasText: 'Desk purifier' })).toHaveCount(0);
    await expect(row(page, 'clean_air')).toContainText(String(together));
});

test('a second build begins beside the first and counts once it is saved', async ({ page }) => {
    await signIn(page);
    await page.goto('/');
    await page.getByRole('link', { name: /Basement bench/ }).click();
    await view(page, 'In the room');
    const alone = number(await row(page, 'clean_air').textContent());
    await page.getByRole('button', { name: 'Start another build' }).click();
    await expect(page.locator('.stands li')).toHaveCount(2);
    await expect.poll(async () => number(await row(page, 'clean_air').textContent())).toBeGreaterThan(1.9 * alone);
    await page.getByRole('button', { name: 'Save this build' }).click();
    await expect(page.getByText('Build saved')).toBeVisible();
    await page.reload();
    await view(page, 'In the room');
    await expect(page.locator('.stands li.bench')).toContainText('in the room');
    await expect(page.locator('.stands li', { hasText: 'Panel on a strap' })).toBeVisible();
    const panel = page.locator('.stands li', { hasText: 'Panel on a strap' });
    const before = number(await row(page, 'clean_air').textContent());
    await panel.getByRole('combobox', { name: 'Speed of Panel on a strap' }).focus();
    for (const key of ['Enter', 'Home', 'ArrowUp', 'Enter']) await page.keyboard.press(key);
    await expect.poll(async () => number(await row(page, 'clean_air').textContent())).toBeLessThan(before);
    await page.locator('.stands li.bench + li').getByRole('button', { name: 'Open on the bench' }).click();
    await expect(page.locator('.stands li.bench')).toContainText('Flat panel');
});

test('the air of the room falls over an hour and a day, from what one sets', async ({ page }) => {
    await signIn(page);
    await page.goto('/');
    await page.getByRole('link', { name: /Classroom 1/ }).click();
    await view(page, 'Air');
    await expect(page.locator('[data-test=gone]').first()).toContainText('90 % gone in');
    await expect(page.locator('.air svg')).toContainText('60');
    await page.locator('[data-start]').fill('250');
    await expect(page.locator('.air svg')).toContainText('250');
    await pick(page, 'one day');
    await expect(page.locator('.air svg')).toContainText('Time, h');
    await page.locator('[data-start]').fill('smoky');
    await expect(page.locator('[data-start]')).toHaveAttribute('aria-invalid', 'true');
});
