import { PASSWORD, PHONE, expect, open, ready, signIn, signInByHand, startDesign, test } from './dew.js';

const MOST_INTERACTIONS = 60;

/** Counts what a person does: a click, a tap, a chord of keys, a field filled in. */
const counting = () => {
    const hand = { count: 0 };
    hand.click = (locator, options) => (hand.count += 1) && locator.click(options);
    hand.tap = (locator) => (hand.count += 1) && locator.tap();
    hand.fill = (locator, text) => (hand.count += 1) && locator.fill(text);
    hand.press = (page, keys) => (hand.count += 1) && page.keyboard.press(keys);

    return hand;
};

const saved = (page) => expect(page.locator('#save-state')).toHaveText('Saved');
const spot = (page, column, row) => page.locator(`#cell-${column}-${row}`);
const holds = (page, column, row, what) =>
    expect(spot(page, column, row)).toHaveAttribute('aria-label', `Column ${column}, row ${row}: ${what}`);

/** What the page of a block says of it in numbers. */
const numbers = async (page) => ({
    facts: await page.locator('[data-panel="facts"] dl.fact-row dd').allTextContents(),
    sizes: (await page.locator('[data-panel="facts"] tbody tr').allInnerTexts()).map((row) => row.replace(/\s+/g, ' ').replace(/^\S+ /,
        '')),
});

test('a small quilt-along is built by mouse, from the welcome page to its first version', async ({ world, device }) => {
    test.slow();
    const page = await device();
    const hand = counting();
    await page.goto('/');
    await hand.click(page.getByRole('link', { name: 'Start a quilt-along' }));
    await hand.fill(page.getByLabel('E-mail address'), world.owner);
    await hand.fill(page.getByLabel('Password', { exact: true }), PASSWORD);
    await hand.click(page.getByRole('main').getByRole('button', { name: 'Sign in' }));
    await hand.fill(page.getByLabel('What it is called'), `Ebb ${world.name}`);
    await hand.click(page.getByLabel('The pattern is mine'));
    await hand.click(page.getByRole('button', { name: 'Start it' }));
    await ready(page);
    await hand.fill(page.getByLabel('Name', { exact: true }), 'Tide Star');
    await hand.click(page.getByRole('button', { name: 'Make the block' }));
    await expect(page.getByRole('heading', { name: 'Tide Star' })).toBeVisible();
    await ready(page);

    await hand.click(page.getByText('Half-square triangle', { exact: true }));
    await hand.click(page.getByRole('button', { name: 'Make it and hold it' }));
    await expect(page.getByRole('button', { name: 'Hold Half-square triangle' })).toHaveAttribute('aria-pressed', 'true');
    for (const [column, row, turns] of [[2, 1, 0], [3, 2, 1], [2, 3, 2], [1, 2, 3]]) {
        for (let clicks = 0; clicks <= turns; clicks += 1) await hand.click(spot(page, column, row));
    }
    await saved(page);
    await holds(page, 1, 2, 'Half-square triangle, turned 270°');
    await hand.click(page.getByText('Square', { exact: true }).first());
    await hand.click(page.getByRole('button', { name: 'Make it and hold it' }));
    await expect(page.getByRole('button', { name: 'Hold Square' })).toHaveAttribute('aria-pressed', 'true');
    await hand.click(page.getByRole('button', { name: 'Fill the empty places' }));
    await holds(page, 3, 3, 'Square');
    await expect(page.locator('#fact-pieces')).toHaveText('13');

    await hand.click(page.getByRole('link', { name: 'Clues' }).last());
    await ready(page);
    await hand.click(page.getByRole('button', { name: 'One clue for each, in this order' }));
    await expect(page.getByRole('heading', { name: 'Clue 2' })).toBeVisible();
    await hand.click(page.getByRole('button', { name: 'Add a clue' }));
    await expect(page.getByRole('heading', { name: 'Clue 3' })).toBeVisible();
    await saved(page);
    await hand.click(page.getByRole('link', { name: /^Proof/ }));
    await ready(page);
    await expect(page.getByText('Use Accent or take it out')).toBeVisible();
    await hand.click(page.getByRole('button', { name: 'Remove it' }));
    await expect(page.getByText('Use Accent or take it out')).toBeHidden();
    await saved(page);
    await hand.click(page.getByRole('link', { name: 'Versions' }));
    await hand.click(page.getByRole('button', { name: 'Publish' }));
    await expect(page.getByText('Published as version 1.')).toBeVisible();
    expect(hand.count).toBeLessThanOrEqual(MOST_INTERACTIONS);
    await page.getByRole('link', { name: 'Desk' }).click();
    await expect(page.getByText('Nothing is published yet.')).toBeHidden();
});

