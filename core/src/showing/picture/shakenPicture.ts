import { movedAlong, steadiedPx, type PreviewMotion } from '../../physics/shaking/whole/previewMotion';
import { LINES } from '../../physics/shaking/picture/pixels';

/** Pixels as 32-bit words, row by row, every one opaque. */
export interface Pixels {
  readonly words: Uint32Array;
  readonly width: number;
  readonly height: number;
}

/** What moves the picture, and how the shutter takes it: seconds from the first line to the last, and seconds that each line is exposed. */
export interface Shaking {
  readonly motion: PreviewMotion;
  readonly readoutS: number;
  readonly exposureS: number;
}

/** Moments within one exposure that are drawn over each other: a power of two, as pixels are averaged in pairs. */
const MOST_EXPOSURES = 4;
/** Lines between two that are computed; those between lie on a straight line. A swing of 200 Hz is 130 lines of a usual readout long. */
const LINE_STEP = 4;
/** Up and down at the side of a 16:9 picture for one pixel rms of turning round its middle: (w/2) over √((w² + h²)/12). */
const EDGE_OVER_RMS = 1.51;

/** Both words' bytes averaged, each rounded down. */
const averaged = (a: number, b: number): number => (((a ^ b) >>> 1) & 0x7f7f7f7f) + (a & b);

/**
 * One picture as the shutter would take it: every line where the movement has it at that line's own moment, exposed over its own time. Turning
 * round the middle is drawn as up and down on the two sides; what comes in from beyond an edge is the edge itself.
 * @param startS when the first line begins @param out as large as the source, written over
 */
export function shakenPicture(
  { words, width, height }: Pixels,
  { motion, readoutS, exposureS }: Shaking,
  startS: number,
  out: Uint32Array,
): void {
  const scale = height / LINES;
  const exposures = exposuresFor(motion, exposureS * scale);
  const middleS = startS + readoutS / 2 + exposureS / 2;
  const samples = Math.ceil(height / LINE_STEP) + 1;
  /** How far a way moves each sampled line in one moment of its exposure, pixels of this picture. */
  const along = (swings: PreviewMotion['up'], moment: number): Float64Array => {
    const from = startS + ((moment + 0.5) * exposureS) / exposures;
    const moved = movedAlong(swings, from, (LINE_STEP / height) * readoutS, samples);
    const steadied = steadiedPx(swings, middleS);
    return moved.map((px) => (px + steadied) * scale);
  };
  const moments = Array.from({ length: exposures }, (_, moment) => ({
    across: along(motion.sideways, moment),
    down: along(motion.up, moment),
    round: along(motion.round, moment),
  }));
  const runs = moments.map(() => new Run(width, height));
  for (let y = 0; y < height; y++) {
    const k = (y / LINE_STEP) | 0;
    const t = y / LINE_STEP - k;
    const between = (line: Float64Array): number => line[k]! + t * (line[k + 1]! - line[k]!);
    for (const [e, { across, down, round }] of moments.entries())
      runs[e]!.begin(y + between(down), between(across), between(round));
    for (let x = 0; x < width;) {
      let next = width;
      for (const run of runs) next = Math.min(next, run.goOn(x));
      blend(words, runs, out, { row: y * width, from: x, to: next });
      x = next;
    }
  }
}

/** As many moments as the fastest way goes pixels in an exposure, to the next power of two. */
function exposuresFor({ up, sideways, round }: PreviewMotion, exposurePx: number): number {
  const fastest = Math.max(1, ...[...up, ...sideways, ...round].map((s) => s.amplitudePx * s.frequencyHz));
  const reach = fastest * exposurePx * 6;
  return Math.min(MOST_EXPOSURES, reach <= 1 ? 1 : 2 ** Math.ceil(Math.log2(reach)));
}

/** Where the pixels of one line come from in one moment: a run of them lies in one row of the source, side by side or all at its edge. */
class Run {
  /** Word of the source for column x: base + stride · x. */
  base = 0;
  stride = 0;
  private shiftPx = 0;
  private atLeft = 0;
  private slope = 0;

  constructor(
    private readonly width: number,
    private readonly height: number,
  ) {}

  /** @param row where the line's middle comes from @param across, round how far it is moved, pixels */
  begin(row: number, across: number, round: number): void {
    this.shiftPx = Math.floor(across + 0.5);
    this.atLeft = row + 0.5 - round * EDGE_OVER_RMS;
    this.slope = (round * 2 * EDGE_OVER_RMS) / this.width;
  }

  /** Sets base and stride for the run that begins at a column; the column where it ends. */
  goOn(x: number): number {
    const { width, height, shiftPx, atLeft, slope } = this;
    const exact = atLeft + slope * x;
    const whole = Math.floor(exact);
    const row = Math.min(height - 1, Math.max(0, whole)) * width;
    let ends = width;
    if (slope > 0) ends = Math.min(ends, Math.ceil((whole + 1 - atLeft) / slope));
    else if (slope < 0) ends = Math.min(ends, Math.floor((whole - atLeft) / slope) + 1);
    if (x + shiftPx < 0) {
      [this.base, this.stride] = [row, 0];
      ends = Math.min(ends, -shiftPx);
    } else if (x + shiftPx >= width) {
      [this.base, this.stride] = [row + width - 1, 0];
    } else {
      [this.base, this.stride] = [row + shiftPx, 1];
      ends = Math.min(ends, width - shiftPx);
    }
    return Math.max(x + 1, ends);
  }
}

/** Fills a piece of a line by the mean of the moments' runs. */
function blend(
  words: Uint32Array,
  runs: readonly Run[],
  out: Uint32Array,
  { row, from, to }: { readonly row: number; readonly from: number; readonly to: number },
): void {
  const [a, b = a, c = a, d = b] = runs as [Run, Run?, Run?, Run?];
  const [a0, a1, b0, b1, c0, c1, d0, d1] = [a.base, a.stride, b.base, b.stride, c.base, c.stride, d.base, d.stride];
  if (runs.length === 1) for (let x = from; x < to; x++) out[row + x] = words[a0 + a1 * x]!;
  else if (runs.length === 2)
    for (let x = from; x < to; x++) out[row + x] = averaged(words[a0 + a1 * x]!, words[b0 + b1 * x]!);
  else
    for (let x = from; x < to; x++)
      out[row + x] = averaged(
        averaged(words[a0 + a1 * x]!, words[b0 + b1 * x]!),
        averaged(words[c0 + c1 * x]!, words[d0 + d1 * x]!),
      );
}
