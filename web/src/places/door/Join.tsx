import { useMutation } from "@tanstack/react-query";
import { Button, Input } from "antd";
import { useState } from "react";
import { answered, client } from "../../api/client";
import { to } from "../../frame/registry";
import "./door.css";

/** Where a friend's device comes in: the words of its host, and a name for what it reads. */
export default function Join() {
  const [words, setWords] = useState(() => window.location.hash.slice(1).replace(/-/g, " "));
  const [name, setName] = useState("");
  const join = useMutation({
    mutationFn: async () =>
      (await answered(client.POST("/api/v1/guest-session", { body: { words, name } }))).data,
    // Anew, so that nothing of whoever was here before stays in this window.
    onSuccess: ({ fitting }) => window.location.replace(to.fitting(fitting, "mirror")),
  });
  return (
    <main className="page stack join">
      <h1>Read for a friend</h1>
      <p className="soft">
        Somebody is pinning a garment and asks you to read. You see that one fitting for two hours; what you
        read goes straight to their screen, under your name.
      </p>
      <form
        className="stack"
        onSubmit={(event) => {
          event.preventDefault();
          join.mutate();
        }}
      >
        <label htmlFor="words">The five words on their screen</label>
        <Input
          id="words"
          size="large"
          value={words}
          autoCapitalize="none"
          autoComplete="off"
          onChange={(event) => setWords(event.target.value)}
        />
        <label htmlFor="name">Your name</label>
        <Input
          id="name"
          size="large"
          value={name}
          autoComplete="given-name"
          onChange={(event) => setName(event.target.value)}
        />
        {join.error && (
          <p className="wrong-words" role="alert">
            {join.error.message}
          </p>
        )}
        <Button
          type="primary"
          size="large"
          htmlType="submit"
          loading={join.isPending}
          disabled={words.trim() === "" || name.trim() === ""}
        >
          Come in
        </Button>
      </form>
    </main>
  );
}
