import { seededNumbers } from '../../../mathematics/numbers/seededNumbers';
import type { Shake } from './shakeOf';
import type { ShakeSpectra } from '../picture/shakeSpectra';

/** One swing of the picture. */
export interface Swing {
  readonly frequencyHz: number;
  readonly amplitudePx: number;
  readonly phase: number;
  /** Share of it from picture to picture that is left. */
  readonly leftAfter: number;
}

/** The predicted movement of a 1080-line picture as sums of swings: up and down, sideways, and round the middle (at its rms radius). */
export interface PreviewMotion {
  readonly up: readonly Swing[];
  readonly sideways: readonly Swing[];
  readonly round: readonly Swing[];
}

/** Swings per direction: more look no different. */
const SWINGS = 48;

/** A repeatable movement with the densities of a report. */
export function previewMotion(spectra: ShakeSpectra, ways: Shake['ways'], seed = 7): PreviewMotion {
  const random = seededNumbers(seed);
  const { frequencyHz, picture, leftAfter, lines } = spectra;
  const n = frequencyHz.length;
  const step = Math.max(1, Math.floor(n / SWINGS));
  const swings = (share: number): Swing[] => {
    const out: Swing[] = [];
    for (let i = 0; i + step < n; i += step) {
      let [square, weighted] = [0, 0];
      for (let k = i; k < i + step; k++) {
        const part = picture[k]! * (frequencyHz[k + 1]! - frequencyHz[k]!);
        square += part;
        weighted += part * leftAfter[k]!;
      }
      const middle = (i + random() * step) | 0;
      out.push({
        frequencyHz: frequencyHz[middle]!,
        amplitudePx: Math.sqrt(2 * square * share),
        phase: 2 * Math.PI * random(),
        leftAfter: square > 0 ? weighted / square : 1,
      });
    }
    for (const line of lines) {
      const at = frequencyHz.findIndex((f) => f > line.frequencyHz);
      out.push({
        frequencyHz: line.frequencyHz,
        amplitudePx: line.px * Math.sqrt(2 * share),
        phase: 2 * Math.PI * random(),
        leftAfter: leftAfter[at < 0 ? n - 1 : at]!,
      });
    }
    return out.filter((s) => s.amplitudePx > 0.01);
  };
  return { up: swings(ways.up), sideways: swings(ways.sideways), round: swings(ways.round) };
}

/** How far a picture is moved as a whole by what steadies it afterwards, pixels: what it takes away at the picture's middle. */
export function steadiedPx(swings: readonly Swing[], middleS: number): number {
  let sum = 0;
  for (const { frequencyHz, amplitudePx, phase, leftAfter } of swings) {
    if (leftAfter !== 1) sum += amplitudePx * (leftAfter - 1) * Math.sin(2 * Math.PI * frequencyHz * middleS + phase);
  }
  return sum;
}

/** How far the camera has turned at a moment, pixels. */
export function movedPx(swings: readonly Swing[], timeS: number): number {
  let sum = 0;
  for (const { frequencyHz, amplitudePx, phase } of swings) {
    sum += amplitudePx * Math.sin(2 * Math.PI * frequencyHz * timeS + phase);
  }
  return sum;
}

/** The same at moments one after the other: each sine follows from the two before it, sin(a + d) = 2·cos d·sin a − sin(a − d). */
export function movedAlong(swings: readonly Swing[], fromS: number, stepS: number, moments: number): Float64Array {
  const moved = new Float64Array(moments);
  for (const { frequencyHz, amplitudePx, phase } of swings) {
    const omega = 2 * Math.PI * frequencyHz;
    const twice = 2 * Math.cos(omega * stepS);
    let before = amplitudePx * Math.sin(omega * (fromS - stepS) + phase);
    let now = amplitudePx * Math.sin(omega * fromS + phase);
    for (let i = 0; i < moments; i++) {
      moved[i]! += now;
      [before, now] = [now, twice * now - before];
    }
  }
  return moved;
}

/**
 * Where a line of a picture lies off, pixels: what is left from picture to picture at its middle, and all that happens between that and
 * the line itself.
 */
export const offsetAt = (swings: readonly Swing[], middleS: number, lineS: number): number =>
  steadiedPx(swings, middleS) + movedPx(swings, lineS);
