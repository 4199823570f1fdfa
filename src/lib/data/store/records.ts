export type {
  Aid,
  AidKind,
  CheckResult,
  Lesson,
  MeasuredAngle,
  OwnCheckRecord,
  Pain,
  Practice
} from '../schema/check';
export type { Instrument, Loan } from '../schema/cupboard';
export type { DayState, FittingDay } from '../schema/day';
export type { Draft, Typed } from '../schema/draft';
export type { Fit, Measurement, Trial } from '../schema/fit';
export type { Group } from '../schema/group';
export type { GrowthCurve, Player, PlayerForm } from '../schema/player';
export type { Remedy, ReviewRecord } from '../schema/remedy';
export type { Settings, ThemeChoice } from '../schema/settings';
export type { Look, Setup } from '../schema/setup';
export type { Records, TableName } from './tables';
