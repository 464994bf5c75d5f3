import { expect, test } from '@playwright/test';

const PASSWORD = 'bulrush by the weir';

test('a stranger looks round the demo with one click, and begins a programme of their own', async ({ page, browser }) => {
    await page.goto('/sign-in');
    await page.getByRole('button', { name: 'Look round the demo' }).click();
    await expect(page.getByRole('heading', { name: 'Millrace Primary' })).toBeVisible();
    await page.getByRole('button', { name: 'Sign out' }).click();

    await page.getByRole('button', { name: 'Begin a programme of your own' }).click();
    const email = `tamsin-${Date.now()}@reedbank.example`;
    await page.getByLabel('Name of the programme').fill('Reed Bank Air');
    await page.getByLabel('Your name').fill('Tamsin Weir');
    await page.getByLabel('Email').fill(email);
    await page.getByLabel('Password').fill('too short');
    await page.getByRole('button', { name: 'Begin the programme' }).click();
    await expect(page.getByText('A password has twelve characters or more.')).toBeVisible();
    await expect(page.getByLabel('Name of the programme')).toHaveValue('Reed Bank Air');
    await page.getByLabel('Password').fill(PASSWORD);
    await page.getByRole('button', { name: 'Begin the programme' }).click();

    await page.getByLabel('Add another building').fill('Boathouse');
    await page.getByRole('button', { name: 'Add a site' }).click();
    await expect(page.getByRole('heading', { name: 'Boathouse' })).toBeVisible();

    // Another device of the same person is signed out when the password changes; this one goes on.
    const other = await (await browser.newContext()).newPage();
    await other.goto('/sign-in');
    await other.getByLabel('Email').fill(email);
    await other.getByLabel('Password').fill(PASSWORD);
    await other.getByRole('button', { name: 'Sign in', exact: true }).click();
    await expect(other.getByRole('heading', { name: 'Boathouse' })).toBeVisible();
    await page.getByRole('link', { name: 'Tamsin Weir' }).click();
    await page.getByLabel('New password').fill('heron on the sluice');
    await page.getByLabel('Current password', { exact: true }).fill(PASSWORD);
    await page.getByRole('button', { name: 'Save account' }).click();
    await expect(page.getByText('Saved. Every other session has ended.')).toBeVisible();
    await other.reload();
    await expect(other.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Account' })).toBeVisible();
});
