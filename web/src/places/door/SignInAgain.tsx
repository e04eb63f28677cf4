import { Button, Input } from "antd";
import { type FormEvent, useId, useState } from "react";
import { OverThePlace } from "./OverThePlace";
import { useSignIn } from "./useSignIn";
import "./door.css";

/**
 * The session ended while somebody was at work, or somebody else signed in in this browser: the door stands over the
 * place, which stays as it is with everything typed in it.
 */
export default function SignInAgain(props: { email: string; demo: boolean; another: string | null }) {
  const { email, demo, another } = props;
  const id = useId();
  const [password, setPassword] = useState("");
  const { wrong, busy, signIn, openDemo } = useSignIn();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    void signIn({ email, password });
  };
  return (
    <OverThePlace title={another ? "You are signed out here" : "Your session has ended"}>
      <form className="stack" onSubmit={submit} noValidate>
        {another && (
          <p>
            <strong>{another}</strong> is signed in in this browser now. Nothing of yours went into that
            workroom.
          </p>
        )}
        <p>
          Sign in again as <strong>{email}</strong>. What you typed stays where it is, and goes in then.
        </p>
        <div className="field">
          <label htmlFor={id}>Password</label>
          <Input.Password
            id={id}
            name="password-again"
            autoComplete="current-password"
            autoFocus
            value={password}
            status={wrong ? "error" : ""}
            onChange={(event) => setPassword(event.target.value)}
          />
        </div>
        {wrong && (
          <p className="wrong-words" role="alert">
            {wrong.message}
          </p>
        )}
        <div className="row">
          <Button type="primary" htmlType="submit" loading={busy}>
            Go on
          </Button>
          {demo && (
            <Button disabled={busy} onClick={() => void openDemo(email)}>
              Go on in the demo workroom
            </Button>
          )}
          <Button type="link" onClick={() => window.location.assign("/")}>
            {another ? `Leave this place to ${another}` : "Leave this place"}
          </Button>
        </div>
      </form>
    </OverThePlace>
  );
}
