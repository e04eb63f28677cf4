import { Checkbox, Input } from "antd";
import { useMemo, useState } from "react";
import { Choice } from "../../entry/Choice";
import type { GarmentSheet } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";
import "./hang.css";

/** What the cloth does under needle, iron and water. */
export function ClothNature({ sheet }: { sheet: GarmentSheet }) {
  const { cloth, washed } = sheet.record.garment;
  const { setGarment, setCloth } = sheet;
  const lengths = useMemo(() => ({ thickness: cloth?.thickness }), [cloth]);
  const field = useSheetField(sheet, lengths);
  return (
    <>
      <div className="fields">
        <Choice
          id="family"
          label="Cloth"
          value={cloth?.family}
          onChange={(family) => setCloth({ family })}
          options={[
            { value: "sheer", label: "sheer, silk, lawn" },
            { value: "shirting", label: "shirting, light linen, viscose" },
            { value: "twill", label: "twill, medium wool, corduroy" },
            { value: "denim", label: "denim, canvas" },
            { value: "coating", label: "coating" },
            { value: "jersey", label: "jersey, rib" },
          ]}
        />
        <Choice
          id="fibre"
          label="Fibre"
          value={cloth?.fibre}
          onChange={(fibre) => setCloth({ fibre })}
          options={(["cotton", "linen", "wool", "silk", "viscose", "synthetic"] as const).map((value) => ({
            value,
            label: value,
          }))}
        />
        <Choice
          id="fray"
          label="It frays"
          value={cloth?.fray}
          onChange={(fray) => setCloth({ fray })}
          options={[
            { value: "low", label: "hardly" },
            { value: "medium", label: "as most do" },
            { value: "high", label: "while you look" },
            { value: "knit", label: "not: a knit, it curls" },
          ]}
        />
        <Stretch sheet={sheet} />
        <Choice
          id="surface"
          label="Its face"
          value={cloth?.surface ?? "smooth"}
          onChange={(surface) => setCloth({ surface })}
          options={[
            { value: "smooth", label: "smooth, either way up" },
            { value: "nap", label: "a nap or a one-way print" },
            { value: "pile", label: "a pile: velvet, corduroy" },
          ]}
        />
        {field("thickness", "cloth thickness", (mm) => mm !== undefined && setCloth({ thickness: mm }))}
      </div>
      <div className="row choices">
        <Checkbox
          checked={washed ?? false}
          onChange={(event) => setGarment({ washed: event.target.checked })}
        >
          Washed and dried
        </Checkbox>
        <Checkbox
          checked={cloth?.bias ?? false}
          onChange={(event) => setCloth({ bias: event.target.checked })}
        >
          Cut on the bias
        </Checkbox>
      </div>
    </>
  );
}

/** Stretch as a share, typed as so many in a hundred. */
function Stretch({ sheet }: { sheet: GarmentSheet }) {
  const kept = sheet.record.garment.cloth?.stretch ?? 0;
  const [text, setText] = useState(String(Math.round(kept * 1000) / 10));
  const wrong = sheet.wrong.stretch;
  const leave = () => {
    const typed = Number(text.replace(",", ".").trim() || "0");
    const readable = Number.isFinite(typed) && typed >= 0 && typed <= 200;
    sheet.setWrong(
      "stretch",
      readable ? undefined : `Stretch was read as “${text}”; say a number from 0 to 200.`,
    );
    if (readable) sheet.setCloth({ stretch: typed / 100 });
  };
  return (
    <div className="field">
      <label htmlFor="stretch">Stretch, in a hundred</label>
      <Input
        id="stretch"
        inputMode="decimal"
        value={text}
        status={wrong ? "error" : ""}
        aria-invalid={!!wrong}
        onChange={(event) => setText(event.target.value)}
        onBlur={leave}
      />
      {wrong ? (
        <span className="wrong-words" role="alert">
          {wrong}
        </span>
      ) : (
        <span className="hint">under a light pull</span>
      )}
    </div>
  );
}
