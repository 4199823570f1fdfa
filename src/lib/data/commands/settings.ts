import { commit } from '../journal/changes';
import { getSettings } from '../questions/settings';
import type { Database } from '../store/database';
import type { Settings } from '../store/records';
import { clearTyped, SETTINGS_FORM } from './typed';

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
