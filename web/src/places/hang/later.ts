import type { Of } from "../../api/client";

/** What else may be known of a garment, by subject. */
export const later = {
  cloth: "Its cloth",
  parts: "Collar, front, pockets",
  seams: "Its seams",
  inside: "Inside the seams",
  hem: "At the hems",
  ease: "Ease wanted",
} as const;

/** One of them. */
export type LaterName = keyof typeof later;

/** The subject a part of the drawing leads to. */
export const aboutPart: Record<Of<"PartName">, LaterName> = {
  body: "cloth",
  border: "cloth",
  inside: "inside",
  sleeve: "seams",
  yoke: "seams",
  cuff: "parts",
  placket: "parts",
  pocket: "parts",
  lapel: "parts",
  collar: "parts",
  band: "parts",
  loop: "parts",
};
