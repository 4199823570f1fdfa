import { expect, it } from 'vitest';
import { changeSettings } from '../commands/settings';
import { loadDemo } from '../demo/demo';
import { freshDatabase } from '../testing';
import { foreseeMissing } from './foreseen';

const TODAY = '2026-11-24';

it('what is foreseen outlasts a change of what it does not rest on, and no other', async () => {
  const db = freshDatabase();
  await loadDemo(db, new Date(`${TODAY}T10:42:00`));
  await foreseeMissing(db, TODAY);
  const known = () => db.foreseen.count();
  const all = await known();
  expect(all).toBeGreaterThan(0);
  await changeSettings(db, 'Changed the theme', { theme: 'dark' });
  await changeSettings(db, 'Changed what a plan weighs', {
    costs: { smaller: [3, 8], larger: [6, 15], change: 4, waits: 12, rental: 5 }
  });
  expect(await known()).toBe(all);
  await changeSettings(db, 'Changed the rule', { rule: { school: 'wrist' } });
  expect(await known()).toBe(0);
});

it('costs that are none are refused', async () => {
  const db = freshDatabase();
  const none = { smaller: [3], larger: [6, 15], change: 4, waits: 12, rental: 5 } as never;
  await expect(changeSettings(db, 'Changed what a plan weighs', { costs: none })).rejects.toThrow();
});
