// Gzipped size of the scripts that the page loads before any place is opened.
import { readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";

const page = readFileSync("web/dist/index.html", "utf8");
const scripts = [...page.matchAll(/(?:src|href)="(\/assets\/[^"]+\.js)"/g)].map(
  (match) => match[1],
);
/** What a telephone on a slow line waits for, at most. */
const most = 250_000;
let total = 0;
for (const script of scripts) {
  const size = gzipSync(readFileSync(`web/dist${script}`), { level: 9 }).length;
  total += size;
  console.log(`${script}  ${(size / 1000).toFixed(1)} kB`);
}
console.log(
  `first load  ${(total / 1000).toFixed(1)} kB gzipped of at most ${most / 1000} kB`,
);
if (total > most) process.exit(1);
