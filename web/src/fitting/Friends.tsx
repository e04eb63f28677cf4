import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button, Modal } from "antd";
import { useState } from "react";
import { answered, client, Refused } from "../api/client";
import { guestsQuery } from "../api/queries";
import "./fitting.css";

/** Addresses that other devices cannot follow. */
const onlyHere = /^(localhost|127\.|\[::1\])/.test(window.location.host);

const time = (at: string) => new Date(at).toLocaleTimeString(undefined, { timeStyle: "short" });

/** Lets a friend's telephone into this fitting: words and a code to show it, who is in, and the way out. */
export function Friends({ id }: { id: string }) {
  const [open, setOpen] = useState(false);
  const queries = useQueryClient();
  const guests = useQuery({ ...guestsQuery(id), refetchInterval: open ? 3000 : false });
  const invite = useMutation({
    mutationFn: async () =>
      (
        await answered(
          client.POST("/api/v1/fittings/{id}/guest-codes", {
            params: { path: { id } },
            body: { origin: window.location.origin },
          }),
        )
      ).data,
  });
  const sendOut = useMutation({
    mutationFn: (guest: string) =>
      answered(client.DELETE("/api/v1/fittings/{id}/guests/{guest}", { params: { path: { id, guest } } })),
    // Silence passes, and sending the same one out twice changes nothing.
    retry: (count, error) => error instanceof Refused && error.isSilence && count < 60,
    retryDelay: 2000,
    onSettled: () => queries.invalidateQueries({ queryKey: guestsQuery(id).queryKey }),
  });
  const inside = guests.data ?? [];
  const code = invite.data;
  return (
    <>
      <Button onClick={() => setOpen(true)}>
        {inside.length > 0 ? `Friends: ${inside.length}` : "A friend reads"}
      </Button>
      <Modal
        open={open}
        onCancel={() => setOpen(false)}
        footer={null}
        // A touch beside it must not take the words away while somebody types them.
        maskClosable={false}
        title="A friend reads, on another telephone"
        destroyOnHidden
      >
        <p>
          For reading what you cannot see yourself. The other device sees this fitting’s mirror for two hours,
          enters readings, and can do nothing else.
        </p>
        {code ? (
          <div className="guest-code">
            <img
              src={`data:image/svg+xml;utf8,${encodeURIComponent(code.svg)}`}
              width="200"
              height="200"
              alt="Code to point the other device’s camera at"
            />
            <div className="stack">
              <span className="soft">
                Point its camera here, or open {window.location.host}/join and type
              </span>
              <strong className="guest-words" data-testid="guest-words">
                {code.words}
              </strong>
              <span className="soft">Good until {time(code.ends_at)}.</span>
            </div>
          </div>
        ) : (
          <Button type="primary" loading={invite.isPending} onClick={() => invite.mutate()}>
            Show the words and the code
          </Button>
        )}
        {invite.error && (
          <p className="wrong-words" role="alert">
            {invite.error.message}
          </p>
        )}
        {onlyHere && (
          <p className="soft">
            This address leads only to this very computer. Open the workroom by the address it has in your
            network first, then show the words from there.
          </p>
        )}
        <h3>Who is in</h3>
        {inside.length === 0 ? (
          <p className="soft">Nobody yet.</p>
        ) : (
          <ul className="echoes" data-testid="guests">
            {inside.map((guest) => (
              <li key={guest.id}>
                <span>
                  {guest.name}, {guest.device}, since {time(guest.joined_at)}
                </span>
                <button
                  type="button"
                  className="linkish"
                  aria-label={`Send ${guest.name} out`}
                  disabled={sendOut.isPending && sendOut.variables === guest.id}
                  onClick={() => sendOut.mutate(guest.id)}
                >
                  send out
                </button>
              </li>
            ))}
          </ul>
        )}
        {(sendOut.error ?? sendOut.failureReason) && (
          <p className="wrong-words" role="alert">
            {(sendOut.error ?? sendOut.failureReason)?.message}
          </p>
        )}
        {inside.length > 0 && (
          <p className="soft">Whoever is sent out needs new words to come in again; what they read stays.</p>
        )}
      </Modal>
    </>
  );
}
