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

/** A colour of the theme over its ground, as much of it as a share says: a colour that any program can read. */
export function shadesOf(host: HTMLElement, name: string, shares: readonly number[]): readonly string[] {
  const probe = document.createElement('span');
  host.append(probe);
  const shades = shares.map((share) => {
    probe.style.color = `color-mix(in srgb, var(--${name}) ${100 * share}%, var(--ground))`;
    // `color(srgb 0.5 0.6 0.5)`
    const [red = 0, green = 0, blue = 0] = (getComputedStyle(probe).color.match(/[\d.]+/g) ?? []).map(
      (part) => Math.round(255 * Number(part))
    );
    return `rgb(${red}, ${green}, ${blue})`;
  });
  probe.remove();
  return shades;
}
