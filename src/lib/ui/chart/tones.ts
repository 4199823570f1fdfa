/** Colours of the theme as a chart can take them, by the name of the variable. */
export function tonesOf<Name extends string>(
  host: HTMLElement,
  names: readonly Name[]
): Readonly<Record<Name, string>> {
  const probe = document.createElement('span');
  host.append(probe);
  const tones = names.map((name) => {
    probe.style.color = `var(--${name})`;
    return [name, getComputedStyle(probe).color] as const;
  });
  probe.remove();
  return Object.fromEntries(tones) as Record<Name, string>;
}
