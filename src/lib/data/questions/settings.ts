import { usualSizes, type Family, type Size } from '$lib/core/instruments';
import { DEFAULT_REST_SCHOOL, DEFAULT_SCROLL_SCHOOL, type ScrollSchool } from '$lib/core/setup';
import { DEFAULT_LANDING_SCHOOL } from '$lib/core/sizing';
import type { Database } from '../store/database';
import type { Settings } from '../store/records';

export const DEFAULT_SETTINGS: Settings = {
  id: 'settings',
  unit: 'cm',
  rule: { school: DEFAULT_LANDING_SCHOOL },
  restSchool: DEFAULT_REST_SCHOOL,
  tiltSchool: 'high-over-shoulder',
  sizes: {},
  dimensions: {},
  theme: 'system',
  teacherName: ''
};

/** The teacher's settings, defaults where nothing was chosen. */
export const getSettings = async (db: Database): Promise<Settings> => ({
  ...DEFAULT_SETTINGS,
  ...(await db.settings.get('settings'))
});

/** Where the teacher has the scroll point. Who once chose only to aim the left side at the stand has it in line. */
export const scrollSchoolOf = ({ scrollSchool, ways }: Settings): ScrollSchool =>
  scrollSchool ?? (ways?.facing === 'left-side' ? 'in-line' : DEFAULT_SCROLL_SCHOOL);

/** The sizes of a family that the teacher uses, largest first. */
export const sizesInUse = (settings: Settings, family: Family): readonly Size[] =>
  settings.sizes[family] ?? usualSizes(family);
