import { NavLink } from "react-router";

/** What is pinned at the mirror: seams from the top down, the hem last. */
export function MirrorTabs({ id }: { id: string }) {
  return (
    <nav className="table-tabs mirror-tabs" aria-label="At the mirror">
      <NavLink to={`/fittings/${id}/mirror`}>Seams</NavLink>
      <NavLink to={`/fittings/${id}/ring`}>Hem</NavLink>
    </nav>
  );
}
