import { NavLink } from "react-router";
import { placesAt, type Table, to } from "./registry";

/** What can be looked at, at one table. */
function Tabs({ id, table, words }: { id: string; table: Table; words: string }) {
  return (
    <nav className={`table-tabs ${table}-tabs`} aria-label={words}>
      {placesAt(table).map((each) => (
        <NavLink key={each.place} to={to.fitting(id, each.place)}>
          {each.words}
        </NavLink>
      ))}
    </nav>
  );
}

/** What can be looked at, at the chalk table. */
export const TableTabs = ({ id }: { id: string }) => (
  <Tabs id={id} table="chalk" words="At the chalk table" />
);

/** What is pinned at the mirror: seams from the top down, the hem last. */
export const MirrorTabs = ({ id }: { id: string }) => <Tabs id={id} table="mirror" words="At the mirror" />;
