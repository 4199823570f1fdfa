/**
 * Writes contact sheets of every pose, view and change into the folder `sheets`, for a person to look at.
 *
 *   npm run sheets -- [NAME…]
 *   npm run sheets -- --blind SEED [--count 72]
 *
 * Blind: pairs of right and fault that nobody chose, with numbers and no words, in colour and in grey; what each shows
 * stands in a file of its own. Whoever did not draw them says what is wrong, and a guess counts as not named.
 */
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { createServer } from 'vite';
import { launch } from './browser.mjs';
import { install, random, root } from './lib.mjs';

const WIDE_PX = 250;
const HIGH_PX = 270;
const SIZES = { violin: ['1/4', 1260], viola: ['13 in', 1420], cello: ['1/2', 1310], bass: ['1/2', 1480] };
const folder = join(root, 'sheets');

install();
mkdirSync(folder, { recursive: true });
const vite = await createServer({
  root,
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error'
});
const core = (name) => vite.ssrLoadModule(`/src/lib/core/${name}/index.ts`);
const figure = await core('figure');
const { dimensionsOf } = await core('instruments');
const { checksFor, sidesOf } = await core('checks');
const browser = await launch();

const { values, positionals: asked } = parseArgs({
  allowPositionals: true,
  options: { blind: { type: 'string' }, count: { type: 'string', default: '72' } }
});
const kinds = values.blind === undefined ? Object.entries(SIZES) : [];
if (values.blind !== undefined) await blind(Number(values.blind), Number(values.count));
for (const [family, [size, heightMm]] of kinds) {
  const who = { family, instrument: dimensionsOf(family, size), readings: { height: [heightMm] } };
  await sheet(`${family}-poses`, 6, posesOf(who));
  await sheet(`${family}-views`, 6, viewsOf(who));
  await sheet(`${family}-changes`, 8, changesOf(who));
  await sheet(`${family}-checks`, 8, checkPictures(who, await checksFor(family)));
}
await browser.close();
await vite.close();

function detailOf(view, { readings, instrument }) {
  return figure.detailFor(view, { wide: WIDE_PX, high: HIGH_PX }, readings.height[0], instrument.bodyMm);
}

function cell(who, view, text, rest = {}) {
  const detail = detailOf(view, who);
  const picture = figure.pictureOf(figure.figureFor({ ...who, ...rest }), { view, detail });
  return { svg: figure.svgOf(picture, detail, text), text };
}

function* posesOf(who) {
  for (const pose of figure.poseNames(who.family))
    for (const view of ['front', 'left', 'threeQuarter'])
      yield cell(who, figure.VIEWS[view], `${pose}, ${view}`, { pose });
}

function* viewsOf(who) {
  for (const view of figure.VIEW_NAMES) yield cell(who, figure.VIEWS[view], view);
}

/** The pairs as a teacher meets them: right and wrong beside each other. */
function* changesOf(who) {
  for (const kind of figure.changesFor(who.family)) {
    const view = figure.VIEWS[figure.viewOf(kind, who.family)];
    const detail = detailOf(view, who);
    const right = { ...who, pose: figure.changeKind(kind).pose ?? 'playing' };
    const pair = figure.pairOf(right, { ...right, changes: [{ kind }] }, { view, detail });
    yield { svg: figure.svgOf(pair.right, detail, ''), text: '' };
    yield { svg: figure.svgOf(pair.wrong, detail, kind), text: kind };
  }
}

/** Each check as it should be, then with each of its faults, from every side from which it is shown. */
function* checkPictures(who, checks) {
  for (const check of checks)
    for (const { right, faults } of sidesOf(check, who.family)) {
      const view = figure.VIEWS[right.view];
      const detail = detailOf(view, who);
      const picture = (scene) => {
        const question = { ...who, pose: scene.pose, changes: scene.changes };
        const options = { view, detail, marked: scene.marked };
        return figure.svgOf(figure.pictureFor(question, options), detail, '');
      };
      yield { svg: picture(right), text: check.id };
      for (const { fault, scene } of faults) yield { svg: picture(scene), text: `✗ ${fault.id}` };
    }
}

/** Pairs as they come, the families in turn: a fault of a check as it is shown, beside the same as it should be. */
async function blind(seed, count) {
  const next = random(seed);
  const any = (list) => list[Math.floor(next() * list.length)];
  const key = [];
  const cells = [];
  const families = Object.keys(SIZES);
  for (let i = 0; i < count; i++) {
    const family = families[i % families.length];
    const [size, heightMm] = SIZES[family];
    const who = { family, instrument: dimensionsOf(family, size), readings: { height: [heightMm] } };
    const check = any(await checksFor(family));
    const side = any(sidesOf(check, family).filter(({ faults }) => faults.length > 0));
    const { fault, scene } = any(side.faults);
    const view = figure.VIEWS[scene.view];
    const drawn = ({ pose, changes, marked }, detail) =>
      figure.pictureFor({ ...who, pose, changes }, { view, detail, marked });
    // As large as its place allows, as the application shows it.
    const { window } = drawn(side.right, 0.2);
    const detail = Math.min(WIDE_PX / window.width, HIGH_PX / window.height);
    const svg = (one) => figure.svgOf(drawn(one, detail), detail, '');
    cells.push({ svg: svg(side.right), text: `${i + 1}` }, { svg: svg(scene), text: '' });
    key.push(`${i + 1}\t${family}\t${scene.view}\t${check.id} ${fault.id}\t${fault.text}`);
  }
  // So many on a page that whoever opens it sees them at about their size.
  const EACH = 24;
  for (let page = 0; EACH * page < cells.length; page++)
    for (const grey of [false, true])
      await sheet(
        `blind-${seed}-${page + 1}${grey ? '-grey' : ''}`,
        6,
        cells.slice(EACH * page, EACH * (page + 1)),
        grey
      );
  writeFileSync(join(folder, `blind-${seed}-key.txt`), `${key.join('\n')}\n`);
}

async function sheet(name, columns, cells, grey = false) {
  if (asked.length > 0 && !asked.includes(name)) return;
  const page = await (
    await browser.newContext({ viewport: { width: columns * (WIDE_PX + 16), height: 400 } })
  ).newPage();
  const figures = [...cells].map(
    ({ svg, text }) =>
      `<figure style="margin:4px;display:flex;flex-direction:column;justify-content:end;align-items:center;overflow:hidden">${svg}<figcaption style="height:16px">${text}</figcaption></figure>`
  );
  await page.setContent(
    `<body style="margin:0;font:12px sans-serif${grey ? ';filter:grayscale(1)' : ''}"><div style="display:grid;grid-template-columns:repeat(${columns},1fr)">${figures.join('')}</div>`
  );
  await page.screenshot({ path: join(folder, `${name}.png`), fullPage: true });
  await page.context().close();
  console.log(name);
}
