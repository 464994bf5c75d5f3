import { expect, test, type Page } from '@playwright/test';
import { signIn, token } from './steps';

const bar = (page: Page, task: string) => page.locator(`[data-task="${task}"]`).first();

/** A day of the demo’s builds, of its own. */
async function add(page: Page): Promise<number> {
    const someone = (name: string, skills: string[], adult = true) => ({ name, skills, adult, from: 0, to: null });
    const answer = await page.request.post('/api/v1/programmes/1/days', {
        headers: await token(page),
        data: {
            name: 'Test day',
            starts_at: '2026-12-12T09:30',
            units: [{ version: 1, count: 2 }],
            people: [
                someone('Wren Halloway', ['cutting', 'taping', 'checking']),
                someone('Ossian Pike', ['cutting', 'taping', 'checking']),
                someone('Juno', ['taping'], false),
                someone('Elio', ['checking']),
            ],
            tools: { knife: 1 },
            tables: 2,
            breaks: [],
        },
    });
    return ((await answer.json()) as { id: number }).id;
}

test('a day is planned, a task is pulled to another time, and what does not go says why', async ({ page }) => {
    await signIn(page);
    const day = await add(page);
    await page.goto(`/days/${day}`);
    await page.getByRole('button', { name: 'Plan the day' }).click();
    await expect(bar(page, '1.count')).toBeVisible();
    await expect(page.getByText(/at the least/).first()).toBeVisible();
    await expect(page.getByRole('button', { name: 'Plan anew' })).toBeVisible({ timeout: 15_000 });

    // The last of the day goes on without anything in its way.
    const label = bar(page, '2.label');
    const before = await label.getAttribute('aria-label');
    await label.focus();
    await label.press('Shift+ArrowRight');
    await expect(bar(page, '2.label')).not.toHaveAttribute('aria-label', before!);
    // A child does not cut.
    const cut = (await bar(page, '1.cut-board-24x36').locator('rect').boundingBox())!;
    const juno = (await page.locator('text.row', { hasText: 'Juno' }).boundingBox())!;
    await page.mouse.move(cut.x + cut.width / 2, cut.y + cut.height / 2);
    await page.mouse.down();
    await page.mouse.move(cut.x + cut.width / 2 + 6, juno.y + juno.height / 2, { steps: 6 });
    await page.mouse.up();
    await expect(page.getByText('Juno is no adult: blades and hot glue are for adults only.')).toBeVisible();

    await page.getByText('By table').click();
    await expect(page.locator('text.row', { hasText: 'Knife' })).toBeVisible();
    const pdf = await page.request.get((await page.getByRole('link', { name: 'Run sheet and cards' }).getAttribute('href'))!);
    expect(pdf.headers()['content-type']).toBe('application/pdf');
    await page.request.delete(`/api/v1/days/${day}`, { headers: await token(page) });
});

test('on the day what is ticked at a table is seen, somebody goes, and the rest is planned anew from now', async ({ page, browser }) => {
    test.slow();
    await signIn(page);
    const day = await add(page);
    await page.goto(`/days/${day}`);
    await page.getByRole('button', { name: 'Plan the day' }).click();
    await expect(page.getByRole('button', { name: 'Plan anew' })).toBeVisible({ timeout: 15_000 });
    await page.getByRole('button', { name: 'Begin the day' }).click();
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    await expect(page.getByText(/0 of 32 done/)).toBeVisible();

    const table = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await signIn(table);
    await bar(page, '1.count').click();
    await table.goto((await page.getByRole('link', { name: 'Open its guide' }).getAttribute('href'))!);
    await table.getByRole('checkbox').first().click();
    await table.getByRole('button', { name: 'Done', exact: true }).click();
    await expect(page.getByText(/1 of 32 done/)).toBeVisible({ timeout: 15_000 });
    await expect(bar(page, '1.count')).toHaveClass(/done/);

    await page.getByRole('button', { name: 'Remove Juno' }).click();
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Remove Juno' })).toBeHidden();
    await page.getByRole('button', { name: /Plan/ }).first().click();
    await expect(page.locator('text.row', { hasText: 'Juno' })).toBeHidden({ timeout: 15_000 });
    await expect(bar(page, '1.count')).toHaveClass(/done/);

    await bar(page, '2.count').click();
    await page.getByRole('button', { name: 'Unit 2 cannot go on' }).click();
    await page.getByRole('button', { name: 'Set it aside' }).click();
    await expect(page.getByText('Unit 2 is set aside today.')).toBeVisible();
    await expect(page.getByText(/1 of 16 done/)).toBeVisible();
    await page.getByRole('button', { name: 'It goes on' }).click();
    await expect(page.getByText(/1 of 32 done/)).toBeVisible();
    await table.context().close();

    const { made } = (await (await page.request.get(`/api/v1/days/${day}`)).json()) as { made: number[] };
    const headers = await token(page);
    await page.request.delete(`/api/v1/days/${day}`, { headers });
    for (const unit of made) await page.request.delete(`/api/v1/units/${unit}`, { headers });
});
