/** The names of what a picture can be made of, without what draws it. */
export { CHANGE_NAMES, changesFor, type ChangeName } from './changes';
export { poseNames } from './pose/poses';
export { VIEW_NAMES, VIEWS, type ViewName } from './views';
