import { type ReactNode, useEffect, useRef, useState } from "react";

/** Draws what it holds when it comes near the screen, and keeps it: what nobody sees costs nothing. */
export function WhenSeen({ children }: { children: ReactNode }) {
  const place = useRef<HTMLSpanElement>(null);
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    const at = place.current;
    if (!at || seen) return;
    const watch = new IntersectionObserver(
      (entries) => entries.some((entry) => entry.isIntersecting) && setSeen(true),
      { rootMargin: "300px" },
    );
    watch.observe(at);
    return () => watch.disconnect();
  }, [seen]);
  return (
    <span ref={place} className="when-seen">
      {seen && children}
    </span>
  );
}
