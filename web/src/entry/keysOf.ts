/** The names of what an object has. The compiler takes any string for one; what the server's types name is all there is. */
export function keysOf<Named extends object>(named: Named): (keyof Named)[] {
  return Object.keys(named) as (keyof Named)[];
}
