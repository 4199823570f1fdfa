import { lockText, LEAST_PASSWORD } from '$lib/data/files/lock';
import { download } from '$lib/ui/download';

/** Whether a file can be saved with what stands in the password's field: nothing, or long enough. */
export const isPassword = (password: string): boolean => password === '' || password.length >= LEAST_PASSWORD;

/** Saves records as a file, locked where there is a password; a locked file's name says nobody's name. */
export async function saveFile(
  { name, lockedName }: { readonly name: string; readonly lockedName: string },
  records: unknown,
  password: string
): Promise<void> {
  if (password === '') download(name, 'application/json', JSON.stringify(records, null, 1));
  else download(lockedName, 'application/json', await lockText(JSON.stringify(records), password));
}
