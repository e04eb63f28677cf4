import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import type { Of } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import { Swatch } from "../../cloth/Swatch";
import { Choice } from "../../entry/Choice";
import type { GarmentSheet } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";

type Look = Of<"Look">;

/** What it is made of, by name or by eye: cloths by name first, then any colour and weave. */
export function ClothChoice({ sheet }: { sheet: GarmentSheet }) {
  const words = useQuery(wordsQuery).data;
  const { cloth, shape } = sheet.record.garment;
  const look = cloth?.look ?? null;
  const lengths = useMemo(() => ({ repeat: look?.repeat ?? undefined }), [look]);
  const field = useSheetField(sheet, lengths);
  const weave = words?.weaves.find((each) => each.name === look?.weave);
  const first = words?.cloths[0]?.cloth.look;
  const setLook = (change: Partial<Look>) => {
    const now = look ?? first;
    if (now) sheet.setCloth({ look: { ...now, ...change } });
  };
  return (
    <section className="stack" aria-label="How the cloth looks">
      <div className="swatches">
        {words?.cloths.map((named) => (
          <Swatch
            key={named.words}
            named={named}
            repeat={words.weaves.find((each) => each.name === named.cloth.look?.weave)?.repeat ?? 0}
            chosen={look?.colour === named.cloth.look?.colour && look?.weave === named.cloth.look?.weave}
            onChoose={() => sheet.setCloth({ ...named.cloth, thickness: named.cloth.thickness })}
          />
        ))}
      </div>
      <div className="fields">
        <Colour label="Colour" value={look?.colour} onChange={(colour) => setLook({ colour })} />
        <Choice
          id="weave"
          label="Weave or print"
          value={look?.weave ?? "plain"}
          onChange={(weave) => setLook({ weave, repeat: null })}
          options={(words?.weaves ?? []).map((each) => ({ value: each.name, label: each.words }))}
        />
        {weave?.has_second && (
          <Colour
            label="Second colour"
            value={look?.second ?? look?.colour}
            onChange={(second) => setLook({ second })}
          />
        )}
        {weave !== undefined &&
          weave.repeat > 0 &&
          field(
            "repeat",
            weave.name === "border" ? "height of the border" : "it repeats every",
            (mm) => setLook({ repeat: mm ?? null }),
            { hint: "empty: as most do" },
          )}
        {shape.lined && (
          <Colour
            label="Colour of the lining"
            value={look?.lining ?? look?.colour}
            onChange={(lining) => setLook({ lining })}
          />
        )}
      </div>
    </section>
  );
}

function Colour({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string | undefined;
  onChange: (colour: string) => void;
}) {
  const id = `colour-${label.replaceAll(" ", "-").toLowerCase()}`;
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <div className="colour-field">
        <input
          id={id}
          type="color"
          value={value ?? unsaid()}
          onChange={(event) => onChange(event.target.value)}
        />
        <span className="soft num">{value ?? "not said"}</span>
      </div>
    </div>
  );
}

/** What a garment is drawn in while nobody has said: the house's own cloth. */
const unsaid = () => getComputedStyle(document.documentElement).getPropertyValue("--cloth-fold").trim();
