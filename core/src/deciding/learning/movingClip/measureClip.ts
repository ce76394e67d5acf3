import { LINES } from '../../../physics/shaking/picture/pixels';
import { blurOf } from './blurWidth';
import { DirtWatch, type LensDirt } from './lensDirt';
import { pathSpectrum, type SwingBand } from './pathSpectrum';
import { BLOCK_PX, blockShift, blockSpectrum, type BlockSpectrum, type GreyPicture } from './blockShift';

/** What a moving clip shakes, as the model counts it: rms pixels of a 1080-line picture. */
export type ClipShake =
  | {
      readonly kind: 'measured';
      /** From picture to picture as a whole, turning about the lens axis among it. */
      readonly jumpPx: number;
      /** Between the lines of one picture. */
      readonly jellyPx: number;
      /** Within the exposure of each picture, from how soft its edges are; null where it has too few. */
      readonly blurPx: number | null;
      /** What of the jump swings how fast, thirds of an octave. */
      readonly swings: readonly SwingBand[];
      /** What sits on the lens; null = nothing that is seen. */
      readonly dirt: LensDirt | null;
      /** Turning about the lens axis, degrees rms. */
      readonly rollDeg: number;
      readonly pictures: number;
      readonly seconds: number;
      /** Share of the picture's blocks that could be followed, 0 to 1. */
      readonly followed: number;
    }
  | { readonly kind: "can't say"; readonly because: string };

const ROWS = 5;
const COLUMNS = 6;
/** A block that is less sure than this is not believed. */
const LEAST_SURE = 0.3;
/** Slower movement is looking about, not shaking: what a mean over so long leaves is counted, seconds (the model begins at 1 Hz). */
const SLOW_S = 1;
/** Edges are measured in every so many pictures. */
const BLUR_EVERY = 4;
const rms = (values: readonly number[]): number => Math.sqrt(values.reduce((sum, v) => sum + v * v, 0) / values.length);
/** Fewer pictures say nothing. */
const LEAST_PICTURES = 20;
/** A band of lines that is followed in fewer of the pictures is left out. */
const LEAST_FOLLOWED = 0.6;

interface Block {
  readonly row: number;
  readonly left: number;
  readonly top: number;
  /** Of its middle from the picture's, pixels. */
  readonly x: number;
  readonly y: number;
}

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted.length === 0 ? NaN : (sorted[sorted.length >> 1]! + sorted[(sorted.length - 1) >> 1]!) / 2;
};

/** Mean of what is not far off: a few blocks that were followed wrongly do not count, and no swing is taken for a drift. */
function steadyMean(values: readonly number[]): number {
  const middle = median(values);
  const usual = median(values.map((value) => Math.abs(value - middle)));
  const near = values.filter((value) => Math.abs(value - middle) <= 6 * usual + 0.5);
  return near.reduce((sum, value) => sum + value, 0) / near.length;
}

/** Steps of each band of lines from picture to picture: left and right half of it apart, so that what both agree on can be told from noise. */
interface Steps {
  readonly atS: number;
  /** By band: shift across and down of the half with the even columns, and of the other. NaN where it was not followed. */
  readonly bands: readonly (readonly [evenX: number, evenY: number, oddX: number, oddY: number])[];
  /** Turn about the lens axis, radians. */
  readonly turn: number;
}

/**
 * Follows the picture of a moving clip, one picture after the other. Blocks are followed by phase correlation; bands of lines have each their own
 * moment in a rolling picture, so what they have in common is jump and what they differ by is jelly, as the model splits them
 * (docs/models.md, Steady). What moves on steadily, like the ground that streams by, is taken off each block.
 */
export class ClipMeasurer {
  private readonly blocks: readonly Block[];
  private readonly dirt: DirtWatch;
  private readonly blurs: number[] = [];
  private pushed = 0;
  private before: { readonly spectra: readonly (BlockSpectrum | null)[]; readonly atS: number } | null = null;
  private readonly raw: { readonly atS: number; readonly shifts: readonly (readonly [number, number] | null)[] }[] = [];

