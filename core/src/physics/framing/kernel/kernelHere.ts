import { KERNEL_WASM } from '../../../../kernel/kernel.generated';

/** What core/kernel/assembly exports. */
export interface Kernel {
  readonly memory: { readonly buffer: ArrayBuffer };
  readonly rays: (...numbers: readonly number[]) => void;
  readonly clear: (count: number) => void;
  readonly hold: (...numbers: readonly number[]) => void;
  readonly keep: (count: number, parts: number, distances: number) => void;
  readonly asked: () => number;
  readonly look: (...numbers: readonly number[]) => void;
  readonly painted: () => number;
  readonly paint: (...numbers: readonly number[]) => void;
}

/** As much of WebAssembly as is needed here: pages, workers and Node have it, whatever their type libraries say. */
interface Assembly {
  readonly Module: new (bytes: Uint8Array) => object;
  readonly Instance: new (module: object) => { readonly exports: unknown };
}

function started(): Kernel | null {
  const { WebAssembly: assembly, atob: bytesOf } = globalThis as {
    WebAssembly?: Assembly;
    atob?: (base64: string) => string;
  };
  if (!assembly || !bytesOf) return null;
  try {
    const bytes = Uint8Array.from(bytesOf(KERNEL_WASM), (character) => character.charCodeAt(0));
    return new assembly.Instance(new assembly.Module(bytes)).exports as Kernel;
  } catch {
    return null;
  }
}

let kernel: Kernel | null | undefined;
/** The kernel where this machine has SIMD; null where it has not, or where compiling is forbidden: then it is done in TypeScript. Chosen once. */
export const kernelHere = (): Kernel | null => (kernel === undefined ? (kernel = started()) : kernel);
