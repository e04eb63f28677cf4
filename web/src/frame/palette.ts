import type { Of } from "../api/client";
import { fittingPlaces, placeNamed, to } from "./registry";
import { keysOf } from "../entry/keysOf";

/** Something one can go to or do. */
export type Act = { key: string; words: string; also: string; to: string };

/** Everything one can go to from here: the house, the places of the fitting in hand, every garment. */
export function actsFrom(fitting: string | undefined, rail: Of<"Hanging">[]): Act[] {
  const house: Act[] = [
    { key: "rail", words: "The rail", also: "home tonight", to: to.rail },
    { key: "hang", words: "Hang a garment", also: "new measure", to: to.hang },
    { key: "people", words: "People", also: "body measures wearer", to: to.people },
    { key: "habits", words: "Habits", also: "house rules schools defaults", to: to.habits },
    { key: "account", words: "Account", also: "password workroom file", to: to.account },
  ];
  const here: Act[] = fitting
    ? keysOf(fittingPlaces).map((place) => ({
        key: place,
        words: `${fittingPlaces[place].words}, of this fitting`,
        also: `${fittingPlaces[place].table} ${place}`,
        to: to.fitting(fitting, place),
      }))
    : [];
  const garments = rail.map((hanging): Act => {
    const { name } = hanging.record.garment;
    const place = hanging.next.place;
    return {
      key: hanging.id,
      words: name,
      also: `${hanging.wearer_name ?? ""} ${hanging.next.words}`,
      to:
        hanging.fitting && place !== "rail"
          ? to.fitting(hanging.fitting, placeNamed(place))
          : to.garment(hanging.id),
    };
  });
  return [...here, ...garments, ...house];
}

/** Those that hold every word typed, what begins with it before what only holds it. */
export function matching(acts: Act[], typed: string): Act[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return acts;
  const begins = (act: Act) => (act.words.toLowerCase().startsWith(words[0] ?? "") ? 0 : 1);
  return acts
    .filter((act) => {
      const all = `${act.words} ${act.also}`.toLowerCase();
      return words.every((word) => all.includes(word));
    })
    .map((act, at) => ({ act, at }))
    .sort((one, other) => begins(one.act) - begins(other.act) || one.at - other.at)
    .map(({ act }) => act);
}
