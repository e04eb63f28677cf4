import { useQuery } from "@tanstack/react-query";
import { answered, client, type Of } from "../../api/client";
import { FitRing } from "../../cloth/FitRing";
import { FitSilhouette } from "../../cloth/FitSilhouette";
import type { AtWork } from "../../fitting/atWork";
import { TableTabs } from "../../frame/TableTabs";
import "./fit.css";

const words: Record<Of<"Verdict">, string> = {
  strains: "strains",
  close: "close",
  as_intended: "as intended",
  loose: "loose",
  swamps: "swamps",
};

/** The body's cross-section and the garment's ring round it, level by level, and both silhouettes. */
export default function FitPlace({ id, job }: AtWork) {
  const read = useQuery({
    queryKey: ["fit-picture", job],
    staleTime: Infinity,
    placeholderData: (before) => before,
    queryFn: async () => (await answered(client.POST("/api/v1/compute/fit-picture", { body: job }))).data,
  });
  const picture = read.data;
  return (
    <div className="page stack gap-14">
      <TableTabs id={id} />
      <h1>Fit picture</h1>
      {read.error && (
        <p className="wrong-words" role="alert">
          {read.error.message}
        </p>
      )}
      {picture && picture.rings.length === 0 && (
        <p className="patch">
          Nothing to set side by side yet: measure the garment flat, and its wearer at the same levels.
        </p>
      )}
      {picture && picture.rings.length > 0 && (
        <div className="fit">
          <div className="fit-sides">
            <FitSilhouette
              silhouette={picture.front}
              rings={picture.rings}
              title="from the front"
              scale={0.74}
            />
            <FitSilhouette
              silhouette={picture.side}
              rings={picture.rings}
              title="from the side, front to the right"
              scale={0.74}
            />
          </div>
          <div>
            <p className="soft mb-8">
              {picture.note} Filled: the body. Dashed: the garment as it came. Drawn: as it will be.
            </p>
            <ul className="rings" data-testid="rings">
              {picture.rings.map((ring) => (
                <li key={ring.level + (ring.side ?? "")} data-level={ring.level}>
                  <FitRing ring={ring} scale={0.4} />
                  <div>
                    <strong>
                      {ring.words}
                      {ring.side ? `, ${ring.side}` : ""}
                    </strong>
                    {ring.verdict && (
                      <span className={`verdict ${ring.verdict}`}> · {words[ring.verdict]}</span>
                    )}
                    <div>
                      {ring.estimated ? "≈ " : ""}
                      {ring.said}
                    </div>
                    <div className="soft text-13">
                      depth {ring.section} of the width
                      {ring.own_section ? ", your own" : ", house table; change it under Habits"}
                    </div>
                  </div>
                </li>
              ))}
            </ul>
          </div>
        </div>
      )}
    </div>
  );
}
