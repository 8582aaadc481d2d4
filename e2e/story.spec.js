import { LAPTOP, PHONE, counter, expect, join, joinByHand, signIn, signInByHand, test } from './dew.js';

const MONDAY = '2027-03-01T12:00:00Z';
const LAST_SECOND = '2027-03-06T13:59:59Z';
const THE_HOUR = '2027-03-06T14:00:00Z';

for (const [width, viewport] of [['a phone', PHONE], ['a laptop', LAPTOP]]) {
    test(`a host schedules a clue; on ${width} a member waits, makes and counts; the host sees it`, async ({ world, device }) => {
        const host = await device({ viewport: LAPTOP, at: MONDAY });
        await signInByHand(host, world.owner);
        await host.goto(`/host/${world.slug}/clues`);
        const clue = host.locator('#clue-1');

        await test.step('the host sets the hour, and is told when it has passed', async () => {
            await clue.getByLabel('Date').fill('2027-02-27');
            await clue.getByLabel('Hour').fill('09:00');
            await clue.getByRole('button', { name: 'Save release time' }).click();
            await expect(clue.getByRole('alert')).toContainText('That hour has passed');
            await expect(clue.getByLabel('Date')).toHaveValue('2027-02-27');
            await expect(clue.getByText('Release now', { exact: true })).toBeVisible();
            await clue.getByLabel('Date').fill('2027-03-06');
            await clue.getByRole('button', { name: 'Save release time' }).click();
            await expect(host.getByText('Clue 1 is scheduled.')).toBeVisible();
            await expect(clue).toContainText('Sat 6 Mar 2027, 09:00 New York time');
        });

        await test.step('the host sees it as a member of each size will', async () => {
            await clue.getByRole('link', { name: 'See it as a member' }).click();
            for (const [size, beams] of [['Crib', 40], ['Throw', 104], ['Twin', 144], ['Queen', 200]]) {
                await host.getByRole('link', { name: size, exact: true }).click();
                await expect(host.getByText(`Make ${beams}`, { exact: true })).toBeVisible();
            }
        });

        const email = `nell-${world.name}@rivers.example`;
        const member = await device({ viewport, at: MONDAY });
        const quilt = await joinByHand(member, world, email);

        await test.step('the member sees the countdown, and nothing of the clue', async () => {
            await expect(member.getByText('Clue 1 opens in')).toBeVisible();
            await expect(member.locator('.countdown b').first()).toHaveText('5');
            await expect(member.getByText('Casting off')).toHaveCount(0);
            await member.moveClock(LAST_SECOND);
            expect((await member.goto(`${quilt}/clues/1`)).status()).toBe(404);
        });

        await test.step('the page opens by itself at the hour', async () => {
            await member.goto(quilt);
            await member.moveClock(THE_HOUR);
            await expect(member.getByRole('heading', { name: 'Casting off' })).toBeVisible();
            await member.getByRole('link', { name: 'Begin clue 1' }).click();
        });

        const sewn = counter(member, 'Sewn Beam half-square triangle');
        await test.step('she finds her size, its numbers, drawings and steps', async () => {
            await expect(member.getByText('Clue 1 · Throw')).toBeVisible();
            await expect(member.getByText('Make 104', { exact: true })).toBeVisible();
            await expect(member.getByText('A ruler that measures 3⅞ in across, or two side by side')).toBeVisible();
            await expect(member.getByRole('region', { name: 'B Lamplight' })).toContainText('52 squares');
            await expect(member.getByRole('region', { name: 'B Lamplight' })).toContainText('3⅞');
            await expect(member.getByRole('img', { name: /Drawing of Beam half-square triangle/ })).toBeVisible();
            await expect(member.getByText('Trim to 3½ in square', { exact: false }).first()).toBeVisible();
        });

        await test.step('she counts; the count survives a reload and a second device', async () => {
            await sewn.tap(/add 1$/);
            await sewn.tap(/add 2$/);
            await sewn.reads(3);
            await expect(sewn.box.getByRole('button', { name: 'Undo' })).toBeVisible();
            await member.reload();
            await sewn.reads(3);

            const second = await device({ viewport: PHONE, at: THE_HOUR });
            await signInByHand(second, email);
            await second.goto(`${quilt}/clues/1`);
            const there = counter(second, 'Sewn Beam half-square triangle');
            await there.reads(3);
            await Promise.all([there.tap(/add 2$/), sewn.tap(/add 2$/)]);
            for (const tapped of [there, sewn]) await expect(tapped.box.getByRole('button', { name: 'Undo' })).toBeVisible();
            await second.reload();
            await there.reads(7);
            await there.tap(/all 104/);
            await there.reads(104);
            await there.settled();

            await sewn.tap(/add 1$/);
            await sewn.says('All 104 are counted already, perhaps on another device.');
            await sewn.reads(104);
            await there.tap('Undo');
            await there.reads(7);
            await there.settled();
        });

        await test.step('she makes them another way, and the rest is planned anew', async () => {
            await member.reload();
            const beam = member.locator('#t-beam');
            await beam.getByText('How you make them').click();
            await beam.getByLabel(/Eight at a time/).check();
            await beam.getByRole('button', { name: 'Make them this way' }).click();
            await expect(beam).toContainText('7 were made another way. The cutting covers the other 97.');
            await expect(member.getByRole('region', { name: 'B Lamplight' })).toContainText('13 squares');
            await expect(member.getByRole('region', { name: 'B Lamplight' })).toContainText('7¾');
            await sewn.reads(7);
            const trimmed = counter(member, 'Trimmed Beam half-square triangle');
            await trimmed.tap(/add 8$/);
            await expect(trimmed.box).toContainText('7 are counted as sewn, and 8 would be trimmed.');
            await trimmed.reads(0);
            await trimmed.box.getByRole('button', { name: 'Count it all the same' }).click();
            await trimmed.reads(8);
            await expect(trimmed.box.getByRole('button', { name: 'Undo' })).toBeVisible();
            await sewn.reads(7);
        });

        await test.step('she types a number, and takes a mistaken All back after a reload', async () => {
            const typed = sewn.box.getByLabel('Sewn Beam half-square triangle: type how many');
            await typed.fill('31');
            await typed.press('Enter');
            await sewn.reads(31);
            await typed.fill('many');
            await typed.press('Enter');
            await expect(sewn.box.getByRole('alert')).toHaveText('Count in whole numbers.');
            await expect(typed).toHaveValue('31');
            await sewn.tap(/all \d+$/);
            await expect(sewn.box.getByRole('button', { name: 'Undo' })).toBeVisible();
            await member.reload();
            await sewn.tap('Undo');
            await sewn.reads(31);
            await expect(typed).toHaveValue('31');
            await typed.fill('7');
            await typed.press('Enter');
            await sewn.reads(7);
            await sewn.settled();
        });

        await test.step('the host sees where she stands', async () => {
            await host.moveClock(THE_HOUR);
            await host.goto(`/host/${world.slug}/people`);
            const row = host.getByRole('row', { name: /Mara Quill/ });
            await expect(row).toContainText('Throw');
            await expect(row).toContainText('8/304');
            await expect(row.getByText('in progress')).toHaveCount(1);
        });
    });
}

