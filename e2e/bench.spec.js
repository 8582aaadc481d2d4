import { LAPTOP, PHONE, audit, expect, join, joinByHand, openAll, signIn, test } from './dew.js';

const ready = (page) => expect(page.locator('html')).toHaveAttribute('data-ready', '');

const place = (page, number) => page.locator(`.is-board [data-place="${number}"]`);

/**
 * Drags a block onto another one; returns what changed on the page meanwhile: how many elements of the board, and how often which others.
 */
const drag = async (page, from, to) => {
    const [start, end] = [await place(page, from).boundingBox(), await place(page, to).boundingBox()];
    const middle = (box) => [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(...middle(start));
    await page.mouse.down();
    await page.evaluate(() => {
        window.touched = { board: new Set(), others: [], added: 0 };
        window.watch = new MutationObserver((records) => records.forEach(({ target, type }) => {
            window.touched.added += type === 'childList' ? 1 : 0;
            if (target.closest('.is-board')) window.touched.board.add(target);
            else window.touched.others.push(target.getAttribute('class'));
        }));
        window.watch.observe(document.body, { subtree: true, childList: true, attributes: true, characterData: true });
    });
    await page.mouse.move(...middle(end), { steps: 12 });
    // The last movement is followed by the next frame.
    const touched = await page.evaluate(() => new Promise((resolve) => {
        requestAnimationFrame(() => setTimeout(() => {
            window.watch.disconnect();
            resolve({ ...window.touched, board: window.touched.board.size });
        }));
    }));
    const answered = page.waitForResponse((answer) => answer.request().method() === 'POST' && answer.url().endsWith('/bench/layout'));
    await page.mouse.up();
    await answered;
    // The board that came back is in its place.
    await expect.poll(() => page.evaluate(() => document.querySelector('.is-board .layout-block[transform]') === null && document.querySelector('.layout-ghost') === null)).toBe(true);

    return touched;
};

test('a finger drags a block on a phone, and the page stays where it is', async ({ world, device }) => {
    await openAll(await device(), world);
    const page = await device({ viewport: PHONE, hasTouch: true });
    const quilt = await join(page, world);
    await page.goto(`${quilt}/bench/layout`);
    await ready(page);
    await place(page, 0).evaluate((block) => block.scrollIntoView({ block: 'center' }));
    const [start, end] = [await place(page, 0).boundingBox(), await place(page, 7).boundingBox()];
    const middle = (box) => ({ x: box.x + box.width / 2, y: box.y + box.height / 2 });
    const [from, to] = [middle(start), middle(end)];
    const before = await page.evaluate(() => scrollY);
    const finger = await page.context().newCDPSession(page);
    const touch = (type, touchPoints) => finger.send('Input.dispatchTouchEvent', { type, touchPoints });
    await page.evaluate(() => addEventListener('pointercancel', () => { window.cancelled = true; }, true));
    await touch('touchStart', [from]);
    for (let step = 1; step <= 10; step += 1) {
        await touch('touchMove', [{ x: from.x + ((to.x - from.x) * step) / 10, y: from.y + ((to.y - from.y) * step) / 10 }]);
        await page.waitForTimeout(20);
    }
    await expect(page.locator('.layout-ghost')).toBeVisible();
    const answered = page.waitForResponse((answer) => answer.request().method() === 'POST' && answer.url().endsWith('/bench/layout'));
    await touch('touchEnd', []);
    expect((await answered).request().postDataJSON()).toMatchObject({ do: 'swap', first: 0, second: 7 });
    expect(await page.evaluate(() => [scrollY, window.cancelled ?? false])).toEqual([before, false]);
});

test('a member lays her blocks out, swaps and turns them, compares arrangements, and joins the top part by part', async ({ world, device }) => {
    test.slow();
    await openAll(await device(), world);
    const page = await device();
    const quilt = await join(page, world);

    await test.step('she drags, uses keys, and sees what to look at again', async () => {
        await page.goto(`${quilt}/bench/layout`);
        await ready(page);
        await expect(page.getByText('Nothing looks unintended.')).toBeVisible();
        await expect(page.getByText('13 of Pier Lantern, clue 3')).toBeVisible();
        await drag(page, 0, 1);
        await expect(page.getByText('A2 and A3: two of Pier Lantern side by side.')).toBeVisible();
        await place(page, 0).focus();
        await page.keyboard.press('Enter');
        await page.keyboard.press('ArrowRight');
        await page.keyboard.press('Enter');
        await expect(page.getByText('Nothing looks unintended.')).toBeVisible();
        // Several changes while the first is on its way: all of them arrive.
        await place(page, 2).focus();
        await page.keyboard.press('r');
        await page.keyboard.press('ArrowDown');
        await page.keyboard.press('r');
        await expect.poll(async () => (await (await page.request.get(`${quilt}/bench/layout`)).text()).match(/rotate\(90\)/g)?.length ?? 0).toBeGreaterThan(1);
        await audit(page);
    });

    await test.step('she keeps a copy, goes back to the designed one and takes hers again', async () => {
        await page.reload();
        await page.getByLabel('Name').fill('With a turn');
        await page.getByRole('button', { name: 'Keep a copy of this one' }).click();
        await expect(page.getByText('Kept as “With a turn”.')).toBeVisible();
        await page.getByRole('button', { name: 'Use this one' }).first().click();
        await expect(page.getByText('You are using it now.')).toBeVisible();
        await page.getByLabel('Show it in grey').check();
        await audit(page);
    });

    await test.step('rows are marked as they are sewn, and no row twice', async () => {
        await page.goto(`${quilt}/bench/assembly`);
        await expect(page.getByText('0 of 10 sewn')).toBeVisible();
        await expect(page.getByText('It measures 60½ in by 12½ in then').first()).toBeVisible();
        const other = await page.context().newPage();
        await other.goto(`${quilt}/bench/assembly`);
        for (const row of [1, 2]) {
            await page.getByRole('button', { name: new RegExp(`^Sewn ?: Rows, Row ${row}$`) }).click();
            await expect(page.getByText(`${row} of 10 sewn`)).toBeVisible();
        }
        await other.getByRole('button', { name: /^Sewn ?: Rows, Row 1$/ }).click();
        await expect(other.getByText('That part is marked as sewn already. Nothing was counted twice.')).toBeVisible();
        const host = await device();
        await signIn(host, world.owner);
        await host.goto(`/host/${world.slug}/people`);
        await expect(host.getByRole('cell', { name: '2 of 10' })).toBeVisible();
        await page.getByLabel('By webbing').check();
        await page.getByRole('button', { name: 'Join it this way' }).click();
        await expect(page.getByText('Long seam 4', { exact: true })).toBeVisible();
        await audit(page);
    });

    await test.step('her top is ¾ in out of square: she is told so, and gets her borders', async () => {
        await page.goto(`${quilt}/bench/borders`);
        await page.getByLabel('Across: top, middle, bottom').fill('60 1/2, 61 1/4, 60 1/2');
        await page.getByLabel('Down: left, middle, right').fill('60 1/2');
        await page.getByLabel('Finished widths of the borders').fill('1, 3');
        await page.getByRole('button', { name: 'Calculate' }).click();
        await expect(page.getByText('The middle is wider than the edges')).toBeVisible();
        await expect(page.getByText('62¾ in').first()).toBeVisible();
        await audit(page);
    });

    await test.step('she plans a back from what is left of her cloth', async () => {
        await page.goto(`${quilt}/fabrics`);
        const card = page.getByRole('region', { name: 'C River' });
        await card.getByText('What you have', { exact: true }).click();
        const form = card.locator('form.stock-form').first();
        await form.getByLabel('Along the bolt').fill('260');
        await form.getByRole('button', { name: 'Add cloth' }).click();
        await page.goto(`${quilt}/bench/back`);
        await page.getByLabel('Piece it on modules of').fill('10');
        await page.getByRole('button', { name: 'Calculate' }).click();
        await expect(page.getByText('Pieced from your cloth').first()).toBeVisible();
        await expect(page.getByText(/Batting: 7\d/)).toBeVisible();
        await audit(page);
        await page.goto(`${quilt}/bench/left`);
        await expect(page.getByRole('cell', { name: 'part of a pieced back' }).first()).toBeVisible();
    });

    await test.step('she draws lines to quilt along', async () => {
        await page.goto(`${quilt}/bench/quilting`);
        await page.getByLabel('Your notes').fill('Begin in the middle.');
        await page.getByLabel('Lines to quilt along').selectOption('diagonal');
        await page.getByRole('button', { name: 'Keep it' }).click();
        await expect(page.locator('.quilting-line').first()).toBeAttached();
        await audit(page);
    });

    await test.step('she says how a unit is pressed, and the plan follows', async () => {
        await page.goto(`${quilt}/clues/1`);
        await ready(page);
        const task = page.locator('section.task', { hasText: 'Beam half-square triangle' });
        const flag = await task.locator('.line.is-flag').first().getAttribute('d');
        await task.getByText('How yours are pressed').click();
        await task.getByLabel('the other way').check();
        await task.getByRole('button', { name: 'Save and replan' }).click();
        await expect(page.getByText('What is still to be pressed now follows yours.')).toBeVisible();
        expect(await task.locator('.line.is-flag').first().getAttribute('d')).not.toBe(flag);
    });
});

test('a drag moves one layer, and touches nothing of the board but the block that is dragged', async ({ world, device }) => {
    test.slow();
    await openAll(await device(), world);
    const page = await device({ viewport: PHONE, hasTouch: true });
    const quilt = await join(page, world, 's-queen');
    await page.goto(`${quilt}/bench/layout`);
    await ready(page);
    for (const [from, to] of [[0, 8], [1, 2], [9, 3]]) {
        const { board, others, added } = await drag(page, from, to);
        expect({ board, added, others: [...new Set(others)] }).toEqual({ board: 1, added: 0, others: ['layout-ghost'] });
        // As many changes of the layer as movements, at most two of its properties each.
        expect(others.length).toBeLessThanOrEqual(2 * 12);
    }
    await expect(page.getByText('side by side').first()).toBeVisible();
});

test('three people make one quilt: parts are dealt out, handed on, measured, and the wall fills up', async ({ world, device }) => {
    test.slow();
    const host = await device();
    await openAll(host, world);
    await host.goto(`/host/${world.slug}/settings`);
    await host.getByLabel('One quilt, sewn by many hands').check();
    await host.getByRole('button', { name: 'Save' }).first().click();
    const mara = await device({ viewport: PHONE, hasTouch: true });
    const hers = await join(mara, world);
    const other = await device({ viewport: LAPTOP });
    const email = `tobias-${world.name}@rivers.example`;
    const theirs = await joinByHand(other, world, email);

    await test.step('the host lists the parts and deals some out', async () => {
        await host.goto(`/host/${world.slug}/hands`);
        await host.getByLabel('Size that the group sews').selectOption('s-throw');
        await host.getByRole('button', { name: 'List the parts' }).click();
        await expect(host.getByText('0 of 35 parts are back and accepted.')).toBeVisible();
        await host.getByLabel('To', { exact: true }).selectOption({ index: 1 });
        await host.getByLabel('Pack of cloth').fill('7');
        await host.getByLabel('A1, Pier Lantern').check();
        await host.getByLabel('A2, Slow Propeller').check();
        await host.getByRole('button', { name: 'Assign the chosen parts' }).click();
        await expect(host.getByText(/^Assigned to /)).toBeVisible();
        await audit(host);
    });

    const has = async (page, quilt) => {
        await page.goto(`${quilt}/hands`);
        return page.locator('.hand-mine').count();
    };
    const [holder, holders, receiver, receives] = await has(mara, hers) === 2 ? [mara, hers, other, theirs] : [other, theirs, mara, hers];

    await test.step('one is handed on, the other is sewn', async () => {
        await holder.goto(`${holders}/hands`);
        await audit(holder);
        const first = holder.locator('.hand-mine', { hasText: 'A1, Pier Lantern' });
        await first.locator('summary', { hasText: 'Hand it on' }).click();
        await first.getByLabel('To', { exact: true }).selectOption({ index: 0 });
        await first.getByRole('button', { name: 'Hand it on' }).click();
        await expect(holder.getByText('A1, Pier Lantern is handed on.')).toBeVisible();
        await holder.getByRole('button', { name: /^Sewn and on its way ?: A2, Slow Propeller$/ }).click();
        await expect(holder.getByText('A2, Slow Propeller is on its way back.')).toBeVisible();
    });

    await test.step('it comes back too small, is accepted once somebody decides, and hangs on the wall of everybody', async () => {
        await host.goto(`/host/${world.slug}/hands`);
        const part = host.locator('.hand-part', { hasText: 'A2, Slow Propeller' });
        await part.locator('summary').click();
        await part.getByLabel('Width').fill('12 1/2');
        await part.getByLabel('Height').fill('11 3/4');
        await part.getByRole('button', { name: 'Accept' }).click();
        await expect(host.getByText('0 of 35 parts are back and accepted.')).toBeVisible();
        await expect(host.getByText('Height: ¾ in too small. Sew a plain strip cut 1¼ in wide to one side')).toBeVisible();
        await host.getByRole('button', { name: 'Accept it anyway' }).click();
        await expect(host.getByText('1 of 35 parts are back and accepted.')).toBeVisible();
        for (const [page, quilt] of [[holder, holders], [receiver, receives]]) {
            await page.goto(`${quilt}/hands`);
            await expect(page.getByText('1 of 35 parts are back and accepted.')).toBeVisible();
            await expect(page.locator('.wall-place.is-accepted')).toHaveCount(1);
        }
    });

    await test.step('what somebody cannot do is dealt anew', async () => {
        // The first name of the list may be the host's: then the part lies with her.
        if (await has(receiver, receives) === 0) return;
        const part = receiver.locator('.hand-mine').first();
        await part.locator('summary', { hasText: 'I cannot do this one' }).click();
        await part.getByLabel('A word to your host').fill('My wrist hurts.');
        await part.getByRole('button', { name: 'I cannot do this one' }).click();
        await host.goto(`/host/${world.slug}/hands`);
        await host.getByText('What happened').click();
        await expect(host.getByText('“My wrist hurts.”')).toBeVisible();
        await expect(host.getByLabel('A1, Pier Lantern')).toBeVisible();
    });
});

test.describe('a quilt whose blocks are quilted one by one', () => {
    test.use({ design: 'quilted-ferry' });

    test('a member reads what each layer measures when, and the numbers follow what her blocks are really trimmed to', async ({ world, device }) => {
        test.slow();
        await openAll(await device(), world);
        const page = await device();
        const quilt = await join(page, world);
        await page.goto(`${quilt}/clues/3`);
        await expect(page.getByText('Once it is quilted, trim it to 12 in by 12 in.').first()).toBeVisible();
        await page.goto(`${quilt}/bench`);
        await page.getByRole('link', { name: 'Quilted blocks' }).click();
        const lantern = page.getByRole('region', { name: '13 × Pier Lantern' }).getByRole('row', { name: /^Front/ });
        await expect(lantern).toHaveText(/12½\sin\s×\s12½\sin\s*12\sin\s×\s12\sin\s*11\sin\s×\s11\sin/);
        await expect(page.getByText('The quilt then measures 55 in by 55 in')).toBeVisible();
        await page.getByLabel('What your quilted blocks are trimmed to').fill('11 3/4 x 11 3/4');
        await page.getByRole('button', { name: 'Calculate' }).click();
        await expect(page.getByText('The quilt then measures 53¾ in by 53¾ in')).toBeVisible();
        await page.getByLabel('What your quilted blocks are trimmed to').fill('3 x 3');
        await page.getByRole('button', { name: 'Calculate' }).click();
        await expect(page.getByText('more than 2 in off the size in the pattern')).toBeVisible();
        await expect(page.getByLabel('What your quilted blocks are trimmed to')).toHaveValue('3 x 3');
        await audit(page);
        // Printed, the numbers stand on paper without what is only for the screen.
        await page.emulateMedia({ media: 'print' });
        await expect(page.getByRole('navigation').first()).toBeHidden();
    });
});