  /**
   * @param rides which blocks show what rides along with the camera, by their middle as fractions of the picture: they say nothing of its turning
   * @throws RangeError for pictures too small to be followed
   */
  constructor(
    private readonly widthPx: number,
    private readonly heightPx: number,
    private readonly rides: (x: number, y: number) => boolean = () => false,
  ) {
    this.dirt = new DirtWatch(rides);
    if (widthPx < 2 * BLOCK_PX || heightPx < 2 * BLOCK_PX)
      throw new RangeError(`ClipMeasurer: pictures of ${widthPx} × ${heightPx} are below ${2 * BLOCK_PX} a side`);
    const at = (i: number, of: number, size: number) => Math.round((i / (of - 1)) * (size - BLOCK_PX));
    this.blocks = Array.from({ length: ROWS * COLUMNS }, (_, k) => {
      const row = Math.floor(k / COLUMNS);
      const [left, top] = [at(k % COLUMNS, COLUMNS, widthPx), at(row, ROWS, heightPx)];
      return { row, left, top, x: left + BLOCK_PX / 2 - widthPx / 2, y: top + BLOCK_PX / 2 - heightPx / 2 };
    }).filter(({ x, y }) => !rides(x / widthPx + 0.5, y / heightPx + 0.5));
  }

  /** Takes in the next picture. @param atS its moment, seconds, later than the last */
  push(picture: GreyPicture, atS: number): void {
    this.dirt.push(picture);
    if (this.pushed++ % BLUR_EVERY === 0) {
      const blur = blurOf(picture, this.rides);
      if (blur !== null) this.blurs.push(blur);
    }
    const spectra = this.blocks.map(({ left, top }) => blockSpectrum(picture, left, top));
    const last = this.before;
    this.before = { spectra, atS };
    if (!last) return;
    const shifts = spectra.map((spectrum, i) => {
      const earlier = last.spectra[i];
      if (!spectrum || !earlier) return null;
      const { dx, dy, sure } = blockShift(earlier, spectrum);
      return sure >= LEAST_SURE ? ([dx, dy] as const) : null;
    });
    this.raw.push({ atS, shifts });
  }

  result(): ClipShake {
    const pictures = this.raw.length + 1;
    if (this.raw.length < LEAST_PICTURES)
      return {
        kind: "can't say",
        because: `${pictures} pictures are too few: at least ${LEAST_PICTURES + 1} are needed`,
      };
    const followed =
      this.raw.reduce((sum, { shifts }) => sum + shifts.filter((shift) => shift !== null).length, 0) /
      (this.raw.length * Math.max(1, this.blocks.length));
    const steps = this.steps();
    const bands = Array.from({ length: ROWS }, (_, row) => row).filter(
      (row) =>
        steps.filter(({ bands: all }) => all[row]!.every(Number.isFinite)).length >= LEAST_FOLLOWED * steps.length,
    );
    if (bands.length < 2)
      return {
        kind: "can't say",
        because: 'too little in the picture can be followed: film something with edges, in more light',
      };
    const times = steps.map(({ atS }) => atS);
    const swing = (of: (step: Steps) => number): Float64Array => freedOfSlow(summed(steps.map(of)), times);
    const paths = bands.map((row) => [0, 1, 2, 3].map((k) => swing(({ bands: all }) => all[row]![k]!)));
    const turn = swing((step) => step.turn);
    const scale = LINES / Math.min(this.widthPx, this.heightPx);
    // At both ends the mean around a moment is cut short: they count only where there is little else.
    const whole = times.map((t) => t - times[0]! >= SLOW_S / 2 && times.at(-1)! - t >= SLOW_S / 2);
    const counted = whole.filter(Boolean).length >= LEAST_PICTURES ? whole : times.map(() => true);
    const n = counted.filter(Boolean).length;
    let [jump, jelly, roll] = [0, 0, 0];
    for (let i = 0; i < times.length; i++) {
      if (!counted[i]) continue;
      // Both halves of a band see the same movement and have noise of their own: their product is free of it on the whole.
      for (const [even, odd] of [
        [0, 2],
        [1, 3],
      ] as const) {
        const middleEven = paths.reduce((sum, path) => sum + path[even]![i]!, 0) / paths.length;
        const middleOdd = paths.reduce((sum, path) => sum + path[odd]![i]!, 0) / paths.length;
        jump += middleEven * middleOdd;
        for (const path of paths)
          jelly += ((path[even]![i]! - middleEven) * (path[odd]![i]! - middleOdd)) / paths.length;
      }
      roll += turn[i]! * turn[i]!;
    }
    const rollPx = Math.hypot(this.widthPx, this.heightPx) / Math.sqrt(12);
    return {
      kind: 'measured',
      jumpPx: Math.sqrt(Math.max(0, jump / n) + (roll / n) * rollPx * rollPx) * scale,
      jellyPx: Math.sqrt(Math.max(0, jelly / n)) * scale,
      blurPx: this.blurs.length === 0 ? null : rms(this.blurs) * scale,
      swings: pathSpectrum(
        [0, 1].map((way) =>
          times.map(
            (_, i) =>
              (paths.reduce((sum, path) => sum + (path[way]![i]! + path[way + 2]![i]!) / 2, 0) / paths.length) * scale,
          ),
        ),
        (times.at(-1)! - times[0]!) / (times.length - 1),
      ),
      dirt: this.dirt.found(),
      rollDeg: (Math.sqrt(roll / n) * 180) / Math.PI,
      pictures,
      seconds: times.at(-1)! - times[0]!,
      followed,
    };
  }

