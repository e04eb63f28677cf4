import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Suspense, useEffect, useLayoutEffect, useMemo, useState } from "react";
import { Link, Route, Routes, useLocation } from "react-router";
import { type Of, pageIs, SIGNED_OUT } from "./api/client";
import { whoQuery } from "./api/queries";
import { Frame } from "./frame/Frame";
import { patient } from "./frame/patient";
import { useOnceStill } from "./places/door/useOnceStill";
import { PostOffice, useKeptHere } from "./waiting/usePost";

const Door = patient(() => import("./places/door/Door"));
const Join = patient(() => import("./places/door/Join"));
const FriendsHouse = patient(() => import("./places/door/FriendsHouse"));
const SomebodyElse = patient(() => import("./places/door/SomebodyElse"));
const SignInAgain = patient(() => import("./places/door/SignInAgain"));
const Rail = patient(() => import("./places/rail/Rail"));
const HangGarment = patient(() => import("./places/hang/HangGarment"));
const People = patient(() => import("./places/people/People"));
const HabitsPage = patient(() => import("./places/people/HabitsPage"));
const AccountPage = patient(() => import("./places/account/AccountPage"));
const FittingPlace = patient(() => import("./fitting/FittingPlace"));

/** Somebody who came in by this window: the account, or a friend's device in one of its fittings. */
type Inside = { page: string; owner: string; name: string; guest: Of<"AsGuest"> | null };

function insideOf(who: Of<"Who"> | undefined): Inside | null {
  const page = who?.page;
  if (!who || !page) return null;
  if (who.email) return { page, owner: page, name: who.email, guest: null };
  const guest = who.guest ?? null;
  // A friend who comes in again finds what they typed: it is theirs in this fitting, by whichever words they came.
  return guest && { page, owner: `friend ${guest.fitting} ${guest.name}`, name: guest.name, guest };
}

/** Every place of the house behind its door. */
export function House() {
  const queries = useQueryClient();
  const who = useQuery(whoQuery);
  // Who came in by this window: the place stays theirs, also when the session ends or becomes another's.
  const [here, setHere] = useState<Inside | null>(null);
  const { pathname } = useLocation();
  useEffect(() => {
    const ask = () => void queries.invalidateQueries({ queryKey: whoQuery.queryKey });
    window.addEventListener(SIGNED_OUT, ask);
    return () => window.removeEventListener(SIGNED_OUT, ask);
  }, [queries]);
  const page = who.data?.page ?? null;
  useEffect(() => {
    // Whoever comes in or leaves by one window of this browser does so in all of them: they ask at once.
    if (typeof BroadcastChannel === "undefined") return undefined;
    const windows = new BroadcastChannel("vemble.who");
    windows.onmessage = () => void queries.invalidateQueries({ queryKey: whoQuery.queryKey });
    windows.postMessage(page);
    return () => windows.close();
  }, [queries, page]);
  const now = useMemo(() => insideOf(who.data), [who.data]);
  // A friend comes in again by new words: another device to the workroom, the same friend here.
  if (now && now !== here && (here === null || here.owner === now.owner)) setHere(now);
  // Before anything in the house asks for something.
  useLayoutEffect(() => {
    if (here) pageIs(here.page);
  }, [here]);
  const there = here !== null && now?.page === here.page;
  const atTheDoor = useOnceStill(here !== null && !there);
  if (who.isPending) {
    return (
      <div className="page stack" role="status">
        <p>
          {who.failureCount > 0 ? "The workroom does not answer yet; trying again." : "Opening the workroom."}
        </p>
        {who.failureCount > 0 && <Kept />}
      </div>
    );
  }
  const demo = who.data?.demo ?? false;
  if (here === null) {
    return <Suspense>{pathname === "/join" ? <Join /> : <Door demo={demo} />}</Suspense>;
  }
  const another = now && !there ? now : null;
  return (
    <PostOffice key={here.owner} owner={here.owner} name={keptName(here)} there={there}>
      {here.guest ? (
        <Suspense>
          {pathname === "/join" ? (
            <Join />
          ) : (
            <>
              {another && atTheDoor && <SomebodyElse friend={here.name} now={another.name} />}
              {now === null && (
                <p className="banner" role="alert">
                  You are not in this fitting any more. What you typed is kept here; ask your friend for new
                  words and <Link to="/join">come in again</Link>.
                </p>
              )}
              <FriendsHouse guest={here.guest} />
            </>
          )}
        </Suspense>
      ) : (
        <>
          {atTheDoor && (
            <Suspense>
              <SignInAgain email={here.name} demo={demo} another={another?.name ?? null} />
            </Suspense>
          )}
          <Places email={here.name} />
        </>
      )}
    </PostOffice>
  );
}

/** The name under which earlier builds kept what was theirs. */
const keptName = ({ name, guest }: Inside) => (guest ? `friend ${guest.fitting}` : name);

/** What this browser keeps meanwhile. */
function Kept() {
  const words = useKeptHere();
  return words && <p>Kept in this browser until it does: {words}.</p>;
}

function Places({ email }: { email: string }) {
  return (
    <Routes>
      <Route element={<Frame email={email} />}>
        <Route index element={<Rail />} />
        <Route path="hang" element={<HangGarment />} />
        <Route path="garments/:garmentId" element={<HangGarment />} />
        <Route path="people/:wearerId?" element={<People />} />
        <Route path="habits" element={<HabitsPage />} />
        <Route path="account" element={<AccountPage />} />
        <Route path="fittings/:fittingId/:place" element={<FittingPlace />} />
        <Route
          path="join"
          element={
            <div className="page stack">
              <h1>This browser is in a workroom of its own</h1>
              <p>
                To read for a friend, open their address in a private window or on another device, or sign out
                here first.
              </p>
            </div>
          }
        />
        <Route
          path="*"
          element={
            <div className="page stack">
              <h1>There is nothing at this address</h1>
              <p>
                The <Link to="/">rail</Link> is where everything hangs.
              </p>
            </div>
          }
        />
      </Route>
    </Routes>
  );
}
