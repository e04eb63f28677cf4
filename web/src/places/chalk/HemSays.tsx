import { Button } from "antd";
import type { Of } from "../../api/client";
import type { HemSolution } from "../../hem/wish";
import { useSums } from "../../sums/keeping";
import "./chalk.css";

/** How the hem will lie and what to do: turn-up, tuck, waist, what stands near, lining, corners, both sides. */
export function HemSays({ solved }: { solved: HemSolution }) {
  const { open } = useSums();
  const side = solved.sides[0];
  const turned = side?.turn_up;
  const tuck = side?.tuck;
  const near = solved.sides.flatMap((each) => each.collisions);
  const told = [...new Map(near.map((each) => [each.says, each])).values()];
  return (
    <>
      {solved.uncut && <Part title="Shortened elsewhere" testid="hem-uncut" words={solved.uncut.words} />}
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
        <Part title="The turn-up" testid="hem-turn-up" words={turned.words} />
      )}
      {solved.flare && <Part title="Heights from the floor" testid="hem-flare" words={[solved.flare]} />}
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
              </li>
            ))}
          </ul>
        </section>
      )}
      {solved.sums.length > 0 && (
        <div className="row" role="group" aria-label="Sums for this hem">
          {solved.sums.map((each) => (
            <Button key={each.words} size="small" onClick={() => open(each)}>
              {each.words}
            </Button>
          ))}
        </div>
      )}
      {solved.lining && (
        <Part title="The lining" testid="hem-lining" words={[solved.lining.way_in, ...solved.lining.words]} />
      )}
      {solved.mitres.length > 0 && <Mitres mitres={solved.mitres} />}
    </>
  );
}

function Part(props: { title: string; testid: string; words: string[]; children?: React.ReactNode }) {
  return (
    <section data-testid={props.testid}>
      <h3>{props.title}</h3>
      {props.words.map((words) => (
        <p key={words} className="hem-says">
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
