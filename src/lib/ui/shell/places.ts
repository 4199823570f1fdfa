import Armchair from '@lucide/svelte/icons/armchair';
import CalendarCheck2 from '@lucide/svelte/icons/calendar-check-2';
import FolderDown from '@lucide/svelte/icons/folder-down';
import Library from '@lucide/svelte/icons/library';
import ListOrdered from '@lucide/svelte/icons/list-ordered';
import SlidersHorizontal from '@lucide/svelte/icons/sliders-horizontal';
import UsersRound from '@lucide/svelte/icons/users-round';

/** A place of the shell, with what else belongs to it. */
export interface Place {
  readonly href: string;
  readonly name: string;
  readonly icon: typeof Armchair;
  readonly also?: readonly string[];
}

/** The places of Jarvel in the order of a teacher's moments; Alt and a digit lead to each. */
export const PLACES: readonly Place[] = [
  { href: '/', name: 'Today', icon: CalendarCheck2 },
  { href: '/day', name: 'Fitting day', icon: ListOrdered },
  { href: '/class', name: 'Class', icon: Armchair },
  {
    href: '/players',
    name: 'Players',
    icon: UsersRound,
    also: ['/fit', '/lesson', '/progress', '/letter', '/card', '/home-card', '/set-up']
  },
  { href: '/cupboard', name: 'Cupboard', icon: Library },
  { href: '/files', name: 'Files', icon: FolderDown },
  { href: '/settings', name: 'Settings', icon: SlidersHorizontal }
];
