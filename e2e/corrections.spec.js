import { LAPTOP, PHONE, counter, expect, joinByHand, open, releaseNow, test } from './dew.js';

const WRONG = 'Beams are sewn from B and E. The first sheet said A.';
const BEAM = 'Beam half-square triangle';
const saved = (page) => expect(page.locator('#save-state')).toHaveText('Saved');

test('a host puts a wrong number right, and four members at four points read what it means for each', async ({ world, device }) => {
    test.slow();
    const host = await device({ viewport: LAPTOP });
    await releaseNow(host, world);
    const members = {};
    for (const stage of ['untouched', 'uncut', 'cut', 'made']) {
        const page = await device({ viewport: PHONE });
        members[stage] = { page, quilt: await joinByHand(page, world, `${stage}-${world.name}@rivers.example`) };
        await page.goto(`${members[stage].quilt}/clues/1`);
    }
    const { uncut, cut, made } = members;
    await counter(uncut.page, 'Sewn Wake four-patch').tap(/add 1$/);
    await counter(uncut.page, 'Sewn Wake four-patch').reads(1);
    const dark = cut.page.getByRole('region', { name: 'A Deep water' });
    await expect(cut.page.locator('html')).toHaveAttribute('data-ready', '');
    await dark.getByRole('button', { name: /add 10$/ }).first().click();
    await expect(dark.locator('output').first()).toHaveText('10');
    await counter(made.page, `Sewn ${BEAM}`).tap(/add 2$/);
    await counter(made.page, `Sewn ${BEAM}`).reads(2);
    for (const { page } of [uncut, cut, made]) await counter(page, '').settled();

    await test.step('the host changes the cloth, sees whom it touches, and says what was wrong', async () => {
        await open(host, `/host/${world.slug}/design/units/u-beam`);
        await host.getByLabel('Fabric 2', { exact: true }).selectOption({ label: 'E Signal' });
        await saved(host);
        await host.goto(`/host/${world.slug}/design/versions`);
        await expect(host.getByText(`${BEAM}: sewn from fabrics`).first()).toBeVisible();
        for (const said of ['not begun: 1', 'not cut: 1', 'cut: 1', 'made: 1']) await expect(host.getByText(said, { exact: true })).toBeVisible();
        await host.getByLabel('Why you are publishing despite the warnings').fill('Night Ferry is what it is.');
        await host.getByLabel('What was wrong in clue 1').fill(WRONG);
        await host.getByRole('button', { name: 'Publish' }).click();
        await expect(host.getByText('Published as version 2.')).toBeVisible();
        await expect(host.getByText('0 of 4 have read it')).toBeVisible();
    });

    const reads = {
        untouched: 'You had not started this clue.',
        uncut: 'You had not cut for it yet.',
        cut: `The 10 pieces of A you have cut for ${BEAM} cannot be used`,
        made: `The 2 you have made of ${BEAM} no longer fit`,
    };
    for (const [stage, said] of Object.entries(reads)) {
        await test.step(`${stage}: on Now and at the place itself`, async () => {
            const { page, quilt } = members[stage];
            await page.goto(quilt);
            await expect(page.getByText(WRONG)).toBeVisible();
            await expect(page.getByText(said)).toBeVisible();
            await page.getByRole('link', { name: 'Go there' }).click();
            await expect(page.getByText(said)).toBeVisible();
            await expect(page.locator('#t-beam').getByText('Corrected', { exact: true })).toBeVisible();
        });
    }
    await counter(made.page, `Sewn ${BEAM}`).reads(0);
    await expect(made.page.locator('#t-beam').getByText('2 made to the earlier numbers')).toBeVisible();

    await test.step('read once, it is folded and the host sees it', async () => {
        await cut.page.getByRole('button', { name: 'I have read this' }).click();
        await expect(cut.page.getByRole('button', { name: 'I have read this' })).toHaveCount(0);
        await cut.page.goto(cut.quilt);
        await expect(cut.page.getByText(WRONG)).toHaveCount(0);
        await host.reload();
        await expect(host.getByText('1 of 4 have read it')).toBeVisible();
    });
});

test('what a clue says is written beside what a member reads', async ({ world, device }) => {
    const page = await device({ viewport: LAPTOP });
    await releaseNow(page, world, 2);
    await open(page, `/host/${world.slug}/design/clues/k-casting-off`);
    const preview = page.locator('[data-panel="preview"]');
    const opening = page.getByLabel('What members read first');
    await opening.fill('Make **one** first.\n\n<script>alert(1)</script>\n\n- press\n- measure');
    await opening.blur();
    await expect(preview.locator('strong', { hasText: 'one' })).toBeVisible();
    await expect(preview.locator('.intro li', { hasText: 'measure' })).toBeVisible();
    await expect(preview.getByText('<script>alert(1)</script>')).toBeVisible();

    await page.getByText('Other tools than those the work needs').click();
    await page.getByLabel('Tool', { exact: true }).fill('Seam roller');
    await page.getByRole('textbox', { name: 'At least' }).fill('4');
    await page.getByRole('button', { name: 'Add the tool' }).click();
    await expect(preview.getByText('Seam roller, 4 in or more')).toBeVisible();

    await page.locator('[data-panel="steps"]').getByText(BEAM, { exact: true }).click();
    await page.getByText('Change the step').first().click();
    await page.getByLabel('Your words').first().fill('Draw the line with a light hand.');
    await page.getByRole('button', { name: 'Save', exact: true }).first().click();
    await expect(preview.getByText('Draw the line with a light hand.')).toBeVisible();

    await page.getByText('Add a task that makes no unit').click();
    await page.getByRole('button', { name: 'Sew the rows' }).click();
    await expect(preview.getByRole('heading', { name: 'Sew the rows' })).toBeVisible();
    await saved(page);
});
