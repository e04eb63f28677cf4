import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button, Input } from "antd";
import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { v7 as uuid } from "uuid";
import { answered, client, type Of } from "../../api/client";
import { wearersQuery } from "../../api/queries";
import { today } from "../../entry/days";
import { WearerSheet } from "./WearerSheet";
import "./people.css";

/** Bodies over time. */
export default function People() {
  const wearers = useQuery(wearersQuery);
  const { wearerId } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [name, setName] = useState("");
  const chosen =
    wearers.data?.find((each) => each.id === wearerId) ?? (wearerId ? undefined : wearers.data?.[0]);
  const add = useMutation({
    mutationFn: async () => {
      const id = uuid();
      const body: Of<"Wearer"> = { name, measured: [{ taken_on: today(), measures: {}, layers: [] }] };
      await answered(client.PUT("/api/v1/wearers/{id}", { params: { path: { id } }, body }));
      await queries.invalidateQueries({ queryKey: ["wearers"] });
      return id;
    },
    onSuccess: (id) => {
      setName("");
      void navigate(`/people/${id}`);
    },
  });
  return (
    <div className="page people">
      <nav aria-label="Wearers" className="stack">
        <h1>People</h1>
        <ul className="names">
          {wearers.data?.map((each) => (
            <li key={each.id}>
              <button
                type="button"
                aria-current={each.id === chosen?.id ? "true" : undefined}
                onClick={() => navigate(`/people/${each.id}`)}
              >
                {each.wearer.name}
              </button>
            </li>
          ))}
        </ul>
        <form
          className="stack"
          onSubmit={(event) => {
            event.preventDefault();
            add.mutate();
          }}
        >
          <label htmlFor="new-wearer">A new wearer's name</label>
          <Input id="new-wearer" value={name} onChange={(event) => setName(event.target.value)} />
          <Button htmlType="submit" disabled={!name.trim()} loading={add.isPending}>
            Add a wearer
          </Button>
          {add.error && (
            <p className="wrong-words" role="alert">
              {add.error.message}
            </p>
          )}
        </form>
      </nav>
      {chosen ? (
        <WearerSheet key={chosen.id} kept={chosen} />
      ) : (
        <p className="soft">Nobody is measured yet. Add a wearer, then go down the body with the tape.</p>
      )}
    </div>
  );
}
