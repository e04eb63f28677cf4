import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from "react";
import type { Of } from "../api/client";
import { along, shareNearest } from "./along";
import "./cloth.css";

/** A pin to show on the figure. */
export type PinOnFigure = {
  id: string;
  seam: Of<"SeamName">;
  side: Of<"Side">;
  /** How far up its seam, 0 to 1, and how long that is. */
  share: number;
  length: number;
  /** What it says: which seam, how deep, where. */
  words: string;
  /** It stands on the other face too, and keys come to it there. */
  again?: boolean;
};

/** Where a pin is slid: to a station from the seam's lower end, or by marks of the tape. */
export type SlidTo = { by: "hand"; station: number } | { by: "marks"; count: number };

/** So long no key comes, and the nudges are one. */
const settles = 220;
/** A hand that moves less has only touched it, in pixels. */
const touches = 4;

const marksOf: Record<string, number | undefined> = {
  ArrowUp: 1,
  ArrowRight: 1,
  ArrowDown: -1,
  ArrowLeft: -1,
  PageUp: 10,
  PageDown: -10,
};

/** A pin on its seam: dragged along it, or nudged by marks of the tape with the arrow keys. */
export function FigurePin(props: {
  pin: PinOnFigure;
  course: number[][];
  onPick: () => void;
  onSlide: (to: SlidTo) => Promise<void>;
}) {
  const { pin, course, onSlide } = props;
  const [held, setHeld] = useState<{ x: number; y: number; share: number | null } | null>(null);
  const [settling, setSettling] = useState<number | null>(null);
  const nudged = useRef({ count: 0, timer: 0 });
  useEffect(() => () => window.clearTimeout(nudged.current.timer), []);
  const at = along(course, held?.share ?? settling ?? pin.share);
  if (!at) return null;

  const shareUnder = (event: PointerEvent<SVGGElement>) => {
    const toDrawing = event.currentTarget.ownerSVGElement?.getScreenCTM()?.inverse();
    if (!toDrawing) return pin.share;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(toDrawing);
    return shareNearest(course, [x, -y]);
  };
  const move = (event: PointerEvent<SVGGElement>) => {
    if (!held) return;
    const away = Math.hypot(event.clientX - held.x, event.clientY - held.y);
    if (held.share !== null || away >= touches) setHeld({ ...held, share: shareUnder(event) });
  };
  const letGo = () => {
    if (held && held.share !== null) {
      setSettling(held.share);
      // Refused, it stands where it stood; what is wrong is said beside it.
      void onSlide({ by: "hand", station: held.share * pin.length }).finally(() => setSettling(null));
    } else if (held) props.onPick();
    setHeld(null);
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key === "Escape" && held) {
      event.stopPropagation();
      setHeld(null);
      return;
    }
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      props.onPick();
      return;
    }
    const marks = marksOf[event.key];
    if (marks === undefined) return;
    event.preventDefault();
    const now = nudged.current;
    now.count += marks;
    window.clearTimeout(now.timer);
    now.timer = window.setTimeout(() => {
      const { count } = now;
      now.count = 0;
      if (count !== 0) void onSlide({ by: "marks", count });
    }, settles);
  };
  return (
    <g
      className={`figure-pin ${held ? "held" : ""}`}
      transform={`translate(${at[0]} ${-at[1]})`}
      role="slider"
      tabIndex={pin.again ? -1 : 0}
      aria-hidden={pin.again}
      aria-label={pin.words}
      aria-valuemin={0}
      aria-valuemax={Math.round(pin.length)}
      aria-valuenow={Math.round(pin.share * pin.length)}
      aria-valuetext={pin.words}
      onPointerDown={(event) => {
        if (event.button !== 0) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        setHeld({ x: event.clientX, y: event.clientY, share: null });
      }}
      onPointerMove={move}
      onPointerUp={letGo}
      onPointerCancel={() => setHeld(null)}
      onKeyDown={onKey}
    >
      <title>{pin.words}</title>
      <circle r="11" className="grasp" />
      <circle r="11" className="head" />
    </g>
  );
}
