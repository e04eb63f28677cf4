import { Modal } from "antd";

const keys: Record<string, [string, string][]> = {
  hang: [["Tab  Enter", "take the measure and go on down the garment"]],
  people: [["Tab  Enter", "take the measure and go on down the body"]],
  mirror: [
    ["O I C S …", "the seam with that letter on its key (while the field is empty)"],
    ["L  R", "left, right (while the field is empty)"],
    ["Enter", "from station to depth, then take the pin and go on"],
    ["↑  ↓", "on a pin of the drawing: along its seam by a mark of the tape"],
  ],
  ring: [
    ["Enter", "take the reading and turn on to the next place"],
    ["N  →", "pass over a place (while the field is empty)"],
  ],
  chalk: [
    ["1  2  3", "the first, second, third pinned seam"],
    ["Enter", "keep a changed reading"],
    ["Esc", "leave a reading as it was"],
  ],
  fit: [["B", "held down: the other of the two, as it came or as it will be"]],
  bench: [
    ["Space", "tick the step"],
    ["↑  ↓", "look at another step"],
    ["T", "start or stop the timer"],
  ],
};

/** The keys of the current place. */
export default function KeysHelp({
  open,
  place,
  onClose,
}: {
  open: boolean;
  place: string;
  onClose: () => void;
}) {
  return (
    <Modal open={open} onCancel={onClose} footer={null} title="Keys">
      <table className="tape">
        <tbody>
          {[
            ...(keys[place] ?? []),
            ["F2", "any place or garment, by a few letters"],
            ["=", "sums"],
            ["?", "these keys"],
            ["Esc", "leave what lies over the page"],
            ["Tab", "the next thing that can be used"],
          ].map(([key, what]) => (
            <tr key={key}>
              <td>
                <span className="key">{key}</span>
              </td>
              <td className="words">{what}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Modal>
  );
}
