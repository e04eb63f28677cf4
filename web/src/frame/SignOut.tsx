import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Button, Modal } from "antd";
import { useEffect, useState } from "react";
import { answered, client } from "../api/client";
import { inWords } from "../waiting/records";
import { usePost, useStanding } from "../waiting/usePost";

/** Signs out; where something waits, only after saying what, and what becomes of it. */
export function SignOut({ name, onStay }: { name: string; onStay: () => void }) {
  const queries = useQueryClient();
  const { waiting, keeps } = useStanding(usePost());
  const words = inWords([...waiting]);
  const { mutate: leave, error: wrong } = useMutation({
    mutationFn: () => answered(client.DELETE("/api/v1/session")),
    onSuccess: () => {
      queries.clear();
      window.location.assign("/");
    },
  });
  // Nothing waits: nothing is asked.
  const [asks] = useState(words !== null);
  useEffect(() => {
    if (!asks) leave();
  }, [asks, leave]);
  if (!asks && wrong === null) return null;
  return (
    <Modal open onCancel={onStay} footer={null} title="Sign out now?">
      {words && (
        <p>
          Not saved yet: {words}.{" "}
          {keeps
            ? `They stay in this browser under ${name}, and go in when you sign in here again.`
            : "This browser keeps nothing: they are lost when you sign out now."}
        </p>
      )}
      {wrong && (
        <p className="wrong-words" role="alert">
          {wrong.message}
        </p>
      )}
      <div className="row">
        <Button type="primary" onClick={onStay}>
          Stay
        </Button>
        <Button onClick={() => leave()}>Sign out</Button>
      </div>
    </Modal>
  );
}
