const plain = (value: unknown): string | undefined => JSON.stringify(value) as string | undefined;

/** A value as a text in which the order of keys does not matter; what is undefined does not stand in it. */
export function canonical(value: unknown): string {
  if (typeof value !== 'object' || value === null) return plain(value) ?? 'null';
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`;
  const fields: string[] = [];
  for (const key of Object.keys(value).sort()) {
    const inner = (value as Readonly<Record<string, unknown>>)[key];
    if (inner !== undefined) fields.push(`${plain(key) ?? ''}:${canonical(inner)}`);
  }
  return `{${fields.join(',')}}`;
}

/** A short print of a record, 53 bits: enough to tell that it is as it was. */
export function printOf(record: object): string {
  const text = canonical(record);
  let [a, b] = [0xdeadbeef, 0x41c6ce57];
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    a = Math.imul(a ^ code, 2654435761);
    b = Math.imul(b ^ code, 1597334677);
  }
  a = Math.imul(a ^ (a >>> 16), 2246822507) ^ Math.imul(b ^ (b >>> 13), 3266489909);
  b = Math.imul(b ^ (b >>> 16), 2246822507) ^ Math.imul(a ^ (a >>> 13), 3266489909);
  return (4294967296 * (2097151 & b) + (a >>> 0)).toString(36);
}
