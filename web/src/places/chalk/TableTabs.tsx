import { NavLink } from "react-router";

const tabs = [
  ["chalk", "Lines"],
  ["hem", "Hem"],
  ["check", "Lengths & letting out"],
  ["share", "Share a change out"],
  ["fit", "Fit picture"],
  ["copy", "Copy a favourite"],
  ["compare", "Two fittings"],
  ["history", "What was done"],
] as const;

/** What can be looked at, at the chalk table. */
export function TableTabs({ id }: { id: string }) {
  return (
    <nav className="table-tabs" aria-label="At the chalk table">
      {tabs.map(([place, words]) => (
        <NavLink key={place} to={`/fittings/${id}/${place}`}>
          {words}
        </NavLink>
      ))}
    </nav>
  );
}
