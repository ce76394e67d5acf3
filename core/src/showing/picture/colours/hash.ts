// Taken out of Math once: some hosts look the global up at every use.
const { imul } = Math;

/** Repeatable value in [0, 1) for a whole-numbered place. The kernel has its own in whole numbers: core/kernel/assembly/painting/hash.ts. */
export function hash2(x: number, y: number, salt: number): number {
  let h = imul(x | 0, 374761393) ^ imul(y | 0, 668265263) ^ imul(salt | 0, 2147483647);
  h = imul(h ^ (h >>> 13), 1274126177);
  return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
}
