export { armPicture, type ArmPicture, type ArmQuestion } from './arm-picture';
export { backPicture } from './back-picture';
export {
  changed,
  changeKind,
  CHANGES,
  CHANGE_NAMES,
  changesFor,
  viewOf,
  type Change,
  type ChangeKind,
  type ChangeName,
  type Cue
} from './changes';
export { type Drawing, type Ink } from './drawing/draw';
export { TONES, type Tone } from './drawing/materials';
export { figureOf, type Figure, type FigureSetup } from './figure';
export { REACHED_MM, type Contact } from './readout';
export {
  figureFor,
  pairOf,
  pictureOf,
  windowOf,
  windowWithout,
  type DrawnCue,
  type Picture,
  type PictureOptions,
  type PictureQuestion
} from './picture';
export { type Pose } from './pose/pose';
export { POSES, poseNames } from './pose/poses';
export { PAPER, STROKE_PX, svgOf, type Palette } from './svg';
export { type Vec } from './vector';
export { detailFor, shapeOf, shownMm, VIEWS, VIEW_NAMES, type View, type ViewName } from './views';
