import { Button } from "antd";
import type { ReactNode } from "react";
import type { Shape } from "./useGarmentSheet";
import type { GarmentSheet } from "./useGarmentSheet";

type Lists = "clips" | "fixtures" | "near_hems";
type Row<List extends Lists> = NonNullable<Shape[List]>[number];

/** A list of a garment's sheet: its rows, a way to take each out, and one to add another. */
export function ShapeList<List extends Lists>(props: {
  sheet: GarmentSheet;
  list: List;
  /** What a new row begins as; none where nothing can be added. */
  fresh: Row<List> | undefined;
  add: string;
  row: (each: Row<List>, i: number, set: (change: Partial<Row<List>>) => void) => ReactNode;
}) {
  const { sheet, list, fresh } = props;
  const rows = (sheet.record.garment.shape[list] ?? []) as Row<List>[];
  const put = (change: (now: Row<List>[]) => Row<List>[]) =>
    sheet.setShape((now) => ({ [list]: change((now[list] ?? []) as Row<List>[]) }));
  return (
    <>
      {rows.map((each, i) => (
        <div className="row items-flex-end gap-10" key={i}>
          {props.row(each, i, (change) =>
            put((now) => now.map((row, at) => (at === i ? { ...row, ...change } : row))),
          )}
          <Button onClick={() => put((now) => now.filter((_, at) => at !== i))}>Take out</Button>
        </div>
      ))}
      {fresh && (
        <div className="row">
          <Button onClick={() => put((now) => [...now, fresh])}>{props.add}</Button>
        </div>
      )}
    </>
  );
}