  /** Shifts of the blocks as steps of bands, freed of what streams by and of turning. */
  private steps(): Steps[] {
    const usual = this.blocks.map((_, i) => {
      const seen = this.raw.flatMap(({ shifts }) => (shifts[i] ? [shifts[i]] : []));
      return [steadyMean(seen.map(([dx]) => dx)), steadyMean(seen.map(([, dy]) => dy))] as const;
    });
    return this.raw.map(({ atS, shifts }) => {
      const free = shifts.map((shift, i) => shift && ([shift[0] - usual[i]![0], shift[1] - usual[i]![1]] as const));
      const turn = turnOf(this.blocks, free, this.widthPx / 3);
      const bands = Array.from({ length: ROWS }, (_, row) => {
        const half = (odd: boolean) => {
          const own = this.blocks.flatMap((block, i) => {
            const shift = free[i];
            if (!shift || block.row !== row) return [];
            const column = Math.round((block.left / (this.widthPx - BLOCK_PX)) * (COLUMNS - 1));
            return (column % 2 === 1) === odd ? [[shift[0] + turn * block.y, shift[1] - turn * block.x] as const] : [];
          });
          return [median(own.map(([dx]) => dx)), median(own.map(([, dy]) => dy))] as const;
        };
        const [even, odd] = [half(false), half(true)];
        return [even[0], even[1], odd[0], odd[1]] as const;
      });
      return { atS, bands, turn };
    });
  }
}

/**
 * Turning about the middle, radians: how much farther down blocks move the farther to the right they lie, which lines at other moments cannot
 * feign. The middle of all slopes between two blocks of a row (Theil 1950), so that a few that were followed wrongly do not count.
 */
function turnOf(
  blocks: readonly Block[],
  shifts: readonly (readonly [number, number] | null)[],
  leastApart: number,
): number {
  const slopes: number[] = [];
  for (let i = 0; i < blocks.length; i++) {
    for (let j = i + 1; j < blocks.length && blocks[j]!.row === blocks[i]!.row; j++) {
      const [a, b, apart] = [shifts[i], shifts[j], blocks[j]!.x - blocks[i]!.x];
      if (a && b && apart >= leastApart) slopes.push((b[1] - a[1]) / apart);
    }
  }
  return slopes.length < 3 ? 0 : median(slopes);
}

/** Running sum of steps; a step that is missing is none. */
function summed(steps: readonly number[]): Float64Array {
  const out = new Float64Array(steps.length);
  let sum = 0;
  for (let i = 0; i < steps.length; i++) {
    sum += Number.isFinite(steps[i]!) ? steps[i]! : 0;
    out[i] = sum;
  }
  return out;
}

/** A path less its mean over a second around each moment. */
function freedOfSlow(path: Float64Array, times: readonly number[]): Float64Array {
  const out = new Float64Array(path.length);
  let [from, to, sum] = [0, 0, 0];
  for (let i = 0; i < path.length; i++) {
    while (to < path.length && times[to]! <= times[i]! + SLOW_S / 2) sum += path[to++]!;
    while (times[from]! < times[i]! - SLOW_S / 2) sum -= path[from++]!;
    out[i] = path[i]! - sum / (to - from);
  }
  return out;
}
