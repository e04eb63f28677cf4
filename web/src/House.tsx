import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Suspense, useEffect, useRef } from "react";
import { Link, Route, Routes, useLocation } from "react-router";
import { type Of, SIGNED_OUT } from "./api/client";
import { keepFor, waitingHere } from "./api/kept";
import { whoQuery } from "./api/queries";
import { Frame } from "./frame/Frame";
import { patient } from "./frame/patient";

const Door = patient(() => import("./places/door/Door"));
const Join = patient(() => import("./places/door/Join"));
const FriendsHouse = patient(() => import("./places/door/FriendsHouse"));
const SignInAgain = patient(() => import("./places/door/SignInAgain"));
const Rail = patient(() => import("./places/rail/Rail"));
const HangGarment = patient(() => import("./places/hang/HangGarment"));
const People = patient(() => import("./places/people/People"));
const HabitsPage = patient(() => import("./places/people/HabitsPage"));
const AccountPage = patient(() => import("./places/account/AccountPage"));
const FittingPlace = patient(() => import("./fitting/FittingPlace"));

/** Every place of the house behind its door. */
export function House() {
  const queries = useQueryClient();
  const who = useQuery(whoQuery);
  // Who came in by this window. When the session ends the place stays as it is, under a door.
  const inside = useRef<string | null>(null);
  // The fitting this device is in as a friend's. When it is sent out, what it typed stays on the screen.
  const reading = useRef<Of<"AsGuest"> | null>(null);
  const { pathname } = useLocation();
  useEffect(() => {
    const ask = () => void queries.invalidateQueries({ queryKey: whoQuery.queryKey });
    window.addEventListener(SIGNED_OUT, ask);
    return () => window.removeEventListener(SIGNED_OUT, ask);
  }, [queries]);
  const email = who.data?.email ?? null;
  const another = email !== null && inside.current !== null && email !== inside.current;
  useEffect(() => {
    // Somebody else came in: nothing of the first stays on the screen.
    if (another) window.location.assign("/");
  }, [another]);
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
  if (another) return null;
  const guest = who.data?.guest ?? null;
  if (guest) reading.current = guest;
  if (email === null && (pathname === "/join" || reading.current)) {
    if (reading.current) keepFor(`friend ${reading.current.fitting}`);
    return (
      <Suspense>
        {pathname === "/join" || reading.current === null ? (
          <Join />
        ) : (
          <>
            {guest === null && (
              <p className="banner" role="alert">
                You are not in this fitting any more. What you typed is kept here; ask your friend for new
                words and <Link to="/join">come in again</Link>.
              </p>
            )}
            <FriendsHouse guest={reading.current} />
          </>
        )}
      </Suspense>
    );
  }
  if (email) {
    inside.current = email;
    keepFor(email);
  }
  if (inside.current === null) {
    return (
      <Suspense>
        <Door demo={who.data?.demo ?? false} />
      </Suspense>
    );
  }
  return (
    <>
      {email === null && (
        <Suspense>
          <SignInAgain email={inside.current} demo={who.data?.demo ?? false} />
        </Suspense>
      )}
      <Places email={inside.current} />
    </>
  );
}

/** What this browser keeps meanwhile. */
function Kept() {
  const { fittings, readings } = waitingHere();
  const parts = [
    fittings > 0 ? `changes to ${fittings === 1 ? "one fitting" : `${fittings} fittings`}` : null,
    readings > 0 ? (readings === 1 ? "one reading" : `${readings} readings`) : null,
  ].filter(Boolean);
  if (parts.length === 0) return null;
  return <p>Kept in this browser until it does: {parts.join(" and ")}.</p>;
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
