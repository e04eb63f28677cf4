import { Modal } from "antd";
import { useEffect } from "react";

const keys: Record<string, [string, string][]> = {
  mirror: [
    ["O I C S …", "the seam with that letter on its key (while the field is empty)"],
    ["L  R", "left, right (while the field is empty)"],
    ["Enter", "from station to depth, then take the pin and go on"],
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
  bench: [
    ["Space", "tick the step"],
    ["↑  ↓", "look at another step"],
    ["T", "start or stop the timer"],
  ],
};

/** Does something on a key, unless somebody is typing. */
export function useKey(key: string, act: () => void) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === key && !isTyping(event)) act();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [key, act]);
}

/** Opens help on `?`. */
export const useHelpKey = (open: () => void) => useKey("?", open);

/** True while a key belongs to a field. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return !!target?.closest("input, textarea, select, [contenteditable]");
}

/** The keys of the current place. */
export function KeysHelp({ open, place, onClose }: { open: boolean; place: string; onClose: () => void }) {
  return (
    <Modal open={open} onCancel={onClose} footer={null} title="Keys">
      <table className="tape">
        <tbody>
          {[
            ...(keys[place] ?? []),
            ["=", "sums"],
            ["?", "these keys"],
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
