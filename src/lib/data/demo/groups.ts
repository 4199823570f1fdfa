import type { CheckCategory } from '$lib/core/checks';
import { mondayOf, weekdayOf, type WeeklyLesson } from '$lib/core/plan';
import type { IsoDay } from '$lib/core/time';
import type { Group, Player } from '../store/records';
import { demoSeats } from './lessons';

/** Groups of the made-up class, by their name. */
export const demoGroupId = (name: string) => `demo-group-${name.toLowerCase().replace(/[^a-z]+/g, '-')}`;

/** When a group comes: one of them today, so that the day has something to show. */
const comes = (name: string, today: IsoDay): WeeklyLesson =>
  name.startsWith('Monday')
    ? { weekday: 1, time: '14:15', minutes: 45 }
    : name.startsWith('Thursday')
      ? { weekday: 4, time: '15:30', minutes: 60 }
      : { weekday: weekdayOf(today), time: name === 'Adults' ? '18:30' : '16:00', minutes: 60 };

/** What two groups work on this week; the others are not planned yet. */
const PLANNED: Readonly<Record<string, CheckCategory>> = {
  'Monday beginners': 'hold',
  'Low strings': 'left-hand'
};

/** The made-up groups with their seats and their times. */
export const demoGroups = (
  names: readonly string[],
  players: readonly Player[],
  today: IsoDay
): readonly Group[] =>
  names.map((name) => {
    const id = demoGroupId(name);
    const members = players.filter(({ groupId }) => groupId === id).map((player) => player.id);
    const category = PLANNED[name];
    return {
      id,
      name,
      seating: demoSeats(members),
      lessons: [comes(name, today)],
      ...(category ? { focuses: [{ week: mondayOf(today), category }] } : {}),
      demo: true
    };
  });
