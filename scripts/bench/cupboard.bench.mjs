/** How long a plan of the cupboard takes. */
import loadHighs from 'highs';
import { createServer } from 'vite';
import { root } from '../lib.mjs';
import { inTurn } from './reference.mjs';

const SIZES = ['1/16', '1/10', '1/8', '1/4', '1/2', '3/4', '4/4'];

/** A school that nobody chose: who grows, who has what, some away. */
function school(players, instruments, terms, seed) {
  let at = seed;
  const random = () => (at = (at * 16807) % 2147483647) / 2147483647;
  const size = () => Math.floor(1 + random() * (SIZES.length - 2));
  const own = Array.from({ length: instruments }, (_, i) => {
    const away = random();
    return {
      id: `i${String(i).padStart(3, '0')}`,
      size: SIZES[size()],
      shared: false,
      only: null,
      there: Array.from({ length: terms }, (_, term) => away > 0.05 || term > 0),
      rental: false,
      steps: null
    };
  });
  const who = Array.from({ length: players }, (_, i) => {
    let now = size();
    const wanted = Array.from({ length: terms }, () => {
      const chance = random();
      if (random() < 0.3) now = Math.min(now + 1, SIZES.length - 2);
      return [
        { size: SIZES[now], chance: 1 - chance },
        { size: SIZES[now + 1], chance }
      ];
    });
    const has = i < 0.8 * instruments ? own[i].id : null;
    return {
      id: `p${String(i).padStart(3, '0')}`,
      wanted,
      now: has,
      noLarger: random() < 0.1,
      fixed: [],
      slots: []
    };
  });
  return { sizes: SIZES, terms, players: who, instruments: own };
}

export async function benchCupboard(report) {
  const vite = await createServer({
    root,
    server: { middlewareMode: true },
    appType: 'custom',
    logLevel: 'error'
  });
  const { assign, solveWith, USUAL_COSTS } = await vite.ssrLoadModule('/src/lib/core/cupboard/index.ts');
  const highs = await loadHighs();
  const solve = (text) => Promise.resolve(solveWith(highs, text));
  for (const [players, instruments, terms, limit, tries] of [
    [60, 60, 3, 0.3, 9],
    [300, 250, 4, 2, 3]
  ]) {
    const measured = await inTurn(tries, async (turn) => {
      const question = { ...school(players, instruments, terms, 31 + turn), costs: USUAL_COSTS };
      const start = performance.now();
      const { gap } = await assign(question, solve);
      if (gap !== 0) throw new Error('not proven the best');
      return (performance.now() - start) / 1000;
    });
    report(`a plan for ${players} players, ${instruments} instruments, ${terms} terms`, measured, limit, 's');
  }
  await vite.close();
}
