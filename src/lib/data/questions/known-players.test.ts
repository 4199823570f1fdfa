import { expect, it } from 'vitest';
import { EMPTY_PLAYER } from '../commands/players';
import type { Player } from '../store/records';
import { knownPlayers } from './known-players';

const player = (id: string, name: string, more: Partial<Player> = {}): Player => {
  const { group: _group, groupId: _groupId, ...form } = EMPTY_PLAYER;
  return {
    ...form,
    id,
    name,
    groupId: null,
    archivedOn: null,
    createdAt: '2026-01-01T09:00:00Z',
    demo: false,
    ...more
  };
};
const form = (name: string, birthMonth: string | null = null, family: Player['family'] = 'violin') => ({
  name,
  birthMonth,
  family
});
const found = (forms: Parameters<typeof knownPlayers>[0], players: readonly Player[]) =>
  knownPlayers(forms, players).map(
    ({ player: known, sameAs }) => known?.id ?? (sameAs === null ? null : `#${sameAs}`)
  );

it('knows a child by name and birth month, whatever the case and the spaces', () => {
  const ada = player('a', 'Ada  Ahorn', { birthMonth: '2018-05' });
  expect(
    found(
      [form(' ada ahorn', '2018-05'), form('ADA AHORN'), form('Ada Ahorn', '2019-01'), form('Ada')],
      [ada]
    )
  ).toEqual(['a', 'a', null, null]);
});

it('takes the one with the same birth month before the one without, and who comes before who was put away', () => {
  const players = [
    player('old', 'Bo', { archivedOn: '2025-01-01' }),
    player('now', 'Bo'),
    player('dated', 'Bo', { birthMonth: '2017-03' })
  ];
  expect(found([form('Bo', '2017-03'), form('Bo', '2016-02'), form('Bo')], players)).toEqual([
    'dated',
    'now',
    'now'
  ]);
});

it('takes one who changed the instrument for the same only by the birth month', () => {
  const dee = player('d', 'Dee', { birthMonth: '2018-05', family: 'violin' });
  expect(found([form('Dee', '2018-05', 'cello'), form('Dee', null, 'cello')], [dee])).toEqual(['d', null]);
});

it('finds who stands twice in a list', () => {
  expect(found([form('Cy'), form('cy '), form('Cy', '2018-01', 'cello')], [])).toEqual([null, '#0', null]);
});
