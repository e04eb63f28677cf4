/** A map with one entry changed, or without it where there is no value. */
export function changed<Entries extends object, Key extends keyof Entries>(
  entries: Entries,
  key: Key,
  value: Entries[Key] | undefined,
): Entries {
  const next = { ...entries };
  if (value === undefined) delete next[key];
  else next[key] = value;
  return next;
}
