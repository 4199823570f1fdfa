export { bodyOutlinePath } from './back-view';
export { sideView, type SideView } from './side-view';
export { armView, type ArmView } from './arm-view';
export { path, smoothThrough, type Point } from './path';
