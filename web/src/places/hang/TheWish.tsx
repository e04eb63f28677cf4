import { Input } from "antd";
import type { Of } from "../../api/client";
import type { GarmentSheet } from "./useGarmentSheet";

type Wish = Of<"Wish">;

const asked: { key: keyof Wish; label: string; example: string }[] = [
  { key: "change", label: "What shall change", example: "closer at the waist, room at the hip" },
  { key: "stays", label: "What must stay", example: "the flare, the worn hem" },
  { key: "worn_with", label: "Worn with", example: "the low boots, a thin shirt" },
  { key: "occasion", label: "What for", example: "dancing all evening" },
];

const unsaid: Wish = { change: "", stays: "", worn_with: "", occasion: "" };

/** What is wished of it, before anything is measured: it stands at the mirror and is asked at the end. */
export function TheWish({ sheet }: { sheet: GarmentSheet }) {
  const wish = sheet.record.garment.wish;
  return (
    <section className="stack tight" aria-label="The wish">
      <h2>The wish</h2>
      {asked.map(({ key, label, example }) => (
        <div className="field" key={key}>
          <label htmlFor={`wish-${key}`}>{label}</label>
          <Input
            id={`wish-${key}`}
            placeholder={example}
            value={wish?.[key] ?? ""}
            onChange={(event) =>
              sheet.setGarment({ wish: { ...unsaid, ...wish, [key]: event.target.value } })
            }
          />
        </div>
      ))}
    </section>
  );
}
