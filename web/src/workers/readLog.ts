import type { LogColumns } from '@strut-spot/core';
import { proxy } from 'comlink';
import { failingWorker } from './failing';
import type { LogWorker } from './log.worker';

/** Reads a measured log in a worker of its own, which ends with it. */
export async function readLogFile(file: File, columns: LogColumns | null, onProgress: (share: number) => void) {
  const worker = new Worker(new URL('./log.worker.ts', import.meta.url), { type: 'module', name: 'strut-spot-log' });
  try {
    return await failingWorker<LogWorker>(worker).read(file, columns, proxy(onProgress));
  } finally {
    worker.terminate();
  }
}
