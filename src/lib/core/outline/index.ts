export { bodyOutlinePath } from './back-view';
export { sideView, type SideView } from './side-view';
export { armView, type ArmView } from './arm-view';
export { path, smoothThrough, type Point } from './path';
export {
  lowStringsView,
  seatedPlacing,
  standingPlacing,
  type LowStringsView,
  type Placing
} from './low-strings-view';
export { seatedPersonView, standingPersonView, type PersonView } from './person-view';
