/** Points in millimetres, `y` upward, as an SVG path with `y` downward. */
export function pathOf(points: number[][], closed = false): string {
  return points.map(([x, y], i) => `${i ? "L" : "M"}${x} ${-(y ?? 0)}`).join("") + (closed ? "Z" : "");
}
