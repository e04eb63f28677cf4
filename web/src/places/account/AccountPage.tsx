import { useMutation, useQuery } from "@tanstack/react-query";
import { Button, Input } from "antd";
import { type FormEvent, useId, useState } from "react";
import { answered, client, Refused } from "../../api/client";
import { accountQuery } from "../../api/queries";
import { usePost } from "../../waiting/usePost";
import { WholeWorkroom } from "./WholeWorkroom";
import "./account.css";

const away = () => window.location.assign("/");
const words = (error: unknown) => (error instanceof Error ? error.message : String(error));
const path = (error: unknown) => (error instanceof Refused ? error.problem?.path : undefined);

/** The workroom itself: its password, its sessions, its end. */
export default function AccountPage() {
  const account = useQuery(accountQuery);
  if (!account.data) {
    return (
      <p className="page" role="status">
        {account.error ? words(account.error) : "Fetching the account."}
      </p>
    );
  }
  const { email, holds, demo } = account.data;
  return (
    <div className="page stack account">
      <div>
        <h1>Account</h1>
        <p>
          {email} keeps {count(holds.people, "person", "people")},{" "}
          {count(holds.garments, "garment", "garments")} and {count(holds.fittings, "fitting", "fittings")}.
        </p>
      </div>
      <WholeWorkroom holds={holds} />
      {demo ? <p>The demo workroom is shared: it keeps its password, and it stays.</p> : <ChangePassword />}
      <SignOutEverywhere />
      {!demo && <DeleteAccount email={email} />}
    </div>
  );
}

const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

function ChangePassword() {
  const id = useId();
  const [now, setNow] = useState("");
  const [wanted, setWanted] = useState("");
  const change = useMutation({
    mutationFn: () => answered(client.PUT("/api/v1/account/password", { body: { now, wanted } })),
    onSuccess: () => {
      setNow("");
      setWanted("");
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    change.mutate();
  };
  return (
    <form className="stack" onSubmit={submit} noValidate aria-label="Change the password">
      <h2>Change the password</h2>
      <div className="field">
        <label htmlFor={`${id}-now`}>The password now</label>
        <Input.Password
          id={`${id}-now`}
          autoComplete="current-password"
          value={now}
          status={path(change.error) === "now" ? "error" : ""}
          onChange={(event) => setNow(event.target.value)}
        />
      </div>
      <div className="field">
        <label htmlFor={`${id}-wanted`}>The password wanted</label>
        <Input.Password
          id={`${id}-wanted`}
          autoComplete="new-password"
          value={wanted}
          status={path(change.error) === "wanted" ? "error" : ""}
          onChange={(event) => setWanted(event.target.value)}
        />
        <span className="hint">At least 12 characters. Every other browser is signed out.</span>
      </div>
      <Said
        done={change.isSuccess && "Changed. Other browsers have to sign in again."}
        error={change.error}
      />
      <div>
        <Button type="primary" htmlType="submit" loading={change.isPending}>
          Change the password
        </Button>
      </div>
    </form>
  );
}

function SignOutEverywhere() {
  const out = useMutation({ mutationFn: () => answered(client.DELETE("/api/v1/sessions")), onSuccess: away });
  return (
    <section className="stack" aria-label="Sign out everywhere">
      <h2>Sign out everywhere</h2>
      <p>Every browser that is signed in has to sign in again, this one too. Nothing kept is lost by it.</p>
      <Said error={out.error} />
      <div>
        <Button onClick={() => out.mutate()} loading={out.isPending}>
          Sign out everywhere
        </Button>
      </div>
    </section>
  );
}

function DeleteAccount({ email }: { email: string }) {
  const id = useId();
  const [named, setNamed] = useState("");
  const [password, setPassword] = useState("");
  const post = usePost();
  const remove = useMutation({
    mutationFn: () => answered(client.DELETE("/api/v1/account", { body: { email: named, password } })),
    onSuccess: () => {
      // What waited for it goes nowhere any more.
      post.seen(post.snapshot().waiting.map((each) => each.id));
      away();
    },
  });
  return (
    <form
      className="stack"
      noValidate
      aria-label="Delete the account"
      onSubmit={(event) => {
        event.preventDefault();
        remove.mutate();
      }}
    >
      <h2>Delete the account</h2>
      <p>
        Everything in it goes: people with their measures, garments, fittings, and what was done. There is no
        way back. Save the job files you want to keep first.
      </p>
      <div className="field">
        <label htmlFor={id}>Write {email} to delete it</label>
        <Input
          id={id}
          autoComplete="off"
          value={named}
          status={path(remove.error) === "email" ? "error" : ""}
          onChange={(event) => setNamed(event.target.value)}
        />
      </div>
      <div className="field">
        <label htmlFor={`${id}-password`}>Its password</label>
        <Input.Password
          id={`${id}-password`}
          autoComplete="current-password"
          value={password}
          status={path(remove.error) === "password" ? "error" : ""}
          onChange={(event) => setPassword(event.target.value)}
        />
      </div>
      <Said error={remove.error} />
      <div>
        <Button
          danger
          htmlType="submit"
          disabled={named.trim() === "" || password === ""}
          loading={remove.isPending}
        >
          Delete the account for good
        </Button>
      </div>
    </form>
  );
}

function Said({ done, error }: { done?: string | false; error: unknown }) {
  if (error) {
    return (
      <p className="wrong-words" role="alert">
        {words(error)}
      </p>
    );
  }
  return done ? <p role="status">{done}</p> : null;
}
