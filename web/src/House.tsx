import { useQuery } from "@tanstack/react-query";
import { Suspense } from "react";
import { Link, Route, Routes } from "react-router";
import { whoQuery } from "./api/queries";
import { Frame } from "./frame/Frame";
import { patient } from "./frame/patient";

const Door = patient(() => import("./places/door/Door"));
const Rail = patient(() => import("./places/rail/Rail"));
const HangGarment = patient(() => import("./places/rail/HangGarment"));
const People = patient(() => import("./places/people/People"));
const HabitsPage = patient(() => import("./places/people/HabitsPage"));
const FittingPlace = patient(() => import("./fitting/FittingPlace"));

/** Every place of the house behind its door. */
export function House() {
  const who = useQuery(whoQuery);
  if (who.isPending) {
    return (
      <p className="page" role="status">
        {who.failureCount > 0 ? "The workroom does not answer yet; trying again." : "Opening the workroom."}
      </p>
    );
  }
  if (!who.data?.email) {
    return (
      <Suspense>
        <Door demo={who.data?.demo ?? false} />
      </Suspense>
    );
  }
  return (
    <Routes>
      <Route element={<Frame email={who.data.email} />}>
        <Route index element={<Rail />} />
        <Route path="hang" element={<HangGarment />} />
        <Route path="garments/:garmentId" element={<HangGarment />} />
        <Route path="people/:wearerId?" element={<People />} />
        <Route path="habits" element={<HabitsPage />} />
        <Route path="fittings/:fittingId/:place" element={<FittingPlace />} />
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
