import { useLiveQuery } from 'dexie-react-hooks';
import { INTENTS } from '@strut-spot/core';
import { database, STANDARD_SETTINGS, type OwnStory, type Settings, type ThemeChoice } from './database';

const THEMES: readonly ThemeChoice[] = ['system', 'light', 'dark', 'sun'];

/** More of one's own nobody looks through. */
export const MOST_STORIES = 30;

/** Stories that can be used: kinds of shots that there are no more are left out of them. */
function soundStories(stored: unknown): readonly OwnStory[] {
  if (!Array.isArray(stored)) return [];
  return (stored as Partial<OwnStory>[]).slice(0, MOST_STORIES).flatMap((story) => {
    const { id, name, seconds, intentIds } = story ?? {};
    if (typeof id !== 'string' || typeof name !== 'string' || typeof seconds !== 'number' || !Array.isArray(intentIds))
      return [];
    const known = intentIds.filter((intentId) => INTENTS.some((intent) => intent.id === intentId));
    return known.length > 0 && seconds > 0 ? [{ id, name, seconds, intentIds: known }] : [];
  });
}

/** What is stored, with the usual in place of what makes no sense. */
export async function readSettings(): Promise<Settings> {
  const stored = await database.settings.get('settings');
  if (!stored) return STANDARD_SETTINGS;
  return {
    key: 'settings',
    units: stored.units === 'imperial' ? 'imperial' : 'metric',
    theme: THEMES.includes(stored.theme) ? stored.theme : STANDARD_SETTINGS.theme,
    demoPlaced: Boolean(stored.demoPlaced),
    ...(stored.stories === undefined ? {} : { stories: soundStories(stored.stories) }),
  };
}

export const useSettings = (): Settings => useLiveQuery(readSettings) ?? STANDARD_SETTINGS;

export async function changeSettings(change: Partial<Omit<Settings, 'key'>>): Promise<void> {
  await database.transaction('rw', database.settings, async () => {
    await database.settings.put({ ...(await readSettings()), ...change });
  });
}
