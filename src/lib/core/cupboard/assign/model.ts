import type { InstrumentClass } from './classes';
import { mayWait, weightOf } from './cost';
import type { AssignQuestion } from './types';

/** The variable that says that a player has one of a class in a term. */
export const hasName = (player: number, of: number, term: number): string => `x${player}_${of}_${term}`;
const waitsName = (player: number, term: number): string => `w${player}_${term}`;
const changeName = (player: number, term: number): string => `c${player}_${term}`;

const SHARP = 1e6;
const short = (value: number): string => `${Math.round(value * SHARP) / SHARP}`;
const plus = (names: readonly string[]): string => names.join(' + ');

/**
 * The question as the text of a mixed integer program: each player has one instrument or waits in each term, each instrument is
 * with one, and what changes costs. The relaxation of the changes is exact: they follow from who has what.
 */
export function modelOf(question: AssignQuestion, classes: readonly InstrumentClass[]): string {
  const { players, terms, costs } = question;
  const objective: string[] = [];
  const rows: string[] = [];
  const whole: string[] = [];
  /** Who can have one of a class in a term. */
  const offered = new Map<string, { readonly player: number; readonly name: string }[]>();
  players.forEach((player, p) => {
    let before: ReadonlyMap<number, string> = new Map();
    for (let term = 0; term < terms; term++) {
      const has = new Map<number, string>();
      classes.forEach(({ instruments, costs: costsOf }, k) => {
        const cost = costsOf[p]?.[term] ?? null;
        if (cost === null) return;
        const name = hasName(p, k, term);
        has.set(k, name);
        whole.push(name);
        const stays = player.now === null || instruments.some(({ id }) => id === player.now);
        const moves = term === 0 && !stays ? costs.change : 0;
        objective.push(`${short(weightOf(question, term) * cost + moves)} ${name}`);
        const key = `${k} ${term}`;
        const list = offered.get(key) ?? [];
        list.push({ player: p, name });
        offered.set(key, list);
      });
      const waits = waitsName(p, term);
      // Who has nothing waits: whole by itself.
      if (mayWait(player, term)) {
        objective.push(`${short(weightOf(question, term) * costs.waits)} ${waits}`);
      }
      const choices = [...has.values(), ...(mayWait(player, term) ? [waits] : [])];
      // Fixed on what is away: then nothing holds, and that is told.
      rows.push(choices.length > 0 ? `${plus(choices)} = 1` : `0 ${waits} = 1`);
      if (term > 0 && costs.change > 0) {
        const change = changeName(p, term);
        let isUsed = false;
        for (const [k, was] of before) {
          // Whoever had one of a class has one again, waits, or has changed: since each has one thing, that says it all.
          const rest = [has.get(k), mayWait(player, term) ? waits : undefined].filter(
            (name) => name !== undefined
          );
          rows.push(`${was}${rest.map((name) => ` - ${name}`).join('')} - ${change} <= 0`);
          isUsed = true;
        }
        if (isUsed) objective.push(`${short(costs.change)} ${change}`);
      }
      before = has;
    }
  });
  /** How many are got of what stands for as many as are needed, with what each costs. */
  const got = new Map<string, number>();
  for (const [key, list] of offered) {
    const of = classes[Number(key.split(' ')[0])];
    const [first] = of?.instruments ?? [];
    if (!of || !first) continue;
    if (first.rental) {
      if (first.each !== undefined) {
        const [k] = key.split(' ');
        rows.push(`${plus(list.map(({ name }) => name))} - g${k} <= 0`);
        got.set(`g${k}`, first.each);
      }
      continue;
    }
    if (!first.shared) {
      if (list.length > of.instruments.length)
        rows.push(`${plus(list.map(({ name }) => name))} <= ${of.instruments.length}`);
      continue;
    }
    const bySlot = new Map<string, string[]>();
    for (const { player, name } of list) {
      const slots = players[player]?.slots ?? [];
      for (const slot of slots.length > 0 ? slots : ['']) {
        const names = bySlot.get(slot) ?? [];
        names.push(name);
        bySlot.set(slot, names);
      }
    }
    for (const names of bySlot.values())
      if (names.length > of.instruments.length) rows.push(`${plus(names)} <= ${of.instruments.length}`);
  }
  for (const [name, each] of got) objective.push(`${short(each)} ${name}`);
  return [
    'Minimize',
    ` cost: ${objective.length > 0 ? plus(objective) : '0 none'}`,
    'Subject To',
    ...rows.map((row, at) => ` r${at}: ${row}`),
    'Binary',
    ...whole.map((name) => ` ${name}`),
    ...(got.size > 0 ? ['General', ...[...got.keys()].map((name) => ` ${name}`)] : []),
    'End'
  ].join('\n');
}
