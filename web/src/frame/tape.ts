import { useQuery } from "@tanstack/react-query";
import { useChangeHabits } from "../api/changeHabits";
import type { Of } from "../api/client";
import { habitsQuery } from "../api/queries";

type Scale = Of<"Scale">;

const scales: { value: string; label: string; scale: Scale }[] = [
  { value: "mm", label: "mm", scale: { unit: "mm", rounding: "mm" } },
  { value: "cm", label: "cm", scale: { unit: "cm", rounding: "mm" } },
  { value: "cm5", label: "½ cm", scale: { unit: "cm", rounding: "half_cm" } },
  { value: "in8", label: "⅛ in", scale: { unit: "inch", rounding: "eighth_inch" } },
  { value: "in16", label: "1/16 in", scale: { unit: "inch", rounding: "sixteenth_inch" } },
];

/** The session's tape, and how it is changed. */
export function useTape() {
  const habits = useQuery(habitsQuery);
  const change = useChangeHabits();
  const now = habits.data?.data.scale;
  const chosen = scales.find(
    (each) => each.scale.unit === now?.unit && each.scale.rounding === now?.rounding,
  );
  const choose = (value: string) => {
    const picked = scales.find((each) => each.value === value);
    if (picked) change.mutate((all) => ({ ...all, scale: picked.scale }));
  };
  return {
    value: chosen?.value ?? "mm",
    options: scales.map(({ value, label }) => ({ value, label })),
    choose,
  };
}
