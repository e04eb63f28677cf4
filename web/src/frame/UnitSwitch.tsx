import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Select } from "antd";
import { answered, client, ifMatch, type Of } from "../api/client";
import { habitsQuery } from "../api/queries";

type Scale = Of<"Scale">;

const scales: { value: string; label: string; scale: Scale }[] = [
  { value: "mm", label: "mm", scale: { unit: "mm", rounding: "mm" } },
  { value: "cm", label: "cm", scale: { unit: "cm", rounding: "mm" } },
  { value: "cm5", label: "½ cm", scale: { unit: "cm", rounding: "half_cm" } },
  { value: "in8", label: "⅛ in", scale: { unit: "inch", rounding: "eighth_inch" } },
  { value: "in16", label: "1/16 in", scale: { unit: "inch", rounding: "sixteenth_inch" } },
];

/** The unit and rounding on the tape. */
export function UnitSwitch() {
  const habits = useQuery(habitsQuery);
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: async (scale: Scale) => {
      const { data, version } = await queries.fetchQuery(habitsQuery);
      return answered(client.PUT("/api/v1/habits", { body: { ...data, scale }, ...ifMatch(version) }));
    },
    onSuccess: () => queries.invalidateQueries(),
  });
  const now = habits.data?.data.scale;
  const chosen = scales.find(
    (each) => each.scale.unit === now?.unit && each.scale.rounding === now?.rounding,
  );
  return (
    <Select
      aria-label="Unit on the tape"
      value={chosen?.value ?? "mm"}
      className="w-88"
      options={scales.map(({ value, label }) => ({ value, label }))}
      onChange={(value) => {
        const picked = scales.find((each) => each.value === value);
        if (picked) change.mutate(picked.scale);
      }}
    />
  );
}
