import { Link } from "react-router";
import { OverThePlace } from "./OverThePlace";

/** Somebody signed in in a browser that a friend reads in: the mirror stays as it is, under what to do now. */
export default function SomebodyElse({ friend, now }: { friend: string; now: string }) {
  return (
    <OverThePlace title="You are not in this fitting here now">
      <p>
        <strong>{now}</strong> is signed in in this browser now. What you typed as {friend} is kept here under
        your name; nothing of it went anywhere else.
      </p>
      <p>
        Ask your friend for the words and <Link to="/join">come in again</Link>, or{" "}
        <a href="/">go on as {now}</a>.
      </p>
    </OverThePlace>
  );
}
