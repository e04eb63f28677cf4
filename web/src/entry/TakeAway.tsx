import { Button, Popconfirm } from "antd";
import { useState } from "react";
import { Refused } from "../api/client";

/** A button that takes something away for good, after asking once. */
export function TakeAway(props: { name: string; asks: string; onTake: () => Promise<unknown> }) {
  const [wrong, setWrong] = useState<string | null>(null);
  const take = async () => {
    setWrong(null);
    try {
      await props.onTake();
    } catch (refusal) {
      setWrong(refusal instanceof Refused ? refusal.message : String(refusal));
    }
  };
  return (
    <>
      <Popconfirm title={props.asks} okText="Yes, take it away" cancelText="Keep it" onConfirm={take}>
        <Button>{props.name}</Button>
      </Popconfirm>
      {wrong && (
        <p className="wrong-words" role="alert">
          {wrong}
        </p>
      )}
    </>
  );
}
