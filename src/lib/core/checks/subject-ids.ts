/** Subjects on which teachers differ, in the order in which a player meets them. */
export const SUBJECT_IDS = [
  'start',
  'feet',
  'facing',
  'seat',
  'thumb-place',
  'thumb-shape',
  'wrist-line',
  'frame-from',
  'early-help',
  'cello-placing',
  'anchoring',
  'thumb-contact',
  'finger-contact',
  'bow-thumb-place',
  'bow-thumb-shape',
  'bow-building',
  'second-finger',
  'bow-elbow',
  'bass-bow-hold',
  'bass-plucking'
] as const;
export type SubjectId = (typeof SUBJECT_IDS)[number];

/** The ways that a teacher chose by subject; the usual one where absent. */
export type Ways = Readonly<Partial<Record<SubjectId, string>>>;
