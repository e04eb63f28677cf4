import { useQuery } from "@tanstack/react-query";
import { Input, Modal } from "antd";
import { useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { railQuery } from "../api/queries";
import { actsFrom, matching } from "./palette";
import "./frame.css";

/** So many are shown at once. */
const shown = 9;

/** Every place and every garment by a few letters of its name. */
export default function Palette(props: {
  open: boolean;
  fittingId: string | undefined;
  onClose: () => void;
}) {
  const { open, fittingId, onClose } = props;
  // Opened again before it has faded, it begins anew all the same.
  const [opening, setOpening] = useState({ open, times: 0 });
  if (open !== opening.open) setOpening({ open, times: opening.times + (open ? 1 : 0) });
  return (
    <Modal open={open} onCancel={onClose} footer={null} title="Go to" destroyOnHidden>
      <Search key={opening.times} fittingId={fittingId} onClose={onClose} />
    </Modal>
  );
}

function Search(props: { fittingId: string | undefined; onClose: () => void }) {
  const { fittingId, onClose } = props;
  const [typed, setTyped] = useState("");
  const [at, setAt] = useState(0);
  const navigate = useNavigate();
  const rail = useQuery(railQuery).data;
  const found = useMemo(
    () => matching(actsFrom(fittingId, rail ?? []), typed).slice(0, shown),
    [fittingId, rail, typed],
  );
  const go = (index: number) => {
    const act = found[index];
    if (!act) return;
    onClose();
    void navigate(act.to);
  };
  return (
    <>
      <Input
        autoFocus
        role="combobox"
        aria-label="Go to a place or a garment"
        aria-expanded
        aria-controls="palette-list"
        aria-activedescendant={found[at] ? `palette-${found[at].key}` : undefined}
        placeholder="A few letters of a garment, a wearer or a place"
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value);
          setAt(0);
        }}
        onKeyDown={(event) => {
          if (event.key === "ArrowDown" || event.key === "ArrowUp") {
            event.preventDefault();
            const by = event.key === "ArrowDown" ? 1 : -1;
            setAt((now) => Math.min(Math.max(now + by, 0), Math.max(found.length - 1, 0)));
          } else if (event.key === "Enter") {
            event.preventDefault();
            go(at);
          }
        }}
      />
      <ul id="palette-list" role="listbox" aria-label="Found" className="palette">
        {found.map((act, i) => (
          <li
            key={act.key}
            id={`palette-${act.key}`}
            role="option"
            aria-selected={i === at}
            onClick={() => go(i)}
          >
            {act.words} <span className="soft">{act.also}</span>
          </li>
        ))}
      </ul>
      {found.length === 0 && <p className="soft">Nothing is called that.</p>}
    </>
  );
}