/** Goes on with the Tab key until something has the focus. */
const tabTo = async (page, locator) => {
    for (let presses = 0; presses < 120; presses += 1) {
        if (await locator.evaluate((node) => node === document.activeElement)) return;
        await page.keyboard.press('Tab');
    }
    throw new Error(`The Tab key never came to ${locator}.`);
};

test('the same is built by keyboard alone', async ({ world, device }) => {
    test.slow();
    const page = await device();
    const keys = async (locator, ...presses) => {
        await tabTo(page, locator);
        for (const key of presses) await page.keyboard.press(key);
    };
    const type = async (locator, text) => {
        await tabTo(page, locator);
        await page.keyboard.press('Control+a');
        await page.keyboard.type(text);
    };
    await signIn(page, world.owner);
    await page.goto('/home');
    await keys(page.getByRole('link', { name: 'Start a quilt-along' }), 'Enter');
    await type(page.getByLabel('What it is called'), `Neap ${world.name}`);
    await keys(page.getByLabel('The pattern is mine'), 'Space');
    await keys(page.getByRole('button', { name: 'Start it' }), 'Enter');
    await ready(page);
    await keys(page.getByRole('button', { name: 'Make the block' }), 'Enter');
    await expect(page.getByRole('heading', { name: 'Block 1' })).toBeVisible();
    await ready(page);
    // The kinds are one group of radio buttons: arrows go from one to the next.
    await keys(page.getByRole('radio', { name: 'Square', exact: true }), 'ArrowDown', 'ArrowDown');
    await expect(page.getByRole('radio', { name: 'Half-square triangle' })).toBeChecked();
    await keys(page.getByRole('button', { name: 'Make it and hold it' }), 'Enter');
    await expect(page.getByRole('button', { name: 'Hold Half-square triangle' })).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Home');
    await keys(spot(page, 1, 1), 'Enter', 'ArrowRight', 'Enter', 't', 't', 'ArrowRight', 'Enter', 'm');
    await saved(page);
    await holds(page, 2, 1, 'Half-square triangle, turned 180°');
    await holds(page, 3, 1, 'Half-square triangle, mirrored');
    await page.keyboard.press('Delete');
    await holds(page, 3, 1, 'empty');
    await page.keyboard.press('Control+z');
    await holds(page, 3, 1, 'Half-square triangle, mirrored');
    await page.keyboard.press('Control+z');
    await holds(page, 3, 1, 'Half-square triangle');
    await page.keyboard.press('Control+y');
    await holds(page, 3, 1, 'Half-square triangle, mirrored');
    // Two places change their contents, and back.
    const [mirrored, turned] = ['Half-square triangle, mirrored', 'Half-square triangle, turned 180°'];
    for (const [left, right] of [[mirrored, turned], [turned, mirrored]]) {
        await keys(spot(page, 3, 1), 's', 'ArrowLeft', 's');
        await holds(page, 2, 1, left);
        await holds(page, 3, 1, right);
        await page.keyboard.press('ArrowRight');
    }
    await keys(page.getByRole('button', { name: 'Fill the empty places' }), 'Enter');
    await holds(page, 3, 3, 'Half-square triangle');
    await saved(page);
    await page.reload();
    await ready(page);
    await holds(page, 2, 1, 'Half-square triangle, turned 180°');
    // The history goes back through a reload.
    await tabTo(page, page.getByRole('button', { name: /^Undo/ }));
    await page.keyboard.press('Enter');
    await holds(page, 3, 3, 'empty');
    await page.keyboard.press('Control+y');
    await holds(page, 3, 3, 'Half-square triangle');
    await saved(page);
    await keys(page.getByRole('link', { name: 'Clues' }).last(), 'Enter');
    await ready(page);
    await keys(page.getByRole('button', { name: 'One clue for each, in this order' }), 'Enter');
    await expect(page.getByRole('heading', { name: 'Clue 1' })).toBeVisible();
    await saved(page);
    await keys(page.getByRole('link', { name: 'Versions' }), 'Enter');
    await type(page.getByLabel('Why you are publishing despite the warnings'), 'The accent is for the back');
    await keys(page.getByRole('button', { name: 'Publish' }), 'Enter');
    await expect(page.getByText('Published as version 1.')).toBeVisible();
});

