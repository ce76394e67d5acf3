import type { GlbReading, GlbResult } from '../formats/glb/parseGlb';
import { failingWorker } from './failing';
import type { GlbWorker } from './glb.worker';

/** A file that takes longer than this is none that a carrier needs. */
const LONGEST_MS = 20_000;

/** Reads a shape in a worker of its own, which ends with it, and in any case after a while. Never throws. */
export async function readGlb(bytes: ArrayBuffer, reading: GlbReading): Promise<GlbResult> {
  const worker = new Worker(new URL('./glb.worker.ts', import.meta.url), { type: 'module', name: 'strut-spot-glb' });
  const late = new Promise<GlbResult>((resolve) =>
    setTimeout(
      () => resolve({ ok: false, problem: `It was not read within ${LONGEST_MS / 1000} s: simplify it.` }),
      LONGEST_MS,
    ),
  );
  try {
    return await Promise.race([failingWorker<GlbWorker>(worker).read(bytes, reading), late]);
  } catch (error) {
    return { ok: false, problem: `It was not read: ${(error as Error).message}.` };
  } finally {
    worker.terminate();
  }
}
