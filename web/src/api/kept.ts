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

/** How much waits in this browser, whoever it belongs to: fittings with changes, and readings. */
export function waitingHere(): { fittings: number; readings: number } {
  let [fittings, readings] = [0, 0];
  for (let i = 0; i < localStorage.length; i++) {
    const key = localStorage.key(i) ?? "";
    if (key.startsWith("vemble.draft.")) fittings += 1;
    if (key.startsWith("vemble.waiting.")) {
      const all: unknown = JSON.parse(localStorage.getItem(key) ?? "[]");
      readings += Array.isArray(all) ? all.length : 0;
    }
  }
  return { fittings, readings };
}
