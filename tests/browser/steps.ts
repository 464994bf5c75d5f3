import { expect, type Locator, type Page } from '@playwright/test';

export const ORGANISER = { email: 'wren@alderfen.example', password: 'reed-and-willow' };

export async function signIn(page: Page, who: { email: string; password: string } = ORGANISER): Promise<void> {
    await page.goto('/sign-in');
    await page.getByLabel('Email').fill(who.email);
    await page.getByLabel('Password').fill(who.password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'Millrace Primary' })).toBeVisible();
    await dropDrafts(page);
}

/** What an earlier test left unsaved is kept by the server: every test begins without. */
async function dropDrafts(page: Page): Promise<void> {
    await page.evaluate(async () => {
        const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
        const headers = { Accept: 'application/json', 'X-XSRF-TOKEN': token };
        for (let room = 1; room < 12; room++) await fetch(`/api/v1/rooms/${room}/draft`, { method: 'DELETE', headers });
    });
}

/** The number at the front of a shown figure: 702 of “702 cfm”. */
export const number = (text: string | null): number => Number((text ?? '').replace(/,/g, '').match(/-?[\d.]+/)?.[0]);

/** Chooses one of a list that is opened, by its words. */
export async function choose(page: Page, label: string, words: string | RegExp): Promise<void> {
    await page.locator('.ant-select-selector', { has: page.getByRole('combobox', { name: label }) }).click();
    await page.locator('.ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option', { hasText: words }).first().click();
}

/** Picks one of a few that are all in sight, by its words. */
export async function pick(page: Page | Locator, words: string): Promise<void> {
    await page
        .locator('label', { has: page.getByText(words, { exact: true }) })
        .first()
        .click();
}

/** Goes to a stage of the job. */
export const stage = (page: Page, name: string): Promise<void> =>
    page
        .getByRole('navigation', { name: 'Stages of the job' })
        .getByRole('button', { name: new RegExp(`^(check )?(\\d )?${name}\\b`) })
        .click();

/** Turns to a view of what is on the bench or of the room. */
export const view = (page: Page, name: string): Promise<void> => page.getByRole('tab', { name, exact: true }).click();

/** The number of units on the bench. */
export const units = (page: Page) => page.getByRole('spinbutton', { name: 'Units' });

export const row = (page: Page, name: string) => page.locator(`[data-row=${name}]`);

export const side = (page: Page, name: string) => page.locator(`input[data-side=${name}]`);

export async function measureRoom(page: Page, name: string, sides: { length: string; width: string; height: string }): Promise<void> {
    await page.getByRole('link', { name: '+ Add a room' }).first().click();
    await page.getByLabel('Name of the room').fill(name);
    await page.getByRole('textbox', { name: 'People' }).fill('25');
    for (const [key, text] of Object.entries(sides)) await side(page, key).fill(text);
}
