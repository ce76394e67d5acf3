import { INK } from './painting/painting';

/** Below this cosine two neighbouring normals of one part make an edge worth a line. */
const FOLD = 0.62;

/** Of what is sewn together one piece passes before the other when it is nearer by so much, metres. */
const PASSES_M = 0.035;

/** Ink where parts meet, where one part passes before itself, and at sharp folds; own lines thinner for scenery. @param pieces which parts are of one piece of cloth: the same number, no line between them */
export function inkContours(
  rgba: Uint8ClampedArray,
  part: Int16Array,
  distanceM: Float64Array,
  normals: Float32Array,
  sky: Uint8Array,
  widthPx: number,
  heightPx: number,
  ownParts: number,
  pieces: readonly number[],
): void {
  const strength = new Float32Array(widthPx * heightPx);
  const mark = (a: number, b: number) => {
    const pa = part[a]!;
    const pb = part[b]!;
    if (pa < 0 && pb < 0) {
      if (sky[a] !== sky[b]) strength[a] = Math.max(strength[a]!, 0.5);
      return;
    }
    const near = distanceM[a]! <= distanceM[b]! ? a : b;
    if (part[near]! >= ownParts) {
      if (pa !== pb) strength[near] = Math.max(strength[near]!, 0.25);
      return;
    }
    if (pa !== pb) {
      const apart = pieces[pa] !== pieces[pb] || Math.abs(distanceM[a]! - distanceM[b]!) > PASSES_M;
      if (apart) strength[near] = Math.max(strength[near]!, 0.85);
      return;
    }
    const ratio = Math.abs(distanceM[a]! - distanceM[b]!) / Math.min(distanceM[a]!, distanceM[b]!);
    if (ratio > 0.07) strength[near] = Math.max(strength[near]!, 0.7);
    const fold =
      normals[a * 3]! * normals[b * 3]! +
      normals[a * 3 + 1]! * normals[b * 3 + 1]! +
      normals[a * 3 + 2]! * normals[b * 3 + 2]!;
    if (fold < FOLD) strength[near] = Math.max(strength[near]!, 0.4);
  };
  for (let y = 0; y < heightPx; y++) {
    for (let x = 0; x < widthPx; x++) {
      const index = y * widthPx + x;
      if (x + 1 < widthPx) mark(index, index + 1);
      if (y + 1 < heightPx) mark(index, index + widthPx);
    }
  }
  for (let index = 0; index < strength.length; index++) {
    const s = strength[index]!;
    if (s === 0) continue;
    for (let k = 0; k < 3; k++) rgba[index * 4 + k] = rgba[index * 4 + k]! * (1 - s) + INK[k as 0 | 1 | 2] * s;
  }
}
