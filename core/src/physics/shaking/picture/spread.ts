import type { MotionComponent } from '../paths/spotMotion';
import type { RangeEnd } from '../../../words/sourced/ends';
import { FIGURES, type Figure } from '../figures/figures';
import type { CameraTurns } from './cameraTurns';
import { sinc } from '../../../mathematics/numbers/sinc';
import { leftOf, type Steadiness } from './stabiliser';

/** A component with what it makes of the camera. */
export interface TurnedComponent extends CameraTurns {
  readonly component: MotionComponent;
  /** What becomes of it at each of its frequencies. */
  readonly spread: Spread;
}

/** Σ of weight × value over every frequency of every component: a variance. */
export function sumOver(turned: readonly TurnedComponent[], value: (t: TurnedComponent, i: number) => number): number {
  let total = 0;
  for (const t of turned) {
    const { weight } = t.component;
    for (let i = 0; i < weight.length; i++) total += weight[i]! * value(t, i);
  }
  return total;
}

/** How the squared movement at each frequency spreads over what people see, after steadying. */
interface Spread {
  /** Shares of the square left before the light falls, and of what is left from picture to picture afterwards. */
  readonly before: Float64Array;
  readonly after: Float64Array;
  /** Share of the square in each figure. */
  readonly figures: Readonly<Record<Figure, Float64Array>>;
}

/** Spreads by the frequencies that they stand for: components share theirs. */
export type Spreads = ReadonlyMap<Float64Array, Spread>;

/** Steadying without regard to its reach. */
export function steadied({ before, after }: Steadiness, frequencies: Iterable<Float64Array>): Spreads {
  const table = new Map<Float64Array, Spread>();
  for (const frequencyHz of frequencies) {
    if (table.has(frequencyHz)) continue;
    const empty = () => new Float64Array(frequencyHz.length);
    table.set(frequencyHz, {
      before: frequencyHz.map((f) => before(f) ** 2),
      after: frequencyHz.map((f) => after(f) ** 2),
      figures: { jump: empty(), jelly: empty(), blur: empty() },
    });
  }
  return table;
}

/** What lies beyond the reach of a level is not steadied: within its band at least `missed` of the amplitude is left. */
export function limitReach(
  spreads: Spreads,
  { steadying }: Steadiness['levels'][number],
  missed: number,
  pick: RangeEnd,
): void {
  for (const [frequencyHz, { before, after }] of spreads) {
    const limited = steadying.kind === 'optics' ? before : after;
    for (let i = 0; i < frequencyHz.length; i++) {
      const f = frequencyHz[i]!;
      if (f < steadying.fromHz || f > steadying.toHz) continue;
      limited[i]! *= Math.max(1, (missed / leftOf(steadying, f, pick)) ** 2);
    }
  }
}

/**
 * Within the exposure it blurs, while the sensor is read it wobbles, from picture to picture it jumps; the three add up to what falls in before
 * steadying afterwards. That works line by line: what it takes out of the jump in its band it takes out of the slow skew as well.
 */
export function spreadOut(spreads: Spreads, exposureS: number, readoutS: number): void {
  for (const [frequencyHz, { before, after, figures }] of spreads) {
    for (let i = 0; i < frequencyHz.length; i++) {
      const f = frequencyHz[i]!;
      const exposed = sinc(f * exposureS) ** 2;
      const read = sinc(f * readoutS) ** 2;
      figures.blur[i] = before[i]! * (1 - exposed);
      figures.jelly[i] = before[i]! * exposed * (1 - read) * Math.min(1, after[i]!);
      figures.jump[i] = before[i]! * exposed * read * after[i]!;
    }
  }
}

/** Shares of a movement's square in each figure where nothing steadies it. */
export function unsteadied(frequencyHz: number, exposureS: number, readoutS: number): Record<Figure, number> {
  const exposed = sinc(frequencyHz * exposureS) ** 2;
  const read = sinc(frequencyHz * readoutS) ** 2;
  return { blur: 1 - exposed, jelly: exposed * (1 - read), jump: exposed * read };
}

/** Squared pixels of one component in each figure. */
export function squaresOf({ component, px2, spread: { figures } }: TurnedComponent): Record<Figure, number> {
  const { weight } = component;
  const squares = { jump: 0, jelly: 0, blur: 0 };
  for (const figure of FIGURES) {
    const share = figures[figure];
    let sum = 0;
    for (let i = 0; i < px2.length; i++) sum += weight[i]! * px2[i]! * share[i]!;
    squares[figure] = sum;
  }
  return squares;
}
