/**
 * Measures what the project promises: the time of the rules, the weight of the first screen, and how soon each screen
 * is there with a thousand and five thousand players. Ends with 1 when a promise is broken.
 */
import { build, install } from '../lib.mjs';
import { CALM_MS } from './reference.mjs';

install();
build();

let broken = false;

/**
 * Says what was measured against what is promised. Times that were taken in turn with the reference are promised as a
 * ratio to it: on a machine that is twice as slow just now they may take twice as long.
 */
function report(what, measured, limit, unit) {
  const { value, reference = null } = typeof measured === 'number' ? { value: measured } : measured;
  const slow = reference === null ? 1 : reference / CALM_MS;
  const fine = value <= limit * slow;
  broken ||= !fine;
  const share = ((100 * value) / (limit * slow)).toFixed(0);
  const beside = reference === null ? '' : ` on a machine ${slow.toFixed(1)} times as slow as calm`;
  console.log(
    `${fine ? 'holds ' : 'BROKEN'}  ${what}: ${value.toFixed(3)} ${unit} of at most ${limit}${beside} (${share} %)`
  );
}

const { benchRules } = await import('./rules.bench.mjs');
await benchRules(report);
const { benchCupboard } = await import('./cupboard.bench.mjs');
await benchCupboard(report);
const { benchFigure } = await import('./figure.bench.mjs');
await benchFigure(report);
const { benchLesson } = await import('./lesson.bench.mjs');
await benchLesson(report);
const { benchSetups } = await import('./setups.bench.mjs');
await benchSetups(report);
const { benchFiles } = await import('./files.bench.mjs');
await benchFiles(report);
const { benchScreens } = await import('./screens.bench.mjs');
await benchScreens(report);
process.exit(broken ? 1 : 0);
