export { armPicture, type ArmPicture, type ArmQuestion } from './arm-picture';
export { backPicture } from './back-picture';
export {
  changed,
  changeKind,
  CHANGE_NAMES,
  changesFor,
  viewOf,
  type Change,
  type ChangeName,
  type Cue
} from './changes';
export { type Drawing, type Ink } from './drawing/draw';
export { TONES } from './drawing/materials';
export { loopsOf } from './drawing/path';
export { type Figure, type FigureSetup } from './figure';
export { contactsOf, REACHED_MM } from './contacts';
export {
  figureFor,
  pairOf,
  pictureFor,
  pictureOf,
  type PictureOptions,
  type PictureQuestion
} from './picture';
export { NOTHING_STRAYED, type Straying } from './marks';
export { windowOf, type DrawnCue, type Picture } from './plain-picture';
export { POSES, poseNames } from './pose/poses';
export { PAPER, STROKE_PX, svgOf } from './svg';
export { type Vec } from './vector';
export { detailFor, shapeOf, shownMm, VIEWS, VIEW_NAMES, type ViewName } from './views';
