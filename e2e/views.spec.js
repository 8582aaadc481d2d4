import AxeBuilder from '@axe-core/playwright';
import { LAPTOP, PHONE, expect, join, releaseNow, signIn, test } from './dew.js';

const check = async (page, path) => {
    await page.goto(path);
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']).analyze();
    expect(violations.map(({ id, nodes }) => `${path} ${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`)).toEqual([]);
    const wider = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
    expect(wider, `${path} is wider than the screen`).toBeLessThanOrEqual(0);
};

for (const colorScheme of ['light', 'dark']) {
    for (const [width, viewport] of [['a laptop', LAPTOP], ['a phone', PHONE], ['the narrowest phone', { width: 360, height: 740 }]]) {
        test(`every main view is accessible and fits ${width}, ${colorScheme}`, async ({ world, device }) => {
            test.slow();
            await releaseNow(await device(), world);
            const member = await device({ viewport, colorScheme });
            const quilt = await join(member, world, `mara-${world.name}@rivers.example`);
            for (const page of ['', '/clues/1', '/fabrics', '/bench', '/quilt']) await check(member, `${quilt}${page}`);
            for (const page of ['/home', '/account', '/join', `/join/${world.code}`]) await check(member, page);

            const host = await device({ viewport, colorScheme });
            await signIn(host, world.owner);
            for (const page of ['', '/design', '/clues', '/clues/1', '/people']) await check(host, `/host/${world.slug}${page}`);

            const guest = await device({ viewport, colorScheme });
            for (const page of ['/', '/style', '/sign-in', '/register', '/forgot-password', '/post', `/join/${world.code}`, '/nowhere']) await check(guest, page);
        });
    }
}

for (const [width, viewport] of [['a laptop', LAPTOP], ['a phone', PHONE]]) {
    test(`curves, kites, strips, stars and whole blocks are shown on ${width}`, async ({ device }) => {
        test.slow();
        const host = await device({ viewport });
        await signIn(host, 'wren@saltbox.example');
        for (const [clue, words] of [[6, 'Cut as the mirror image'], [7, 'pieces round the template'], [8, 'It looks wrong and is right'], [10, 'squares from the strip sets'], [12, 'Set squares of A into the corners']]) {
            await check(host, `/host/kitchen-garden/clues/${clue}`);
            await expect(host.getByText(words).first()).toBeVisible();
        }
        await check(host, '/host/kitchen-garden/design?size=s-bed');
        await expect(host.getByText('65×82')).toBeVisible();
    });
}

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
