import { LAPTOP, PHONE, audit, expect, join, releaseNow, signIn, test } from './dew.js';

/** A photograph of red cloth on a blue table, drawn in the browser and larger than anything that is kept. */
const photograph = async (page) => Buffer.from(await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [2400, 1800];
    const draw = canvas.getContext('2d');
    draw.fillStyle = '#1428a0';
    draw.fillRect(0, 0, 2400, 1800);
    draw.fillStyle = '#c81e1e';
    draw.fillRect(1200, 200, 1000, 1400);
    return canvas.toDataURL('image/jpeg', 0.9).split(',')[1];
}), 'base64');

test('a member photographs a fabric, says what she has, is told what is short, cuts by her plan and sees what is left', async ({ world, device }) => {
    test.slow();
    await releaseNow(await device(), world);
    const page = await device({ viewport: PHONE, hasTouch: true });
    const quilt = await join(page, world);

    await test.step('the photograph is made smaller, and the part she marks fills the drawings', async () => {
        await page.goto(`${quilt}/fabrics`);
        await expect(page.locator('html')).toHaveAttribute('data-ready', '');
        const card = page.getByRole('region', { name: 'B Lamplight' });
        await card.getByText('Use a cloth of your own').click();
        await card.getByLabel('What you call it').fill('Barn red');
        await card.getByLabel('A photograph of it').setInputFiles({ name: 'IMG_1.jpg', mimeType: 'image/jpeg', buffer: await photograph(page) });
        await expect(card.getByRole('button', { name: 'Use this cloth' })).toBeEnabled();
        await card.getByRole('button', { name: 'Use this cloth' }).click();
        await page.waitForURL('**/photo');
        const frame = await page.locator('.photo-mark').boundingBox();
        await page.mouse.move(frame.x + frame.width * 0.55, frame.y + frame.height * 0.2);
        await page.mouse.down();
        await page.mouse.move(frame.x + frame.width * 0.85, frame.y + frame.height * 0.8, { steps: 4 });
        await page.mouse.up();
        await expect(page.getByLabel('From the left, in hundredths')).toHaveValue(/^5[45]/);
        await audit(page);
        await page.getByRole('button', { name: 'Use this part' }).click();
        await expect(page.getByText('your Barn red')).toBeVisible();
        const fill = await page.locator('#fabric-f-lamp .swatch path').first().getAttribute('fill');
        expect(fill).toMatch(/^url\(#cloth-/);
        await page.goto(`${quilt}/values`);
        await expect(page.getByText('B Lamplight reads medium; the quilt wants it light.')).toBeVisible();
        await audit(page);
        await page.getByLabel('To my eye').selectOption('light');
        await page.getByRole('button', { name: 'Save' }).click();
        await expect(page.getByText('reads medium; the quilt wants it light')).toBeHidden();
    });

    await test.step('a fat quarter is too little; a yard besides is enough', async () => {
        await page.goto(`${quilt}/fabrics`);
        const card = page.getByRole('region', { name: 'B Lamplight' });
        await card.getByText('What you have', { exact: true }).click();
        const form = card.locator('form.stock-form').first();
        await form.getByLabel('What it is').selectOption('fat-quarter');
        await form.getByRole('button', { name: 'Add cloth' }).click();
        await expect(card.getByText(/^Short: \d+ squares/)).toBeVisible();
        await expect(card.getByText(/They take .* more of cloth .* wide: buy/)).toBeVisible();
        await card.getByText('What you have (1)').click();
        await card.getByText('Add cloth').first().click();
        const more = card.locator('form.stock-form').last();
        await more.getByLabel('Along the bolt').fill('1 furlong');
        await more.getByRole('button', { name: 'Add cloth' }).click();
        await expect(card.getByText('is not a length Dew can read')).toBeVisible();
        await card.getByLabel('Along the bolt').last().fill('36');
        await card.locator('form.stock-form').last().getByRole('button', { name: 'Add cloth' }).click();
        await expect(card.getByText(/Enough for what is open\. Left then:/)).toBeVisible();
        await audit(page);
    });

    await test.step('she cuts by the plan, and what is left comes on her list', async () => {
        await page.getByRole('region', { name: 'B Lamplight' }).getByRole('link', { name: 'Cutting plan of 1. Casting off' }).click();
        const card = page.getByRole('region', { name: 'B Lamplight' });
        await audit(page);
        for (;;) {
            const next = card.getByRole('button', { name: /^Step \d+ of B is cut$/ }).first();
            if (await next.count() === 0) break;
            await next.click();
            await page.waitForLoadState();
        }
        await expect(card.getByRole('button', { name: 'Undo step 1 of B' })).toBeVisible();
        await page.goto(`${quilt}/clues/1`);
        await expect(page.locator('#cutting ~ .fabric-cards').getByRole('region', { name: 'B Lamplight' }).locator('output').first()).toHaveText('52');
        await page.goto(`${quilt}/clues/1/mat`);
        await page.getByRole('region', { name: 'B Lamplight' }).getByRole('button', { name: 'Put what these steps left on my list' }).click();
        await expect(page.getByText('What the steps you cut have left is on your list now.')).toBeVisible();
        const fabric = page.getByRole('region', { name: 'B Lamplight' });
        await fabric.getByText(/^What you have \(\d+\)$/).click();
        await expect(fabric.getByText('left over').first()).toBeVisible();
    });
});

test('a shop fetches twelve orders, cuts and packs the kits, and a member sees hers', async ({ world, device }) => {
    test.slow();
    const host = await device({ viewport: LAPTOP });
    const member = await device({ viewport: PHONE });
    const quilt = await join(member, world);
    await signIn(host, world.owner);
    const desk = `/host/${world.slug}/order-desk`;
    await host.goto(desk);
    for (let number = 1; number <= 12; number += 1) {
        await host.getByLabel('For').fill(number === 1 ? 'Mara Quill' : `Person ${number}`);
        if (number === 1) await host.getByLabel('Address').fill(world.member);
        await host.getByLabel('Size').selectOption({ index: number % 4 });
        await host.getByRole('button', { name: 'Place an order' }).click();
        await expect(host.getByText('Placed. The kits page can fetch it now.')).toBeVisible();
    }
    await audit(host);
    await host.goto(`/host/${world.slug}/kits`);
    await host.getByRole('button', { name: 'Fetch orders from the order desk' }).click();
    await expect(host.getByText('12 new, 0 changed.')).toBeVisible();
    await expect(host.getByText(/^0 of 16 kits packed/)).toBeVisible();
    await audit(host);

    await host.getByLabel(/^On hand \(yards\): ink blue$/).fill('9, 12');
    await host.getByRole('button', { name: 'Save the bolts on hand' }).click();
    await expect(host.getByText('Bolt 1, on hand, 9 yd:').first()).toBeVisible();

    await host.getByLabel('Choose all on this page').check();
    await host.getByRole('button', { name: 'Packed', exact: true }).click();
    await expect(host.getByText('16 orders were updated.')).toBeVisible();
    await expect(host.getByText('16 of 16 kits packed, 0 handed out.')).toBeVisible();
    const [labels] = await Promise.all([
        host.request.get(`/host/${world.slug}/kits/labels.pdf`), host.goto(`/host/${world.slug}/yardage`),
    ]);
    expect(labels.headers()['content-type']).toBe('application/pdf');
    await audit(host);
    await host.goto(desk);
    await expect(host.getByRole('cell', { name: 'packed' })).toHaveCount(12);

    await member.goto(`${quilt}/kits`);
    await expect(member.getByText('packed: ready to be picked up')).toBeVisible();
    await audit(member);
    await host.goto(`/host/${world.slug}/kits`);
    await host.getByRole('row', { name: /Mara Quill/ }).getByRole('checkbox').check();
    await host.getByRole('button', { name: 'Handed out', exact: true }).click();
    await expect(host.getByText('1 order was updated.')).toBeVisible();
    await member.reload();
    await member.getByRole('button', { name: 'Put its cloth on my list' }).click();
    await expect(member.getByText('The cloth of your kit is on your list.')).toBeVisible();
});
