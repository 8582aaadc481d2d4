import { PASSWORD, PHONE, expect, register, signInByHand, test } from './dew.js';

test('somebody registers, forgets her password, moves to a new address and leaves', async ({ world, device }) => {
    const email = `odile-${world.name}@rivers.example`;
    const page = await device({ viewport: PHONE });
    await page.goto('/register');
    await register(page, 'Odile Marsh', email);
    await expect(page.getByText('You are not in a quilt-along yet.')).toBeVisible();
    await page.goto('/account');
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page.getByText('You are signed out.')).toBeVisible();

    await page.goto('/sign-in');
    await page.getByRole('link', { name: 'Forgot your password?' }).click();
    await page.getByLabel('E-mail address').fill(email);
    await page.getByRole('button', { name: 'Send the link' }).click();
    await page.getByRole('link', { name: /post tray/ }).click();
    await page.getByLabel('Whose post?').fill(email);
    await page.getByRole('button', { name: 'Open the tray' }).click();
    await page.getByRole('link', { name: 'Choose a new password' }).click();
    await page.getByRole('article').getByRole('link', { name: 'Choose a new password' }).click();
    await page.getByLabel('New password').fill('a-new-long-password');
    await page.getByLabel('Password again').fill('a-new-long-password');
    await page.getByRole('button', { name: 'Save password' }).click();
    await expect(page.getByText('Your new password is saved.')).toBeVisible();
    await signInByHand(page, email, 'a-new-long-password');

    await page.goto('/account');
    const moved = `new-${email}`;
    const section = page.getByRole('region', { name: 'E-mail address' });
    await section.getByLabel('New e-mail address').fill(moved);
    await section.getByLabel('Your password now').fill('a-new-long-password');
    await section.getByRole('button').click();
    await expect(page.getByText(`Check ${moved}`)).toBeVisible();

    // The letter lies in the new address's tray: a device without a session reads it on this machine.
    const other = await device();
    await other.goto(`/post?to=${moved}`);
    await other.getByRole('link', { name: 'Confirm your new e-mail address' }).click();
    await page.goto(await other.getByRole('link', { name: 'Use this address' }).getAttribute('href'));
    await expect(page.getByText('Your e-mail address is changed.')).toBeVisible();

    const leave = page.getByRole('region', { name: 'Delete my account' });
    await leave.getByLabel('Your password now').fill('not-it-at-all');
    await leave.getByRole('button').click();
    await expect(leave.getByRole('alert')).toHaveText('That is not your password.');
    await leave.getByLabel('Your password now').fill('a-new-long-password');
    await leave.getByRole('button').click();
    await expect(page.getByText('Your account and everything in it are gone.')).toBeVisible();
    await page.goto('/sign-in');
    await page.getByLabel('E-mail address').fill(moved);
    await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
    await page.getByRole('main').getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByText('no account matches them')).toBeVisible();
    await expect(page.getByLabel('E-mail address')).toHaveValue(moved);
});
