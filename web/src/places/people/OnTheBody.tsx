import { useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import type { MeasureName, Of } from "../../api/client";
import { bodySketchQuery, habitsQuery, railQuery, wordsQuery } from "../../api/queries";
import "../../cloth/cloth.css";
import { pathOf } from "../../cloth/pathOf";
import { LengthField } from "../../entry/LengthField";
import { useShown } from "../../entry/lengths";
import { laidOut } from "../../tape/laidOut";
import { TapeDrawing } from "../../tape/TapeDrawing";
import { TapePad } from "../../tape/TapePad";
import { useInHand } from "../../tape/useInHand";

/** Rows of fields beside the figure. */
const beside = 16;

/** Every measure of a body where the tape lies: front, back and side come as the hand goes down. */
export function OnTheBody({
  kept,
  body,
  onMeasure,
}: {
  kept: Of<"KeptWearer">;
  body: Of<"Body">;
  onMeasure: (name: MeasureName, mm: number | undefined) => void;
}) {
  const habits = useQuery(habitsQuery);
  const drawn = useQuery(bodySketchQuery(kept.wearer, body.taken_on, habits.data?.data));
  const sketch = drawn.data;
  const wanted = useWanted(kept.id);
  const [wrong, setWrong] = useState<Record<string, string | undefined>>({});
  const rows = useMemo(() => sketch?.measures ?? [], [sketch]);
  const { onTable, ...hand } = useInHand(rows.map((row) => row.measure));
  const shown = useShown(useMemo(() => body.measures ?? {}, [body]));
  if (!sketch)
    return <p role="status">{drawn.error ? `No figure: ${drawn.error.message}` : "Drawing the figure."}</p>;
  const tapes = sketch.tapes.map(({ measure, ...tape }) => ({ ...tape, name: measure }));
  const face = tapes.find((tape) => tape.name === hand.lit)?.face ?? "front";
  const figure = face === "side" ? sketch.side : sketch.front;
  const held = rows.find((row) => row.measure === hand.held);
  const for_ = held ? (wanted.get(held.measure) ?? []) : [];
  const laid = laidOut(
    { ...sketch.front, tapes },
    rows.map((row) => ({ name: row.measure, across: row.is_girth })),
    beside,
  );
  return (
    <section aria-label="On the body">
      <p className="two-lines" aria-live="polite">
        {held && (
          <>
            <strong>{held.words}</strong>: {held.hint}.{" "}
            <span className="soft">
              {held.change != null &&
                held.since != null &&
                `${held.change === "0" ? "Unchanged" : held.change} since ${shortDay(held.since)}. `}
              {for_.length > 0 ? `Needed for ${for_.join(", ")}.` : ""}
            </span>
          </>
        )}
      </p>
      <div className="tape-table of-body" ref={onTable}>
        {rows.map((row) => {
          const at = laid.find((each) => each.name === row.measure);
          const taken = body.measures?.[row.measure];
          return (
            <LengthField
              key={row.measure}
              name={row.measure}
              label={row.words}
              className={`tape-field ${at?.column} row-${at?.row} ${hand.held === row.measure ? "held" : ""}`}
              needed={taken === undefined && wanted.has(row.measure)}
              ghost={taken === undefined ? row.shown : undefined}
              shown={shown ? (shown[row.measure] ?? "") : undefined}
              wrong={wrong[row.measure]}
              onWrong={(said) => setWrong((now) => ({ ...now, [row.measure]: said }))}
              padded
              onHold={() => hand.hold(row.measure)}
              onGo={() => hand.go(row.measure, 1)}
              onLength={(mm) => onMeasure(row.measure, mm)}
            />
          );
        })}
        <TapeDrawing
          size={sketch.front}
          title={`The body from the ${face} with the places of the tape`}
          tapes={tapes.filter((tape) => tape.face === face)}
          inHand={hand.lit}
          laid={laid}
          rows={beside}
          tall={576}
          onTape={(name) => hand.go(name, 0)}
        >
          {figure.pieces.map((piece, i) => (
            <path key={i} d={pathOf(piece.outline, true)} className="wearer-piece" />
          ))}
        </TapeDrawing>
      </div>
      <TapePad hand={hand} />
    </section>
  );
}

/** Which measures are wanted, and for which of this wearer's garments. */
function useWanted(wearer: string): Map<MeasureName, string[]> {
  const rail = useQuery(railQuery).data;
  const words = useQuery(wordsQuery).data;
  return useMemo(() => {
    const wanted = new Map<MeasureName, string[]>();
    for (const { record, next } of rail ?? []) {
      if (record.wearer !== wearer || next.finished) continue;
      const { kind, sleeves } = record.garment.shape;
      const wants = words?.kinds.find((each) => each.name === kind)?.wants;
      for (const name of (sleeves === "none" ? wants?.[1] : wants?.[0]) ?? []) {
        wanted.set(name, [...(wanted.get(name) ?? []), record.garment.name]);
      }
    }
    return wanted;
  }, [rail, words, wearer]);
}

function shortDay(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString(undefined, { day: "numeric", month: "short" });
}
