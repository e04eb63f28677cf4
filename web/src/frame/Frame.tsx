import { useQuery } from "@tanstack/react-query";
import { Button, Dropdown } from "antd";
import { Suspense, useCallback, useEffect, useMemo, useState } from "react";
import { Link, NavLink, Outlet, useLocation } from "react-router";
import { fittingQuery, railQuery } from "../api/queries";
import { GarmentDrawing } from "../cloth/GarmentDrawing";
import { FirstThread } from "./FirstThread";
import { Mishap } from "./Mishap";
import { type InHand, type KnownSum, SumsContext, type SumsOpen } from "../sums/keeping";
import { useKeptFocus } from "./keepFocus";
import { useHelpKey, useKey, useKeyAnywhere } from "./keys";
import { patient } from "./patient";
import { SavedContext, type SavedWords, useShelfWords } from "./saved";

import { useTape } from "./tape";
import "./frame.css";
import { fittingPlaces, placeNamed, tables, to } from "./registry";

/** What lies over a page is fetched when the page stands, so that no first load waits for it. */
const fetchKeys = () => import("./KeysHelp");
const fetchPalette = () => import("./Palette");
const fetchSums = () => import("../sums/SumsDrawer");
const KeysHelp = patient(fetchKeys);
const Palette = patient(fetchPalette);
const SumsDrawer = patient(fetchSums);
const SignOut = patient(async () => ({ default: (await import("./SignOut")).SignOut }));
const UnitSwitch = patient(() => import("./UnitSwitch"));

/** Which place's keys are shown: of a fitting its last word, of the house its first. */
function placeOfKeys(pathname: string): string {
  const parts = pathname.split("/");
  if (parts[1] === "fittings") return parts.at(-1) ?? "";
  return parts[1] === "garments" ? "hang" : (parts[1] ?? "");
}

/** The shelf along the top: mark, garment in hand, the path through the work, unit, account. */
export function Frame({ email }: { email: string }) {
  const tape = useTape();
  const [place, setSaved] = useState<SavedWords>(null);
  const saved = useShelfWords(place);
  const [help, setHelp] = useState(false);
  const [palette, setPalette] = useState(false);
  const [leaving, setLeaving] = useState(false);
  const { pathname } = useLocation();
  const fittingId = /^\/fittings\/([^/]+)/.exec(pathname)?.[1];
  const [asked, setAsked] = useState<KnownSum | "any" | null>(null);
  const [inHand, setInHand] = useState<InHand | null>(null);
  const sums = useMemo<SumsOpen>(() => ({ open: (known) => setAsked(known ?? "any"), setInHand }), []);
  useHelpKey(() => setHelp(true));
  useKeptFocus();
  useKey("=", () => setAsked("any"));
  useKeyAnywhere(
    "F2",
    useCallback(() => setPalette((now) => !now), []),
  );
  useEffect(() => {
    // What does not come now is fetched when it is asked for.
    for (const fetched of [fetchKeys, fetchPalette, fetchSums]) fetched().catch(() => undefined);
  }, []);
  return (
    <SavedContext value={setSaved}>
      <SumsContext value={sums}>
        <header className="shelf">
          <NavLink to={to.rail} className="mark" aria-label="Vemble: the rail">
            <img src="/mark.svg" width="26" height="26" alt="" />
            <b>Vemble</b>
          </NavLink>
          {fittingId ? <GarmentInHand fittingId={fittingId} /> : <Sections />}
          <div className="shelf-end">
            <span className={`saved ${saved?.bad ? "bad" : ""}`} role="status" data-testid="saved">
              {saved?.words}
            </span>
            <Button className="sums-button" onClick={() => setAsked("any")}>
              Sums
            </Button>
            <Suspense fallback={<span className="unit-switch" />}>
              <UnitSwitch />
            </Suspense>
            <Dropdown
              trigger={["click"]}
              menu={{
                items: [
                  { key: "who", label: email, disabled: true },
                  { key: "rail", label: <NavLink to={to.rail}>Rail</NavLink> },
                  { key: "people", label: <NavLink to={to.people}>People</NavLink> },
                  { key: "habits", label: <NavLink to={to.habits}>Habits</NavLink> },
                  { key: "sums", label: "Sums", onClick: () => setAsked("any") },
                  { key: "keys", label: "Keys", onClick: () => setHelp(true) },
                  {
                    key: "tape",
                    type: "group" as const,
                    label: "Tape",
                    children: tape.options.map(({ value, label }) => ({
                      key: `tape ${value}`,
                      label,
                      onClick: () => tape.choose(value),
                    })),
                  },
                  { key: "account", label: <NavLink to={to.account}>Account</NavLink> },
                  { key: "out", label: "Sign out", onClick: () => setLeaving(true) },
                ],
              }}
            >
              <Button aria-label="Account">{email.slice(0, 1).toUpperCase()}</Button>
            </Dropdown>
          </div>
        </header>
        <FirstThread pathname={pathname} />
        <main>
          <Suspense
            fallback={
              <p className="page" role="status">
                Fetching this place.
              </p>
            }
          >
            <Mishap at={pathname}>
              <Outlet />
            </Mishap>
          </Suspense>
        </main>
        <Suspense fallback={null}>
          {leaving && <SignOut name={email} onStay={() => setLeaving(false)} />}
          <SumsDrawer asked={asked} inHand={inHand} onClose={() => setAsked(null)} />
          <Palette open={palette} fittingId={fittingId} onClose={() => setPalette(false)} />
          <KeysHelp open={help} place={placeOfKeys(pathname)} onClose={() => setHelp(false)} />
        </Suspense>
      </SumsContext>
    </SavedContext>
  );
}

function Sections() {
  return (
    <nav className="row" aria-label="House">
      <NavLink className="shelf-link" to={to.rail} end>
        Rail
      </NavLink>
      <NavLink className="shelf-link" to={to.people}>
        People
      </NavLink>
      <NavLink className="shelf-link wide" to={to.habits}>
        Habits
      </NavLink>
    </nav>
  );
}

function GarmentInHand({ fittingId }: { fittingId: string }) {
  const fitting = useQuery(fittingQuery(fittingId));
  const rail = useQuery(railQuery);
  const hanging = rail.data?.find((each) => each.id === fitting.data?.data.garment);
  const { pathname } = useLocation();
  const current = fittingPlaces[placeNamed(pathname.split("/").at(-1))].table;
  if (!hanging) return null;
  return (
    <>
      <NavLink to={to.garment(hanging.id)} className="in-hand">
        {hanging.figure && (
          <GarmentDrawing figure={hanging.figure} look={hanging.record.garment.cloth?.look} height={38} />
        )}
        <div>
          <strong>{hanging.record.garment.name}</strong>
          <span className="soft">
            {hanging.wearer_name ?? "no wearer yet"}, fitting {fitting.data?.data.number}
          </span>
        </div>
      </NavLink>
      <nav aria-label="Places">
        <ol className="path">
          {tables.map(({ table, words }) => (
            <li key={table}>
              <Link to={to.fitting(fittingId, table)} aria-current={table === current ? "page" : undefined}>
                {words}
              </Link>
            </li>
          ))}
        </ol>
      </nav>
    </>
  );
}
