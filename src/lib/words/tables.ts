import type { TableName } from '$lib/data';

export const TABLE_WORDS: Readonly<Record<TableName, string>> = {
  players: 'Players',
  measurements: 'Measurements',
  fits: 'Sizes decided',
  setups: 'Set-ups',
  trials: 'Trials on the body',
  checks: 'Checks',
  instruments: 'Instruments',
  days: 'Fitting days',
  drafts: 'Half-done fits',
  settings: 'Settings'
};
