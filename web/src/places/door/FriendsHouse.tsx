import { Suspense } from "react";
import { Navigate, Route, Routes } from "react-router";
import type { Of } from "../../api/client";
import { FriendsFitting } from "../../fitting/FittingPlace";
import { SavedContext, type SavedWords, useShelfWords } from "../../frame/saved";
import { useState } from "react";
import { to } from "../../frame/registry";
import "../../frame/frame.css";

/** The house as a friend's device sees it: one fitting's mirror under a narrow shelf. */
export default function FriendsHouse({ guest }: { guest: Of<"AsGuest"> }) {
  const [place, setSaved] = useState<SavedWords>(null);
  const saved = useShelfWords(place);
  return (
    <SavedContext value={setSaved}>
      <header className="shelf">
        <span className="mark">
          <img src="/mark.svg" width="26" height="26" alt="" />
          <b>Vemble</b>
        </span>
        <span className="grow">Reading for a friend, as {guest.name}</span>
        <span className={`saved ${saved?.bad ? "bad" : ""}`} role="status" data-testid="saved">
          {saved?.words}
        </span>
      </header>
      <main>
        <Suspense
          fallback={
            <p className="page" role="status">
              Fetching the mirror.
            </p>
          }
        >
          <Routes>
            <Route path="fittings/:fittingId/:place" element={<FriendsFitting id={guest.fitting} />} />
            <Route path="*" element={<Navigate to={to.fitting(guest.fitting, "mirror")} replace />} />
          </Routes>
        </Suspense>
      </main>
    </SavedContext>
  );
}
