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
