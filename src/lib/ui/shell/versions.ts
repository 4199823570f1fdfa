import { WRITTEN_BY_NEWER, type Database } from '$lib/data';

const NEWER_ELSEWHERE =
  'Jarvel was updated in another tab. Everything up to here is saved. Reload this page to go on with the new version.';
const DELETED_ELSEWHERE =
  'The records of this browser were deleted, in another tab or in the browser’s own settings. Nothing on this page is stored any more. Reload to begin anew, or to restore a backup in Files.';
const OLDER_HERE =
  'The records on this device were written by a newer version of Jarvel. Reload the page to get it; nothing is lost.';
const WAITING = 'Another tab holds an older version of Jarvel open. Close that tab, then reload this page.';

/** Says in a sentence when two tabs run different versions, or when the database goes; nothing is then written over. */
export function watchVersions(db: Database, say: (sentence: string) => void): () => void {
  const changed = ({ newVersion }: IDBVersionChangeEvent) => {
    db.close();
    // A database that is being deleted has no new version.
    say(newVersion ? NEWER_ELSEWHERE : DELETED_ELSEWHERE);
    return false;
  };
  const blocked = () => say(WAITING);
  db.on('versionchange', changed);
  db.on('blocked', blocked);
  db.open()
    .then(() => void navigator.storage?.persist?.())
    .catch((error: unknown) => {
      if (String(error).includes(WRITTEN_BY_NEWER)) say(OLDER_HERE);
    });
  return () => {
    db.on('versionchange').unsubscribe(changed);
    db.on('blocked').unsubscribe(blocked);
  };
}
