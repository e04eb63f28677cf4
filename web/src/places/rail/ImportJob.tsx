import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useRef } from "react";
import { useNavigate } from "react-router";
import { answered, client, type Of } from "../../api/client";
import { askAgain } from "../../api/askAgain";
import { to } from "../../frame/registry";

/** Hangs a garment from a job file: its measures, its fitting, everything that was decided. */
export function ImportJob() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const picked = useRef<HTMLInputElement>(null);
  const hang = useMutation({
    mutationFn: async (file: File) => {
      let job: Of<"Job">;
      try {
        job = JSON.parse(await file.text()) as Of<"Job">;
      } catch {
        throw new Error(`${file.name} is no job file: it could not be read as one.`);
      }
      return (await answered(client.POST("/api/v1/jobs", { body: job }))).data;
    },
    onSuccess: async ({ fitting }) => {
      await askAgain(queries, "workroom");
      void navigate(to.fitting(fitting, "chalk"));
    },
  });
  return (
    <>
      <input
        ref={picked}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label="Job file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) hang.mutate(file);
          event.target.value = "";
        }}
      />
      <Button loading={hang.isPending} onClick={() => picked.current?.click()}>
        Hang one from a job file
      </Button>
      {hang.error && (
        <span className="wrong-words" role="alert">
          {hang.error.message}
        </span>
      )}
    </>
  );
}
