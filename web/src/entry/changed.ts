/** A map with one entry changed, or without it where there is no value. */
export function changed<Entries extends object, Key extends keyof Entries>(
  entries: Entries,
  key: Key,
  value: Entries[Key] | undefined,
): Entries {
  const { [key]: _, ...others } = entries;
  return (value === undefined ? others : { ...entries, [key]: value }) as Entries;
}
