import { Segmented } from "antd";
import { useMemo, useState } from "react";
import type { Of } from "../../api/client";
import { changed } from "../../entry/changed";
import { LengthField } from "../../entry/LengthField";
import { useShown } from "../../entry/lengths";
import { Drawn } from "../../cloth/Drawn";
import { laidOut } from "../../tape/laidOut";
import { TapeDrawing } from "../../tape/TapeDrawing";
import { TapePad } from "../../tape/TapePad";
import { useInHand } from "../../tape/useInHand";
import type { GarmentSheet } from "./useGarmentSheet";
import "./hang.css";

/** Rows of fields beside the drawing. */
const beside = 11;

/** Whether widths or girths are typed: kept by this browser, for hands differ and devices change them. */
const keptAs = "vemble-measured-as";

/** What was chosen last in this browser; widths where it keeps nothing. */
function keptGirths(): boolean {
  try {
    return localStorage.getItem(keptAs) === "girths";
  } catch {
    return false;
  }
}

function keep(chosen: string) {
  try {
    localStorage.setItem(keptAs, chosen);
  } catch {
    // A browser that keeps nothing asks again next time.
  }
}

/**
 * Every measure where the tape lies: the one in hand lights up, Tab goes down the garment, what nobody has measured is
 * ghosted with what the drawing has. On a telephone one stands there at a time.
 */
export function Measuring({
  sheet,
  onPart,
}: {
  sheet: GarmentSheet;
  onPart: (part: Of<"PartName">) => void;
}) {
  const sketch = sheet.sketch.data;
  const { shape, cloth } = sheet.record.garment;
  const [girths, setGirths] = useState(keptGirths);
  const rows = useMemo(() => sketch?.flats ?? [], [sketch]);
  const { onTable, ...hand } = useInHand(rows.map((row) => row.flat));
  const times = (row: Of<"SketchedFlat">) => (girths && row.is_width ? 2 : 1);
  const lengths = useMemo(
    () =>
      Object.fromEntries(
        rows.map((row) => {
          const taken = shape.flats[row.flat];
          return [row.flat, taken === undefined ? undefined : taken * (girths && row.is_width ? 2 : 1)];
        }),
      ),
    [rows, shape.flats, girths],
  );
  const shown = useShown(lengths);
  if (!sketch) return <p role="status">Drawing it.</p>;
  const tapes = sketch.tapes.map(({ flat, ...tape }) => ({ ...tape, name: flat }));
  const face = tapes.find((tape) => tape.name === hand.lit)?.face ?? "front";
  const figure = face === "front" ? sketch.front : sketch.back;
  const held = rows.find((row) => row.flat === hand.inHand);
  const laid = laidOut(
    { ...sketch.front, tapes },
    rows.map((row) => ({ name: row.flat, across: row.is_width })),
    beside,
  );
  return (
    <section aria-label="Measures" className="measuring">
      <div className="row spread">
        <p className="soft" aria-live="polite">
          {held?.hint
            ? `${held.words}: ${held.hint}.`
            : "Laid flat and closed. Tab goes down the garment; grey numbers are what the drawing has."}
        </p>
        <Segmented
          aria-label="Widths or girths"
          value={girths ? "girths" : "widths"}
          onChange={(value) => {
            setGirths(value === "girths");
            keep(value);
          }}
          options={[
            { value: "widths", label: "Widths" },
            { value: "girths", label: "Girths" },
          ]}
        />
      </div>
      <div className="tape-table" ref={onTable}>
        {rows.map((row, i) => {
          const at = laid.find((each) => each.name === row.flat);
          return (
            <LengthField
              key={row.flat}
              name={row.flat}
              label={girths ? (row.girth_words ?? row.words) : row.words}
              className={`tape-field ${at?.column} row-${at?.row} ${hand.held === row.flat ? "held" : ""}`}
              needed={row.needed && row.taken == null}
              ghost={row.taken == null ? (((girths && row.girth) || row.shown) ?? undefined) : undefined}
              shown={shown ? (shown[row.flat] ?? "") : undefined}
              wrong={sheet.wrong[row.flat]}
              onWrong={(said) => sheet.setWrong(row.flat, said)}
              onReading={sheet.onReading}
              padded
              onHold={() => hand.hold(row.flat)}
              onGo={() => hand.go(row.flat, 1)}
              onLength={(mm) =>
                sheet.setShape((now) => ({
                  flats: changed(now.flats, row.flat, mm === undefined ? undefined : mm / times(row)),
                }))
              }
              autoFocus={i === 0 && row.taken == null}
            />
          );
        })}
        <TapeDrawing
          size={figure}
          title={`The garment from the ${face} with the places of the tape`}
          tapes={tapes.filter((tape) => tape.face === face)}
          inHand={hand.lit}
          laid={laid}
          rows={beside}
          tall={495}
          onTape={(name) => hand.go(name, 0)}
        >
          <Drawn figure={figure} look={cloth?.look} perMm={0.45} onPart={onPart} />
        </TapeDrawing>
      </div>
      <TapePad hand={hand} />
      {sketch.fault && (
        <p className="wrong-words" role="alert">
          {sketch.fault}
        </p>
      )}
    </section>
  );
}
