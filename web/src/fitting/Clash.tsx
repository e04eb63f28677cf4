import { Button, Modal } from "antd";
import { useShown } from "../entry/lengths";
import { type Base, differences, type Fitting } from "./draft";
import type { Draft } from "./useDraft";

/** Two browsers changed one fitting: what differs, and whose goes on. Nothing is lost before. */
export function Clash({ draft, theirs }: { draft: Draft; theirs: Base }) {
  const rows = differences(readingsOf(draft.draft?.fitting), readingsOf(theirs.record.fitting));
  const shown = useShown(
    Object.fromEntries(
      rows.flatMap(({ id, mine, theirs: other }) => [
        [`${id} at`, (mine ?? other)?.station],
        [`${id} mine`, mine?.length],
        [`${id} theirs`, other?.length],
      ]),
    ),
  );
  return (
    <Modal
      open
      closable={false}
      keyboard={false}
      title="This fitting was changed in another window"
      footer={[
        <Button key="theirs" onClick={() => draft.choose("theirs", theirs)}>
          Take theirs, drop mine
        </Button>,
        <Button key="mine" type="primary" onClick={() => draft.choose("mine", theirs)}>
          Keep both; mine where we differ
        </Button>,
      ]}
    >
      <p>
        Nothing is lost yet.{" "}
        {rows.length > 0
          ? "These readings differ:"
          : "The readings agree; what was decided about them differs."}
      </p>
      {rows.length > 0 && (
        <table className="tape" data-testid="clash">
          <thead>
            <tr>
              <th>seam</th>
              <th>station</th>
              <th>yours</th>
              <th>theirs</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ id, mine, theirs: other }) => (
              <tr key={id}>
                <td>{(mine ?? other)?.what}</td>
                <td className="num">{(mine ?? other)?.where ?? shown?.[`${id} at`]}</td>
                <td className="num">
                  <strong>{mine ? shown?.[`${id} mine`] : "none"}</strong>
                </td>
                <td className="num">
                  <strong>{other ? shown?.[`${id} theirs`] : "none"}</strong>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </Modal>
  );
}

/** A reading of a pin or of a hem, as far as two of them can be told apart. */
type Reading = { id: string; what: string; where?: string; station?: number; length: number };

function readingsOf(fitting: Fitting | undefined): Reading[] {
  const sided = (what: string, side: string) => (side === "centre" ? what : `${what}, ${side}`);
  const pins = (fitting?.pins ?? []).map((pin) => ({
    id: pin.id,
    what: sided(pin.seam.replace("_", " "), pin.side),
    station: pin.station,
    length: pin.reading,
  }));
  const round = (fitting?.hems ?? []).flatMap((hem) =>
    (hem.readings ?? []).map((each) => ({
      id: each.id,
      what: sided(hem.hem === "sleeve" ? "sleeve hem" : "hem", each.side),
      where: `${each.at}°`,
      length: each.length,
    })),
  );
  return [...pins, ...round];
}
