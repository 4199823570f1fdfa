import Armchair from '@lucide/svelte/icons/armchair';
import CalendarCheck2 from '@lucide/svelte/icons/calendar-check-2';
import FolderDown from '@lucide/svelte/icons/folder-down';
import ListOrdered from '@lucide/svelte/icons/list-ordered';
import Ruler from '@lucide/svelte/icons/ruler';
import SlidersHorizontal from '@lucide/svelte/icons/sliders-horizontal';
import UsersRound from '@lucide/svelte/icons/users-round';

/** The places of Jarvel in the order of a teacher's moments; Alt and a digit lead to each. */
export const PLACES = [
  { href: '/', name: 'Today', icon: CalendarCheck2 },
  { href: '/fit', name: 'Fit', icon: Ruler },
  { href: '/day', name: 'Fitting day', icon: ListOrdered },
  { href: '/class', name: 'Class', icon: Armchair },
  { href: '/players', name: 'Players', icon: UsersRound },
  { href: '/files', name: 'Files', icon: FolderDown },
  { href: '/settings', name: 'Settings', icon: SlidersHorizontal }
] as const;
