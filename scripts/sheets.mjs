/** Writes contact sheets of every pose, view and change into the folder `sheets`, for a person to look at. */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { createServer } from 'vite';
import { launch } from './browser.mjs';
import { install, root } from './lib.mjs';

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

const asked = process.argv.slice(2);
for (const [family, [size, heightMm]] of Object.entries(SIZES)) {
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
        const window = figure.windowWithout(question, options);
        return figure.svgOf(figure.pictureOf(figure.figureFor(question), options, window), detail, '');
      };
      yield { svg: picture(right), text: check.id };
      for (const { fault, scene } of faults) yield { svg: picture(scene), text: `✗ ${fault.id}` };
    }
}

async function sheet(name, columns, cells) {
  if (asked.length > 0 && !asked.includes(name)) return;
  const page = await (
    await browser.newContext({ viewport: { width: columns * (WIDE_PX + 16), height: 400 } })
  ).newPage();
  const figures = [...cells].map(
    ({ svg, text }) =>
      `<figure style="margin:4px;display:flex;flex-direction:column;justify-content:end;align-items:center;overflow:hidden">${svg}<figcaption style="height:16px">${text}</figcaption></figure>`
  );
  await page.setContent(
    `<body style="margin:0;font:12px sans-serif"><div style="display:grid;grid-template-columns:repeat(${columns},1fr)">${figures.join('')}</div>`
  );
  await page.screenshot({ path: join(folder, `${name}.png`), fullPage: true });
  await page.context().close();
  console.log(name);
}
