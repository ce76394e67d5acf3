import { saveOuting } from './outings';
import { changeSettings, readSettings } from './settings';

/** Puts the demo outing in on the first visit; nobody who comes again has to load it. */
export async function placeDemoOnce(): Promise<void> {
  const { demoPlaced } = await readSettings();
  if (demoPlaced) return;
  const { readDemo } = await import('../demo/readDemo');
  await saveOuting(readDemo());
  await changeSettings({ demoPlaced: true });
}
