/**
 * A world for tests with the core from outside of it: read in and translated once a process, not once a file. What one file has had the
 * engine learn of the core, the next one uses.
 */
import core from './core/dist/together/core.cjs';

/** What goes to and fro between core and test is of one kind. */
const SHARED = [
  'ArrayBuffer',
  'DataView',
  'Float32Array',
  'Float64Array',
  'Int8Array',
  'Int16Array',
  'Int32Array',
  'Uint8Array',
  'Uint8ClampedArray',
  'Uint16Array',
  'Uint32Array',
];

/** The world of a runner's environment, with the core shared. */
export const sharing = (Environment) =>
  class extends Environment {
    constructor(config, context) {
      super(config, context);
      for (const name of SHARED) this.global[name] = globalThis[name];
      this.global.coreFromOutside = core;
    }
  };
