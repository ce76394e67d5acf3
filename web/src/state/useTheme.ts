import { useEffect, useSyncExternalStore } from 'react';
import { useSettings } from '../storage/settings';

const night = () => window.matchMedia('(prefers-color-scheme: dark)');

const subscribe = (changed: () => void) => {
  const query = night();
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
};

/** The theme in force, put on the document. */
export function useTheme(): 'light' | 'dark' | 'sun' {
  const { theme } = useSettings();
  const dark = useSyncExternalStore(subscribe, () => night().matches);
  const inForce = theme === 'system' ? (dark ? 'dark' : 'light') : theme;
  useEffect(() => {
    document.documentElement.dataset.theme = inForce;
  }, [inForce]);
  return inForce;
}
