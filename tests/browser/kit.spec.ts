import { expect, test, type Page } from '@playwright/test';
import { signIn, token, view } from './steps';

const LIST = '/programmes/1/shopping';

test('parts lie on the fan’s carton; one moved by hand stays, and what does not go says why', async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/1/kit');
    await expect(page.getByText(/one sheet, none to buy/)).toBeVisible();
    const base = page.locator('[data-piece="A.1"]');
    await base.focus();
    await expect(page.locator('.stroke.picked[data-part="base"]').first()).toBeAttached();
    await base.press('ArrowRight');
    await expect(base).toHaveAttribute('aria-label', /stays where it is/);

    const box = (await base.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 - 120, box.y + box.height / 2, { steps: 5 });
    await page.mouse.up();
    await expect(page.getByText(/Part A\.1 does not go there/)).toBeVisible();
    await base.click();
    await page.getByRole('button', { name: 'Let it go' }).click();
    await expect(base).not.toHaveAttribute('aria-label', /stays where it is/);
});

test('a size is measured where the tape goes, and says by whom', async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/7/kit');
    await view(page, 'Sizes to measure');
    const blades = page.locator('li', { hasText: 'blade circle' });
    await expect(blades.getByText('is a guess')).toBeVisible();
    const fan = page.waitForResponse((response) => response.url().includes('/sizes') && response.request().method() === 'POST');
    await blades.getByLabel('Your tape says').fill('about so');
    await blades.getByRole('button', { name: 'Confirm' }).click();
    await fan;
    await expect(blades.getByRole('alert').or(blades.locator('.ant-form-item-explain, [class*=fault]')).first()).toBeVisible();
    const kept = page.waitForResponse((response) => response.url().includes('/sizes') && response.status() === 201);
    await blades.getByLabel('Your tape says').fill('18 1/4');
    await blades.getByRole('button', { name: 'Confirm' }).click();
    const { sizes } = (await (await kept).json()) as { sizes: { code: string; path: string; by: string }[] };
    await expect(blades.getByText(/18 1\/4 in measured, Wren/)).toBeVisible();
    const { code } = sizes.find(({ path }) => path === 'body.blade_circle')!;
    await page.request.delete(`/api/v1/programmes/1/parts/fan/${code}`, { headers: await token(page) });
});

test('pages of each part are shown before they are printed, and the files are there', async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/1/kit');
    await view(page, 'Print');
    await expect(page.getByRole('img', { name: 'Pages of B Shroud' })).toBeVisible();
    const link = page.getByRole('link', { name: /Full size, 18 pages/ });
    const pdf = await page.request.get((await link.getAttribute('href'))!);
    expect(pdf.headers()['content-type']).toBe('application/pdf');
    const zip = await page.request.get((await page.getByRole('link', { name: 'All files' }).getAttribute('href'))!);
    expect((await zip.body()).subarray(0, 2).toString()).toBe('PK');
});

const line = (page: Page, name: RegExp) => page.getByRole('list', { name: 'To buy' }).getByRole('button', { name });

test('the list is ticked off without a network, and two shoppers see each other’s ticks', async ({ page, browser }) => {
    await signIn(page);
    await page.goto(LIST);
    await expect(line(page, /Box fan 20 in, deep cage/)).toBeVisible();
    // What keeps the page has it once its own address is there.
    await expect
        .poll(() => page.evaluate(async () => !!(await caches.match(location.href)) && !!(await caches.match('/api/v1/session'))))
        .toBe(true);

    const other = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await signIn(other);
    await other.goto(LIST);
    await expect(line(other, /Feet/)).toBeVisible();

    await page.context().setOffline(true);
    await page.reload();
    await line(page, /Box fan 20 in, deep cage/).click();
    await expect(page.getByText('No network: your ticks are kept')).toBeVisible();
    await page.reload();
    await expect(line(page, /Box fan 20 in, deep cage/)).toHaveAttribute('aria-pressed', 'true');
    await line(other, /Feet/).click();
    await expect(line(other, /Box fan 20 in, deep cage/)).toHaveAttribute('aria-pressed', 'false');

    await page.context().setOffline(false);
    await expect(page.getByText('No network: your ticks are kept')).toBeHidden({ timeout: 20_000 });
    await expect(line(other, /Box fan 20 in, deep cage/)).toHaveAttribute('aria-pressed', 'true', { timeout: 15_000 });
    await expect(line(page, /Feet/)).toHaveAttribute('aria-pressed', 'true', { timeout: 15_000 });
    for (const name of [/Box fan 20 in, deep cage/, /Feet/]) {
        await line(page, name).click();
        await expect(line(page, name)).toHaveAttribute('aria-pressed', 'false');
        // It came through before the page is left.
        await expect(line(other, name)).toHaveAttribute('aria-pressed', 'false', { timeout: 15_000 });
    }
    await other.context().close();
});
