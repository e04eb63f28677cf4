import type { Of } from "../api/client";

/** Small outlines of our own, one a kind, 40 by 52. */
const outlines: Record<Of<"Kind">, string> = {
  trousers: "M10 4h20l3 44h-9l-4-30-4 30H7zM10 9h20",
  sweatpants: "M10 5c6-2 14-2 20 0l3 39-8 3-5-27-5 27-8-3zM8 44l8 3M32 44l-8 3",
  straight_skirt: "M12 6h16l3 12v28H9V18zM12 10h16",
  flared_skirt: "M13 6h14l9 40H4zM13 10h14",
  waisted_dress: "M13 3l4 3h6l4-3 5 9-4 4v8l6 24H6l6-24v-8l-4-4zM12 24h16",
  princess_dress: "M13 3l4 3h6l4-3 5 9-4 4v8l6 24H6l6-24v-8l-4-4zM16 6c2 12-1 20-4 42M24 6c-2 12 1 20 4 42",
  shift_dress: "M13 3l4 3h6l4-3 3 11 3 34H7l3-34z",
  shirt: "M14 4l6 5 6-5 9 6 3 18h-6l-2-8v28H10V20l-2 8H2l3-18zM20 9v39",
  knit_top: "M14 5c3 3 9 3 12 0l9 4 3 17h-6l-2-7v25H10V19l-2 7H2L5 9z",
  jacket: "M14 4l6 13 6-13 9 5 3 25h-6l-2-14v26H10V20L8 34H2L5 9zM20 17v29",
  coat: "M14 3l6 12 6-12 9 5 3 24h-6l-2-12 3 30H7l3-30-2 12H2L5 8zM20 15v35",
  waistcoat: "M13 3l7 17 7-17 4 3-1 12 3 5v21l-6 2-7-6-7 6-6-2V23l3-5-1-12zM20 20v20",
  overalls: "M14 3l3 3h6l3-3 5 8-3 4v9l4 25h-8l-4-18-4 18H8l4-25v-9l-3-4zM20 6v25M12 24h16",
};

/** What a kind of garment looks like, in a few strokes. */
export function KindMark({ kind }: { kind: Of<"Kind"> }) {
  return (
    <svg viewBox="0 0 40 52" width="34" height="44" aria-hidden="true">
      <path
        d={outlines[kind]}
        fill="none"
        stroke="currentColor"
        strokeWidth="1.6"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}
