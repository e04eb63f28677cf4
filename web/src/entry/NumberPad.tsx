/** Keys in their rows: digits as on a telephone turned over, fractions of an inch beside them. */
const rows = [
  ["7", "8", "9", "⅛", "¼", "⅜"],
  ["4", "5", "6", "½", "⅝", "¾"],
  ["1", "2", "3", "⅞", "-", "⌫"],
  ["0", ".", " "],
] as const;

export type PadKey = (typeof rows)[number][number];

/** Keys whose face or name is not their character. */
const faces: Partial<Record<PadKey, { face: string; name: string }>> = {
  "-": { face: "−", name: "Let out: minus" },
  "⌫": { face: "⌫", name: "Rub out" },
  " ": { face: "␣", name: "Space" },
};

/** Digits and fractions for one thumb, and the key that goes on. */
export function NumberPad({
  go,
  onKey,
  onGo,
}: {
  go: string;
  onKey: (key: PadKey) => void;
  onGo: () => void;
}) {
  return (
    // The cursor stays in the field that is typed into.
    <div className="pad" role="group" aria-label="Number pad" onMouseDown={(event) => event.preventDefault()}>
      {rows.flat().map((key) => (
        <button key={key} type="button" aria-label={faces[key]?.name} onClick={() => onKey(key)}>
          {faces[key]?.face ?? key}
        </button>
      ))}
      <button type="button" className="go" onClick={onGo}>
        {go}
      </button>
    </div>
  );
}
