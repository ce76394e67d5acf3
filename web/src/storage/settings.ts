import { useLiveQuery } from 'dexie-react-hooks';
import { database, STANDARD_SETTINGS, type Settings } from './database';

export const readSettings = async (): Promise<Settings> =>
  (await database.settings.get('settings')) ?? STANDARD_SETTINGS;

export const useSettings = (): Settings => useLiveQuery(readSettings) ?? STANDARD_SETTINGS;

export async function changeSettings(change: Partial<Omit<Settings, 'key'>>): Promise<void> {
  await database.transaction('rw', database.settings, async () => {
    await database.settings.put({ ...(await readSettings()), ...change });
  });
}
