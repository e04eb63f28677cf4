import { useMutation, useQueryClient } from "@tanstack/react-query";
import { askAgain } from "../api/askAgain";
import { Button } from "antd";
import { useNavigate } from "react-router";
import { beginFitting } from "./beginFitting";
import { to } from "../frame/registry";

/** Begins the next fitting of a garment, with no pins yet; the earlier ones stay. */
export function TryAgain({ garment, number }: { garment: string; number: number }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const begin = useMutation({
    mutationFn: async () => {
      const id = await beginFitting(garment);
      await askAgain(queries, "garments");
      return id;
    },
    onSuccess: (id) => navigate(to.fitting(id, "mirror")),
  });
  return (
    <div className="row">
      {begin.error && (
        <span className="wrong-words" role="alert">
          {begin.error.message}
        </span>
      )}
      <Button onClick={() => begin.mutate()} loading={begin.isPending} disabled={garment === ""}>
        Try it on again: fitting {number}
      </Button>
    </div>
  );
}
