import { Button, Modal } from "antd";
import { useShown } from "../entry/lengths";
import { type Base, differences, type Pin } from "./draft";
import type { Draft } from "./useDraft";

/** Two browsers changed one fitting: what differs, and whose goes on. Nothing is lost before. */
export function Clash({ draft, theirs }: { draft: Draft; theirs: Base }) {
  const rows = differences(draft.draft?.fitting.pins ?? [], theirs.record.fitting.pins ?? []);
  const shown = useShown(
    Object.fromEntries(
      rows.flatMap(({ id, mine, theirs: other }) => [
        [`${id} at`, (mine ?? other)?.station],
        [`${id} mine`, mine?.reading],
        [`${id} theirs`, other?.reading],
      ]),
    ),
  );
  const name = (pin: Pin | undefined) =>
    pin && `${pin.seam.replace("_", " ")}${pin.side === "centre" ? "" : `, ${pin.side}`}`;
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
                <td>{name(mine ?? other)}</td>
                <td className="num">{shown?.[`${id} at`]}</td>
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
