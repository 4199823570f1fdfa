import { createDatabase } from './database';

export * from './records';
export { createDatabase, SCHEMA_VERSION, WRITTEN_BY_NEWER, type Database } from './database';
export {
  commit,
  lastDone,
  lastUndone,
  onCommitted,
  redo,
  undo,
  type Change,
  type Operation
} from './changes';
export { deletedFor, forget, UNDO_DELETION_MS } from './forget';
export { Refusal } from './refusal';
export { NotSaved, watchSaves, type SaveProblem, type SaveState } from './save-state';
export { newId } from './ids';
export { changeSettings, DEFAULT_SETTINGS, getSettings, sizesInUse } from './settings';
export {
  addPlayer,
  addPlayers,
  archivePlayer,
  deletePlayer,
  editPlayer,
  EMPTY_PLAYER,
  removeDemo
} from './players';
export { groupNames, groupOf, setAway, setGroupWay, setSeats, type GroupNames, type Seat } from './groups';
export {
  addReading,
  dropReading,
  freshReadings,
  isFresh,
  newestByKind,
  setSlopeLook,
  takenNow,
  withComing,
  type ComingReading
} from './measurements';
export {
  answerWith,
  decidedOf,
  isOfThisFit,
  setupReviewOf,
  newestFirst,
  newestFitOf,
  openPains,
  outlookFor,
  readingsOf,
  sizingQuestion,
  triedOf,
  type PlayerCase
} from './case';
export { decideFit, keepSetup, type Decision, type SetupToKeep } from './fits';
export { answerTrial, beginTrial, dropTrial } from './trials';
export { closePains, notePain } from './pains';
export { changeKit, kitGaps } from './kit';
export { keptTapes, stepTapes, type KeptTape } from './tapes';
export { changeDraft, changeSetup, finishDraft, newDraft } from './drafts';
export { noteLook, type LookToNote } from './looks';
export { keepText, NEW_PLAYER, SETTINGS_FORM, typedOf } from './typed';
export { lastPractised, newestByCheck, recordCheck, seenResults, setPractice, toggleFault } from './checks';

/** The one database of the page. */
export const db = createDatabase();
