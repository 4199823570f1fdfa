import loadHighs from 'highs';
import { expect, it } from 'vitest';
import { costOf, mayWait, weightOf } from './cost';
import { anyQuestion } from './any-question.testing';
import { assign } from './assign';
import { solveWith } from './solver';
import type { AssignQuestion } from './types';

const highs = await loadHighs();
const solve = (text: string) => Promise.resolve(solveWith(highs, text));

const WAITS = -1;

/**
 * The same question put another way: each player walks from what is held in one term to what is held in the next, each
 * instrument by itself, and every step has its price. No classes, and no variable that says that something changes.
 */
function walksOf(question: AssignQuestion): string {
  const { players, instruments, terms, costs } = question;
  const objective: string[] = [];
  const rows: string[] = [];
  const whole: string[] = [];
  const held = new Map<string, string[]>();
  players.forEach((player, p) => {
    const states = (term: number) => [
      ...(mayWait(player, term) ? [WAITS] : []),
      ...instruments.flatMap((one, i) => (costOf(question, player, one, term) === null ? [] : [i]))
    ];
    const now = player.now === null ? WAITS : instruments.findIndex(({ id }) => id === player.now);
    let before = [now];
    let arriving = new Map<number, string[]>();
    for (let term = 0; term < terms; term++) {
      const next = new Map<number, string[]>();
      for (const from of before) {
        const leaving: string[] = [];
        for (const to of states(term)) {
          const name = `z${p}_${term}_${from + 1}_${to + 1}`;
          const one = instruments[to];
          const price = one ? (costOf(question, player, one, term) ?? 0) : costs.waits;
          const change = from !== WAITS && to !== WAITS && from !== to ? costs.change : 0;
          objective.push(`${(weightOf(question, term) * price + change).toFixed(6)} ${name}`);
          whole.push(name);
          leaving.push(name);
          next.set(to, [...(next.get(to) ?? []), name]);
          const slots = one?.shared && player.slots.length > 0 ? player.slots : [''];
          if (one && !one.rental)
            for (const slot of slots) {
              const place = `${to} ${term} ${one.shared ? slot : ''}`;
              held.set(place, [...(held.get(place) ?? []), name]);
            }
        }
        const came = arriving.get(from);
        rows.push(
          term === 0
            ? `${leaving.join(' + ')} = 1`
            : `${leaving.join(' + ')}${(came ?? []).map((name) => ` - ${name}`).join('')} = 0`
        );
      }
      arriving = next;
      before = [...next.keys()];
    }
  });
  for (const names of held.values()) rows.push(`${names.join(' + ')} <= 1`);
  return `Minimize\n cost: ${objective.join(' + ')}\nSubject To\n${rows.map((row, at) => ` r${at}: ${row}`).join('\n')}\nBinary\n ${whole.join('\n ')}\nEnd`;
}

/** A hundred take more than a minute: they are for whoever changes how it is put. */
const SCHOOLS = Number(process.env.SCHOOLS ?? 8);

it('put another way, schools of some twenty cost the same', async () => {
  for (let seed = 1; seed <= SCHOOLS; seed++) {
    const asked = anyQuestion(seed, { least: 14, most: 20, terms: 3, slots: 1 + (seed % 2) });
    const found = await assign(asked, solve);
    const { bound } = await solve(walksOf(asked));
    expect([seed, found?.cost.toFixed(3), found?.gap]).toEqual([seed, bound.toFixed(3), 0]);
  }
}, 600_000);
