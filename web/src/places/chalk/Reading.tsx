import { useState } from "react";
import { answered, client, type Of, Refused } from "../../api/client";
import type { Draft } from "../../fitting/useDraft";
import "./chalk.css";

type PinRead = Of<"PinRead">;

/** One reading; clicking it lets it be read again, in any spelling. */
export function Reading({ pin, job, draft }: { pin: PinRead; job: Of<"Job">; draft: Draft }) {
  const [text, setText] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const asRead = job.fitting.pins?.find((each) => each.id === pin.id);
  const keep = async () => {
    if (text === null || !asRead || text === pin.shown[1]) return setText(null);
    try {
      const typed = {
        garment: job.garment,
        ...(job.habits ? { habits: job.habits } : {}),
        id: asRead.id,
        seam: asRead.seam,
        side: asRead.side,
        datum: asRead.datum,
        station: `${asRead.station} mm`,
        mode: "seam_to_pin" as const,
        panel: null,
        reading: text,
      };
      const { data } = await answered(client.POST("/api/v1/compute/pin", { body: typed }));
      draft.change((now) => ({
        ...now,
        pins: (now.pins ?? []).map((each) =>
          each.id === pin.id
            ? {
                ...data.pin,
                station: asRead.station,
                planned: each.planned ?? null,
                moved: each.moved ?? null,
                reread: true,
              }
            : each,
        ),
      }));
      setText(null);
      setWrong(null);
    } catch (refusal) {
      setWrong(refusal instanceof Refused ? refusal.message : String(refusal));
    }
  };
  if (text === null) {
    return (
      <button
        type="button"
        className="reading-button num"
        aria-label={`Depth ${pin.shown[1]} at ${pin.shown[0]}, ${pin.side}: read it again`}
        onClick={() => setText(pin.shown[1] ?? "")}
      >
        {pin.shown[1]}
      </button>
    );
  }
  return (
    <>
      <input
        className="reading-input"
        aria-label={`Depth at ${pin.shown[0]}, ${pin.side}`}
        aria-invalid={!!wrong}
        autoFocus
        value={text}
        onFocus={(event) => event.target.select()}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => void keep()}
        onKeyDown={(event) => {
          if (event.key === "Enter") void keep();
          if (event.key === "Escape") {
            setText(null);
            setWrong(null);
          }
        }}
      />
      {wrong && (
        <div className="wrong-words wrong-reading" role="alert">
          {wrong}
        </div>
      )}
    </>
  );
}
