import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import { answered, client, ifMatch, type Of, Refused } from "../../api/client";
import { askAgain } from "../../api/askAgain";
import { habitsQuery, sketchQuery, solutionQuery, wearersQuery } from "../../api/queries";
import { today } from "../../entry/days";
import { SHEET } from "../../waiting/sheet";

export type GarmentRecord = Of<"GarmentRecord">;
export type Garment = Of<"Garment">;
export type Cloth = Of<"Cloth">;
export type Shape = Of<"Shape">;
export type Kind = Of<"Kind">;

/** The band of a shape; one that was never entered has no height. */
export const bandOf = (shape: Shape): Of<"Band"> => shape.band ?? { height: 0 };

/**
 * A garment while its sheet is filled in: what was typed, what the core says to it so far, and the
 * saving of it. Nothing is saved while a field cannot be read.
 */
export function useGarmentSheet(
  id: string | undefined,
  kept: GarmentRecord,
  keptVersion: number | null,
  blank: Garment,
  onSaved: (strays: Of<"StrayOn">[]) => void,
) {
  const [record, setShownRecord] = useState(kept);
  const [fresh] = useState(() => uuid());
  const [wrong, setWrongFields] = useState<Record<string, string | undefined>>({});
  const latest = useRef(kept);
  const unread = useRef<Record<string, string | undefined>>({});
  const reading = useRef(new Set<Promise<void>>());
  const wearers = useQuery(wearersQuery);
  const habits = useQuery(habitsQuery);
  const queries = useQueryClient();

  const setRecord = useCallback((change: (now: GarmentRecord) => GarmentRecord) => {
    latest.current = change(latest.current);
    setShownRecord(latest.current);
  }, []);
  const setGarment = useCallback(
    (change: Partial<Garment>) => setRecord((now) => ({ ...now, garment: { ...now.garment, ...change } })),
    [setRecord],
  );
  const setCloth = (change: Partial<Cloth>) =>
    setRecord((now) => ({
      ...now,
      garment: { ...now.garment, cloth: { ...(now.garment.cloth ?? blank.cloth), ...change } as Cloth },
    }));
  const setShape = useCallback(
    (change: (shape: Shape) => Partial<Shape>) =>
      setRecord((now) => ({
        ...now,
        garment: { ...now.garment, shape: { ...now.garment.shape, ...change(now.garment.shape) } },
      })),
    [setRecord],
  );
  const setWrong = (field: string, said: string | undefined) => {
    unread.current = { ...unread.current, [field]: said };
    setWrongFields(unread.current);
  };
  /** A field that is being read; saving waits for it. */
  const onReading = (read: Promise<void>) => {
    reading.current.add(read);
    void read.finally(() => reading.current.delete(read));
  };

  const body = wearers.data?.find((each) => each.id === record.wearer)?.wearer;
  const job = useMemo<Of<"Job"> | undefined>(
    () =>
      habits.data && {
        format: "vemble-job/1",
        wearer: body?.name ?? "its wearer",
        body: body?.measured?.at(-1) ?? null,
        habits: habits.data.data,
        garment: { ...record.garment, name: record.garment.name || "new" },
        fitting: { held_on: today() },
      },
    [record.garment, habits.data, body],
  );
  const solution = useQuery(solutionQuery(job));
  const sketch = useQuery(sketchQuery(record.garment, habits.data?.data));
  // Fields that follow from the garment stay while one of its measures cannot be: somebody may be typing in them.
  const [known, setKnown] = useState(solution.data);
  if (solution.data && solution.data !== known) setKnown(solution.data);
  const save = useMutation({
    mutationKey: SHEET,
    /** Given the version to replace; null for a garment that is hung for the first time. */
    mutationFn: async (version: number | null) => {
      await Promise.all(reading.current);
      const said = Object.values(unread.current).filter((words) => words !== undefined);
      if (said.length > 0) throw new Unread(said);
      const key = id ?? fresh;
      const { data } = await answered(
        client.PUT("/api/v1/garments/{id}", {
          params: { path: { id: key } },
          body: named(latest.current),
          ...ifMatch(version),
        }),
      );
      await askAgain(queries, "garments");
      return data.strays;
    },
    retry: (count, error) => error instanceof Refused && error.isSilence && count < 400,
    retryDelay: 1500,
    onSuccess: onSaved,
  });
  const stale =
    save.error instanceof Refused && save.error.status === 412 ? save.error.problem?.version : undefined;
  return {
    record,
    setRecord,
    setGarment,
    setCloth,
    setShape,
    wrong,
    setWrong,
    onReading,
    wearers: wearers.data ?? [],
    solution,
    /** The garment drawn as far as it has been measured. */
    sketch,
    /** The last solution there was. */
    known,
    save: () => save.mutate(keptVersion),
    /** When another window saved meanwhile: saves this sheet over it. */
    saveOver: stale == null ? undefined : () => save.mutate(stale),
    saving: save,
  };
}

/** A field of the sheet could not be read. */
class Unread extends Error {
  constructor(said: string[]) {
    super(`Nothing is saved yet: a field could not be read. ${said.join(" ")}`);
  }
}

/** A garment nobody has named is called what it is. */
const named = (record: GarmentRecord): GarmentRecord => {
  const { garment } = record;
  if (garment.name.trim()) return record;
  const kind = garment.shape.kind.replaceAll("_", " ");
  return { ...record, garment: { ...garment, name: kind.charAt(0).toUpperCase() + kind.slice(1) } };
};

export type GarmentSheet = ReturnType<typeof useGarmentSheet>;
