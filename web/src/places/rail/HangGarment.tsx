import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button, Checkbox, Input, Select } from "antd";
import { useMemo, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { v7 as uuid } from "uuid";
import { answered, client, ifMatch, type Of, Refused } from "../../api/client";
import { garmentQuery, habitsQuery, solutionQuery, wearersQuery, wordsQuery } from "../../api/queries";
import { Panels } from "../../cloth/Panels";
import { today } from "../../entry/days";
import { LengthField } from "../../entry/LengthField";
import { useShown } from "../../entry/lengths";

type GarmentRecord = Of<"GarmentRecord">;
type Trousers = Of<"Trousers">;

const blank: GarmentRecord = {
  wearer: null,
  due_on: null,
  garment: {
    name: "",
    source: "thrifted",
    purpose: "everyday",
    washed: false,
    cloth: { family: "twill", fibre: "cotton", fray: "medium", stretch: 0, thickness: 1 },
    shape: { kind: "trousers", flats: {}, allowances: [], band: { height: 38, build: "one_piece", belt_loop_at_back: false }, turn_up: 40, topstitched: [], lined: false, back_pocket_gap: null },
  },
};

/** Hangs a garment on the rail, or changes one that hangs there. */
export default function HangGarment() {
  const { garmentId } = useParams();
  const kept = useQuery({ ...garmentQuery(garmentId ?? ""), enabled: garmentId !== undefined });
  if (garmentId && !kept.data) return <p className="page" role="status">{kept.error?.message ?? "Fetching the garment."}</p>;
  return <Sheet key={garmentId ?? "new"} id={garmentId} kept={kept.data?.data ?? blank} version={kept.data?.version ?? null} />;
}

function Sheet({ id, kept, version }: { id: string | undefined; kept: GarmentRecord; version: number | null }) {
  const [record, setRecord] = useState(kept);
  const [fresh] = useState(() => uuid());
  const [wrong, setWrong] = useState<Record<string, string | undefined>>({});
  const words = useQuery(wordsQuery);
  const wearers = useQuery(wearersQuery);
  const habits = useQuery(habitsQuery);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { garment } = record;
  const shape = garment.shape as Trousers & { kind: "trousers" };
  const setGarment = (change: Partial<typeof garment>) => setRecord((now) => ({ ...now, garment: { ...now.garment, ...change } }));
  const setShape = (change: Partial<Trousers>) => setRecord((now) => ({ ...now, garment: { ...now.garment, shape: { ...now.garment.shape, ...change } } }));
  const body = wearers.data?.find((each) => each.id === record.wearer)?.wearer;
  const job = useMemo<Of<"Job"> | undefined>(
    () =>
      habits.data && {
        format: "vemble-job/1",
        wearer: body?.name ?? "its wearer",
        body: body?.measured?.at(-1) ?? null,
        habits: habits.data.data,
        garment: { ...garment, name: garment.name || "new" },
        fitting: { held_on: today() },
      },
    [garment, habits.data, body],
  );
  const solution = useQuery(solutionQuery(job));
  const save = useMutation({
    mutationFn: async () => {
      const key = id ?? fresh;
      await answered(client.PUT("/api/v1/garments/{id}", { params: { path: { id: key } }, body: record, ...ifMatch(version) }));
      await queries.invalidateQueries();
    },
    retry: (count, error) => error instanceof Refused && error.isSilence && count < 400,
    retryDelay: 1500,
    onSuccess: () => navigate("/"),
  });
  const flats = useMemo(() => ({ ...(shape.flats as Record<string, number>), band: shape.band.height, turn_up: shape.turn_up, gap: shape.back_pocket_gap ?? undefined, thickness: garment.cloth?.thickness,
    ...Object.fromEntries((shape.allowances ?? []).flatMap((each) => [[`${each.seam} front`, each.front], [`${each.seam} back`, each.back]])) }), [shape, garment.cloth]);
  const shown = useShown(flats);
  const field = (name: string, label: string, onLength: (mm: number | undefined) => void, more: { needed?: boolean; hint?: string } = {}) => (
    <LengthField key={name} name={name} label={label} shown={shown ? (shown[name] ?? "") : undefined} wrong={wrong[name]} onWrong={(said) => setWrong((now) => ({ ...now, [name]: said }))} onLength={onLength} {...more} />
  );
  const setFlat = (name: string, mm: number | undefined) => setShape({ flats: Object.fromEntries(Object.entries({ ...shape.flats, [name]: mm }).filter(([, value]) => value !== undefined)) as Trousers["flats"] });
  const setAllowance = (seam: Of<"SeamName">, side: "front" | "back", mm: number | undefined) => {
    const now = shape.allowances?.find((each) => each.seam === seam);
    const others = (shape.allowances ?? []).filter((each) => each.seam !== seam);
    if (mm === undefined) return setShape({ allowances: others });
    setShape({ allowances: [...others, { seam, front: now?.front ?? mm, back: now?.back ?? mm, [side]: mm }] });
  };
  const problem = save.error instanceof Refused ? save.error : null;
  return (
    <div className="page">
      <form className="hang" noValidate onSubmit={(event) => { event.preventDefault(); save.mutate(); }}>
        <section className="stack" style={{ gap: 18 }}>
          <h1>{id ? garment.name : "Hang a pair of trousers"}</h1>
          <div className="fields">
            <div className="field"><label htmlFor="name">What you call it</label><Input id="name" value={garment.name} onChange={(event) => setGarment({ name: event.target.value })} /></div>
            <div className="field"><label htmlFor="wearer">Who wears it</label><Select id="wearer" allowClear style={{ width: "100%" }} value={record.wearer ?? undefined} onChange={(wearer) => setRecord((now) => ({ ...now, wearer: wearer ?? null }))} options={wearers.data?.map((each) => ({ value: each.id, label: each.wearer.name })) ?? []} /></div>
            <div className="field"><label htmlFor="due">Wanted for</label><Input id="due" type="date" value={record.due_on ?? ""} onChange={(event) => setRecord((now) => ({ ...now, due_on: event.target.value || null }))} /></div>
            <div className="field"><label htmlFor="source">Where it came from</label><Select id="source" style={{ width: "100%" }} value={garment.source} onChange={(source) => setGarment({ source })} options={[{ value: "thrifted", label: "second-hand" }, { value: "ready_made", label: "bought new" }, { value: "toile", label: "toile" }]} /></div>
            <div className="field"><label htmlFor="purpose">What it is for</label><Select id="purpose" style={{ width: "100%" }} value={garment.purpose} onChange={(purpose) => setGarment({ purpose })} options={[{ value: "everyday", label: "everyday" }, { value: "protective", label: "protective or medical wear" }, { value: "child_nightwear", label: "children's nightwear" }]} /></div>
          </div>
          <div>
            <h2>Laid flat and closed, edge to edge</h2>
            <p className="soft">Widths as the tape shows them; the girth is twice that. One leg at a time from the thigh down. Tab follows the tape down the garment.</p>
          </div>
          <div className="fields">
            {words.data?.trousers.map((each) => field(each.name, each.words, (mm) => setFlat(each.name, mm), { needed: each.needed, hint: each.name === "outseam" ? "top of band to hem fold" : "" }))}
            {field("band", "band height", (mm) => mm !== undefined && setShape({ band: { ...shape.band, height: mm } }))}
            {field("turn_up", "hem turn-up", (mm) => mm !== undefined && setShape({ turn_up: mm }))}
            {field("gap", "between back pockets", (mm) => setShape({ back_pocket_gap: mm ?? null }))}
          </div>
          <div><h2>Inside the seams</h2><p className="soft">What is beyond the stitching, on each panel; leave empty what you have not looked at.</p></div>
          <div className="fields">
            {(["outseam", "inseam", "centre_back"] as const).flatMap((seam) => (["front", "back"] as const).map((side) =>
              field(`${seam} ${side}`, `${seam.replace("_", " ")}, ${seam === "centre_back" ? (side === "front" ? "left" : "right") : side}`, (mm) => setAllowance(seam, side, mm))))}
          </div>
          <h2>How it is made</h2>
          <div className="fields">
            <div className="field"><label htmlFor="family">Cloth</label><Select id="family" style={{ width: "100%" }} value={garment.cloth?.family} onChange={(family) => setGarment({ cloth: { ...blank.garment.cloth!, ...garment.cloth, family } })} options={[["sheer", "sheer, silk, lawn"], ["shirting", "shirting, light linen, viscose"], ["twill", "twill, medium wool, corduroy"], ["denim", "denim, canvas"], ["coating", "coating"], ["jersey", "jersey, rib"]].map(([value, label]) => ({ value: value as Of<"ClothFamily">, label }))} /></div>
            <div className="field"><label htmlFor="fibre">Fibre</label><Select id="fibre" style={{ width: "100%" }} value={garment.cloth?.fibre} onChange={(fibre) => setGarment({ cloth: { ...blank.garment.cloth!, ...garment.cloth, fibre } })} options={(["cotton", "linen", "wool", "silk", "viscose", "synthetic"] as const).map((value) => ({ value, label: value }))} /></div>
            <div className="field"><label htmlFor="fray">It frays</label><Select id="fray" style={{ width: "100%" }} value={garment.cloth?.fray} onChange={(fray) => setGarment({ cloth: { ...blank.garment.cloth!, ...garment.cloth, fray } })} options={[["low", "hardly"], ["medium", "as most do"], ["high", "while you look"], ["knit", "not: a knit, it curls"]].map(([value, label]) => ({ value: value as Of<"Fray">, label }))} /></div>
            {field("thickness", "cloth thickness", (mm) => mm !== undefined && setGarment({ cloth: { ...blank.garment.cloth!, ...garment.cloth, thickness: mm } }))}
            <div className="field"><label htmlFor="stretch">Stretch, in a hundred</label><Input id="stretch" inputMode="decimal" defaultValue={Math.round((garment.cloth?.stretch ?? 0) * 100)} onBlur={(event) => setGarment({ cloth: { ...blank.garment.cloth!, ...garment.cloth, stretch: (Number(event.target.value.replace(",", ".")) || 0) / 100 } })} /><span className="hint">under a light pull</span></div>
            <div className="field"><label htmlFor="build">Waistband</label><Select id="build" style={{ width: "100%" }} value={shape.band.build} onChange={(build) => setShape({ band: { ...shape.band, build } })} options={[{ value: "one_piece", label: "one piece" }, { value: "two_halves", label: "two halves, seam at back" }]} /></div>
          </div>
          <div className="row" style={{ gap: 18 }}>
            <Checkbox checked={garment.washed} onChange={(event) => setGarment({ washed: event.target.checked })}>Washed and dried</Checkbox>
            <Checkbox checked={shape.band.belt_loop_at_back} onChange={(event) => setShape({ band: { ...shape.band, belt_loop_at_back: event.target.checked } })}>Belt loop at centre back</Checkbox>
            <Checkbox checked={shape.topstitched?.includes("outseam")} onChange={(event) => setShape({ topstitched: event.target.checked ? ["outseam"] : [] })}>Topstitched outseams</Checkbox>
            <Checkbox checked={shape.lined} onChange={(event) => setShape({ lined: event.target.checked })}>Fully lined</Checkbox>
          </div>
        </section>
        <aside className="stack" style={{ position: "sticky", top: 12 }}>
          <div className="patch">{solution.data?.drawing ? <Panels drawing={solution.data.drawing} /> : <p className="soft">The panels appear here as soon as waist, hip, hem, inseam and outseam are known.</p>}</div>
          <ul className="minds">{solution.data?.warnings.filter((warning) => warning.about === "garment").map((warning) => <li key={warning.code} className={warning.weight}>{warning.message}</li>)}</ul>
          {solution.error && <p className="wrong-words" role="alert">{solution.error.message}</p>}
          {problem && <p className="wrong-words" role="alert">{problem.message}</p>}
          <div className="row"><Button type="primary" size="large" htmlType="submit" loading={save.isPending}>{id ? "Save the garment" : "Hang it on the rail"}</Button><Button size="large" onClick={() => navigate("/")}>Back to the rail</Button></div>
        </aside>
      </form>
    </div>
  );
}
