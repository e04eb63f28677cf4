import { Button } from "antd";
import { useTape } from "../../frame/tape";

/** Which tape lies on her table: asked once, at the first visit; the browser's language suggests. */
export function WhichTape() {
  const tape = useTape();
  const inches = ["en-US", "en-LR", "my"].some((language) => navigator.language.startsWith(language));
  const tapes = [
    { value: "cm", words: "Centimetres" },
    { value: "in8", words: "Inches" },
    { value: "mm", words: "Millimetres" },
  ];
  return (
    <div className="patch row spread">
      <div>
        <h2>Which tape lies on your table</h2>
        <p className="soft">
          Every number is said on it, on screen and on paper. Any spelling is read all the same, and it can be
          changed at any time.
        </p>
      </div>
      <div className="row">
        {tapes.map(({ value, words }) => (
          <Button
            key={value}
            size="large"
            aria-pressed={tape.value === value}
            type={tape.value === value ? "primary" : value === (inches ? "in8" : "cm") ? "default" : "text"}
            onClick={() => tape.choose(value)}
          >
            {words}
          </Button>
        ))}
      </div>
    </div>
  );
}
