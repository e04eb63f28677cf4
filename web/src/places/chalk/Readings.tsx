import { useQuery } from "@tanstack/react-query";
import { Select } from "antd";
import type { Of } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import type { Draft } from "../../fitting/useDraft";
import { Ends } from "./Ends";
import { Reading } from "./Reading";
import "./chalk.css";

type Seam = Of<"SeamSolution">;
type PinRead = Of<"PinRead">;
type Station = Of<"EvenedStation">;

const findings: Record<Of<"Difference">, string> = {
  noise: "agree",
  uneven: "uneven pinning, evened",
  ask_twist: "body or twist?",
  from_own_line: "its own line used",
  copied: "copied to the other side",
  halved: "half to each side",
  copied_on_one_tube: "doubled: try again",
  pinned_only: "this side only",
  not_read: "other side not read",
};

/** Readings of one seam, left beside right, with what evening makes of them; each can be changed. */
export function Readings({ seam, job, draft }: { seam: Seam; job: Of<"Job">; draft: Draft }) {
  const words = useQuery(wordsQuery);
  const evening = seam.evening;
  const own = job.fitting.evening?.find((each) => each.seam === seam.seam);
  const setEvening = (change: Partial<Of<"SeamEvening">>) =>
    draft.change((now) => ({
      ...now,
      evening: [
        ...(now.evening ?? []).filter((each) => each.seam !== seam.seam),
        { ...own, seam: seam.seam, ...change },
      ],
    }));
  const pinAt = (side: "left" | "right", row: Station) =>
    row[side] == null
      ? undefined
      : nearest(
          seam.pins.filter((pin) => pin.side === side && Math.abs(pin.depth - (row[side] ?? 0)) < 1e-6),
          row.station,
        );
  return (
    <section className="stack" aria-label="Readings">
      {evening && (
        <div className="stack tight">
          <label className="soft" htmlFor="evening">
            Evened by
          </label>
          {evening.one_side_only ? (
            <Select
              id="evening"
              aria-label="Evened by"
              value={own?.one_side ?? job.habits?.one_side ?? "half_each"}
              onChange={(one_side) => setEvening({ one_side })}
              options={[
                { value: "half_each", label: "half to each side, legs and sleeves copied" },
                { value: "copy", label: "copied to the other side" },
                { value: "pinned_only", label: "the pinned side only" },
              ]}
            />
          ) : (
            <Select
              id="evening"
              aria-label="Evened by"
              value={evening.choice}
              onChange={(choice) => setEvening({ choice })}
              options={
                words.data?.evening.map((each) => ({
                  value: each.name,
                  label: `${each.words}: ${each.reason}`,
                })) ?? []
              }
            />
          )}
        </div>
      )}
      <table className="tape" data-testid="readings">
        <thead>
          {evening ? (
            <tr>
              <th>at</th>
              <th>left</th>
              <th>right</th>
              <th>apart</th>
              <th>sewn</th>
            </tr>
          ) : (
            <tr>
              <th>at</th>
              <th>depth</th>
            </tr>
          )}
        </thead>
        <tbody>
          {evening
            ? [...evening.stations].reverse().map((row) => {
                const [left, right] = [pinAt("left", row), pinAt("right", row)];
                return (
                  <tr key={`${left?.id} ${right?.id}`}>
                    <td className="num">
                      {(left ?? right)?.shown[0]}
                      <Stages pins={[left, right]} />
                      <div
                        className={`finding ${["ask_twist", "copied_on_one_tube", "not_read"].includes(row.finding) ? "ask" : ""}`}
                      >
                        {findings[row.finding]}
                      </div>
                    </td>
                    <td>{left && <Reading pin={left} job={job} draft={draft} />}</td>
                    <td>{right && <Reading pin={right} job={job} draft={draft} />}</td>
                    <td className="num">{row.shown.difference}</td>
                    <td className="num">
                      <strong>
                        {row.shown.chosen_left === row.shown.chosen_right
                          ? row.shown.chosen_left
                          : `${row.shown.chosen_left ?? "–"} | ${row.shown.chosen_right ?? "–"}`}
                      </strong>
                    </td>
                  </tr>
                );
              })
            : [...seam.pins].reverse().map((pin) => (
                <tr key={pin.id}>
                  <td className="num">
                    {pin.shown[0]}
                    <Stages pins={[pin]} />
                  </td>
                  <td>
                    <Reading pin={pin} job={job} draft={draft} />
                  </td>
                </tr>
              ))}
        </tbody>
      </table>
      <Ends seam={seam} job={job} draft={draft} />
      <p className="soft small">
        The line a steady hand draws through what was tried on. It stays among its pins, and misses one by as
        much as {seam.tolerance_words} only where it could not be sewn otherwise.
      </p>
    </section>
  );
}

/** Where numbers put a pin and where the body moved it, beside what is read now. */
function Stages({ pins }: { pins: (PinRead | undefined)[] }) {
  const known = pins.filter((pin) => pin?.planned != null);
  if (known.length === 0) return null;
  // One number where both sides have the same; otherwise left | right.
  const stage = (words: string, of: (pin: PinRead) => string | null | undefined) => {
    const numbers = known.map((pin) => (pin ? of(pin) : null) ?? "–");
    if (numbers.every((number) => number === "–")) return null;
    return `${words} ${numbers.every((number) => number === numbers[0]) ? numbers[0] : numbers.join(" | ")}`;
  };
  return (
    <div className="finding" data-testid="stages">
      {[
        stage("planned", (pin) => pin.planned),
        stage("moved", (pin) => pin.moved),
        stage("read again", (pin) => (pin.reread ? pin.shown[1] : null)),
      ]
        .filter(Boolean)
        .join(" → ")}
    </div>
  );
}

function nearest(pins: PinRead[], station: number): PinRead | undefined {
  return [...pins].sort((a, b) => Math.abs(a.station - station) - Math.abs(b.station - station))[0];
}
