import { useQuery } from "@tanstack/react-query";
import { Select } from "antd";
import { useState } from "react";
import type { Of } from "../../api/client";
import { answered, client, Refused } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import type { Draft } from "../../fitting/useDraft";

type Seam = Of<"SeamSolution">;
type PinRead = Of<"PinRead">;
type Station = Of<"EvenedStation">;

const findings: Record<Of<"Finding">, string> = {
  noise: "agree",
  uneven: "uneven pinning, evened",
  ask_twist: "body or twist?",
  from_own_line: "its own line used",
  copied: "copied to the other leg",
  halved: "half to each side",
  copied_on_one_tube: "doubled: try again",
  pinned_only: "this side only",
};

/** Readings of one seam, left beside right, with what evening makes of them; each can be changed. */
export function Readings({ seam, job, draft }: { seam: Seam; job: Of<"Job">; draft: Draft }) {
  const words = useQuery(wordsQuery);
  const evening = seam.evening;
  const own = job.fitting.evening?.find((each) => each.seam === seam.seam);
  const setEvening = (change: Partial<Of<"SeamEvening">>) =>
    draft.change((now) => ({ ...now, evening: [...(now.evening ?? []).filter((each) => each.seam !== seam.seam), { ...own, seam: seam.seam, ...change }] }));
  const pinAt = (side: "left" | "right", row: Station) =>
    row[side] == null ? undefined : nearest(seam.pins.filter((pin) => pin.side === side && Math.abs(pin.depth - (row[side] ?? 0)) < 1e-6), row.station);
  return (
    <section className="stack" aria-label="Readings">
      {evening && (
        <div className="stack" style={{ gap: 4 }}>
          <label className="soft" htmlFor="evening">Evened by</label>
          {evening.one_side_only ? (
            <Select id="evening" aria-label="Evened by" value={own?.one_side ?? job.habits?.one_side ?? "half_each"} onChange={(one_side) => setEvening({ one_side })}
              options={[{ value: "half_each", label: "half to each side, legs copied" }, { value: "copy", label: "copied to the other side" }, { value: "pinned_only", label: "the pinned side only" }]} />
          ) : (
            <Select id="evening" aria-label="Evened by" value={evening.choice} onChange={(choice) => setEvening({ choice })}
              options={words.data?.evening.map((each) => ({ value: each.name, label: `${each.words}: ${each.reason}` })) ?? []} />
          )}
        </div>
      )}
      <table className="tape" data-testid="readings">
        <thead>
          {evening ? <tr><th>at</th><th>left</th><th>right</th><th>apart</th><th>sewn</th></tr> : <tr><th>at</th><th>depth</th></tr>}
        </thead>
        <tbody>
          {evening
            ? [...evening.stations].reverse().map((row) => {
                const [left, right] = [pinAt("left", row), pinAt("right", row)];
                return (
                  <tr key={`${left?.id} ${right?.id}`}>
                    <td className="num">{(left ?? right)?.shown[0]}<div className={`finding ${row.finding === "ask_twist" || row.finding === "copied_on_one_tube" ? "ask" : ""}`} style={{ whiteSpace: "normal" }}>{findings[row.finding]}</div></td>
                    <td>{left && <Reading pin={left} job={job} draft={draft} />}</td>
                    <td>{right && <Reading pin={right} job={job} draft={draft} />}</td>
                    <td className="num">{row.shown.difference}</td>
                    <td className="num"><strong>{row.shown.chosen_left === row.shown.chosen_right ? row.shown.chosen_left : `${row.shown.chosen_left ?? "–"} | ${row.shown.chosen_right ?? "–"}`}</strong></td>
                  </tr>
                );
              })
            : [...seam.pins].reverse().map((pin) => (
                <tr key={pin.id}><td className="num">{pin.shown[0]}</td><td><Reading pin={pin} job={job} draft={draft} /></td></tr>
              ))}
        </tbody>
      </table>
      <p className="soft" style={{ fontSize: 13 }}>
        The line may miss a pin by {seam.tolerance} mm: a pin is not a surveying mark. It is the smoothest line a ruler and a steady hand would draw.
      </p>
    </section>
  );
}

function nearest(pins: PinRead[], station: number): PinRead | undefined {
  return [...pins].sort((a, b) => Math.abs(a.station - station) - Math.abs(b.station - station))[0];
}

/** One reading; clicking it lets it be read again, in any spelling. */
function Reading({ pin, job, draft }: { pin: PinRead; job: Of<"Job">; draft: Draft }) {
  const [text, setText] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const asRead = job.fitting.pins?.find((each) => each.id === pin.id);
  const keep = async () => {
    if (text === null || !asRead || text === pin.shown[1]) return setText(null);
    try {
      const typed = { garment: job.garment, ...(job.habits ? { habits: job.habits } : {}), ...asRead, station: `${asRead.station} mm`, mode: "seam_to_pin" as const, panel: null, reading: text };
      const { data } = await answered(client.POST("/api/v1/compute/pin", { body: typed }));
      draft.change((now) => ({ ...now, pins: (now.pins ?? []).map((each) => (each.id === pin.id ? { ...data.pin, station: asRead.station } : each)) }));
      setText(null);
      setWrong(null);
    } catch (refusal) {
      setWrong(refusal instanceof Refused ? refusal.message : String(refusal));
    }
  };
  if (text === null) {
    return <button type="button" className="reading-button num" aria-label={`Depth ${pin.shown[1]} at ${pin.shown[0]}, ${pin.side}: read it again`} onClick={() => setText(pin.shown[1] ?? "")}>{pin.shown[1]}</button>;
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
      {wrong && <div className="wrong-words" role="alert" style={{ whiteSpace: "normal", fontSize: 13, textAlign: "left" }}>{wrong}</div>}
    </>
  );
}
