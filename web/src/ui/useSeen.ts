import { useCallback, useState } from 'react';

/** Pixels beyond the edge at which something is got ready. */
const AHEAD_PX = 200;

/** Whether an element has come near the part of the page that is shown; once it has, it stays so. The function is its ref. */
export function useSeen<Element extends HTMLElement>(): readonly [
  seen: boolean,
  ref: (element: Element | null) => (() => void) | undefined,
] {
  const [seen, setSeen] = useState(() => typeof IntersectionObserver === 'undefined');
  const ref = useCallback((element: Element | null) => {
    if (!element || typeof IntersectionObserver === 'undefined') return undefined;
    const observer = new IntersectionObserver(
      (entries) => {
        if (!entries.some(({ isIntersecting }) => isIntersecting)) return;
        observer.disconnect();
        setSeen(true);
      },
      { rootMargin: `${AHEAD_PX}px` },
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [seen, ref];
}
