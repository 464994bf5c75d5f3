import { expect, test, type Page } from '@playwright/test';
import { signIn, token } from './steps';

/** Begins a unit of a room by its guide. */
async function begin(page: Page, room: number): Promise<number> {
    await page.goto(`/rooms/${room}/guide`);
    await page.getByRole('button', { name: 'Make a unit' }).click();
    await page.waitForURL(/\/units\/\d+/);
    return Number(/\d+$/.exec(page.url())![0]);
}
const drop = async (page: Page, unit: number) => page.request.delete(`/api/v1/units/${unit}`, { headers: await token(page) });
const holds = (page: Page) => page.getByRole('list', { name: 'See before you go on' }).getByRole('checkbox');
const done = (page: Page) => page.getByRole('button', { name: 'Done', exact: true });

test('the guide goes step by step with a picture that can be turned', async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/1/guide');
    await expect(page.getByText('16 steps')).toBeVisible();
    await page.getByRole('button', { name: /Set the fan in its place/ }).click();
    await expect(page.locator('.stroke.lit[data-part="fan"]').first()).toBeAttached();
    await expect(page.locator('.stroke.tape-new').first()).toBeAttached();
    const before = await page.locator('.stroke.lit[data-part="fan"]').first().getAttribute('d');
    const drawing = (await page.locator('.picture svg').boundingBox())!;
    await page.mouse.move(drawing.x + drawing.width / 2, drawing.y + drawing.height / 2);
    await page.mouse.down();
    await page.mouse.move(drawing.x + drawing.width / 2 - 150, drawing.y + drawing.height / 2, { steps: 6 });
    await page.mouse.up();
    await expect.poll(() => page.locator('.stroke.lit[data-part="fan"]').first().getAttribute('d')).not.toBe(before);
    await page.getByRole('button', { name: 'Next step' }).click();
    await expect(page.getByText('Centre the shroud’s hole over the blades').last()).toBeVisible();
});

test('a hold point is ticked before a step is done, others see it, and without a network nothing is lost or comes twice', async ({
    page,
    browser,
}) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    const unit = await begin(page, 1);
    await expect(page.getByRole('button', { name: 'Tick what you saw' })).toBeDisabled();
    await holds(page).first().click();
    await done(page).click();
    await expect(page.getByText('Step 2 ·')).toBeVisible();
    await expect
        .poll(() =>
            page.evaluate(async (at) => !!(await caches.match(location.href)) && !!(await caches.match(`/api/v1/units/${at}`)), unit),
        )
        .toBe(true);

    const other = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await signIn(other);
    await other.goto(`/units/${unit}`);
    await expect(other.getByText('Step 2 ·')).toBeVisible();

    await page.context().setOffline(true);
    await page.reload();
    await expect(page.locator('.picture svg')).toBeVisible();
    for (const hold of await holds(page).all()) await hold.click();
    await done(page).click();
    await expect(page.getByText('No network: what you tick is kept')).toBeVisible({ timeout: 10_000 });
    await page.reload();
    await expect(page.getByText('2 of 16 done')).toBeVisible();

    await page.context().setOffline(false);
    await expect(page.getByText('No network: what you tick is kept')).toBeHidden({ timeout: 20_000 });
    await expect(other.getByText('2 of 16 done')).toBeVisible({ timeout: 15_000 });
    const told = (await (await page.request.get(`/api/v1/units/${unit}`)).json()) as { steps: { done: unknown; seen: unknown[] }[] };
    expect(told.steps.slice(0, 3).map((step) => [step.done !== null, step.seen.length])).toEqual([
        [true, 1],
        [true, 2],
        [false, 0],
    ]);
    await other.context().close();
    await drop(page, unit);
});

test('glue rings when it holds, what went wrong leads to its mend and back, a photo stays with its step', async ({ page }) => {
    test.slow();
    await page.setViewportSize({ width: 390, height: 844 });
    await page.clock.install();
    await signIn(page);
    const unit = await begin(page, 5);
    await page.clock.runFor(2000);
    const list = page.getByRole('list', { name: 'All steps' });
    await list.getByRole('button', { name: /Lay the first filter flat/ }).click();
    await expect(page.getByText('Before this:')).toBeVisible();
    await holds(page).first().click();
    await done(page).click();
    await expect(page.getByRole('timer')).toContainText(/0:5\d|1:00/);
    // The screen sleeps; whoever looks again after that hears it.
    await page.clock.runFor(70_000);
    await expect(page.getByRole('timer')).toContainText('Time');
    await page.getByRole('timer').getByRole('button', { name: 'OK' }).click();

    await list.getByRole('button', { name: /Lay the first filter flat/ }).click();
    await page.getByRole('button', { name: 'This went wrong' }).click();
    await page.getByRole('button', { name: 'It is not square' }).click();
    await expect(page.getByText('Loosen the tack at one corner')).toBeVisible();
    await page.getByRole('button', { name: /Mended/ }).click();
    await page.clock.runFor(1000);
    await expect(page.getByText(/Measure both diagonals/).first()).toBeVisible();

    await page.locator('input[type=file]').setInputFiles({
        name: 'corner.png',
        mimeType: 'image/png',
        buffer: Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64'),
    });
    await expect(page.getByRole('img', { name: 'Photo of this step' })).toBeVisible();
    await drop(page, unit);
});

test('the code on a unit leads everybody to its page once an organiser opens it', async ({ page, browser }) => {
    await signIn(page);
    const { address } = (await (await page.request.get('/api/v1/units/1')).json()) as { address: string };
    const stranger = await (await browser.newContext()).newPage();
    const path = new URL(address).pathname;
    await stranger.goto(path);
    await expect(stranger.getByRole('heading', { name: 'Unit 1, by the window' })).toBeVisible();
    // The demo’s unit is 190 days old, its filters last half a year.
    await expect(stranger.getByText('Overdue since')).toBeVisible();
    await expect(stranger.getByText('Ossian')).toBeHidden();

    await page.goto('/units/1');
    await page.getByRole('switch').click();
    await expect(page.getByText('Only your programme can read that page')).toBeVisible();
    await stranger.reload();
    await expect(stranger.getByText('has not opened this page')).toBeVisible();
    await page.getByRole('switch').click();
    await expect(page.getByText('Everybody with the code')).toBeVisible();
    await stranger.context().close();
});