test('a block is composed by touch on a phone', async ({ world, device }) => {
    test.slow();
    const page = await device({ viewport: PHONE, hasTouch: true });
    const desk = await startDesign(page, world);
    await open(page, `${desk}/design/blocks`);
    await page.getByRole('button', { name: 'Make the block' }).tap();
    await expect(page.getByRole('heading', { name: 'Block 1' })).toBeVisible();
    await ready(page);
    await page.getByText('Four-patch', { exact: true }).tap();
    await page.getByRole('button', { name: 'Make it and hold it' }).tap();
    await expect(page.getByRole('button', { name: 'Hold Four-patch' })).toHaveAttribute('aria-pressed', 'true');
    await spot(page, 1, 1).tap();
    await spot(page, 2, 2).tap();
    await spot(page, 2, 2).tap();
    await saved(page);
    await holds(page, 2, 2, 'Four-patch, turned 90°');
    await page.getByRole('button', { name: 'Swap with the next place chosen' }).tap();
    await spot(page, 3, 3).tap();
    await holds(page, 3, 3, 'Four-patch, turned 90°');
    await holds(page, 2, 2, 'empty');
    await page.getByRole('button', { name: /^Undo/ }).tap();
    await holds(page, 2, 2, 'Four-patch, turned 90°');
    // With nothing in hand a tap only chooses.
    await page.getByRole('button', { name: 'Hold Four-patch' }).tap();
    await spot(page, 2, 2).tap();
    await holds(page, 2, 2, 'Four-patch, turned 90°');
    await page.getByRole('button', { name: 'Remove', exact: true }).tap();
    await holds(page, 2, 2, 'empty');
    await page.getByRole('button', { name: /^Undo/ }).tap();
    await holds(page, 2, 2, 'Four-patch, turned 90°');
});

test('a host offers another way to turn the parts of a block', async ({ world, device }) => {
    const page = await device();
    const desk = await startDesign(page, world);
    await open(page, `${desk}/design/blocks`);
    await page.getByRole('button', { name: 'Make the block' }).click();
    await expect(page.getByRole('heading', { name: 'Block 1' })).toBeVisible();
    await ready(page);
    await page.getByText('Half-square triangle', { exact: true }).click();
    await page.getByRole('button', { name: 'Make it and hold it' }).click();
    await expect(page.getByRole('button', { name: 'Hold Half-square triangle' })).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('button', { name: 'Fill the empty places' }).click();
    await holds(page, 3, 3, 'Half-square triangle');

    // A button pressed twice stands for what it says each time.
    await page.getByRole('button', { name: 'Add a column' }).click();
    await expect(spot(page, 4, 1)).toBeVisible();
    await page.getByRole('button', { name: 'Add a column' }).click();
    await expect(spot(page, 5, 1)).toBeVisible();
    await expect(page.locator('#clashes')).toBeHidden();
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(spot(page, 5, 1)).toHaveCount(0);
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(spot(page, 4, 1)).toHaveCount(0);

    await page.getByText('Other ways to turn its parts').click();
    await page.locator('#new-way').getByLabel('Name of the way').fill('Pinwheel');
    await page.getByRole('button', { name: 'Add another way' }).click();
    await expect(page.getByText('Nothing is turned in it yet')).toBeVisible();
    const looks = () => page.locator('#ways .way svg use').evaluateAll((uses) => uses.map((use) => use.getAttribute('transform')));
    const before = await looks();
    await page.getByRole('button', { name: 'Hold Half-square triangle' }).click();
    await spot(page, 2, 1).click();
    await page.getByRole('button', { name: 'Turn in “Pinwheel”' }).click();
    await expect(page.getByText('Nothing is turned in it yet')).toHaveCount(0);
    await saved(page);
    expect((await looks()).filter((place, index) => place !== before[index])).toHaveLength(1);
    // The block itself stays as it is designed.
    await holds(page, 2, 1, 'Half-square triangle');
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(page.getByText('Nothing is turned in it yet')).toBeVisible();
    await page.getByRole('button', { name: 'Remove Pinwheel' }).click();
    await expect(page.locator('#ways .way')).toHaveCount(0);
});

