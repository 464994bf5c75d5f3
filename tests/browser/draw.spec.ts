import { expect, test, type Page } from '@playwright/test';
import { choose, number, row, side, signIn, view } from './steps';

const floor = (page: Page) => page.locator('dl dd').first();
const air = (page: Page) => page.locator('dl dd').nth(1);

async function middle(page: Page, selector: string): Promise<{ x: number; y: number }> {
    const box = (await page.locator(selector).boundingBox())!;
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

async function pull(page: Page, from: { x: number; y: number }, by: { x: number; y: number }): Promise<void> {
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x + by.x, from.y + by.y, { steps: 6 });
    await page.mouse.up();
}

test('a room is dragged, taped, bent and furnished, and kept as it was drawn', async ({ page }) => {
    await signIn(page);
    await page.goto('/');
    await page.getByRole('link', { name: '+ Add a room' }).first().click();
    await page.getByLabel('Name of the room').fill('Drawn hall');
    await page.getByRole('textbox', { name: 'People' }).fill('10');

    // A rectangle by dragging: floor and air come along with it.
    const mat = (await page.locator('svg.empty').boundingBox())!;
    await pull(page, { x: mat.x + 80, y: mat.y + mat.height - 60 }, { x: 300, y: -200 });
    await expect(page.locator('[role=button][data-corner]')).toHaveCount(4);
    await expect(floor(page)).toContainText('ft²');

    // The tape corrects two walls; the opposite ones follow.
    await page.locator('[data-length="0"]').fill("24'");
    await page.keyboard.press('Enter');
    await page.locator('[data-length="1"]').fill('18 ft');
    await page.keyboard.press('Enter');
    await expect(floor(page)).toHaveText('432 ft²');
    await expect(page.locator('[data-length="2"]')).toHaveValue('24′');
    await expect(air(page)).toHaveText('3,456 ft³');
    // A third reading that does not close is said at its wall, and nothing is lost.
    await page.locator('[data-length="2"]').fill('25 ft');
    await page.keyboard.press('Enter');
    await expect(page.getByText('The walls already measured leave 24′ here; this is 1′ more.')).toBeVisible();
    await page.getByRole('button', { name: 'Keep 24′' }).click();
    await expect(page.locator('[data-length="2"]')).toHaveValue('24′');

    // A slope: one corner's ceiling is higher.
    await page.locator('[data-corner="2"]').click();
    await page.getByLabel('Ceiling here').fill('12 ft');
    await expect.poll(async () => number(await air(page).textContent())).toBeGreaterThan(3456);

    // A corner pulled inwards makes the floor smaller; undone in one step.
    await pull(page, await middle(page, '[data-corner="0"] .dot'), { x: 60, y: -40 });
    await expect.poll(async () => number(await floor(page).textContent())).toBeLessThan(432);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(floor(page)).toHaveText('432 ft²');

    // A built-in takes air and no floor; a heater is a caution.
    const before = number(await air(page).textContent());
    await page.getByRole('button', { name: 'Built-in', exact: true }).click();
    await page.getByLabel('Width').fill('4 ft');
    await page.getByLabel('Depth').fill('2 ft');
    await page.getByRole('region', { name: 'Selection' }).getByLabel('Height').fill('5 ft');
    await expect.poll(async () => number(await air(page).textContent())).toBeCloseTo(before - 40, -1);
    await page.getByRole('button', { name: 'Heater or stove', exact: true }).click();
    await page.getByRole('button', { name: 'Seat', exact: true }).click();
    await page.getByRole('button', { name: 'Door', exact: true }).click();
    await choose(page, 'Leads to', 'Music room');

    await page.getByRole('button', { name: 'Save the room' }).click();
    await expect(page).toHaveURL(/\/rooms\/\d+\/target/);
    await page.goto(page.url().replace(/target$/, 'room'));
    await expect(floor(page)).toHaveText('432 ft²');
    await expect(page.locator('[data-furnishing]')).toHaveCount(4);
    await expect(page.getByRole('button', { name: 'Door to Music room' })).toBeVisible();
    await view(page, 'In 3D');
    await expect(page.locator('.appliance').first()).toBeVisible();

    // The seat's level stands in the ledger as soon as something is built.
    await page.goto(page.url().replace(/room$/, 'build'));
    await expect(row(page, 'seat_level')).toContainText('dBA');

    // The door has no other side yet, and the plan of the site says so.
    await page.goto('/programmes/1/sites/1/plan');
    await expect(page.getByText('A door of Drawn hall leads to Music room, which has none leading back').first()).toBeVisible();
    await expect(page.getByRole('heading', { name: /2 rooms joined/ })).toBeVisible();
});

test('a plain rectangle keeps its readings until it is bent, and everything is reached by keyboard', async ({ page }) => {
    await signIn(page);
    await page.goto('/rooms/8/room');
    await expect(side(page, 'length')).toHaveValue(/16′ 5″/);
    const was = await floor(page).textContent();
    await page.locator('[data-wall="1"]').focus();
    await page.keyboard.press('Shift+ArrowRight');
    await expect(floor(page)).not.toHaveText(was ?? '');
    await expect(page.locator('[data-length]')).toHaveCount(4);
    await page.keyboard.press('Control+z');
    await expect(side(page, 'length')).toHaveValue(/16′ 5″/);
    await page.getByRole('button', { name: 'Start again' }).click();
    await expect(page.locator('svg.empty')).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(side(page, 'length')).toHaveValue(/16′ 5″/);
    await expect(floor(page)).toHaveText(was ?? '');
    await page.locator('[data-furnishing="2"]').focus();
    await page.keyboard.press('Delete');
    await expect(page.locator('[data-furnishing]')).toHaveCount(4);
});
