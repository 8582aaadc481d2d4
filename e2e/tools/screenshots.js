// Takes the pictures in docs/screenshots from a running Dew with the demo data: node e2e/tools/screenshots.js ADDRESS [FOLDER] [NAME ...]
import { chromium } from '@playwright/test';
import { launchOptions } from '../browser.js';

const [address, folder = 'docs/screenshots', ...only] = process.argv.slice(2);
const password = 'ferry-by-lamplight';
const desktop = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

const browser = await chromium.launch(launchOptions);

const visit = async (email, viewport, colorScheme = 'light') => {
    const page = await (await browser.newContext({ viewport, colorScheme, baseURL: address, deviceScaleFactor: 1 })).newPage();
    page.on('console', (message) => message.type() === 'error' && console.log('console:', message.text()));
    page.on('pageerror', (error) => console.log('error:', error.message));
    if (email) {
        await page.goto('/sign-in');
        await page.fill('#email', email);
        await page.fill('#password', password);
        await page.click('main .btn-main');
        await page.waitForURL('**/home');
    }
    return page;
};

const shoot = async (page, name, path, fullPage = false) => {
    if (only.length > 0 && !only.includes(name)) return;
    if (path) await page.goto(path);
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path: `${folder}/${name}.png`, fullPage });
    console.log(name);
};

const guest = await visit(null, desktop);
await shoot(guest, 'welcome', '/');
await shoot(guest, 'style', '/style', true);
await shoot(await visit(null, desktop, 'dark'), 'style-dark', '/style', true);

const host = await visit('wren@saltbox.example', desktop);
await shoot(host, 'host-desk', '/host/night-ferry');
await host.goto('/host/kitchen-garden/design/blocks/b-strawberry-net');
await host.waitForSelector('#workshop[data-ready]');
await host.click('#cell-2-2');
await host.waitForTimeout(700);
await shoot(host, 'workshop-block');
for (const [name, page] of [['quilt', ''], ['cloth', '/cloth'], ['clues', '/clues'], ['proof', '/proof']]) {
    await host.goto(`/host/kitchen-garden/design${page}`);
    await host.waitForSelector('#workshop[data-ready]');
    await host.waitForTimeout(700);
    await shoot(host, `workshop-${name}`);
}
await shoot(host, 'host-clues', '/host/night-ferry/clues');
await shoot(host, 'host-kits', '/host/night-ferry/kits');
await shoot(host, 'host-people', '/host/night-ferry/people');

for (const [name, viewport] of [['', desktop], ['-phone', phone]]) {
    const member = await visit('mara@rivers.example', viewport);
    await member.click('.tile:has-text("Night Ferry")');
    await member.waitForURL('**/q/**');
    const quilt = new URL(member.url()).pathname;
    await shoot(member, `member-now${name}`, quilt);
    await shoot(member, `member-clue${name}`, `${quilt}/clues/1`);
    await shoot(member, `member-fabrics${name}`, `${quilt}/fabrics`);
    await shoot(member, `member-mat${name}`, `${quilt}/clues/2/mat`);
    await shoot(member, `member-bench${name}`, `${quilt}/bench`);
}
await shoot(await visit('june@rivers.example', desktop), 'host-hands', '/host/warm-hands/hands');
for (const [name, viewport] of [['', desktop], ['-phone', phone]]) {
    const sewer = await visit('mara@rivers.example', viewport);
    await sewer.click('.tile:has-text("Warm Hands")');
    await sewer.waitForURL('**/q/**');
    const bench = `${new URL(sewer.url()).pathname}/bench`;
    await shoot(sewer, `member-layout${name}`, `${bench}/layout`);
    await sewer.goto(`${bench}/borders`);
    await sewer.fill('#widths', '45 1/2, 46, 45 1/2');
    await sewer.fill('#heights', '45 1/2, 45 1/2, 45 1/4');
    await sewer.fill('#borders', '3');
    await sewer.click('main form .btn-main');
    await sewer.waitForLoadState();
    await sewer.evaluate(() => document.querySelector('#result').scrollIntoView());
    await shoot(sewer, `member-borders${name}`);
    await shoot(sewer, `member-back${name}`, `${bench}/back`);
}
// The pictures on the first page: node e2e/tools/screenshots.js ADDRESS resources/images clue board
const small = { width: 1160, height: 726 };
const member = await visit('mara@rivers.example', small);
await member.click('.tile:has-text("Night Ferry")');
await member.waitForURL('**/q/**');
await member.goto(`${new URL(member.url()).pathname}/clues/1`);
await member.evaluate(() => scrollTo(0, document.querySelector('.task').getBoundingClientRect().top - 70));
await shoot(member, 'clue');
await shoot(await visit('wren@saltbox.example', small), 'board', '/host/night-ferry/clues');

await browser.close();