test('what lies in a block is dragged from the shelf and from place to place', async ({ world, device }) => {
    const page = await device();
    const desk = await startDesign(page, world, 'two-tides');
    await open(page, `${desk}/design/blocks/b-shoofly`);
    const was = [await spot(page, 1, 1).getAttribute('data-what'), await spot(page, 2, 1).getAttribute('data-what')];
    expect(was[0]).not.toBe(was[1]);
    await spot(page, 1, 1).dragTo(spot(page, 2, 1));
    await saved(page);
    await holds(page, 1, 1, was[1]);
    await holds(page, 2, 1, was[0]);
    const unit = page.locator('#shelf [data-as="unit"]').first();
    const name = await unit.locator('.shelf-name').textContent();
    await unit.dragTo(spot(page, 2, 2));
    await saved(page);
    await holds(page, 2, 2, name);
});

test('a block of the Kitchen Garden that is built from nothing has the numbers of the shipped one', async ({ world, device }) => {
    test.slow();
    const shipped = await device();
    await signIn(shipped, 'wren@saltbox.example');
    await open(shipped, '/host/kitchen-garden/design/blocks/b-seed-packet');
    const right = await numbers(shipped);

    const page = await device();
    const desk = await startDesign(page, world);
    await open(page, `${desk}/design/blocks`);
    await page.getByLabel('Finished size of the block').fill('12');
    await page.getByRole('button', { name: 'Make the block' }).click();
    await ready(page);
    for (const [kind, places] of [['Hourglass', [[2, 1], [1, 2], [1, 2], [3, 2], [3, 2], [2, 3]]], ['Square in two squares', [[2, 2]]]]) {
        await page.getByText(kind, { exact: true }).click();
        await page.getByRole('button', { name: 'Make it and hold it' }).click();
        await expect(page.getByRole('button', { name: `Hold ${kind}` })).toHaveAttribute('aria-pressed', 'true');
        for (const place of places) await spot(page, ...place).click();
    }
    await page.getByText('Square', { exact: true }).first().click();
    await page.getByRole('button', { name: 'Make it and hold it' }).click();
    await expect(page.getByRole('button', { name: 'Hold Square', exact: true })).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('button', { name: 'Fill the empty places' }).click();
    await holds(page, 3, 3, 'Square');
    await saved(page);
    // The shipped quilt has a second size with larger blocks.
    await page.getByRole('link', { name: 'Quilt and sizes' }).click();
    await ready(page);
    await page.getByLabel('Side of a block').last().fill('15');
    await page.getByLabel('Side of a block').last().press('Enter');
    await saved(page);
    await page.goBack();
    await ready(page);
    await expect.poll(() => numbers(page)).toEqual(right);
});

