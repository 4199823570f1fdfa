import { usualSizes, type Family, type Size } from '$lib/core/instruments';
import { DEFAULT_REST_SCHOOL } from '$lib/core/setup';
import { DEFAULT_LANDING_SCHOOL } from '$lib/core/sizing';
import { commit } from '../journal/changes';
import type { Database } from '../store/database';
import { clearTyped, SETTINGS_FORM } from './typed';
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

/**
 * Changes some settings.
 *
 * @param change the new values, or how they follow from the settings as they are stored at that moment
 * @param joins what is changed: changed again right away, as by a slider that is dragged, it is one step
 */
export const changeSettings = (
  db: Database,
  label: string,
  change: Partial<Settings> | ((settings: Settings) => Partial<Settings>),
  joins?: string
): Promise<void> =>
  commit(
    db,
    label,
    async ({ put }) => {
      const settings = await getSettings(db);
      const patch = typeof change === 'function' ? change(settings) : change;
      await put('settings', { ...settings, ...patch, id: 'settings' });
      await clearTyped(db, SETTINGS_FORM, (field) => field in patch);
    },
    joins === undefined ? {} : { joins: `settings ${joins}` }
  );

/** The sizes of a family that the teacher uses, largest first. */
export const sizesInUse = (settings: Settings, family: Family): readonly Size[] =>
  settings.sizes[family] ?? usualSizes(family);
