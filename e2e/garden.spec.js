import { LAPTOP, PHONE, counter, expect, joinByHand, test } from './dew.js';

/** The block of the month in the demo data, whose first month is open. */
const garden = { code: 'GARDENQ7' };

for (const [name, viewport] of [['a phone', PHONE], ['a laptop', LAPTOP]]) {
    test(`on ${name} a member makes the first month of a block of the month, her own way`, async ({ device }) => {
        const page = await device({ viewport });
        const quilt = await joinByHand(page, garden, `june-${Date.now().toString(36)}-${viewport.width}@rivers.example`, 'Lap', 'Kitchen Garden');
        await page.goto(`${quilt}/clues/1`);
        await expect(page.getByRole('heading', { name: 'Seed Packet', level: 1 })).toBeVisible();

        await test.step('squares for hourglasses, as computed', async () => {
            const linen = page.getByRole('region', { name: 'A Linen' });
            await expect(linen).toContainText('5¼');
            await expect(linen).toContainText('for Leaf hourglass');
            await expect(page.getByText('From your bags')).toHaveCount(0);
        });

        await test.step('she cuts them larger and trims', async () => {
            const task = page.getByRole('region', { name: 'Leaf hourglass', exact: true });
            await task.getByText('How you make them').click();
            await task.getByLabel(/Cut larger and trim/).check();
            await task.getByRole('button', { name: 'Make them this way' }).click();
            await expect(page.getByText('The cutting list and steps now follow your way of making.')).toBeVisible();
            await expect(page.getByRole('region', { name: 'Leaf hourglass', exact: true })).toContainText('cut larger');
            await expect(page.getByRole('region', { name: 'A Linen' })).toContainText('5⅜');
        });

        await test.step('she turns the parts of the block as she likes them better, and every drawing of it follows', async () => {
            const block = () => page.getByRole('region', { name: 'Seed Packet', exact: true });
            const drawn = () => block().locator('.task-head svg').evaluate((svg) => svg.innerHTML);
            const designed = await drawn();
            await block().getByText('How the parts of Seed Packet are turned').click();
            await block().getByRole('radio', { name: 'Dark points turned in' }).check();
            await block().getByRole('button', { name: 'Turn them this way' }).click();
            await expect(page.getByText('The block is drawn in the way you chose.')).toBeVisible();
            await expect(block().getByText('How the parts of Seed Packet are turned')).toContainText('Dark points turned in');
            expect(await drawn()).not.toBe(designed);
            await expect(block()).toContainText('12½');
        });

        await test.step('she counts units as sewn and trimmed, and the block as finished', async () => {
            await counter(page, 'Sewn Leaf hourglass').tap(/all 4$/);
            await counter(page, 'Trimmed Leaf hourglass').tap(/all 4$/);
            await counter(page, 'Finished Seed Packet').tap(/all 1$/);
            await counter(page, 'Finished Seed Packet').reads(1);
            await page.reload();
            await counter(page, 'Finished Seed Packet').reads(1);
            await counter(page, 'Finished Seed Packet').settled();
            await expect(page.getByRole('region', { name: 'Sewn Seed Packet' })).toHaveCount(0);
        });

        await test.step('the block lies on her bench, drawn', async () => {
            await page.goto(`${quilt}/bench`);
            const bag = page.getByRole('region', { name: 'Seed Packet', exact: true });
            await expect(bag).toContainText('1 of 1');
            await expect(bag.getByRole('img')).toBeVisible();
        });

        await test.step('the eleven months to come stay closed', async () => {
            const answer = await page.goto(`${quilt}/clues/2`);
            expect(answer.status()).toBe(404);
            await page.goto(quilt);
            await expect(page.getByText('Cold Frame')).toHaveCount(0);
        });
    });
}
