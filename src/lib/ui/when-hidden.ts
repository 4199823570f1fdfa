/** Does something whenever nobody sees the page any more. Returns the way to stop. */
export function whenHidden(act: () => void): () => void {
  const changed = () => {
    if (document.hidden) act();
  };
  document.addEventListener('visibilitychange', changed);
  return () => document.removeEventListener('visibilitychange', changed);
}
