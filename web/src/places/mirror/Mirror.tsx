import { Checkbox, Segmented } from "antd";
import { useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import type { Of } from "../../api/client";
import { WishLine } from "../../fitting/WishLine";
import { GarmentFigure } from "../../cloth/GarmentFigure";
import { asked } from "../../entry/toRead";
import type { AtWork } from "../../fitting/atWork";
import { useIsFriend } from "../../fitting/friend";
import { Friends } from "../../fitting/Friends";
import { UndoButton } from "../../fitting/UndoButton";
import { EntryPad } from "./EntryPad";
import { HowClose } from "./HowClose";
import { Ladder } from "./Ladder";
import { MirrorTabs } from "../../frame/TableTabs";
import { OnForm } from "./OnForm";
import { PinList } from "./PinList";
import { useSlide } from "./useSlide";
import "./mirror.css";

type SeamName = Of<"SeamName">;
type Side = Of<"Side">;

/** On the body: pin, read, enter, move. */
export default function Mirror({ id, draft, job, solution }: AtWork) {
  const friend = useIsFriend();
  const seams = solution.pinnable;
  const [address] = useSearchParams();
  const wanted = asked(address);
  const [picked, setAt] = useState<{ seam: SeamName; side: Side } | null>(wanted);
  const first = seams.find((each) => each.first) ?? seams[0];
  const at = picked ?? {
    seam: first?.seam ?? "side",
    side: first?.paired === false ? ("centre" as const) : ("left" as const),
  };
  const [view, setView] = useState<"front" | "back">("front");
  const pins = useMemo(
    () =>
      // In the order they were read: one that is slid past another keeps its place, and with it the focus.
      solution.seams
        .flatMap((seam) =>
          seam.pins.map((pin) => ({
            id: pin.id,
            seam: seam.seam,
            side: pin.side,
            share: pin.station / seam.length,
            length: seam.length,
            words: `Pin in the ${seam.words}${pin.side === "centre" ? "" : `, ${pin.side}`}: ${pin.shown[1]} at ${pin.shown[0]}`,
          })),
        )
        .sort((one, other) => (one.id < other.id ? -1 : 1)),
    [solution],
  );
  const pick = (seam: SeamName, side: Side) => {
    setAt({ seam, side });
    const from = seams.find((each) => each.seam === seam)?.seen_from;
    if (from) setView(from);
  };
  const { slide, refused } = useSlide(job, draft);
  const figures = { front: solution.drawing?.figure, back: solution.drawing?.figure_back };
  const inFront = new Set(figures.front?.seams.map((each) => each.seam));
  const onBack = pins.map((pin) => ({ ...pin, again: inFront.has(pin.seam) }));
  const fitting = job.fitting;
  return (
    <div className="page mirror">
      <section aria-label="The garment on its wearer">
        <MirrorTabs id={id} />
        <h1 className="visually-hidden phone-only">At the mirror</h1>
        <div className="row spread wide-only over-the-glass">
          <h1>At the mirror</h1>
          {!friend && (
            <div className="row">
              <Checkbox
                checked={fitting.anchored}
                onChange={(event) => draft.change((now) => ({ ...now, anchored: event.target.checked }))}
              >
                Centre front and back anchored to the underlayer
              </Checkbox>
              <HowClose fitting={fitting} draft={draft} />
              <OnForm fitting={fitting} draft={draft} />
              <Friends id={id} />
              <UndoButton draft={draft} />
            </div>
          )}
        </div>
        <WishLine wish={job.garment.wish} />
        <Segmented
          className="phone-only"
          block
          value={view}
          onChange={(value) => setView(value as "front" | "back")}
          options={[
            { value: "front", label: "Front" },
            { value: "back", label: "Back" },
          ]}
        />
        {figures.front && figures.back ? (
          <div className={`looking-glass show-${view}`}>
            {[
              { side: "front" as const, figure: figures.front },
              { side: "back" as const, figure: figures.back },
            ].map(({ side, figure }) => (
              <GarmentFigure
                key={side}
                view={side}
                figure={figure}
                look={job.garment.cloth?.look}
                pinnable={seams.map((each) => each.seam)}
                body={solution.drawing?.body ?? null}
                levels={solution.drawing?.levels ?? []}
                pins={side === "back" ? onBack : pins}
                seam={at.seam}
                side={at.side}
                onPick={pick}
                onSlide={slide}
              />
            ))}
          </div>
        ) : (
          <p className="patch">
            {solution.warnings.find((warning) => warning.code.startsWith("garment."))?.message ??
              "Measure the garment flat to see it here."}
          </p>
        )}
        {refused && (
          <p className="wrong-words" role="alert">
            {refused}
          </p>
        )}
        <p className="soft wide-only under-the-glass">
          Stand upright, right shoes on, looking ahead. Judge from the top down. Then step up, sit, bend a
          knee, reach and raise the arms, and move pins until it neither strains nor hangs. Pin only a body
          that stands still, into the garment, never near skin.
        </p>
      </section>
      <aside className="stack mirror-side">
        <EntryPad
          id={id}
          at={at}
          wanted={wanted}
          seams={seams}
          onPick={pick}
          garment={job.garment}
          habits={job.habits}
          set={(fitting.pins ?? []).filter((pin) => pin.planned != null)}
        />
        {!friend && <Ladder job={job} seam={at.seam} seams={seams} draft={draft} />}
        {!friend && (
          <div className="phone-only">
            <Friends id={id} />
          </div>
        )}
        <PinList
          solution={solution}
          onRemove={(pin) =>
            draft.change((now) => ({ ...now, pins: (now.pins ?? []).filter((other) => other.id !== pin) }))
          }
        />
      </aside>
    </div>
  );
}
