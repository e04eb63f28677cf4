/** The options of a choice that can be made as a habit, as a select takes them. */
export function chosen<Key extends string>(
  choice: { options: { key: Key; words: string }[] } | undefined,
): { value: Key; label: string }[] {
  return choice?.options.map((each) => ({ value: each.key, label: each.words })) ?? [];
}
