import { expose } from 'comlink';
import { parseGlb, type GlbReading } from '../formats/glb/parseGlb';

const api = { read: (bytes: ArrayBuffer, reading: GlbReading) => parseGlb(bytes, reading) };

export type GlbWorker = typeof api;

expose(api);
