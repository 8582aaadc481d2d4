import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { test as base, expect } from '@playwright/test';

export { expect };

export const PHONE = { width: 390, height: 844 };
export const LAPTOP = { width: 1280, height: 800 };
export const PASSWORD = 'ferry-by-lamplight';

/** As many are made at once, since most of the time goes into the beginning of the command. */
const BATCH = 8;

let made = 0;
const worlds = {};

/** A quilt-along of the test's own, with nothing scheduled: its slug, its join code, its owner, and somebody who has not joined yet. */
const makeWorld = (worker, design) => {
    worlds[design] ??= [];
    if (worlds[design].length === 0) {
        const names = Array.from({ length: design === 'night-ferry' ? BATCH : 1 }, () => `w${worker}t${(made += 1)}r${Date.now().toString(36)}`);
        execFileSync('php', ['artisan', 'dew:demo', ...names.map((name) => `--world=${name}`), `--design=${design}`], { stdio: 'pipe' });
        worlds[design] = names;
    }
    const name = worlds[design].shift();

    return {
        name,
        slug: `night-ferry-${name}`,
        code: name.toUpperCase(),
        owner: `host-${name}@saltbox.example`,
        member: `mara-${name}@rivers.example`,
    };
};

export const test = base.extend({
    design: ['night-ferry', { option: true }],
    world: async ({ design }, use, info) => use(makeWorld(info.parallelIndex, design)),

    /** Opens a device: a browser context of its own, at a size and at a moment. A policy violation or a request to elsewhere fails the test. */
    device: async ({ browser }, use) => {
        const complaints = [];
        const contexts = [];
        await use(async ({ viewport = LAPTOP, at = null, colorScheme = 'light', javaScriptEnabled = true, hasTouch = false } = {}) => {
            const context = await browser.newContext({ viewport, colorScheme, javaScriptEnabled, hasTouch, reducedMotion: 'reduce', baseURL: process.env.APP_URL });
            contexts.push(context);
            const page = await context.newPage();
            page.on('console', (message) => /Content Security Policy|Refused to/.test(message.text()) && complaints.push(message.text()));
            page.on('pageerror', (error) => complaints.push(error.message));
            page.on('request', (request) => {
                const { protocol, origin } = new URL(request.url());
                if (protocol.startsWith('http') && origin !== process.env.APP_URL) complaints.push(`asked ${origin}`);
            });
            page.scripted = javaScriptEnabled;
            page.moveClock = (moment) => context.setExtraHTTPHeaders({ 'X-Dew-Clock': moment });
            if (at) await page.moveClock(at);
            return page;
        });
        await Promise.all(contexts.map((context) => context.close()));
        expect(complaints).toEqual([]);
    },
});

/** Fills in and sends a form of a page without drawing it, as fast as the server answers; the device keeps the cookies. */
const submit = async (page, path, action, fields, headers = {}) => {
    const html = await (await page.request.get(path)).text();
    const hidden = [...html.matchAll(/<input type="hidden" name="(_token|form)" value="([^"]*)"/g)];
    const kept = Object.fromEntries(hidden.map(([, name, value]) => [name, value]));
    const answer = await page.request.post(action, { form: { ...kept, ...fields }, headers });
    expect(answer.ok(), `${action} answered ${answer.status()}`).toBe(true);

    return new URL(answer.url()).pathname;
};

export const signIn = async (page, email, password = PASSWORD) =>
    expect(await submit(page, '/sign-in', '/sign-in', { email, password })).not.toBe('/sign-in');

export const signInByHand = async (page, email, password = PASSWORD) => {
    await page.goto('/sign-in');
    await page.getByLabel('E-mail address').fill(email);
    await page.getByLabel('Password', { exact: true }).fill(password);
    await page.getByRole('main').getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'Your quilt-alongs' })).toBeVisible();
};

export const register = async (page, name, email) => {
    await page.getByLabel('Your name').fill(name);
    await page.getByLabel('E-mail address').fill(email);
    await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
    await page.getByLabel('Password again').fill(PASSWORD);
    await page.getByRole('button', { name: 'Make an account' }).click();
    // The letter lies in the tray of this machine.
    await expect(page.getByRole('heading', { name: 'Check your mail' })).toBeVisible();
    await page.getByRole('main').getByRole('link', { name: 'Post tray' }).click();
    await page.getByRole('link', { name: 'Confirm your e-mail address' }).first().click();
    await page.getByRole('link', { name: 'Confirm and continue' }).click();
};

