/** Where a measure's field stands beside the drawing: the column, and the row from the top. */
export type TapeRow = { name: string; column: "left" | "right"; row: number };

/** A tape on a drawing. */
export type Tape = { name: string; points: number[][] };

/** The middle of a tape, as a share of the drawing from its top; one that lies nowhere stands lowest. */
function middle(tape: Tape | undefined, top: number, bottom: number): number {
  if (!tape) return 1;
  const ys = tape.points.map(([, y]) => y ?? 0);
  return (top - (Math.max(...ys) + Math.min(...ys)) / 2) / (top - bottom);
}

/** What goes across stands on the right, what goes along on the left, each as near to its tape as its neighbours let it. */
export function laidOut(
  drawn: { tapes: Tape[]; top: number; bottom: number },
  measures: { name: string; across: boolean }[],
  rows: number,
): TapeRow[] {
  const column = (across: boolean) => {
    const own = measures
      .filter((each) => each.across === across)
      .map(({ name }) => {
        const tape = drawn.tapes.find((each) => each.name === name);
        return { name, at: middle(tape, drawn.top, drawn.bottom) };
      })
      .sort((one, other) => one.at - other.at);
    let last = 0;
    return own.map(({ name, at }, i): TapeRow => {
      const wanted = 1 + Math.round(at * (rows - 1));
      // Room for those that follow below it.
      const most = Math.max(rows, own.length) - (own.length - 1 - i);
      last = Math.min(Math.max(wanted, last + 1), most);
      return { name, column: across ? "right" : "left", row: last };
    });
  };
  return [...column(false), ...column(true)];
}
