import { allWritten } from '$lib/data';
import { LEAST_PASSWORD } from '$lib/data/files/password';
import type { Saved } from '$lib/data/files/desk';
import { download } from '$lib/ui/download';
import type { FileDesk } from './file-desk.svelte';

/** Whether a file can be saved with what stands in the password's field: nothing, or long enough. */
export const isPassword = (password: string): boolean => password === '' || password.length >= LEAST_PASSWORD;

/** The password with which a copy went last or opened: known until the page is left, and written nowhere. */
let known = '';
export const knownPassword = (): string => known;
export const rememberPassword = (password: string): void => {
  known = password;
};

/**
 * Saves records as a file, locked where there is a password; a locked file's name says nobody's name.
 *
 * @returns why it can't be restored as it is; null when it can
 */
export async function saveFile(
  desk: FileDesk,
  { name, lockedName }: { readonly name: string; readonly lockedName: string },
  what: Saved,
  password: string
): Promise<string | null> {
  await allWritten();
  const { bytes, problem } = await desk.run('Writing the file and reading it back', (door, report) =>
    door.write(what, password, new Date(), report)
  );
  // A copy comes back from a colleague; a backup is asked for its password each time.
  if (password !== '' && what.kind === 'copy') rememberPassword(password);
  if (password === '') download(name, 'application/json', bytes);
  else download(lockedName, 'application/octet-stream', bytes);
  return problem;
}