test('a quilt in rows of 60° triangles and diamonds is composed, numbered and published', async ({ world, device }) => {
    const page = await device();
    const desk = await startDesign(page, world);
    await open(page, `${desk}/design/blocks`);
    await page.getByText('Make a block on 60° axes').click();
    const form = page.locator('#new-sixty-block');
    await form.getByLabel('Name').fill('Spark');
    await form.getByLabel('Finished side of the block').fill('4');
    await form.getByRole('button', { name: 'Make the block' }).click();
    await expect(page.getByRole('heading', { name: 'Spark' })).toBeVisible();
    await ready(page);
    const lies = (row, place, what) => expect(spot(page, place, row)).toHaveAttribute('aria-label', `Row ${row}, place ${place}: ${what}`);
    const make = async (kind, fabric) => {
        await page.getByText(kind, { exact: true }).first().click();
        await page.locator('#new-fabric-1').selectOption({ label: fabric });
        await page.getByRole('button', { name: 'Make it and hold it' }).click();
        await expect(page.locator('#shelf [aria-pressed="true"] .shelf-name')).toHaveText(kind);
    };
    await make('60° triangle', 'A Background');
    await page.getByRole('button', { name: 'Fill the empty places' }).click();
    await lies(2, 3, '60° triangle');
    await expect(page.locator('#fact-pieces')).toHaveText('4');
    // A diamond wants two places: the one beside has to be lifted first, and that is said.
    await make('60° diamond', 'B Main');
    await spot(page, 2, 2).click();
    await expect(page.getByText('is covered by what is at')).toBeVisible();
    await lies(2, 2, '60° triangle');
    await spot(page, 3, 2).focus();
    await page.keyboard.press('Delete');
    await lies(2, 3, 'empty');
    await spot(page, 2, 2).click();
    await lies(2, 2, '60° diamond');
    await expect(spot(page, 3, 2)).toHaveCount(0);
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('t');
    await lies(2, 1, '60° triangle, turned 120°');
    await expect(page.locator('#fact-pieces')).toHaveText('3');
    const facts = page.locator('[data-panel="facts"] tbody');
    // 4 by 2√3, and 2s√3 and 2s more.
    await expect(facts).toContainText('4 in × 3.464 in');
    await expect(facts).toContainText('4.866 in × 3.964 in');

    await page.getByRole('link', { name: 'Quilt and sizes' }).click();
    await ready(page);
    await expect(page.getByLabel('Setting', { exact: true })).toHaveValue('sixty');
    await page.getByLabel('Triangles in a row').first().fill('9');
    await page.getByLabel('Triangles in a row').first().press('Enter');
    await saved(page);
    // Ten halves of a side wide, and four rows of 2√3 high: 13.856.
    await expect(page.locator('.size-card').first()).toContainText('20 in × 13⅞ in');
    await page.getByRole('link', { name: 'Clues' }).last().click();
    await ready(page);
    await page.getByRole('button', { name: 'One clue for each, in this order' }).click();
    await expect(page.getByRole('heading', { name: 'Clue 1' })).toBeVisible();
    await saved(page);
    await page.getByRole('link', { name: /^Proof/ }).click();
    await ready(page);
    await page.getByRole('button', { name: 'Remove it' }).click();
    await expect(page.getByText('Use Accent or take it out')).toBeHidden();
    await saved(page);
    // Every part has a clue, joining and finishing too; a split puts them in the order of making.
    await page.getByRole('link', { name: 'Clues' }).last().click();
    await ready(page);
    await page.getByRole('link', { name: 'Suggest a split' }).click();
    await page.getByRole('button', { name: 'Take all of it' }).click();
    await ready(page);
    await page.getByRole('link', { name: 'Versions' }).click();
    // Nothing is left to warn of, so nothing has to be said.
    await expect(page.getByLabel('Why you are publishing despite the warnings')).toHaveCount(0);
    await page.getByRole('button', { name: 'Publish' }).click();
    await expect(page.getByText('Published as version 1.')).toBeVisible();
});

test('a given pattern with one wrong number is told which', async ({ world, device }) => {
    const page = await device();
    const desk = await startDesign(page, world, 'two-tides');
    await open(page, `${desk}/design/blocks/b-shoofly`);
    await page.getByRole('link', { name: /^Change .*triangle/i }).first().click();
    await ready(page);
    await expect(page.getByText('Nothing is wrong with this unit.')).toBeVisible();
    await page.getByLabel('Unfinished size').fill('4 1/2');
    await page.getByLabel('Unfinished size').press('Enter');
    await saved(page);
    await page.getByLabel('Made by').selectOption({ label: 'Two at a time' });
    const cuts = page.getByLabel(/^Cut size of the/);
    await expect(cuts.first()).toBeVisible();
    await cuts.first().fill('4 7/8');
    await cuts.first().press('Enter');
    await saved(page);
    await expect(page.getByText('Nothing is wrong with this unit.')).toBeVisible();
    await cuts.last().fill('4 3/4');
    await cuts.last().press('Enter');
    await expect(page.getByText(/Cut larger: .* states 4¾/)).toBeVisible();
    await expect(cuts.last()).toHaveValue('4 3/4');
    await page.getByRole('link', { name: /^Proof/ }).click();
    await expect(page.getByText(/Cut larger: .* states 4¾/)).toBeVisible();
});

