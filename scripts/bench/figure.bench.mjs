/** How long the figure takes to be put together and drawn, and how heavy its pictures are. */
import { gzipSync } from 'node:zlib';
import { bundled } from './bundled.mjs';
import { inTurn } from './reference.mjs';

const TIMES = 41;
const WARM_UP = 20;

function medianMs(work) {
  for (let i = 0; i < WARM_UP; i++) work();
  return inTurn(TIMES, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
}

export async function benchFigure(report) {
  const { figure, instruments } = await bundled('figure', 'instruments');
  const { figureFor, pairOf, pictureOf, svgOf, VIEWS } = figure;
  const { dimensionsOf } = instruments;
  const who = (family, size, heightMm) => ({
    family,
    instrument: dimensionsOf(family, size),
    readings: { height: [heightMm] }
  });
  for (const [text, question, view, detail, limit, coarse] of [
    ['a whole figure at rest, violin', who('violin', '1/4', 1260), 'front', 0.33, 15, false],
    ['a whole figure at rest, cello', who('cello', '1/2', 1310), 'left', 0.34, 15, false],
    ['a whole figure at rest, bass', who('bass', '3/4', 1730), 'front', 0.24, 15, false],
    ['a close-up of the left hand', who('violin', '4/4', 1480), 'leftHand', 1.1, 12, false],
    ['a close-up of the bow hand', who('cello', '4/4', 1480), 'bowHandAbove', 1.1, 12, false],
    ['a frame while it is turned', who('cello', '1/2', 1310), 'threeQuarter', 0.34, 8, true]
  ]) {
    // A figure that is only turned is kept, as its worker keeps it.
    const kept = coarse ? figureFor(question) : null;
    const draw = () => pictureOf(kept ?? figureFor(question), { view: VIEWS[view], detail, coarse });
    report(`${text} (median)`, await medianMs(draw), limit, 'ms');
    const svg = svgOf(draw(), detail, text);
    report(
      `  its SVG (${(gzipSync(svg).length / 1024).toFixed(1)} KB compressed)`,
      svg.length / 1024,
      30,
      'KB'
    );
  }
  for (const [text, question, kind, view, detail] of [
    ['a whole figure', who('viola', '14 in', 1400), 'shoulder-raised', 'headBehind', 0.34],
    ['a hand', who('cello', '1/2', 1310), 'fingers-flat', 'leftHand', 1.1]
  ]) {
    const marked = [{ kind }];
    const draw = () =>
      pairOf(question, { ...question, changes: marked }, { view: VIEWS[view], detail, marked });
    report(`${text} right, and with a marked fault (median)`, await medianMs(draw), 25, 'ms');
  }
}
