/** How long a plan of the cupboard takes. */
import loadHighs from 'highs';
import { createServer } from 'vite';
import { root } from '../lib.mjs';
import { inTurn } from './reference.mjs';

const SIZES = ['1/16', '1/10', '1/8', '1/4', '1/2', '3/4', '4/4'];

/** A school that nobody chose: who grows, who has what, some away; measured ones lean to their neighbours. */
function school({ players, instruments, terms, leaning = false }, seed) {
  let at = seed;
  const random = () => (at = (at * 16807) % 2147483647) / 2147483647;
  const size = () => Math.floor(1 + random() * (SIZES.length - 2));
  const own = Array.from({ length: instruments }, (_, i) => {
    const away = random();
    const leans = leaning ? { leans: Math.round(random() * 6 - 3) / 10 } : {};
    return {
      ...leans,
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
  const small = { players: 60, instruments: 60, terms: 3 };
  const large = { players: 300, instruments: 250, terms: 4 };
  const asked = (size, turn) => ({ ...school(size, 31 + turn), costs: USUAL_COSTS });
  const nameOf = ({ players, instruments, terms }) =>
    `${players} players, ${instruments} instruments, ${terms} terms`;
  for (const [size, limit, tries] of [
    [small, 0.3, 9],
    [large, 2, 3]
  ]) {
    const measured = await inTurn(tries, async (turn) => {
      const question = asked(size, turn);
      const start = performance.now();
      const { gap } = await assign(question, solve);
      if (gap !== 0) throw new Error('not proven the best');
      return (performance.now() - start) / 1000;
    });
    report(`a plan for ${nameOf(size)}`, measured, limit, 's');
  }
  /** Seconds until a plan that costs at most a share more than the best. */
  const until = (share) => async (turn) => {
    const question = asked({ ...large, leaning: true }, turn);
    const start = performance.now();
    const isEnough = ({ cost, bound }) => cost - bound <= share * cost;
    const { gap } = await assign(question, solve, isEnough);
    if (gap > share) throw new Error('no plan that is good enough');
    return (performance.now() - start) / 1000;
  };
  report(`any plan for as many, each measured`, await inTurn(2, until(Infinity)), 3, 's');
  report(`a plan within 1 % for as many, each measured`, await inTurn(2, until(0.01)), 20, 's');
  await vite.close();
}
