/** The names of what a picture can be made of, without what draws it. */
export { changeKind, CHANGE_NAMES, changesFor, viewOf, type Change, type ChangeName } from './changes';
export { POSES, poseNames } from './pose/poses';
export { VIEW_NAMES, VIEWS, type ViewName } from './views';
