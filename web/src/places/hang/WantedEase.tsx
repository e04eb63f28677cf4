import { useMemo } from "react";
import { useSaid } from "../../cloth/useSaid";
import { changed } from "../../entry/changed";
import type { GarmentSheet } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";

/** Ease wanted at the levels of this garment; what the intention proposes stands there in grey. */
export function WantedEase({ sheet }: { sheet: GarmentSheet }) {
  const said = useSaid();
  const { ease } = sheet.record.garment;
  const lengths = useMemo(
    () => Object.fromEntries(Object.entries(ease ?? {}).map(([level, mm]) => [`ease ${level}`, mm])),
    [ease],
  );
  const field = useSheetField(sheet, lengths);
  const levels = (sheet.known?.levels ?? []).filter(
    (row, i, all) => row.body != null && all.findIndex((other) => other.level === row.level) === i,
  );
  if (levels.length === 0)
    return <p className="soft">Ease is what it measures more than its wearer: say who wears it first.</p>;
  return (
    <>
      <p className="soft">
        How much more than the wearer it shall measure, all round, for this garment alone. Grey is what the
        intention proposes.
      </p>
      <div className="fields">
        {levels.map((row) =>
          field(
            `ease ${row.level}`,
            `at the ${said.level(row.level)}`,
            (mm) => sheet.setGarment({ ease: changed(sheet.record.garment.ease ?? {}, row.level, mm) }),
            { ghost: row.shown.wanted ?? undefined },
          ),
        )}
      </div>
    </>
  );
}
