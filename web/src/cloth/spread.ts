/** Places as near to where they are wanted as they can lie so far apart between two ends, in the same order. */
export function spread(wanted: number[], apart: number, [low, high]: [number, number]): number[] {
  const placed: number[] = [];
  for (const at of wanted) placed.push(Math.max(at, (placed.at(-1) ?? low - apart) + apart));
  for (let i = placed.length - 1, most = high; i >= 0; i -= 1, most -= apart)
    placed[i] = Math.min(placed[i] ?? most, most);
  return placed;
}
