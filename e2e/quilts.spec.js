import { LAPTOP, PHONE, counter, expect, join, register, releaseNow, signIn, test } from './dew.js';

test('a code is typed by hand, and used again for a second quilt', async ({ world, device }) => {
    const page = await device({ viewport: PHONE });
    await page.goto('/register');
    await register(page, 'Pia Lindqvist-Ames', `pia-${world.name}@rivers.example`);
    await page.getByRole('link', { name: 'Join with a code' }).click();
    await page.getByLabel('Join code').fill('NOPE NOPE');
    await page.getByRole('button', { name: 'Find it' }).click();
    await expect(page.getByRole('alert')).toContainText('No quilt-along has this code.');
    await expect(page.getByLabel('Join code')).toHaveValue('NOPE NOPE');
    await page.getByLabel('Join code').fill(` ${world.code.toLowerCase().slice(0, 3)}-${world.code.toLowerCase().slice(3)}`);
    await page.getByRole('button', { name: 'Find it' }).click();
    await expect(page.getByRole('heading', { name: 'Join Night Ferry' })).toBeVisible();
    await page.getByLabel('Crib').check();
    await page.getByLabel('First boat').check();
    await page.getByLabel('What do you call this quilt?').fill('For Nan');
    await page.getByRole('button', { name: 'Join', exact: true }).click();
    await expect(page.getByText('For Nan')).toBeVisible();

    await page.goto(`/join/${world.code}`);
    await expect(page.getByText('You have already joined', { exact: true })).toBeVisible();
    await page.getByLabel('Queen').check();
    await page.getByRole('button', { name: 'Begin a second quilt' }).click();
    await expect(page.getByRole('alert')).toContainText('Tick the box');
    await expect(page.getByLabel('Queen')).toBeChecked();
    await page.getByLabel('Make a second quilt in this quilt-along').check();
    await page.getByRole('button', { name: 'Begin a second quilt' }).click();
    await page.goto('/home');
    await expect(page.getByRole('link', { name: /Night Ferry/ })).toHaveCount(2);
});

test('sizes, inches and the width of the cloth can be changed, and every number follows', async ({ world, device }) => {
    await releaseNow(await device(), world);
    const page = await device({ viewport: PHONE });
    const quilt = await join(page, world, 's-twin');
    await page.goto(`${quilt}/clues/1`);
    await counter(page, 'Trimmed Beam half-square triangle').tap(/add 2$/);
    // None are sewn yet, and what is trimmed was sewn.
    await page.getByRole('button', { name: 'Count them as sewn too' }).click();
    await counter(page, 'Sewn Beam half-square triangle').reads(2);
    await counter(page, 'Trimmed Beam half-square triangle').reads(2);
    await counter(page, 'Trimmed Beam half-square triangle').settled();
    await expect(page.getByText('Make 144', { exact: true })).toBeVisible();

    await page.getByRole('link', { name: 'Settings' }).click();
    await page.getByLabel('Size').selectOption({ label: 'Crib' });
    await page.getByLabel('Show lengths as').selectOption({ label: 'Centimetres' });
    await page.getByLabel('Usable width of your cloth').fill('4 5/8 cm in');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('alert')).toContainText('names two units, cm and in');
    await expect(page.getByLabel('Size')).toHaveValue('s-crib');
    await page.getByLabel('Usable width of your cloth').fill('50');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Every number now follows.')).toBeVisible();

    await page.goto(`${quilt}/clues/1`);
    await expect(page.getByText('Make 40', { exact: true })).toBeVisible();
    await expect(page.getByRole('region', { name: 'B Lamplight' })).toContainText('9.8');
    await expect(page.getByRole('region', { name: 'B Lamplight' })).toContainText('4 strips 9.8 cm wide');
    await expect(page.getByRole('region', { name: 'B Lamplight' })).toContainText('From each: 5 at 9.8 cm');
    await counter(page, 'Trimmed Beam half-square triangle').reads(2);

    await page.getByRole('link', { name: 'Fabrics' }).click();
    await expect(page.getByRole('region', { name: 'C River' })).toContainText('strips, the full width of the cloth');
    await page.getByRole('link', { name: 'Bench' }).click();
    await expect(page.getByRole('region', { name: 'Beam half-square triangle' })).toContainText('2 of 40');
});

