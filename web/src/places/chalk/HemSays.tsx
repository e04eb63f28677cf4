import { Button } from "antd";
import type { Of } from "../../api/client";
import type { HemSolution } from "../../hem/wish";
import { type Sum, useSums } from "../../sums/keeping";

/** How the hem will lie and what to do: turn-up, tuck, waist, what stands near, lining, corners, both sides. */
export function HemSays(props: { solved: HemSolution; test: Of<"WashTest"> | null | undefined }) {
  const { solved, test } = props;
  const { open } = useSums();
  const side = solved.sides[0];
  const turned = side?.turn_up;
  const tuck = side?.tuck;
  const near = solved.sides.flatMap((each) => each.collisions);
  const told = [...new Map(near.map((each) => [each.says, each])).values()];
  return (
    <>
      {solved.uncut && (
        <Part title="Shortened elsewhere" testid="hem-uncut" words={solved.uncut.words}>
          {solved.uncut.at === "waist" && solved.uncut.remains > 0 && (
            <Button
              size="small"
              onClick={() =>
                solved.uncut?.at === "waist" &&
                open({ sum: "gathers", long: solved.uncut.lower_with_darts, short: solved.uncut.upper })
              }
            >
              Or gather it in
            </Button>
          )}
        </Part>
      )}
      {solved.sides.map(
        (each) =>
          each.tuck && (
            <Part
              key={each.side}
              title={each.side === "centre" ? "The tuck" : `The tuck, ${each.side}`}
              testid={`hem-tuck-${each.side}`}
              words={each.tuck.words}
            />
          ),
      )}
      {turned && !tuck && !solved.refused && (
        <Part title="The turn-up" testid="hem-turn-up" words={turned.words}>
          {turned.facing && (
            <Button
              size="small"
              onClick={() =>
                open({
                  sum: "bias",
                  length: turned.facing?.lower ?? 0,
                  width: turned.facing?.strip[1] ?? 0,
                  cloth: 1400,
                })
              }
            >
              How much bias that is
            </Button>
          )}
        </Part>
      )}
      {solved.uneven && <Part title="Uneven" testid="hem-uneven" words={[solved.uneven.words]} />}
      {solved.pair_words && (
        <Part
          title={solved.paired ? "Left and right" : "Both halves"}
          testid="hem-pair"
          words={[solved.pair_words]}
        >
          {solved.pairs.length > 0 && <Pairs rows={solved.pairs} />}
        </Part>
      )}
      {told.length > 0 && (
        <section>
          <h3>What stands near</h3>
          <ul className="minds" data-testid="hem-near">
            {told.map((each) => (
              <li key={each.says} className={each.state === "clear" ? "note" : "mind"}>
                {each.says}
                {sumNear(each, side?.girth[1] ?? 0).map(([words, sum]) => (
                  <button key={words} type="button" className="linkish" onClick={() => open(sum)}>
                    {words}
                  </button>
                ))}
                {each.spaced.length > 1 && (
                  <>
                    {" "}
                    <button
                      type="button"
                      className="linkish"
                      onClick={() =>
                        open({
                          sum: "spacing",
                          from: each.spaced[0] ?? 0,
                          to: each.spaced.at(-1) ?? 0,
                          count: each.spaced.length,
                        })
                      }
                    >
                      where each goes
                    </button>
                  </>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      {test && solved.shrinks != null && (
        <div className="row">
          <Button
            size="small"
            onClick={() =>
              open({
                sum: "shrink",
                wanted: side?.rows.find((row) => row.finished != null)?.finished ?? 0,
                ...test,
              })
            }
          >
            What to cut for cloth that shrinks
          </Button>
        </div>
      )}
      {(solved.kind === "twin_needle" || solved.kind === "cover_stitched") && solved.paired && (
        <div className="row">
          <Button size="small" onClick={() => open(elastic(side?.girth[1] ?? 0))}>
            Or elastic in the hem
          </Button>
        </div>
      )}
      {solved.lining && (
        <Part title="The lining" testid="hem-lining" words={[solved.lining.way_in, ...solved.lining.words]} />
      )}
      {solved.mitres.length > 0 && <Mitres mitres={solved.mitres} />}
    </>
  );
}

/** A hem drawn in by a seventh, which holds without marking. */
const elastic = (girth: number): Sum => ({ sum: "elastic", spans: [girth], gap: Math.round(girth / 7) });

/** The sum a thing near the hem leads to, with its numbers. */
function sumNear(each: Of<"Collision">, girth: number): [string, Sum][] {
  if (each.kind === "pleats") {
    return [["how much cloth pleats take", { sum: "pleats", finished: girth, count: 12, depth: 20 }]];
  }
  if ((each.kind === "slit" || each.kind === "vent") && each.state !== "clear") {
    return [
      ["where a new slit goes", { sum: "slit", across: girth / 2, darts: [], opening: 60, height: 150 }],
    ];
  }
  return [];
}

function Part(props: { title: string; testid: string; words: string[]; children?: React.ReactNode }) {
  return (
    <section data-testid={props.testid}>
      <h3>{props.title}</h3>
      {props.words.map((words) => (
        <p key={words} style={{ lineHeight: 1.35, marginBottom: 4 }}>
          {words}
        </p>
      ))}
      {props.children}
    </section>
  );
}

function Pairs({ rows }: { rows: Of<"HemPairRow">[] }) {
  return (
    <table className="tape" data-testid="hem-pairs">
      <thead>
        <tr>
          <th>place</th>
          <th>left</th>
          <th>right</th>
          <th>apart</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.words}>
            <td>{row.words}</td>
            {row.shown.map((cell, i) => (
              <td key={i} className="num">
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Mitres({ mitres }: { mitres: Of<"Mitre">[] }) {
  return (
    <section data-testid="hem-mitres">
      <h3>Corners</h3>
      {mitres.map((each) => (
        <p key={each.words}>{each.words}</p>
      ))}
    </section>
  );
}
