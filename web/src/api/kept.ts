/** What this browser keeps until the workroom has it, apart for each account that signs in here. */
let owner = "";

/** Says whose changes are kept from now on. */
export function keepFor(email: string) {
  owner = email;
}

const place = (what: string, id: string) => `vemble.${what}.${owner}.${id}`;

/** What was kept, or `null`. */
export function kept<Kept>(what: string, id: string): Kept | null {
  try {
    return JSON.parse(localStorage.getItem(place(what, id)) ?? "null") as Kept | null;
  } catch {
    return null;
  }
}

/** Keeps it, or lets it go. */
export function keep<Kept>(what: string, id: string, value: Kept | null) {
  if (value === null) localStorage.removeItem(place(what, id));
  else localStorage.setItem(place(what, id), JSON.stringify(value));
}

/** Every row that is kept of something, by their names in order: several windows may keep rows side by side. */
export function keptRows<Kept>(what: string, id: string): Kept[] {
  const begin = `${place(what, id)}.`;
  const names = Object.keys(localStorage).filter((name) => name.startsWith(begin));
  return names
    .sort()
    .map((name) => kept<Kept>(what, name.slice(place(what, "").length)))
    .filter((row): row is Kept => row !== null);
}

/** How much waits in this browser, whoever it belongs to: fittings with changes, and readings. */
export function waitingHere(): { fittings: number; readings: number } {
  const fittings = new Set<string>();
  let readings = 0;
  for (const key of Object.keys(localStorage)) {
    // A change is kept under its fitting and an id of its own.
    if (key.startsWith("vemble.change.")) fittings.add(key.slice(0, key.lastIndexOf(".")));
    if (key.startsWith("vemble.draft.")) fittings.add(key);
    if (key.startsWith("vemble.waiting.")) {
      const all: unknown = JSON.parse(localStorage.getItem(key) ?? "[]");
      readings += Array.isArray(all) ? all.length : 0;
    }
  }
  return { fittings: fittings.size, readings };
}
