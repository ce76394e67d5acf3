import demoText from '../demo/skerra.json?raw';
import { computing } from '../workers/core';
import { saveOuting } from './outings';
import { changeSettings, readSettings } from './settings';

/** Puts the demo outing in on the first visit. */
export async function placeDemoOnce(): Promise<void> {
  const { demoPlaced } = await readSettings();
  if (demoPlaced) return;
  const parsed = await computing.parseOuting(demoText);
  if (!parsed.ok) throw new Error(`The demo outing is damaged: ${parsed.problems.join(' ')}`);
  await saveOuting(parsed.value);
  await changeSettings({ demoPlaced: true });
}
