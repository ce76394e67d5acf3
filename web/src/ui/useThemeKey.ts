import { useSyncExternalStore } from 'react';

/** Charts are drawn with the colours of the sheet: drawn anew when those change. */
export const useThemeKey = (): string =>
  useSyncExternalStore(
    (changed) => {
      const observer = new MutationObserver(changed);
      observer.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
      return () => observer.disconnect();
    },
    () => document.documentElement.dataset.theme ?? '',
  );
