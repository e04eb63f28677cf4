/** The house colours: unbleached cloth, ink, one warm thread, chalk blue, pin heads. */
export const tokens = {
  cloth: "#f4eee1",
  clothRaised: "#fbf8f1",
  clothDeep: "#e8dfcc",
  seam: "#cdc0a6",
  ink: "#272420",
  inkSoft: "#5d564b",
  thread: "#a5371f",
  threadSoft: "#f0d9cf",
  chalk: "#245a82",
  chalkSoft: "#d5e2ea",
  pinYellow: "#d9a41c",
  pinGreen: "#4c7a4a",
  heading: '"Fraunces Variable", Georgia, serif',
  text: '"Source Sans 3", system-ui, sans-serif',
} as const;
