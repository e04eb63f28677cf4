type Point = [number, number];

/** A course with how far along it each of its points lies. */
function measured(points: number[][]): { at: Point; along: number }[] {
  let along = 0;
  return points.map(([x = 0, y = 0], i) => {
    const [px = x, py = y] = points[i - 1] ?? [];
    along += Math.hypot(x - px, y - py);
    return { at: [x, y], along };
  });
}

/** The point a share of the way along a course; nothing where there is no course. */
export function along(points: number[][], share: number): Point | null {
  const course = measured(points);
  const [first, last] = [course[0], course.at(-1)];
  if (!first || !last) return null;
  const wanted = share * last.along;
  const next = course.findIndex((each) => each.along >= wanted);
  const [from, to] = [course[Math.max(next - 1, 0)] ?? first, course[next] ?? last];
  const t = to.along > from.along ? (wanted - from.along) / (to.along - from.along) : 0;
  return [from.at[0] + t * (to.at[0] - from.at[0]), from.at[1] + t * (to.at[1] - from.at[1])];
}

/** The share of the way along a course of its point nearest to a place. */
export function shareNearest(points: number[][], [x, y]: Point): number {
  const course = measured(points);
  const whole = course.at(-1)?.along ?? 0;
  if (whole === 0) return 0;
  let nearest = { away: Infinity, along: 0 };
  course.slice(1).forEach((to, i) => {
    const from = course[i] ?? to;
    const [dx, dy] = [to.at[0] - from.at[0], to.at[1] - from.at[1]];
    const square = dx * dx + dy * dy;
    const t =
      square === 0 ? 0 : Math.min(1, Math.max(0, ((x - from.at[0]) * dx + (y - from.at[1]) * dy) / square));
    const away = Math.hypot(from.at[0] + t * dx - x, from.at[1] + t * dy - y);
    if (away < nearest.away) nearest = { away, along: from.along + t * (to.along - from.along) };
  });
  return nearest.along / whole;
}
