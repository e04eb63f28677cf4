import type { Of } from "../api/client";

/** Degrees round a hem for a length along it, straight between the places whose both are known. */
export function degreesAlong(rows: Of<"HemRow">[], length: number): (along: number) => number {
  const known = rows.map((row) => [row.along, row.at] as const);
  const closed = [...known, [length, 360] as const];
  return (along) => {
    const after = closed.findIndex((each) => each[0] > along);
    const [u1, a1] = closed[after < 0 ? closed.length - 1 : after] ?? [length, 360];
    const [u0, a0] = closed[(after < 0 ? closed.length - 1 : after) - 1] ?? [0, 0];
    return u1 === u0 ? a0 : a0 + ((a1 - a0) * (along - u0)) / (u1 - u0);
  };
}
