import { useEffect } from 'react';

/** Names the page in the browser's tab and history, what is nearest first: "Bench, Hands and trail, Ridge line". */
export function usePageTitle(...parts: readonly (string | undefined)[]): void {
  const title = [...parts.filter(Boolean), 'Strut Spot'].join(' · ');
  useEffect(() => {
    document.title = title;
  }, [title]);
}
