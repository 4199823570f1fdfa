import type { TableName } from '$lib/data';

export const TABLE_WORDS: Readonly<Record<TableName, string>> = {
  players: 'Players',
  groups: 'Groups',
  measurements: 'Measurements',
  fits: 'Sizes decided',
  setups: 'Set-ups',
  trials: 'Trials on the body',
  lessons: 'Lessons',
  checks: 'Checks',
  pains: 'Notes of pain',
  aids: 'Aids',
  remedies: 'Remedies',
  reviews: 'Reviews',
  ownChecks: 'Own checks',
  looks: 'Looks at set-ups',
  instruments: 'Instruments',
  loans: 'Loans',
  days: 'Fitting days',
  drafts: 'Half-done fits',
  typed: 'Texts being typed',
  settings: 'Settings',
  gone: 'Who was deleted'
};

/** What a field of a record is called, where its own name does not say it. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  birthMonth: 'birth month',
  curve: 'growth curve',
  family: 'instrument',
  photosAllowed: 'photos allowed',
  groupId: 'group',
  archivedOn: 'archived on',
  at: 'time',
  nextLook: 'next look',
  checkId: 'check',
  lessonId: 'lesson',
  setupId: 'set-up',
  restSchool: 'what fills the gap',
  aHz: 'the A, Hz'
};

/** A field of a record as a teacher reads it. */
export const fieldText = (field: string): string =>
  FIELD_WORDS[field] ?? field.replaceAll(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
