import { expect, test, type Page } from '@playwright/test';
import { signIn } from './steps';

const PASSWORD = 'bulrush by the weir';

/** A programme of somebody's own, so that the demo stays as it is for others. */
async function begin(page: Page): Promise<string> {
    const email = `rooms-${Date.now()}@reedbank.example`;
    await page.goto('/sign-in');
    await page.getByRole('button', { name: 'Begin a programme of your own' }).click();
    await page.getByLabel('Name of the programme').fill('Reed Bank Air');
    await page.getByLabel('Your name').fill('Tamsin Weir');
    await page.getByLabel('Email').fill(email);
    await page.getByLabel('Password').fill(PASSWORD);
    await page.getByRole('button', { name: 'Begin the programme' }).click();
    for (const site of ['Boathouse', 'Ferry hall']) {
        await page.getByLabel('Add another building').fill(site);
        await page.getByRole('button', { name: 'Add a site' }).click();
        await expect(page.getByRole('heading', { name: site })).toBeVisible();
    }
    return email;
}

test.describe('a programme of somebody’s own', () => {
    test.use({ storageState: { cookies: [], origins: [] } });

    test('twelve rooms like one, moved, deleted and brought back, with who did it told', async ({ page }) => {
        await begin(page);
        const boathouse = page.locator('section', { has: page.getByRole('heading', { name: 'Boathouse' }) });
        await boathouse.getByRole('link', { name: '+ Add a room' }).click();
        await page.getByLabel('Name of the room').fill('Bay 1');
        await page.getByRole('textbox', { name: 'People' }).fill('6');
        const mat = (await page.locator('svg.empty').boundingBox())!;
        await page.mouse.move(mat.x + 80, mat.y + mat.height - 60);
        await page.mouse.down();
        await page.mouse.move(mat.x + 380, mat.y + mat.height - 260, { steps: 6 });
        await page.mouse.up();
        await expect(page.locator('[role=button][data-corner]')).toHaveCount(4);
        await page.getByRole('button', { name: 'Save the room' }).click();
        await expect(page).toHaveURL(/\/rooms\/\d+\/target/);
        await page.getByRole('link', { name: 'Reed Bank Air' }).click();

        await page.getByRole('button', { name: 'More for Bay 1' }).click();
        await page.getByRole('menuitem', { name: 'Make more like this' }).click();
        await page.getByLabel('How many').fill('12');
        await page.getByLabel('Name, with # for the number').fill('Bay');
        await page.getByRole('button', { name: 'Add them' }).click();
        await expect(page.getByText('Put a # where the number goes')).toBeVisible();
        await page.getByLabel('Name, with # for the number').fill('Bay #');
        await page.getByRole('button', { name: 'Add them' }).click();
        await expect(boathouse.getByText('13 rooms:')).toBeVisible();
        await expect(boathouse.getByRole('link', { name: /Bay 13/ })).toBeVisible();

        await page.getByRole('button', { name: 'More for Bay 13' }).click();
        await page.getByRole('menuitem', { name: 'Move to another site' }).click();
        await page.getByRole('dialog').getByRole('button', { name: 'Move' }).click();
        const hall = page.locator('section', { has: page.getByRole('heading', { name: 'Ferry hall' }) });
        await expect(hall.getByRole('link', { name: /Bay 13/ })).toBeVisible();

        // Undone at once, or later from the list.
        await page.getByRole('button', { name: 'More for Bay 7' }).click();
        await page.getByRole('menuitem', { name: 'Delete' }).click();
        await expect(boathouse.getByRole('link', { name: /Bay 7/ })).toHaveCount(0);
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(boathouse.getByRole('link', { name: /Bay 7/ })).toBeVisible();
        await page.getByRole('button', { name: 'More for Ferry hall' }).click();
        await page.getByRole('menuitem', { name: 'Delete with its rooms' }).click();
        await expect(hall).toHaveCount(0);
        await page.getByRole('link', { name: 'Activity' }).click();
        await expect(page.getByText('made 12 rooms like “Bay 1”')).toBeVisible();
        await page.getByRole('region', { name: 'Deleted' }).getByRole('button', { name: 'Bring back' }).click();
        await expect(page.getByText('brought the site “Ferry hall” back')).toBeVisible();
        await page.getByRole('link', { name: 'Rooms' }).click();
        await expect(hall.getByRole('link', { name: /Bay 13/ })).toBeVisible();

        // Put in another order, and archived as a whole.
        await page.getByRole('button', { name: 'More for Ferry hall' }).click();
        await page.getByRole('menuitem', { name: 'Move up' }).click();
        await expect(page.getByRole('heading', { level: 2 }).first()).toHaveText('Ferry hall');
        await page.getByRole('link', { name: 'Settings' }).click();
        await page.getByRole('button', { name: 'Archive' }).click();
        await page.locator('.ant-popover').getByRole('button', { name: 'Archive' }).click();
        await expect(page.getByRole('heading', { name: 'Archived' })).toBeVisible();
        await page.getByRole('link', { name: /Reed Bank Air/ }).click();
        await expect(page.getByText('This programme is archived')).toBeVisible();
        await expect(page.getByRole('link', { name: '+ Add a room' })).toHaveCount(0);
        await page.getByRole('button', { name: 'Bring it back' }).click();
        await expect(page.getByRole('link', { name: '+ Add a room' }).first()).toBeVisible();
    });
});

test('a member who forgot the password sets another by a link of the organiser', async ({ page, browser }) => {
    await signIn(page);
    await page.goto('/programmes/1/people');
    await page.getByRole('button', { name: 'Make a link' }).click();
    const invitation = (await page.locator('[data-test=link]').textContent()) ?? '';
    const member = await (await browser.newContext()).newPage();
    const email = `forgetful-${Date.now()}@reedbank.example`;
    await member.goto(invitation);
    await member.getByLabel('Your name').fill('Fern Addle');
    await member.getByLabel('Email').fill(email);
    await member.getByLabel('Password').fill(PASSWORD);
    await member.getByRole('button', { name: 'Join' }).click();
    await expect(member.getByRole('heading', { name: 'Millrace Primary' })).toBeVisible();

    await page.reload();
    const row = page.locator('[data-test=member]', { hasText: 'Fern Addle' });
    await row.getByRole('button', { name: 'Password link' }).click();
    await expect(page.getByText('With this link Fern Addle sets another password')).toBeVisible();
    const link = (await page.locator('[data-test=link]').first().textContent()) ?? '';
    const again = await (await browser.newContext()).newPage();
    await again.goto(link);
    await again.getByLabel('New password').fill('heron on the sluice');
    await again.getByRole('button', { name: 'Set it and sign in' }).click();
    await expect(again.getByRole('heading', { name: 'Millrace Primary' })).toBeVisible();
    // The session that was open has ended.
    await member.reload();
    await expect(member.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible();
    await member.getByRole('button', { name: 'Forgot your password?' }).click();
    await expect(member.getByText('Ask an organiser of your programme')).toBeVisible();

    await row.getByRole('button', { name: 'Remove' }).click();
    await page.locator('.ant-popover').getByRole('button', { name: 'Remove' }).click();
    await expect(row).toHaveCount(0);
});
