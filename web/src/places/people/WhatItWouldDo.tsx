import { useQuery } from "@tanstack/react-query";
import { Button } from "antd";
import { useState } from "react";
import { effectsOf } from "../../api/changeHabits";
import type { Of } from "../../api/client";

/** What another way would do to the garments that hang here, for who asks before choosing it. */
export function WhatItWouldDo({ habits, of }: { habits: Of<"Habits">; of: string }) {
  const [asked, setAsked] = useState(false);
  const would = useQuery({ queryKey: ["would", habits], enabled: asked, queryFn: () => effectsOf(habits) });
  return (
    <div className="would">
      <Button
        type="link"
        size="small"
        aria-expanded={asked}
        aria-label={`what would it change? ${of}`}
        loading={asked && would.isPending}
        onClick={() => setAsked(!asked)}
      >
        what would it change?
      </Button>
      {asked && would.error && (
        <p className="wrong-words" role="alert">
          {would.error.message}
        </p>
      )}
      {asked && would.data && (
        <div role="status" className="would-said">
          {would.data.length === 0 && <p>Nothing on the garments that hang here now.</p>}
          {would.data.map((effect) => (
            <p key={effect.garment}>
              <b>{effect.name}:</b> {effect.changes.join(" ")}
            </p>
          ))}
        </div>
      )}
    </div>
  );
}