test('the outline of a piece is set on a grid by mouse and by keys, and a pattern\'s picture takes its place', async ({ world, device }) => {
    const page = await device();
    const desk = await startDesign(page, world, 'two-tides');
    await open(page, `${desk}/design/blocks/b-shoofly`);
    await page.getByRole('link', { name: /^Change .*triangle/i }).first().click();
    await ready(page);
    await page.getByLabel('Kind of unit').selectOption({ label: 'Pieces of your own' });
    const board = page.getByRole('region', { name: 'Setting outlines on a grid' });
    const shape = page.getByLabel(/^Corners/);
    const corner = (number) => board.getByRole('button', { name: new RegExp(`^Corner ${number} at`) });
    await expect(shape).toHaveValue('0, 0\n4, 0\n4, 4\n0, 4');
    await expect(page.getByText('Nothing is wrong with this unit.')).toBeVisible();

    // Out of the middle of its right side, dragged inwards by an inch.
    await board.getByRole('button', { name: 'Put a corner between 2 and 3' }).click();
    await saved(page);
    await expect(shape).toHaveValue('0, 0\n4, 0\n4, 2\n4, 4\n0, 4');
    const at = await corner(3).boundingBox();
    const inch = (await corner(2).boundingBox()).x - (await corner(1).boundingBox()).x;
    await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
    await page.mouse.down();
    await page.mouse.move(at.x + at.width / 2 - inch / 4, at.y + at.height / 2, { steps: 5 });
    await page.mouse.up();
    await expect(shape).toHaveValue('0, 0\n4, 0\n3, 2\n4, 4\n0, 4');
    await expect(page.getByText(/its pieces cover 14 square inches of its 16 square inches/)).toBeVisible();

    // By keys: half an inch down, and out.
    await board.getByLabel('Lines of the grid every').selectOption('1/2 in');
    await corner(3).focus();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowRight');
    await expect(shape).toHaveValue('0, 0\n4, 0\n3 1/2, 2 1/2\n4, 4\n0, 4');
    await corner(3).focus();
    await page.keyboard.press('Delete');
    await expect(shape).toHaveValue('0, 0\n4, 0\n4, 4\n0, 4');
    await board.getByLabel('Side from corner 2 to 3').selectOption('bends to the left');
    await expect(shape).toHaveValue('0, 0\n4, 0\narc 4 left\n4, 4\n0, 4');
    await board.getByLabel('Radius').fill('1');
    await board.getByLabel('Radius').press('Tab');
    await expect(board.getByRole('alert')).toHaveText(/at least 2/);
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(shape).toHaveValue('0, 0\n4, 0\n4, 4\n0, 4');

    // A picture of 2 by 2 points: what counts is that it is kept and drawn.
    await page.getByLabel('Choose a picture').setInputFiles({
        name: 'page.png', mimeType: 'image/png', buffer: Buffer.from(
            'iVBORw0KGgoAAAANSUhEUgAAAAIAAAACCAIAAAD91JpzAAAAEElEQVR4nGM4YWMDRAwQCgAlPgUBdJmUYAAAAABJRU5ErkJggg==', 'base64',
        ),
    });
    // The page that came back offers it; the message above it is gone with the next answer.
    await expect(page.getByRole('button', { name: 'Remove its outline' })).toBeVisible();
    await ready(page);
    await page.getByRole('button', { name: 'Remove its outline' }).click();
    await expect(page.getByLabel('How many a unit takes')).toHaveValue('1');
    await page.getByLabel('Cut size').fill('4 1/2 × 4 1/2');
    await page.getByLabel('Cut size').press('Enter');
    await saved(page);
    await expect(page.getByText('Nothing is wrong with this unit.')).toBeVisible();
    await expect(page.locator('.unit-page figure path').first()).toHaveAttribute('fill', /^url\(#picture-/);
});

test('the work is split by suggestion, and by hand with mouse and keys', async ({ world, device }) => {
    const page = await device();
    const desk = await startDesign(page, world, 'salt-lattice');
    await open(page, `${desk}/design/clues`);
    const column = (number) => page.locator('.clue-column').nth(number - 1);
    const cards = (number) => column(number).locator('.task-card-name');
    const minutes = (number) => column(number).locator('.clue-loads dd').last();
    await expect(cards(1)).toHaveText(['Tide diamond', 'Slate diamond', 'Lantern']);
    const before = await minutes(1).textContent();

    await test.step('dragged by its grip into another clue', async () => {
        const grip = await column(2).getByRole('button', { name: 'Move Lamp triangle', exact: true }).boundingBox();
        const target = await column(1).locator('.task-card').nth(1).boundingBox();
        await page.mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2);
        await page.mouse.down();
        await page.mouse.move(target.x + 40, target.y + 4, { steps: 8 });
        await page.mouse.up();
        await expect(cards(1)).toHaveText(['Tide diamond', 'Lamp triangle', 'Slate diamond', 'Lantern']);
        await saved(page);
        expect(await minutes(1).textContent()).not.toBe(before);
    });

    await test.step('by the arrow keys, into a clue where it comes too late', async () => {
        await column(1).getByRole('button', { name: 'Move Slate diamond', exact: true }).focus();
        await page.keyboard.press('ArrowRight');
        await expect(cards(2).last()).toHaveText('Slate diamond');
        await expect(page.getByText('Slate diamond is made in clue 2, and Lantern needs it in clue 1 already.')).toBeVisible();
        await expect(page.getByRole('button', { name: 'Move Slate diamond', exact: true })).toBeFocused();
        await page.keyboard.press('ArrowUp');
        await expect(cards(2).last()).not.toHaveText('Slate diamond');
        await page.getByRole('button', { name: 'Move Slate diamond', exact: true }).focus();
        await page.keyboard.press('ArrowLeft');
        await expect(page.locator('.task-card-problem')).toHaveCount(1);
        await saved(page);
    });

    await test.step('a link that is pressed while an edit is answered is followed', async () => {
        let answer;
        const held = new Promise((resolve) => { answer = resolve; });
        await page.route('**/edits', async (route) => { await held; await route.continue(); });
        await page.getByRole('button', { name: 'Move Slate diamond', exact: true }).focus();
        await page.keyboard.press('ArrowRight');
        const link = page.getByRole('link', { name: 'All the words of clue 2' });
        await link.hover();
        await page.mouse.down();
        const answered = page.waitForResponse('**/edits');
        answer();
        await (await answered).finished();
        await page.evaluate(() => new Promise((resolve) => { setTimeout(resolve, 200); }));
        await page.mouse.up();
        await ready(page);
        await page.unroute('**/edits');
        await page.getByRole('link', { name: 'Back to the board' }).click();
        await ready(page);
        await page.getByRole('button', { name: 'Move Slate diamond', exact: true }).focus();
        await page.keyboard.press('ArrowLeft');
        await expect(page.locator('.task-card-problem')).toHaveCount(1);
        await saved(page);
    });

    await test.step('what a clue says is written on its own page, where the focus stays', async () => {
        await page.getByRole('link', { name: 'All the words of clue 2' }).click();
        await ready(page);
        const title = page.getByLabel('Title', { exact: true });
        await title.fill('Sparks and slates');
        await title.press('Enter');
        await expect(page.locator('[data-panel="preview"]').getByRole('heading', { name: 'Sparks and slates' })).toBeVisible();
        await saved(page);
        await expect(title).toBeFocused();
        await page.getByRole('link', { name: 'Back to the board' }).click();
        await ready(page);
        await expect(column(2).locator('.clue-name')).toHaveText('Sparks and slates');
    });

    await test.step('divided, and joined again', async () => {
        await column(1).getByRole('button', { name: 'Divide Tide diamond in two' }).click();
        await expect(column(1).getByText('part 2 of 2')).toBeVisible();
        await column(1).getByRole('button', { name: 'Join the parts of Tide diamond' }).click();
        await expect(column(1).getByText('part 2 of 2')).toHaveCount(0);
        await saved(page);
    });

    await page.getByRole('link', { name: 'Suggest a split' }).click();
    await page.getByLabel('How many clues').fill('5');
    await page.getByRole('button', { name: 'Suggest', exact: true }).click();
    await expect(page.getByText(/The heaviest clue of any size would take about \d+ minutes; now it takes about \d+\./)).toBeVisible();
    await page.getByRole('button', { name: 'Take all of it' }).click();
    await expect(page.locator('.clue-column')).toHaveCount(5);
    await expect(page.locator('.task-card-problem')).toHaveCount(0);
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(page.locator('.clue-column')).toHaveCount(3);
});

test('two browsers change one design: both stand where they differ, and the later one chooses where they do not', async ({
    world,
    device,
}) => {
    const [one, other] = [await device(), await device()];
    const desk = await startDesign(one, world);
    await signIn(other, world.owner);
    await open(one, `${desk}/design/cloth`);
    await open(other, `${desk}/design/cloth`);
    const name = (page, fabric) => page.getByLabel(`Name ${fabric}`);
    const put = async (page, fabric, text) => {
        await name(page, fabric).fill(text);
        await name(page, fabric).press('Enter');
    };
    await put(one, 'Background', 'Sand');
    await saved(one);
    await put(other, 'Main', 'Slate');
    await saved(other);
    await expect(name(other, 'Sand')).toHaveValue('Sand');
    await put(one, 'Accent', 'Apricot');
    await saved(one);
    await put(other, 'Accent', 'Brick');
    await expect(other.getByText('in the meantime: it is now “Apricot”, and you wanted “Brick”')).toBeVisible();
    await other.getByRole('button', { name: 'Use “Brick”' }).click();
    await saved(other);
    await other.reload();
    await expect(name(other, 'Brick')).toHaveValue('Brick');
    await expect(name(other, 'Slate')).toHaveValue('Slate');
});

test('edits made without a connection, or after the session has ended, are kept and made later', async ({ world, device }) => {
    const page = await device();
    const desk = await startDesign(page, world, 'two-tides');
    await open(page, `${desk}/design/blocks/b-shoofly`);
    const was = [await spot(page, 1, 1).getAttribute('data-what'), await spot(page, 3, 3).getAttribute('data-what')];
    await spot(page, 1, 1).click();
    await page.context().setOffline(true);
    await page.keyboard.press('Delete');
    await expect(page.locator('#save-state')).toHaveText('Waiting for a connection');
    await spot(page, 3, 3).click();
    await page.keyboard.press('Delete');
    await expect(spot(page, 1, 1).locator('use')).toHaveCount(0);
    await page.context().setOffline(false);
    await saved(page);
    await page.reload();
    await holds(page, 1, 1, 'empty');
    await holds(page, 3, 3, 'empty');
    await ready(page);
    // An answer that is still on its way would bring the cookie back.
    await expect(page.locator('#proof-note')).not.toBeEmpty();

    await page.context().clearCookies();
    await spot(page, 1, 1).focus();
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect(page.locator('#save-state')).toHaveText('Signed out: sign in to save');
    await signInByHand(page, world.owner);
    await open(page, `${desk}/design/blocks/b-shoofly`);
    await saved(page);
    await holds(page, 1, 1, was[0]);
    await holds(page, 3, 3, was[1]);
});

test('what is refused is said with the way out, and what was typed stays', async ({ world, device }) => {
    const page = await device();
    const desk = await startDesign(page, world, 'two-tides');
    await open(page, `${desk}/design/blocks/b-shoofly`);
    const width = page.getByLabel('Width of column 1');
    await width.fill('four');
    await width.press('Enter');
    await expect(page.locator('#refusal')).toContainText('four');
    await expect(width).toHaveValue('four');
    await width.fill('3 1/2');
    await width.press('Enter');
    await expect(page.locator('#refusal')).toBeHidden();
    await expect(page.getByRole('link', { name: /fit its cell/ }).first()).toBeVisible();
    await page.getByRole('link', { name: /fit its cell/ }).first().click();
    await expect(page).toHaveURL(/#cell-1-1$/);
});
