import { dayOf } from '$lib/core/time';

/** `jarvel-backup-2026-11-24.json`, by the day on this machine's calendar. */
export const backupFileName = (now: Date): string => `jarvel-backup-${dayOf(now)}.json`;

/** The name of a locked file, which is none for programs that read text. */
export const lockedFileName = (name: string): string => name.replace(/\.json$/, '-locked.jarvel');