test('a host opens a clue in ten seconds, in which it can be undone, and takes it back', async ({ world, device }) => {
    const host = await device();
    await signIn(host, world.owner);
    await host.goto(`/host/${world.slug}`);
    await host.getByRole('link', { name: 'Set a date' }).click();
    const clue = host.locator('#clue-1');
    const open = async () => {
        await clue.getByText('Release now', { exact: true }).click();
        await clue.getByRole('button', { name: 'Open clue 1' }).click();
        await expect(host.getByText(/Clue 1 opens in \d+ s/)).toBeVisible();
    };

    await test.step('nothing opens when it is undone', async () => {
        await open();
        await host.getByRole('button', { name: 'Undo' }).click();
        await expect(host.getByText(/Clue 1 opens in/)).toHaveCount(0);
        await expect(clue.getByText('Release now', { exact: true })).toBeVisible();
    });

    await test.step('the page of the host turns by itself when it is open', async () => {
        await open();
        await expect(clue.getByText('Open', { exact: true })).toBeVisible({ timeout: 20_000 });
    });

    const member = await device({ viewport: PHONE });
    const quilt = await join(member, world, 's-crib');
    expect((await member.goto(`${quilt}/clues/1`)).status()).toBe(200);

    await test.step('it is withdrawn after ten seconds', async () => {
        await clue.getByText('Withdraw', { exact: true }).click();
        await clue.getByRole('button', { name: 'Withdraw clue 1' }).click();
        expect((await member.goto(`${quilt}/clues/1`)).status()).toBe(200);
        await expect(clue.getByText('Withdrawn', { exact: true })).toBeVisible({ timeout: 20_000 });
        expect((await member.goto(`${quilt}/clues/1`)).status()).toBe(404);
    });
});
