import { Button } from "antd";
import { NumberPad } from "../entry/NumberPad";
import { typeInto } from "../entry/typeInto";
import type { InHand } from "./useInHand";

/** On a telephone: keys for the measure in hand, and the ways to the next and the one before. */
export function TapePad({ hand }: { hand: InHand }) {
  return (
    <div className="phone-only">
      <NumberPad
        go="Next measure"
        onKey={(key) => typeInto(hand.field(hand.held), key)}
        onGo={() => hand.go(hand.held, 1)}
      />
      <Button onClick={() => hand.go(hand.held, -1)}>The measure before</Button>
    </div>
  );
}
