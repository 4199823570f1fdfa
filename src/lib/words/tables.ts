import type { TableName } from '$lib/data';

export const TABLE_WORDS: Readonly<Record<TableName, string>> = {
  players: 'Players',
  measurements: 'Measurements',
  fits: 'Sizes decided',
  setups: 'Set-ups',
  checks: 'Checks',
  instruments: 'Instruments',
  drafts: 'Half-done fits',
  settings: 'Settings'
};
