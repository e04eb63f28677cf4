import { useMemo, useState } from "react";
import { Checkbox } from "antd";
import type { GarmentSheet } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";

/** A swatch, or a length of the garment itself, before and after a wash: what it loses moves every cut line. */
export function WashTest({ sheet }: { sheet: GarmentSheet }) {
  const test = sheet.record.garment.wash_test;
  const [half, setHalf] = useState<{ before?: number; after?: number }>({});
  const [open, setOpen] = useState(test != null);
  const lengths = useMemo(
    () => ({ wash_before: test?.before ?? half.before, wash_after: test?.after ?? half.after }),
    [test, half],
  );
  const field = useSheetField(sheet, lengths);
  // Both lengths make a test; one alone waits for the other.
  const set = (change: { before?: number | undefined; after?: number | undefined }) => {
    const next = { before: test?.before ?? half.before, after: test?.after ?? half.after, ...change };
    const { before, after } = next;
    sheet.setGarment({ wash_test: before !== undefined && after !== undefined ? { before, after } : null });
    setHalf({ ...(before === undefined ? {} : { before }), ...(after === undefined ? {} : { after }) });
  };
  return (
    <div className="stack tight">
      <Checkbox
        checked={open}
        onChange={(event) => {
          setOpen(event.target.checked);
          if (!event.target.checked) {
            setHalf({});
            sheet.setGarment({ wash_test: null });
          }
        }}
      >
        A swatch was washed
      </Checkbox>
      {open && (
        <>
          <div className="fields">
            {field("wash_before", "swatch before its wash", (mm) => set({ before: mm }))}
            {field("wash_after", "swatch after its wash", (mm) => set({ after: mm }))}
          </div>
          <p className="soft small">
            Along the grain that hangs down. Until the garment itself is washed, every hem is drawn longer by
            what the swatch lost; without a swatch nothing is cut before the wash.
          </p>
        </>
      )}
    </div>
  );
}
