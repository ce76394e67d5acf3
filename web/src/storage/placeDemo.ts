import { readOuting } from '@strut-spot/core';
import demo from '../demo/skerra.json';
import { saveOuting } from './outings';
import { changeSettings, readSettings } from './settings';

/** Puts the demo outing in on the first visit. */
export async function placeDemoOnce(): Promise<void> {
  const { demoPlaced } = await readSettings();
  if (demoPlaced) return;
  const parsed = readOuting(demo);
  if (!parsed.ok) throw new Error(`The demo outing is damaged: ${parsed.problems.join(' ')}`);
  await saveOuting(parsed.value);
  await changeSettings({ demoPlaced: true });
}
