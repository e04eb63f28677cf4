import { useState } from "react";
import { LengthField } from "../entry/LengthField";
import { useShown } from "../entry/lengths";

/** Fields for the lengths of a wish, each read when it is left. */
export function useWishField(lengths: Record<string, number | undefined>) {
  const [wrong, setWrong] = useState<Record<string, string | undefined>>({});
  const shown = useShown(lengths);
  return (name: string, label: string, onLength: (mm: number | undefined) => void, hint?: string) => (
    <LengthField
      key={name}
      name={name}
      label={label}
      shown={shown ? (shown[name] ?? "") : undefined}
      wrong={wrong[name]}
      onWrong={(said) => setWrong((now) => ({ ...now, [name]: said }))}
      onLength={onLength}
      {...(hint ? { hint } : {})}
    />
  );
}
