import type { Of } from "../../api/client";

/** What the last change of a habit changed on the garments that hang here. */
export function Effects({ effects }: { effects: Of<"HabitEffect">[] }) {
  return (
    <section className="patch stack" role="status" data-testid="effects" aria-label="What that changed">
      <h2>What that changed</h2>
      {effects.length === 0 && <p>Nothing on the garments that hang here now.</p>}
      {effects.map((effect) => (
        <div key={effect.garment}>
          <h3>{effect.name}</h3>
          <ul className="minds">
            {effect.changes.map((words) => (
              <li key={words} className="note">
                {words}
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}
