import { expect, type BrowserContext, type Locator, type Page } from '@playwright/test';

export const ORGANISER = { email: 'wren@alderfen.example', password: 'reed-and-willow' };

const ADDRESS = process.env.JORNEL_URL ?? 'http://127.0.0.1:8080';

interface Person {
    email: string;
    password: string;
}

type Cookies = Awaited<ReturnType<BrowserContext['cookies']>>;

/** Each person signs in once; every test of theirs goes on in that session. */
const sessions = new Map<string, Cookies>();

/** A browser in which somebody is signed in, with no drafts of earlier tests: the server keeps those. */
export async function signIn(page: Page, who: Person = ORGANISER): Promise<void> {
    const cookies = sessions.get(who.email) ?? (await newSession(page, who));
    sessions.set(who.email, cookies);
    await page.context().addCookies(cookies);
    const headers = await token(page);
    await Promise.all(
        Array.from({ length: 11 }, (_, room) => page.request.delete(`${ADDRESS}/api/v1/rooms/${room + 1}/draft`, { headers })),
    );
}

/** The same through the form, as a person does it, up to the programme page. */
export async function signInByForm(page: Page, who: Person = ORGANISER): Promise<void> {
    await page.goto('/sign-in');
    await page.getByLabel('Email').fill(who.email);
    await page.getByLabel('Password').fill(who.password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'Millrace Primary' })).toBeVisible();
}

async function newSession(page: Page, who: Person): Promise<Cookies> {
    await page.request.get(`${ADDRESS}/sanctum/csrf-cookie`);
    const answer = await page.request.post(`${ADDRESS}/api/v1/session`, { data: who, headers: await token(page) });
    expect(answer.status()).toBeLessThan(300);

    return page.context().cookies();
}

export async function token(page: Page): Promise<Record<string, string>> {
    const cookies = await page.context().cookies();

    return {
        Accept: 'application/json',
        Referer: ADDRESS,
        'X-XSRF-TOKEN': decodeURIComponent(cookies.find((one) => one.name === 'XSRF-TOKEN')?.value ?? ''),
    };
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
    await page.goto('/');
    await page.getByRole('link', { name: '+ Add a room' }).first().click();
    await page.getByLabel('Name of the room').fill(name);
    await page.getByRole('textbox', { name: 'People' }).fill('25');
    for (const [key, text] of Object.entries(sides)) await side(page, key).fill(text);
}
