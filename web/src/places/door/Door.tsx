import { Button, Input, Segmented } from "antd";
import { type FormEvent, useState } from "react";
import { PinsBecomeALine } from "./PinsBecomeALine";
import { useSignIn } from "./useSignIn";
import "./door.css";

/** The way into the workroom. */
export default function Door({ demo }: { demo: boolean }) {
  const [fresh, setFresh] = useState(false);
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const { wrong, busy, forget, signIn, openDemo } = useSignIn();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    void signIn({ email, password }, fresh);
  };
  const at = (field: string) => wrong?.problem?.path === field;
  return (
    <main className="door">
      <div className="door-words stack">
        <div className="row">
          <img src="/mark.svg" width="40" height="40" alt="" />
          <span className="door-name">Vemble</span>
        </div>
        <h1>You pin and look. It does the sums and draws the line.</h1>
        <p className="door-says">
          Read the pins as you find them. Vemble evens left and right, draws one smooth line for each seam,
          tells you what every level will measure, and keeps the scissors shut until it is time.
        </p>
        <PinsBecomeALine />
      </div>
      <form className="door-form stack" onSubmit={submit} noValidate>
        <Segmented
          block
          value={fresh ? "new" : "known"}
          onChange={(value) => {
            setFresh(value === "new");
            forget();
          }}
          options={[
            { value: "known", label: "Sign in" },
            { value: "new", label: "New workroom" },
          ]}
        />
        <div className="field">
          <label htmlFor="email">Address</label>
          <Input
            id="email"
            type="email"
            autoComplete="username"
            value={email}
            status={at("email") ? "error" : ""}
            onChange={(event) => setEmail(event.target.value)}
          />
        </div>
        <div className="field">
          <label htmlFor="password">Password</label>
          <Input.Password
            id="password"
            autoComplete={fresh ? "new-password" : "current-password"}
            value={password}
            status={at("password") ? "error" : ""}
            onChange={(event) => setPassword(event.target.value)}
          />
          {fresh && (
            <span className="hint">At least 12 characters; a few words are easiest to remember.</span>
          )}
        </div>
        {wrong && (
          <p className="wrong-words" role="alert">
            {wrong.message}
            {fresh && wrong.status === 401
              ? " If this address already has a workroom, sign in with its own password."
              : ""}
          </p>
        )}
        <Button type="primary" htmlType="submit" size="large" loading={busy}>
          {fresh ? "Open a new workroom" : "Sign in"}
        </Button>
        {demo && (
          <>
            <hr className="stitched" />
            <p className="soft">
              A village dance band is dressing itself from a charity rail. Have a look round; nothing you do
              there can spoil anything of yours.
            </p>
            <Button size="large" disabled={busy} onClick={() => void openDemo()}>
              Open the demo workroom
            </Button>
          </>
        )}
      </form>
    </main>
  );
}
