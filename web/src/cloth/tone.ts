/** How light a colour is to the eye, 0 black to 1 white (the relative luminance of WCAG 2). */
export function luminance(colour: string): number {
  const parts = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16) / 255);
  const [red = 0, green = 0, blue = 0] = parts.map((share) =>
    share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4,
  );
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}

/** True for a cloth on which ink cannot be seen. */
export const isDark = (colour: string) => luminance(colour) < 0.14;
