import { createDatabase } from './store/database';

export * from './store/records';
export { WRITTEN_BY_NEWER, type Database } from './store/database';
export { commit, undo, type Operation } from './journal/changes';
export { onCommitted } from './journal/heard';
export { lastDone, lastUndone } from './journal/steps';
export { forget, UNDO_DELETION_MS } from './journal/forget';
export { Refusal } from './store/refusal';
export { allWritten, isOfStorage } from './journal/saving';
export { NotSaved, watchSaves, type SaveState } from './journal/save-state';
export { newId } from './store/ids';
export { changeSettings } from './commands/settings';
export { DEFAULT_SETTINGS, getSettings, sizesInUse } from './questions/settings';
export {
  addPlayer,
  archivePlayer,
  deletePlayer,
  editPlayer,
  EMPTY_PLAYER,
  removeDemo
} from './commands/players';
export { groupNames, groupOf, groupsApart, type GroupNames } from './questions/groups';
export { setAway, setGroupWay, setSeats, type Seat } from './commands/groups';
export {
  addReading,
  dropReading,
  isFresh,
  newestByKind,
  setSlopeLook,
  takenNow,
  withComing,
  type ComingReading
} from './commands/measurements';
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
} from './questions/case';
export { decideFit, keepSetup, type SetupToKeep } from './commands/fits';
export { answerTrial, beginTrial, changeTrialAnswer, dropTrial, stepBackInTrial } from './commands/trials';
export { closePains, notePain } from './commands/pains';
export { changeKit, kitGaps } from './commands/kit';
export { keptTapes, stepTapes } from './commands/tapes';
export { changeDraft, changeSetup, finishDraft, newDraft } from './commands/drafts';
export { noteLook } from './commands/looks';
export { keepText, NEW_PLAYER, SETTINGS_FORM, typedOf } from './commands/typed';
export {
  lastPractised,
  newestByCheck,
  recordCheck,
  seenResults,
  recordAngle,
  setPractice,
  toggleFault
} from './commands/checks';

/** The one database of the page. */
export const db = createDatabase();
