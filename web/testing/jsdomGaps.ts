/** What the browser has and jsdom lacks. */
import 'fake-indexeddb/auto';
import { deserialize, serialize } from 'node:v8';
import { TextDecoder, TextEncoder } from 'node:util';

Object.assign(globalThis, { TextEncoder, TextDecoder });
globalThis.structuredClone ??= <T>(value: T): T => deserialize(serialize(value)) as T;
globalThis.matchMedia ??= (media: string) =>
  ({ matches: false, media, addEventListener: () => {}, removeEventListener: () => {} }) as unknown as MediaQueryList;
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
} as never;
if (typeof HTMLCanvasElement !== 'undefined') HTMLCanvasElement.prototype.getContext = (() => null) as never;
globalThis.ImageData ??= class {
  constructor(
    readonly data: Uint8ClampedArray,
    readonly width: number,
    readonly height: number,
  ) {}
} as never;
globalThis.MessageChannel ??= class {
  port1: { onmessage: (() => void) | null } = { onmessage: null };
  port2 = { postMessage: () => void setTimeout(() => this.port1.onmessage?.()) };
} as never;

// Answers of workers come when they come, as on the page: React's warning about that is no news.
const { error } = console;
console.error = (...said: unknown[]) => {
  if (!String(said[0]).includes('not wrapped in act')) error(...said);
};