test('a host finds one member among others and replaces the join code', async ({ world, device }) => {
    const member = await device({ viewport: PHONE });
    await join(member, world);
    const host = await device({ viewport: LAPTOP });
    await signIn(host, world.owner);
    await host.goto(`/host/${world.slug}/people`);
    await expect(host.getByText('1 quilt', { exact: true })).toBeVisible();
    await host.getByLabel('Find a member').fill('nobody at all');
    await host.getByRole('button', { name: 'Find' }).click();
    await expect(host.getByText('No member has that name.')).toBeVisible();
    await host.getByLabel('Find a member').fill('quill');
    await host.getByRole('button', { name: 'Find' }).click();
    await expect(host.getByRole('row', { name: /Mara Quill/ })).toBeVisible();

    await host.getByRole('button', { name: 'Replace the code' }).click();
    await expect(host.getByText('There is a new join code.')).toBeVisible();
    const fresh = await host.getByRole('link', { name: /\/join\// }).getAttribute('href');
    const guest = await device();
    expect((await guest.goto(`/join/${world.code}`)).status()).toBe(404);
    await guest.goto(fresh);
    await expect(guest.getByRole('heading', { name: 'Join Night Ferry' })).toBeVisible();
    for (const size of ['Crib', 'Throw', 'Twin', 'Queen']) await expect(guest.getByText(size, { exact: true })).toBeVisible();
});

test('the host looks at the whole quilt in any size and colourway; a member cannot', async ({ world, device }) => {
    const host = await device();
    await signIn(host, world.owner);
    await host.goto(`/host/${world.slug}/design/published`);
    await host.getByRole('link', { name: 'Queen' }).click();
    await expect(host.getByRole('img', { name: 'The whole quilt at size Queen.' })).toBeVisible();
    await expect(host.getByRole('row', { name: 'Pier Lantern 25' })).toBeVisible();
    await host.getByRole('link', { name: 'First boat' }).click();
    await expect(host.getByText('plum')).toBeVisible();
    await expect(host.getByRole('link', { name: 'Queen' })).toHaveAttribute('aria-current', 'page');

    const member = await device({ viewport: PHONE });
    await join(member, world);
    for (const page of ['', '/design', '/clues', '/clues/1', '/people']) expect((await member.goto(`/host/${world.slug}${page}`)).status()).toBe(404);
});

test('a host schedules clues by rule and pulls them forward; a member subscribes to the calendar', async ({ world, device }) => {
    const host = await device();
    await signIn(host, world.owner);
    await host.goto(`/host/${world.slug}/clues`);
    await host.getByRole('link', { name: 'Dates by rule' }).click();
    const rule = host.locator('.date-way').filter({ hasText: 'Set dates by a rule' });
    await rule.getByLabel('First date').fill('2031-03-01');
    await rule.getByLabel('Every').fill('1');
    await rule.getByLabel('How often').selectOption({ label: 'months, on the same weekday' });
    await rule.getByRole('button', { name: 'Look at them' }).click();
    await expect(host.getByRole('table', { name: 'October 2031' })).toContainText('Clue 8 then');
    await host.getByRole('button', { name: 'Set these dates' }).click();
    await expect(host.getByText('8 dates are set.')).toBeVisible();
    await expect(host.locator('#date-2')).toHaveValue('2031-04-05');

    await host.getByRole('link', { name: 'Dates by rule' }).click();
    await host.getByText('Pull forward').click();
    const pull = host.locator('.date-way').filter({ hasText: 'Pull forward' });
    await pull.getByLabel('The last opens by').fill('2031-03-05');
    await pull.getByRole('button', { name: 'Look at them' }).click();
    await expect(pull.getByRole('alert')).toContainText('Only 5 dates fit before that day.');
    await pull.getByLabel('The last opens by').fill('2031-04-26');
    await pull.getByRole('button', { name: 'Look at them' }).click();
    await host.getByRole('button', { name: 'Set these dates' }).click();
    await expect(host.locator('#date-8')).toHaveValue('2031-04-26');

    const member = await device({ viewport: PHONE });
    const quilt = await join(member, world);
    await member.goto(`${quilt}/quilt`);
    await member.getByRole('button', { name: 'Make an address' }).click();
    const address = await member.getByLabel('Address of your calendar').inputValue();
    const calendar = await (await member.request.get(new URL(address).pathname)).text();
    expect(calendar).toContain('SUMMARY:');
    expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(8);
    expect(calendar).not.toContain('Casting off');
});
