import { LengthField } from "../../entry/LengthField";
import { useShown } from "../../entry/lengths";
import type { GarmentSheet } from "./useGarmentSheet";

/** Fields of a garment's sheet for some of its lengths, each read when it is left; saving waits for all. */
export function useSheetField(sheet: GarmentSheet, lengths: Record<string, number | undefined>) {
  const shown = useShown(lengths);
  return (
    name: string,
    label: string,
    onLength: (mm: number | undefined) => void,
    more: Omit<Partial<Parameters<typeof LengthField>[0]>, "name" | "label"> = {},
  ) => (
    <LengthField
      key={name}
      name={name}
      label={label}
      shown={shown ? (shown[name] ?? "") : undefined}
      wrong={sheet.wrong[name]}
      onWrong={(said) => sheet.setWrong(name, said)}
      onReading={sheet.onReading}
      onLength={onLength}
      {...more}
    />
  );
}
