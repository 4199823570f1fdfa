/** Takes the pictures in docs/screenshots from the made-up class, each view as a teacher meets it. */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { launch, serving } from './browser.mjs';
import { build, install, root } from './lib.mjs';

const folder = join(root, 'docs/screenshots');
const middleOf = ({ x, y, width, height }) => [x + width / 2, y + height / 2];

install();
build();
mkdirSync(folder, { recursive: true });
await serving(takeAll);

async function takeAll(address) {
  const browser = await launch();
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/Berlin'
  });
  await context.clock.install({ time: new Date('2026-11-24T10:42:00') });
  const page = await context.newPage();

  const settle = () => page.waitForTimeout(400);
  async function shot(name) {
    await settle();
    // Figures are drawn beside the page and come a moment later.
    if (await page.locator('.scene, .pair, .figures').count())
      await page.locator('.figure-picture path').first().waitFor();
    await settle();
    await page.screenshot({ path: join(folder, `${name}.png`) });
    console.log(name);
  }
  async function measure(...texts) {
    for (const text of texts) {
      await page.keyboard.type(text);
      await page.keyboard.press('Enter');
      await settle();
    }
  }
  async function openBench(id, step = 'measure') {
    await page.goto(`${address}/fit/${id}#${step}`);
    await page.locator('.bench').waitFor();
    await settle();
  }

  await page.goto(address);
  await page.locator('.drawing svg').waitFor();
  await page.getByRole('button', { name: /^Look around/ }).click();
  await page.getByRole('heading', { name: 'Today' }).waitFor();
  await shot('today');
  await openBench('demo-03');
  await measure('120.5', '48.2', '42.1', '12.8', '8.4');
  await shot('fit-measure');
  await measure('62 mm', '3');
  await page.getByRole('button', { name: /^Take the/ }).click();
  await page.locator('[data-act=keep-setup]').waitFor();
  await settle();
  await page.getByLabel('Mark for Shoulder foot at').fill('blue sticker');
  await page.locator('[data-act=keep-setup]').focus();
  await shot('fit-set-up');
  await page.locator('[data-act=keep-setup]').click();
  await settle();
  await page.locator('[data-act=to-looks]').click();
  await page.locator('[data-look]').waitFor();
  for (const key of ['m', 's', 'h']) {
    await page.keyboard.press(key);
    await settle();
  }
  await page.keyboard.press('b');
  await page.locator('[data-fault][aria-pressed=true]').waitFor();
  await page.waitForTimeout(1500);
  await shot('lesson');
  for (const key of ['n', 'm', 'm']) {
    await page.keyboard.press(key);
    await settle();
  }
  await page.locator('[data-causes]').first().waitFor();
  await shot('causes');
  await page.locator('[data-act=set-practice]').first().click();
  await page.locator('[data-practice]').waitFor();
  await page.locator('[data-act=to-home-card]').click();
  await page.locator('[data-home-card] .figure-picture path').first().waitFor();
  await shot('home-card');
  await page.goto(`${address}/class/demo-group-thursday-strings`);
  await page.locator('[data-category=hold]').click();
  const seats = page.locator('[data-seat]');
  for (let seat = 0; seat < 5; seat++) {
    await seats.nth(seat).click();
    await settle();
  }
  await page.locator('[data-brush=not-yet]').click();
  await seats.nth(5).click();
  await settle();
  await seats.nth(5).click();
  await page.locator('[data-sitter] [data-fault] path').first().waitFor();
  await page.locator('[data-sitter] [data-fault]').first().click();
  await page.waitForTimeout(800);
  await page.evaluate(() => scrollTo(0, 0));
  await shot('class');
  await openBench('demo-03', 'card');
  await shot('fit-card');
  await openBench('demo-18');
  await shot('fit-cello');
  await page.getByRole('link', { name: 'Try on' }).click();
  await page.locator('[data-act=begin-trial]').click();
  await page.locator('[data-look]:focus').waitFor();
  for (let look = 0; look < 3; look++) {
    await page.keyboard.press('1');
    await settle();
  }
  await shot('fit-try');
  await openBench('demo-19', 'set-up');
  await page.getByRole('slider', { name: 'Seat' }).press('ArrowUp');
  await shot('set-up-cello');
  await openBench('demo-23');
  await measure('152', '63.2', '136.4', '144.1', '10.4');
  await openBench('demo-23');
  await shot('fit-bass');
  await page.goto(`${address}/day/demo-day`);
  await page.locator('[data-measure=height]:focus').waitFor();
  await measure('123.6', '50.2', '43.4');
  await page.keyboard.press('Enter');
  // The next in line was measured above.
  await page.getByRole('heading', { name: 'Saffi Dunmorrow', level: 2 }).waitFor();
  await page.keyboard.press('Alt+KeyS');
  await page.getByRole('heading', { name: 'Juno Appleyarrow', level: 2 }).waitFor();
  await page.locator('[data-measure=height]:focus').waitFor();
  await measure('126.2', '48.6', '41.8');
  await shot('fitting-day');
  await page.goto(`${address}/week`);
  await page.locator('[data-group]').first().getByRole('combobox').selectOption('hold');
  await page.locator('[data-behind]').first().waitFor();
  await page.waitForTimeout(800);
  await shot('week');
  await page.goto(`${address}/class/demo-group-thursday-strings#progress`);
  await page
    .getByRole('img', { name: /players of/ })
    .locator('svg')
    .waitFor();
  await shot('progress');
  await page.goto(`${address}/cupboard`);
  await page.locator('[data-shelf]').first().waitFor();
  await page.getByRole('button', { name: 'Who gets what?' }).click();
  await page.locator('[data-line]').first().waitFor();
  await shot('cupboard');
  await page.goto(`${address}/settings`);
  await page.locator('[data-subject=scroll] path').first().waitFor();
  await page.locator('[data-fold=way-left] .fold-title').click();
  await page.locator('[data-subject=wrist-line] path').first().waitFor();
  await page.waitForTimeout(2500);
  await page.evaluate(() => document.getElementById('way').scrollIntoView());
  await shot('settings');
  await page.goto(`${address}/class/demo-group-thursday-strings#papers`);
  await page.locator('.drawn .figure-picture path').first().waitFor();
  await page.waitForTimeout(1500);
  await shot('room-sheet');
  await page.emulateMedia({ colorScheme: 'dark' });
  // A still of the made-up camera with an angle on it.
  await page.goto(`${address}/lesson/demo-08?category=hold`);
  await page.evaluate(() => {
    navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('', 'NotFoundError'));
  });
  await page.locator('[data-act=mirror]').click();
  await page.locator('[data-act=made-up-camera]').click();
  await page.locator('[data-mirror=live]').waitFor();
  await page.waitForTimeout(1500);
  await page.locator('[data-act=freeze]').click();
  await page.locator('[data-act=measure]').click();
  await page.locator('[data-part=angle]').selectOption('instrument-level');
  await page.locator('[data-act=square]').click();
  const points = page.locator('[data-point]');
  for (const [at, [across, down]] of [
    [0.25, 0.44],
    [0.58, 0.48]
  ].entries()) {
    const box = await page.locator('[data-mirror] .points').boundingBox();
    await points.nth(at).focus();
    await page.keyboard.press('Enter');
    await page.mouse.move(...middleOf(await points.nth(at).boundingBox()));
    await page.mouse.down();
    await page.mouse.move(box.x + across * box.width, box.y + down * box.height, { steps: 4 });
    await page.mouse.up();
  }
  await page.locator('[data-act=keep-angle]').waitFor();
  await shot('mirror');

  await browser.close();
}
