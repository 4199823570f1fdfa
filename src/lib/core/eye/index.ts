export { answered, dueNow, howWell, NOTHING_SEEN, type EyeRecord, type HowWell } from './record';
export { isOnMark } from './where';
export { askEye, askPair, RIGHT, type EyeQuestion, type Library } from './question';
