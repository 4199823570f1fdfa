import { createDatabase } from './database';

export * from './records';
export { createDatabase, SCHEMA_VERSION, WRITTEN_BY_NEWER, type Database } from './database';
export { commit, lastDone, lastUndone, redo, undo, type Change } from './changes';
export { watchSaves, type SaveState } from './save-state';
export { newId } from './ids';
export { changeSettings, DEFAULT_SETTINGS, getSettings, sizesInUse } from './settings';
export {
  addPlayer,
  addPlayers,
  changePlayer,
  deletePlayer,
  EMPTY_PLAYER,
  removeDemo,
  type PlayerForm
} from './players';
export { addReading, dropReading, freshReadings, isFresh, newestByKind, setSlopeLook } from './measurements';
export { decideFit, keepSetup, newestFirst, type Decision } from './fits';
export { answerTrial, beginTrial, dropTrial } from './trials';
export { changeDraft, finishDraft, getDraft, keepText, newDraft } from './drafts';
export { newestByCheck, recordCheck } from './checks';

/** The one database of the page. */
export const db = createDatabase();
