import { PASSWORD, PHONE, counter, expect, join, releaseNow, test } from './dew.js';

test('taps made without a connection wait on the phone and are counted once', async ({ world, device }) => {
    await releaseNow(await device(), world);
    const page = await device({ viewport: PHONE });
    const quilt = await join(page, world);
    await page.goto(`${quilt}/clues/1`);
    const sewn = counter(page, 'Sewn Wake four-patch');

    await page.context().setOffline(true);
    await sewn.tap(/add 1$/);
    await sewn.tap(/add 10$/);
    await sewn.reads(11);
    await sewn.says('Kept on this device; sent as soon as there is a connection.');
    await page.context().setOffline(false);
    await page.reload();
    await sewn.reads(11);
    await page.reload();
    await sewn.reads(11);
    expect(await page.evaluate(() => Object.keys(localStorage))).toEqual([]);
});

test('an answer that is lost on the way does not count a tap twice', async ({ world, device }) => {
    await releaseNow(await device(), world);
    const page = await device({ viewport: PHONE });
    const quilt = await join(page, world);
    await page.goto(`${quilt}/clues/1`);
    const sewn = counter(page, 'Sewn Wake four-patch');
    let lost = 0;
    await page.route('**/taps', async (route) => {
        const response = await route.fetch();
        lost += 1;
        return lost === 1 ? route.abort('connectionreset') : route.fulfill({ response });
    });
    await sewn.tap(/add 10$/);
    await expect.poll(() => lost, { timeout: 15_000 }).toBeGreaterThan(1);
    await sewn.reads(10);
    await page.reload();
    await sewn.reads(10);
});

test('taps made after the session has ended are kept, and sent after the next sign-in', async ({ world, device }) => {
    await releaseNow(await device(), world);
    const page = await device({ viewport: PHONE });
    const quilt = await join(page, world);
    await page.goto(`${quilt}/clues/1`);
    const sewn = counter(page, 'Sewn Wake four-patch');
    await sewn.tap(/add 1$/);
    await sewn.reads(1);
    await expect.poll(() => page.evaluate(() => Object.keys(localStorage))).toEqual([]);
    await page.context().clearCookies();
    await sewn.tap(/add 10$/);
    await sewn.reads(11);
    await expect(page.getByText('You have been signed out.')).toBeVisible();
    await page.getByRole('main').getByRole('link', { name: 'Sign in' }).click();
    await page.getByLabel('E-mail address').fill(world.member);
    await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
    await page.getByRole('main').getByRole('button', { name: 'Sign in' }).click();
    await expect(page).toHaveURL(new RegExp('/clues/1$'));
    await sewn.reads(11);
    await expect.poll(() => page.evaluate(() => Object.keys(localStorage))).toEqual([]);
    await page.reload();
    await sewn.reads(11);
});

test('taps of a page whose token is too old are sent with the new one', async ({ world, device }) => {
    await releaseNow(await device(), world);
    const page = await device({ viewport: PHONE });
    const quilt = await join(page, world);
    await page.goto(`${quilt}/clues/1`);
    const sewn = counter(page, 'Sewn Wake four-patch');
    await page.context().clearCookies({ name: 'XSRF-TOKEN' });
    await sewn.tap(/add 10$/);
    await expect.poll(() => page.evaluate(() => Object.keys(localStorage))).toEqual([]);
    await page.reload();
    await sewn.reads(10);
});

test('counting works without script', async ({ world, device }) => {
    await releaseNow(await device(), world);
    const page = await device({ viewport: PHONE, javaScriptEnabled: false });
    const quilt = await join(page, world, 's-crib');
    await page.goto(`${quilt}/clues/1`);
    const sewn = counter(page, 'Sewn Beam half-square triangle');
    await sewn.tap(/all 40/);
    await sewn.reads(40);
    await sewn.tap(/add 1$/);
    await sewn.says('All 40 are counted already, perhaps on another device.');
});

test('a count can be made by keyboard alone', async ({ world, device }) => {
    await releaseNow(await device(), world);
    const page = await device();
    const quilt = await join(page, world);
    await page.goto(`${quilt}/clues/1`);
    await page.keyboard.press('Tab');
    await expect(page.getByRole('link', { name: 'Skip to the content' })).toBeFocused();
    const sewn = counter(page, 'Sewn Beam half-square triangle');
    await expect(page.locator('html')).toHaveAttribute('data-ready', '');
    await sewn.box.getByRole('button', { name: /add 1$/ }).focus();
    await page.keyboard.press('Enter');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Space');
    await sewn.reads(3);
});

test('twenty taps at one moment count twenty; the same tap twenty times counts one', async ({ world, device }) => {
    await releaseNow(await device(), world);
    const page = await device();
    const quilt = await join(page, world);
    await page.goto(`${quilt}/clues/1`);
    const send = (ids) =>
        page.evaluate(
            async ([url, taps]) => {
                const token = document.querySelector('meta[name="csrf-token"]').content;
                const answers = await Promise.all(
                    taps.map((id) =>
                        fetch(url, {
                            method: 'POST',
                            headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': token },
                            body: JSON.stringify({ id, kind: 'add', task: 't-wake', counter: 'sewn', amount: 1 }),
                        }),
                    ),
                );
                return answers.map((answer) => answer.status);
            },
            [`${quilt}/clues/1/taps`, ids],
        );
    const id = (n) => `00000000-0000-4000-8000-${Date.now().toString(16).padStart(10, '0').slice(-10)}${n.toString(16).padStart(2, '0')}`;

    expect(new Set(await send(Array.from({ length: 20 }, (_, n) => id(n))))).toEqual(new Set([200]));
    expect(new Set(await send(Array(20).fill(id(99))))).toEqual(new Set([200]));
    await page.reload();
    await counter(page, 'Sewn Wake four-patch').reads(21);
});

test('a page that was drawn before a tap was counted puts itself right', async ({ world, device }) => {
    await releaseNow(await device(), world);
    const page = await device({ viewport: PHONE });
    const quilt = await join(page, world);
    await page.goto(`${quilt}/clues/1`);
    const sewn = counter(page, 'Sewn Wake four-patch');
    const drawnBefore = await (await page.request.get(`${quilt}/clues/1`)).text();
    await sewn.tap(/add 10$/);
    await expect(sewn.box.getByRole('button', { name: 'Undo' })).toBeVisible();
    await page.route(`**${quilt}/clues/1`, (route) => route.fulfill({ contentType: 'text/html', body: drawnBefore }));
    await page.reload();
    await sewn.reads(10);
});
