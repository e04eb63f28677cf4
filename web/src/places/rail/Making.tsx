import { useQuery } from "@tanstack/react-query";
import { Checkbox, Input, Select } from "antd";
import { useState } from "react";
import type { Of } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import { Choice } from "../../entry/Choice";
import { bandOf, type GarmentSheet } from "./useGarmentSheet";
import "./rail.css";

/** What it is made of and how it is put together. */
export function Making({ sheet }: { sheet: GarmentSheet }) {
  const { cloth, shape, washed } = sheet.record.garment;
  const { setGarment, setCloth, setShape } = sheet;
  const words = useQuery(wordsQuery);
  const kind = words.data?.kinds.find((each) => each.name === shape.kind);
  const banded = kind?.has_band ?? false;
  const inUse = shape.seams?.length ? shape.seams : null;
  const seams = (kind?.seams ?? []).filter((each) =>
    each.dart ? false : inUse ? inUse.includes(each.name) : each.usual,
  );
  return (
    <>
      <h2>How it is made</h2>
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
        {banded && (
          <Choice
            id="build"
            label="Waistband"
            value={bandOf(shape).build ?? "one_piece"}
            onChange={(build) => setShape((now) => ({ band: { ...bandOf(now), build } }))}
            options={[
              { value: "one_piece", label: "one piece" },
              { value: "two_halves", label: "two halves, seam at back" },
            ]}
          />
        )}
      </div>
      <div className="row gap-18">
        <Checkbox
          checked={washed ?? false}
          onChange={(event) => setGarment({ washed: event.target.checked })}
        >
          Washed and dried
        </Checkbox>
        {banded && (
          <Checkbox
            checked={bandOf(shape).belt_loop_at_back ?? false}
            onChange={(event) =>
              setShape((now) => ({ band: { ...bandOf(now), belt_loop_at_back: event.target.checked } }))
            }
          >
            Belt loop at centre back
          </Checkbox>
        )}
        <SeamPick
          name="Topstitched seams"
          none="No topstitching"
          as="topstitched"
          seams={seams}
          picked={shape.topstitched ?? []}
          onChange={(topstitched) => setShape(() => ({ topstitched }))}
        />
        <SeamPick
          name="Felled seams"
          none="No felled seams"
          as="felled"
          seams={seams}
          picked={shape.felled ?? []}
          onChange={(felled) => setShape(() => ({ felled }))}
        />
        <Checkbox
          checked={cloth?.bias ?? false}
          onChange={(event) => setCloth({ bias: event.target.checked })}
        >
          Cut on the bias
        </Checkbox>
        <Checkbox
          checked={shape.lined ?? false}
          onChange={(event) => setShape(() => ({ lined: event.target.checked }))}
        >
          Fully lined
        </Checkbox>
        <Checkbox
          checked={shape.underlined ?? false}
          onChange={(event) => setShape(() => ({ underlined: event.target.checked }))}
        >
          Underlined
        </Checkbox>
      </div>
    </>
  );
}

/** Which of the garment's seams are made in some way. */
function SeamPick(props: {
  name: string;
  none: string;
  as: string;
  seams: Of<"SeamWords">[];
  picked: Of<"SeamName">[];
  onChange: (picked: Of<"SeamName">[]) => void;
}) {
  return (
    <Select
      mode="multiple"
      aria-label={props.name}
      className="seam-pick"
      placeholder={props.none}
      value={props.picked}
      onChange={props.onChange}
      options={props.seams.map(({ name, words }) => ({ value: name, label: `${props.as}: ${words}` }))}
    />
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