/** The world's member signs in, joins and returns the address of her quilt. */
export const join = async (page, world, size = 's-throw') => {
    await signIn(page, world.member);
    const quilt = await submit(page, `/join/${world.code}`, `/join/${world.code}`, { size, colourway: 'c-last-boat' });
    expect(quilt).toMatch(/^\/q\//);

    return quilt;
};

/** Joins as somebody new and returns the address of her quilt. */
export const joinByHand = async (page, world, email, size = 'Throw', quiltAlong = 'Night Ferry') => {
    await page.goto(`/join/${world.code}`);
    await page.getByRole('link', { name: 'Make an account' }).click();
    await register(page, 'Mara Quill', email);
    await page.getByLabel(size).check();
    await page.getByRole('button', { name: 'Join', exact: true }).click();
    await expect(page.getByText(`Welcome to ${quiltAlong}.`)).toBeVisible();

    return new URL(page.url()).pathname;
};

/** Releases a clue a minute ago, so that the seconds in which it can be undone have passed. */
const releaseBefore = (page, world, number) => submit(
    page, `/host/${world.slug}/clues`, `/host/${world.slug}/clues/${number}/release`, { now: '1', clue: String(number), out_of_order: '1' },
    { 'X-Dew-Clock': new Date(Date.now() - 60_000).toISOString() },
);

export const releaseNow = async (page, world, number = 1) => {
    await signIn(page, world.owner);
    await releaseBefore(page, world, number);
};

/** Opens all eight clues. */
export const openAll = async (page, world) => {
    await signIn(page, world.owner);
    for (const number of [1, 2, 3, 4, 5, 6, 7, 8]) await releaseBefore(page, world, number);
};

export const counter = (page, label) => {
    const box = page.getByRole('region', { name: label, exact: true });

    return {
        box,
        tap: async (name) => {
            if (page.scripted) await expect(page.locator('html')).toHaveAttribute('data-ready', '');
            await box.getByRole('button', { name }).click();
        },
        reads: (done) => expect(box.locator('output')).toHaveText(String(done)),
        // The number is shown at once: what is asked elsewhere next needs the server's answer.
        settled: () => expect.poll(() => page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('dew.taps.')).length)).toBe(0),
        says: (words) => expect(box.getByRole('alert')).toHaveText(words),
    };
};

/** The world's owner starts a quilt-along of her own; returns the address of its desk. */
export const startDesign = async (page, world, from = 'blank') => {
    await signIn(page, world.owner);
    const path = await submit(page, '/start', '/start', {
        name: `Low Tide ${world.name}`, pace: 'weekly', clue_word: 'clue', zone: 'Europe/Dublin', units: 'in', seam: '1/4', may_share: '1', from,
    });
    expect(path).toMatch(/^\/host\/low-tide-.*\/design\/blocks$/);

    return path.replace(/\/design\/blocks$/, '');
};

/** Waits until the scripts of a page of the workshop have begun: one that was not met before, since the page that is being left is ready too. */
export const ready = async (page) => {
    await page.locator('#workshop[data-ready]:not([data-met])').waitFor();
    await page.locator('#workshop').evaluate((node) => node.setAttribute('data-met', ''));
};

/** Opens a page of the workshop and waits until its scripts have begun. */
export const open = async (page, path) => {
    await page.goto(path);
    await ready(page);
};

const WCAG = { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] };

const AXE = readFileSync(fileURLToPath(import.meta.resolve('axe-core/axe.min.js')), 'utf8');

/** Fails with what on a page is not accessible. No page has frames; the audit itself is put into a page once. */
export const audit = async (page, what = '', runOnly = WCAG) => {
    if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
    const wrong = await page.evaluate(async (only) => {
        const { violations } = await window.axe.run(document, { runOnly: only, resultTypes: ['violations'] });

        return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`);
    }, runOnly);
    expect(wrong.map((one) => `${what} ${one}`)).toEqual([]);
};
