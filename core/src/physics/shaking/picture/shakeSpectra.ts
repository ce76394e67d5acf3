import type { SpotMotion } from '../paths/spotMotion';
import type { Figure } from '../figures/figures';
import type { Spreads, TurnedComponent } from './spread';

/** Densities over the common grid; lines stand beside them. */
export interface ShakeSpectra {
  readonly frequencyHz: Float64Array;
  /** Upward acceleration, (m/s²)²/Hz: of what drives it, of the spot, of the camera. */
  readonly source: Float64Array;
  readonly spot: Float64Array;
  readonly camera: Float64Array;
  /** px²/Hz of a 1080-line picture as it falls on the sensor, and what each figure has of it after steadying. */
  readonly picture: Float64Array;
  readonly figures: Readonly<Record<Figure, Float64Array>>;
  /** Share of the amplitude from picture to picture that is left afterwards. */
  readonly leftAfter: Float64Array;
  /** What comes at a fixed rate: pixels rms as it falls on the sensor. */
  readonly lines: readonly { readonly name: string; readonly frequencyHz: number; readonly px: number }[];
}

/** @param spreads hold the common grid */
export function spectraOf(
  { gridHz, widthHz, source }: SpotMotion,
  turned: readonly TurnedComponent[],
  spreads: Spreads,
): ShakeSpectra {
  const empty = () => new Float64Array(gridHz.length);
  const [spot, camera, unsteadied] = [empty(), empty(), empty()];
  for (const { component, px2, moves2 } of turned) {
    if (component.lineHz !== null) continue;
    const upward = component.axis[1] === 1;
    for (let i = 0; i < gridHz.length; i++) {
      const density = component.weight[i]! / widthHz[i]!;
      const w4 = (2 * Math.PI * gridHz[i]!) ** 4;
      if (upward) spot[i]! += density * (component.zRe[i]! ** 2 + component.zIm[i]! ** 2) * w4;
      camera[i]! += density * moves2[i]! * w4;
      unsteadied[i]! += density * px2[i]!;
    }
  }
  const { before, after, figures } = spreads.get(gridHz)!;
  const of = (share: Float64Array) => unsteadied.map((density, i) => density * share[i]!);
  return {
    frequencyHz: gridHz,
    source,
    spot,
    camera,
    picture: of(before),
    figures: { jump: of(figures.jump), jelly: of(figures.jelly), blur: of(figures.blur) },
    leftAfter: after.map(Math.sqrt),
    lines: linesOf(turned),
  };
}

/** Components of one line together, strongest first. */
function linesOf(turned: readonly TurnedComponent[]): ShakeSpectra['lines'] {
  const found = new Map<string, { name: string; frequencyHz: number; square: number }>();
  for (const { component, px2, spread } of turned) {
    const { lineHz, sourceId, sourceName, weight } = component;
    if (lineHz === null) continue;
    const line = found.get(sourceId) ?? { name: sourceName, frequencyHz: lineHz, square: 0 };
    found.set(sourceId, line);
    for (let i = 0; i < px2.length; i++) line.square += weight[i]! * px2[i]! * spread.before[i]!;
  }
  return [...found.values()]
    .map(({ name, frequencyHz, square }) => ({ name, frequencyHz, px: Math.sqrt(square) }))
    .sort((a, b) => b.px - a.px);
}
