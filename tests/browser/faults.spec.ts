import { expect, test } from '@playwright/test';
import { measureRoom, ORGANISER, row, side, signIn, stage, units } from './steps';

test('what cannot be is told at its field, nothing is saved and nothing lost', async ({ page }) => {
    await signIn(page);
    await measureRoom(page, 'Odd shed', { length: '20 ft', width: '15 ft', height: '9 ft' });
    await expect(row(page, 'volume')).toHaveText('2,700 ft³');

    for (const [text, said] of [
        ['900 ft', /900′ is outside what is allowed: from 4′ 11″ to 49′/],
        ['0', /outside what is allowed/],
        ['-3 m', /outside what is allowed/],
        ['tall', /cannot be read/],
    ] as const) {
        await side(page, 'height').fill(text);
        await expect(page.getByRole('alert')).toHaveText(said);
    }
    await page.getByRole('button', { name: 'Save the room' }).click();
    await expect(page.locator('.ant-message')).toContainText('cannot be read');
    await expect(page.getByLabel('Name of the room')).toHaveValue('Odd shed');
    await expect(side(page, 'length')).toHaveValue(/20/);
    await page.reload();
    await expect(page.getByLabel('Name of the room')).toHaveValue('Odd shed');
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Millrace Primary' })).toBeVisible();
    await expect(page.getByText('Odd shed')).toHaveCount(0);
});

test('an ambiguous comma is asked back and answered with one click', async ({ page }) => {
    await signIn(page);
    await measureRoom(page, 'Long hall', { length: '8,400 m', width: '6 m', height: '3 m' });
    await expect(page.getByRole('alert')).toContainText('can be read in two ways');
    await page.getByRole('button', { name: '8.4 m', exact: true }).click();
    await expect(row(page, 'volume')).toHaveText('5,340 ft³');

    // On a plan too, whichever side of it the tape lies on.
    await page.goto('/rooms/1/room');
    for (const name of ['length', 'width', 'height']) {
        await side(page, name).fill('8,400 m');
        await page.getByRole('button', { name: '8.4 m', exact: true }).click();
        await expect(page.getByText('can be read in two ways')).toHaveCount(0);
    }
});

test('what would not fit is told with its reason before it is chosen', async ({ page }) => {
    await signIn(page);
    await page.goto('/');
    await page.getByRole('link', { name: /Classroom 1/ }).click();
    await page.getByRole('button', { name: /^Filter:/ }).click();
    await page.getByRole('textbox', { name: 'Search' }).fill('18x18 13 economy');
    await expect(page.getByText('Show 1 that do not fit')).toBeVisible();
    await page.getByText('Show 1 that do not fit').click();
    await expect(page.locator('.misfit')).toContainText('at most 1 in, 25 mm is allowed');
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-label=fan]')).toBeVisible();
});

test('a version computed with older figures says so', async ({ page }) => {
    await signIn(page);
    await page.goto('/');
    await page.getByRole('link', { name: /Classroom 2/ }).click();
    await expect(page.getByRole('button', { name: 'Save version 2' })).toBeDisabled();
    await page.getByRole('button', { name: 'One unit less' }).click();
    await expect(page.getByRole('button', { name: 'Save version 2' })).toBeEnabled();
    await expect(page.locator('.was').first()).not.toBeEmpty();
    await page.reload();
    await expect(units(page)).toHaveValue('1');
});

test('two people on one build are told, and neither loses anything', async ({ page, browser }) => {
    await signIn(page);
    await measureRoom(page, 'Shared shed', { length: '20 ft', width: '15 ft', height: '9 ft' });
    await page.getByRole('button', { name: 'Save the room' }).click();
    await stage(page, 'Build');
    await page.getByRole('button', { name: 'Save this build' }).click();
    await expect(page.getByRole('button', { name: 'Save version 2' })).toBeVisible();
    await page.getByRole('button', { name: 'One unit more' }).click();
    await expect(units(page)).toHaveValue('2');

    const other = await (await browser.newContext()).newPage();
    await signIn(other, { email: 'ossian@alderfen.example', password: ORGANISER.password });
    await other.goto(page.url());
    for (let more = 0; more < 2; more += 1) await other.getByRole('button', { name: 'One unit more' }).click();
    await other.getByRole('button', { name: 'Save version 2' }).click();
    await expect(other.getByRole('button', { name: 'Save version 3' })).toBeVisible();
    await expect(other.locator('.overtaken')).toHaveCount(0);
    await other.close();

    const told = page.locator('.overtaken');
    await expect(told).toContainText('Ossian Pike saved version 2', { timeout: 15_000 });
    await expect(units(page)).toHaveValue('2');
    await page.reload();
    await expect(told).toContainText('yours is on this screen');
    await told.getByRole('button', { name: 'Show theirs' }).click();
    await expect(units(page)).toHaveValue('3');
    await expect(told).toHaveCount(0);
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(units(page)).toHaveValue('2');
    await page.getByRole('button', { name: 'Save version 3' }).click();
    await expect(page.getByRole('button', { name: 'Save version 4' })).toBeVisible();
});

test('both measures, switched in place', async ({ page }) => {
    await signIn(page);
    await page.goto('/');
    await page.getByRole('link', { name: /Classroom 1/ }).click();
    await expect(row(page, 'clean_air')).toHaveText(/cfm$/);
    await page.getByText('m · m³/h').click();
    await expect(row(page, 'clean_air')).toHaveText(/m³\/h$/);
    await expect(page.locator('[data-label=shroud]')).toContainText('521 mm × 521 mm');
    await page.getByText('ft · cfm').click();
    await expect(row(page, 'clean_air')).toHaveText(/cfm$/);
});

test('a reader may look but not save', async ({ page }) => {
    await signIn(page, { email: 'maribel@alderfen.example', password: 'reed-and-willow' });
    await page.goto('/');
    await expect(page.getByRole('link', { name: /Classroom 1/ })).toBeVisible();
    await expect(page.getByText('+ Add a room')).toHaveCount(0);
    await page.getByRole('link', { name: /Classroom 1/ }).click();
    await expect(page.getByText('Only builders and organisers can save')).toBeVisible();
});

test('with the database down a plain page and a retry', async ({ page }) => {
    test.skip(!process.env.JORNEL_AWAY_URL, 'needs the server without a database');
    await signIn(page);
    await page.goto(`${process.env.JORNEL_AWAY_URL}/rooms/1/build`);
    await expect(page.getByRole('heading', { name: 'No connection' })).toBeVisible();
    await expect(page.getByText('Nothing is lost; try again in a moment.')).toBeVisible();
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('heading', { name: 'No connection' })).toBeVisible();
    expect(await page.content()).not.toContain('PDOException');
});

test('with the database down nobody can sign in, and is told why', async ({ page }) => {
    test.skip(!process.env.JORNEL_AWAY_URL, 'needs the server without a database');
    await page.goto(`${process.env.JORNEL_AWAY_URL}/sign-in`);
    await page.getByLabel(/e-?mail/i).fill('wren@alderfen.example');
    await page.getByLabel(/password/i).fill('reed-and-willow');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Nothing is lost; try again in a moment.')).toBeVisible();
    await expect(page.getByLabel(/e-?mail/i)).toHaveValue('wren@alderfen.example');
});
