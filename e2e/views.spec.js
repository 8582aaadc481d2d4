import { LAPTOP, PHONE, audit, expect, join, open, openAll, releaseNow, signIn, startDesign, test } from './dew.js';

const NARROWEST = { width: 360, height: 740 };

const fits = async (page, path) => {
    const wider = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
    expect(wider, `${path} is wider than the screen`).toBeLessThanOrEqual(0);
};

/**
 * Looks at one page at three widths, for all rules at the one that its readers use most, and in the dark, where only colours differ.
 */
const check = async (page, path, usual = LAPTOP) => {
    await page.emulateMedia({ colorScheme: 'light' });
    await page.goto(path);
    for (const viewport of [LAPTOP, PHONE, NARROWEST].filter((one) => one !== usual)) {
        await page.setViewportSize(viewport);
        await fits(page, path);
    }
    await page.setViewportSize(usual);
    await fits(page, path);
    await audit(page, path);
    await page.emulateMedia({ colorScheme: 'dark' });
    await audit(page, `${path} in the dark`, { type: 'rule', values: ['color-contrast'] });
};

for (const [what, pages] of [
    ['the clue and the bench', ['', '/clues/1', '/clues/1/mat', '/bench', '/bench/borders', '/bench/back', '/bench/binding', '/quilt']],
    ['cloth', ['/fabrics', '/values', '/kits']],
]) {
    test(`every view of a member about ${what} is accessible and fits, in light and dark`, async ({ world, device }) => {
        test.slow();
        await releaseNow(await device(), world);
        const member = await device();
        const quilt = await join(member, world);
        for (const page of pages) await check(member, `${quilt}${page}`, PHONE);
        for (const page of what === 'cloth' ? ['/home', '/account', '/join', `/join/${world.code}`] : []) await check(member, page, PHONE);
    });
}

test('every view of the bench is accessible and fits once everything is open, in light and dark', async ({ world, device }) => {
    test.slow();
    await openAll(await device(), world);
    const member = await device();
    const quilt = await join(member, world);
    for (const page of ['/bench/layout', '/bench/assembly', '/bench/quilting', '/bench/left']) await check(member, `${quilt}${page}`, PHONE);
});

test('every view of a host is accessible and fits, in light and dark', async ({ world, device }) => {
    test.slow();
    const host = await device();
    await releaseNow(host, world);
    for (const page of ['', '/design/published', '/clues', '/clues/1', '/dates', '/people', '/kits', '/yardage', '/pressing', '/hands', '/settings', '/history']) await check(host, `/host/${world.slug}${page}`);
});

for (const [what, pages] of [
    ['the design', ['', '/blocks', '/blocks/b-lantern', '/units/u-wake', '/cloth', '/library']],
    ['the clues', ['/clues', '/clues/k-casting-off', '/split']],
    ['the proof and the versions', ['/proof', '/versions', '/versions/1']],
]) {
    test(`every page of the workshop about ${what} is accessible and fits, in light and dark`, async ({ world, device }) => {
        test.slow();
        const host = await device();
        await signIn(host, world.owner);
        for (const page of pages) await check(host, `/host/${world.slug}/design${page}`);
    });
}

test('the page on which a quilt-along is started is accessible and fits, in light and dark', async ({ world, device }) => {
    const host = await device();
    await signIn(host, world.owner);
    await check(host, '/start');
});

test('a block on 60° axes, other ways to turn its parts and the grid of an outline are accessible and fit', async ({ world, device }) => {
    test.slow();
    const host = await device();
    const desk = await startDesign(host, world, 'salt-lattice');
    await open(host, `${desk}/design/blocks`);
    const block = await host.locator('.block-link').first().getAttribute('href');
    await open(host, block);
    await host.getByText('Other ways to turn its parts').click();
    await host.getByRole('button', { name: 'Add another way' }).click();
    await expect(host.getByText('Nothing is turned in it yet')).toBeVisible();
    await check(host, block);
    const other = await device();
    const unit = `${await startDesign(other, world, 'two-tides')}/design/units/u-hst4-gb`;
    await open(other, unit);
    await other.getByLabel('Kind of unit').selectOption({ label: 'Pieces of your own' });
    await expect(other.getByRole('region', { name: 'Setting outlines on a grid' })).toBeVisible();
    await check(other, unit);
});

test('every view of a guest is accessible and fits, in light and dark', async ({ world, device }) => {
    test.slow();
    const guest = await device();
    for (const page of ['/', '/style', '/sign-in', '/register', '/forgot-password', '/post', `/join/${world.code}`, '/nowhere']) await check(guest, page);
});

test('curves, kites, strips, stars and whole blocks are shown', async ({ device }) => {
    test.slow();
    const host = await device();
    await signIn(host, 'wren@saltbox.example');
    for (const [clue, words] of [[6, 'Cut as the mirror image'], [8, 'pieces round the template'], [9, 'It looks wrong and is right'], [11, 'squares from the strip sets'], [13, 'Set squares of A into the corners']]) {
        await host.goto(`/host/kitchen-garden/clues/${clue}`);
        await expect(host.getByText(words).first()).toBeVisible();
        for (const viewport of [LAPTOP, PHONE, NARROWEST]) {
            await host.setViewportSize(viewport);
            await fits(host, `clue ${clue}`);
        }
    }
    await check(host, '/host/kitchen-garden/clues/13');
    await check(host, '/host/kitchen-garden/design/published?size=s-bed');
    await expect(host.getByText('65×82')).toBeVisible();
});

test('light and dark can be chosen, and the choice is kept', async ({ device }) => {
    const page = await device();
    await page.goto('/');
    await expect(page.locator('html')).toHaveAttribute('data-ready', '');
    await page.getByRole('button', { name: 'Light or dark' }).click();
    await expect(page.locator('html')).toHaveAttribute('data-bs-theme', 'dark');
    await page.goto('/sign-in');
    await expect(page.locator('html')).toHaveAttribute('data-bs-theme', 'dark');
});

test('the style page reads a length and says what is wrong with one', async ({ device }) => {
    const page = await device();
    await page.goto('/style');
    for (const [typed, words] of [['4 5/0', 'divides by zero'], ['-3', 'is below zero'], ['4 5/8 cm in', 'names two units'], ['4⅝', '4⅝ in = 4.625 in = 11.7 cm']]) {
        await page.getByLabel('Strip width').fill(typed);
        await page.getByRole('button', { name: 'Read it' }).click();
        await expect(page.locator('#length-note')).toContainText(words);
        await expect(page.getByLabel('Strip width')).toHaveValue(typed);
    }
});
