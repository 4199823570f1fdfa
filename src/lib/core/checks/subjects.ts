import type { Family } from '../instruments';
import { SUBJECT_IDS, type SubjectId, type Ways } from './subject-ids';
import { BODY_WAYS } from './ways/body';
import { BOW_WAYS } from './ways/bow';
import { LEFT_WAYS } from './ways/left';
import type { Row, Way } from './ways/way';

export type { Way } from './ways/way';

/** Something on which teachers differ. */
export interface Subject {
  readonly id: SubjectId;
  readonly families: readonly Family[];
  readonly title: string;
  /** The first is the usual one. */
  readonly ways: readonly Way[];
}

const ROWS: Readonly<Record<SubjectId, Row>> = { ...BODY_WAYS, ...LEFT_WAYS, ...BOW_WAYS };

const rowOf = (id: SubjectId): Row => ROWS[id];

export const subjectOf = (id: SubjectId): Subject => {
  const [families, title, ways] = rowOf(id);
  return { id, families, title, ways };
};

/** What a teacher chooses; how the body stands to the music follows from where the scroll points. */
export const CHOSEN_SUBJECTS: readonly SubjectId[] = SUBJECT_IDS.filter((id) => id !== 'facing');

export const subjectsFor = (family: Family): readonly Subject[] =>
  CHOSEN_SUBJECTS.map(subjectOf).filter(({ families }) => families.includes(family));

/** The way of a subject; a way that is not known counts as the usual one. */
export function wayOf(subject: SubjectId, chosen: Ways): Way {
  const { ways } = subjectOf(subject);
  const found = ways.find(({ id }) => id === chosen[subject]) ?? ways[0];
  if (!found) throw new RangeError(`${subject} has no ways`);
  return found;
}
