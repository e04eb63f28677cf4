import { Button } from "antd";
import type { ReactNode } from "react";
import type { Shape } from "./useGarmentSheet";
import type { GarmentSheet } from "./useGarmentSheet";

/** A list of a garment's sheet: its rows, a way to take each out, and one to add another. */
export function ShapeList<Row>(props: {
  sheet: GarmentSheet;
  /** The list in a shape, and a shape's change to another. */
  list: [of: (shape: Shape) => Row[] | undefined, into: (rows: Row[]) => Partial<Shape>];
  /** What a new row begins as; none where nothing can be added. */
  fresh: Row | undefined;
  add: string;
  row: (each: Row, i: number, set: (change: Partial<Row>) => void) => ReactNode;
}) {
  const { sheet, fresh } = props;
  const [of, into] = props.list;
  const rows = of(sheet.record.garment.shape) ?? [];
  const put = (change: (now: Row[]) => Row[]) => sheet.setShape((now) => into(change(of(now) ?? [])));
  return (
    <>
      {rows.map((each, i) => (
        <div className="row told" key={i}>
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
