import { expect, test } from "vitest";
import { tokens } from "./tokens";
import css from "./tokens.css?raw";

const named = new Map([...css.matchAll(/--([\w-]+): ([^;]+);/g)].map(([, name, value]) => [name, value]));

test("what Ant Design is told is what the page is drawn in", () => {
  const names: Record<string, string> = { pinYellow: "pin" };
  for (const [token, value] of Object.entries(tokens)) {
    const name = names[token] ?? token.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
    expect(named.get(name), token).toBe(value);
  }
});
