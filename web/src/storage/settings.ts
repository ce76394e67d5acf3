import { useLiveQuery } from 'dexie-react-hooks';
import { database, STANDARD_SETTINGS, type Settings, type ThemeChoice } from './database';

const THEMES: readonly ThemeChoice[] = ['system', 'light', 'dark', 'sun'];

/** What is stored, with the usual in place of what makes no sense. */
export async function readSettings(): Promise<Settings> {
  const stored = await database.settings.get('settings');
  if (!stored) return STANDARD_SETTINGS;
  return {
    key: 'settings',
    units: stored.units === 'imperial' ? 'imperial' : 'metric',
    theme: THEMES.includes(stored.theme) ? stored.theme : STANDARD_SETTINGS.theme,
    demoPlaced: Boolean(stored.demoPlaced),
  };
}

export const useSettings = (): Settings => useLiveQuery(readSettings) ?? STANDARD_SETTINGS;

export async function changeSettings(change: Partial<Omit<Settings, 'key'>>): Promise<void> {
  await database.transaction('rw', database.settings, async () => {
    await database.settings.put({ ...(await readSettings()), ...change });
  });
}
