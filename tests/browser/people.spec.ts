import { expect, test } from '@playwright/test';
import { signIn } from './steps';

test('an organiser invites somebody by a link, who comes in once, in the role that was given', async ({ page, browser }) => {
    await signIn(page);
    await page.goto('/programmes/1/people');
    await expect(page.getByText('Looks at everything and changes nothing.')).toBeVisible();
    await page.getByRole('button', { name: 'Make a link' }).click();
    const link = (await page.locator('[data-test=link]').textContent()) ?? '';

    const stranger = await (await browser.newContext()).newPage();
    await stranger.goto(link);
    await expect(stranger.getByText('Wren Halloway invites you.')).toBeVisible();
    await stranger.getByLabel('Your name').fill('Isa Fenn');
    await stranger.getByLabel('Email').fill(`isa-${Date.now()}@reedbank.example`);
    await stranger.getByLabel('Password').fill('bulrush by the weir');
    await stranger.getByRole('button', { name: 'Join' }).click();
    await expect(stranger.getByRole('heading', { name: 'Millrace Primary' })).toBeVisible();

    const late = await (await browser.newContext()).newPage();
    await late.goto(link);
    await expect(late.getByText('This link was used already')).toBeVisible();

    await page.reload();
    const member = page.locator('[data-test=member]', { hasText: 'Isa Fenn' });
    await expect(member).toContainText('Builder');
    await member.getByRole('button', { name: 'Remove' }).click();
    await page.locator('.ant-popover').getByRole('button', { name: 'Remove' }).click();
    await expect(member).toHaveCount(0);
    await stranger.reload();
    await expect(stranger.getByText('Millrace Primary')).toHaveCount(0);

    // The last organiser stays.
    const me = page.locator('[data-test=member]', { hasText: '(you)' });
    await me.getByRole('button', { name: 'Leave' }).click();
    await page.locator('.ant-popover').getByRole('button', { name: 'Leave' }).click();
    await expect(page.getByText('This is the last organiser.')).toBeVisible();
});
