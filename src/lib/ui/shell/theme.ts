import type { ThemeChoice } from '$lib/data';

const KEY = 'jarvel-theme';

/**
 * Puts a theme on the page and follows the system when that is chosen. Remembered outside the database too,
 * so that the next visit starts in it without a flash.
 */
export function applyTheme(choice: ThemeChoice): () => void {
  const system = matchMedia('(prefers-color-scheme: dark)');
  const apply = () =>
    document.documentElement.classList.toggle(
      'dark',
      choice === 'dark' || (choice === 'system' && system.matches)
    );
  apply();
  try {
    localStorage.setItem(KEY, choice);
  } catch {
    // Storage may be closed to the page; the theme then starts light next time.
  }
  system.addEventListener('change', apply);
  return () => system.removeEventListener('change', apply);
}
