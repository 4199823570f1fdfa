/**
 * Measures what the project promises: the time of the rules, the weight of the first screen, and how soon each screen
 * is there with a thousand and five thousand players. Ends with 1 when a promise is broken.
 */
import { build, install } from '../lib.mjs';

install();
build();

let broken = false;

/** Says what was measured against what is promised. */
function report(what, value, limit, unit) {
  const fine = value <= limit;
  broken ||= !fine;
  console.log(
    `${fine ? 'holds ' : 'BROKEN'}  ${what}: ${value.toFixed(3)} ${unit} of at most ${limit} (${((100 * value) / limit).toFixed(0)} %)`
  );
}

const { benchRules } = await import('./rules.bench.mjs');
await benchRules(report);
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
