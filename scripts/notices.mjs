/** The licences of everything that ships with the application, collected while it is built. */
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import license from 'rollup-plugin-license';

/** What comes in through style sheets, which are no modules of the bundle. */
const IN_STYLES = /^(@fontsource.*|@skeletonlabs\/skeleton|tailwindcss)$/;

/**
 * Package, version and text of its licence by the package's name. Every bundle of a run adds to it; the bundler reads its
 * configuration as a module of its own, so it lies where both find it.
 */
const shared = /** @type {{ jarvelNotices?: Map<string, { text: string }> }} */ (globalThis);
const notices = (shared.jarvelNotices ??= new Map());
/**
 * @param {string} name
 * @param {string | null} version
 * @param {string | null} licence
 * @param {string} text
 */
const note = (name, version, licence, text) =>
  notices.set(name, { name, version, licence, text: text.trim() });

/** The plugin for one bundle. */
export const collectNotices = () =>
  license({
    thirdParty: {
      output: (packages) => {
        for (const { name, version, license: licence, licenseText } of packages)
          note(name ?? '', version, licence, licenseText ?? '');
      }
    }
  });

/** @param {string} root */
function collectStyles(root) {
  const { dependencies, devDependencies } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8'));
  for (const name of Object.keys({ ...dependencies, ...devDependencies }).filter((one) =>
    IN_STYLES.test(one)
  )) {
    const folder = join(root, 'node_modules', name);
    const { version, license: licence } = JSON.parse(readFileSync(join(folder, 'package.json'), 'utf8'));
    const file = readdirSync(folder).find((one) => /^licen[cs]e/i.test(one));
    note(
      name,
      version,
      licence,
      file && existsSync(join(folder, file)) ? readFileSync(join(folder, file), 'utf8') : ''
    );
  }
}

/**
 * Writes all notices as one file, by name. Licences share most of their paragraphs: each is written once, and a notice
 * says which are its.
 *
 * @param {string} file
 */
export function writeNotices(file, root = process.cwd()) {
  collectStyles(root);
  const paragraphs = /** @type {string[]} */ ([]);
  const placeOf = /** @type {Map<string, number>} */ (new Map());
  const place = (/** @type {string} */ paragraph) => {
    const key = paragraph.replace(/\s+/g, ' ').trim();
    if (!placeOf.has(key)) placeOf.set(key, paragraphs.push(paragraph) - 1);
    return placeOf.get(key);
  };
  const all = [...notices.entries()]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([, { text, ...notice }]) => ({
      ...notice,
      parts: text === '' ? [] : text.split(/\n\s*\n/).map(place)
    }));
  writeFileSync(file, JSON.stringify({ paragraphs, notices: all }));
}
