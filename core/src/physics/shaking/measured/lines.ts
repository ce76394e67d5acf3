import { resonances } from '../whole/cause';
import type { RigSpec } from '../../../words/rig/rigSpec';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import { lineFrequencyHz } from '../paths/drives';
import { groundById } from '../../../posing/lookup/grounds';
import type { RideConditions } from '../../../words/ride/rideConditions';
import type { Shake } from '../whole/shakeOf';
import type { ShakeScene } from '../whole/shakeScene';
import { median } from './logColumns';

/** A frequency that stands out of its surroundings. */
export interface DominantLine {
  readonly frequencyHz: number;
  /** What stands above the surroundings, unit rms. */
  readonly rms: number;
  /** Share of the whole signal's variance. */
  readonly share: number;
  /** Known source or resonance at that frequency; null = nothing known. */
  readonly name: string | null;
}

interface KnownFrequency {
  readonly frequencyHz: number;
  readonly name: string;
  /** As near as this counts, as a share of the frequency. */
  readonly within: number;
}

/** A peak must stand so many times above the median around it. */
const STANDS_OUT = 5;
/** Half width of what counts as around, as a ratio of frequencies. */
const AROUND = 1.6;

/** Peaks of a density that stand out, strongest first. @param aboveHz slower ones are camera movement */
export function dominantLines(
  frequencyHz: Float64Array,
  density: Float64Array,
  known: readonly KnownFrequency[],
  aboveHz = 1.5,
  most = 6,
): readonly DominantLine[] {
  const stepHz = frequencyHz[1]! - frequencyHz[0]!;
  const total = density.reduce((sum, d) => sum + d * stepHz, 0);
  const found: DominantLine[] = [];
  for (let k = 2; k + 2 < density.length; k++) {
    const f = frequencyHz[k]!;
    const d = density[k]!;
    if (f < aboveHz || [k - 2, k - 1, k + 1, k + 2].some((i) => density[i]! > d)) continue;
    const [low, high] = [Math.max(1, Math.floor(k / AROUND)), Math.min(density.length - 1, Math.ceil(k * AROUND))];
    const floor = median(Array.from(density.subarray(low, high + 1)));
    if (d < STANDS_OUT * floor) continue;
    let power = 0;
    for (const step of [-1, 1]) {
      for (let i = step < 0 ? k : k + 1; i > low && i < high && density[i]! > 2 * floor; i += step) {
        power += (density[i]! - floor) * stepHz;
      }
    }
    const peak = parabolaHz(frequencyHz, density, k);
    const near = known
      .filter((n) => Math.abs(n.frequencyHz / peak - 1) < n.within)
      .sort((a, b) => Math.abs(a.frequencyHz / peak - 1) / a.within - Math.abs(b.frequencyHz / peak - 1) / b.within)[0];
    found.push({
      frequencyHz: peak,
      rms: Math.sqrt(power),
      share: total > 0 ? power / total : 0,
      name: near?.name ?? null,
    });
  }
  // Shoulders of a stronger peak are not lines of their own.
  return found
    .sort((a, b) => b.rms - a.rms)
    .filter((line, i, all) => !all.slice(0, i).some((s) => Math.abs(s.frequencyHz / line.frequencyHz - 1) < 0.08))
    .slice(0, most);
}

/** Top of the parabola through the logarithms of three neighbours. */
function parabolaHz(frequencyHz: Float64Array, density: Float64Array, k: number): number {
  const [a, b, c] = [k - 1, k, k + 1].map((i) => Math.log(Math.max(density[i]!, 1e-300))) as [number, number, number];
  const bend = a - 2 * b + c;
  const off = bend < 0 ? (a - c) / (2 * bend) : 0;
  return frequencyHz[k]! + Math.max(-0.5, Math.min(0.5, off)) * (frequencyHz[1]! - frequencyHz[0]!);
}

/** Everything that this carrier, ride and strut are known to do at a frequency of its own. */
export function knownFrequencies(
  rig: RigSpec,
  ride: RideConditions,
  scene: ShakeScene,
  shake: Pick<Shake, 'mount'>,
): readonly KnownFrequency[] {
  const { shake: machine } = resolveRig(rig).machine;
  const { surface } = groundById(ride.groundId);
  const lines = machine.lines.map((line) => ({
    frequencyHz: lineFrequencyHz(line, ride),
    name: line.name,
    within: 0.06,
  }));
  const ripples =
    surface.kind === 'rough' && surface.ripples
      ? [{ frequencyHz: ride.speedMps / surface.ripples.lengthM.value, name: surface.ripples.name, within: 0.12 }]
      : [];
  // What the logger is fixed to answers; how a camera would swing on its strut is not in its log.
  const { modes } = { modes: new Set(scene.motion.stages.map((s) => s.name)) };
  const answers = resonances(rig, scene, shake)
    .filter(
      ({ words }) => [...modes].some((name) => words.startsWith(name)) || /springs swing|wheel hops|heaves/.test(words),
    )
    .map(({ frequencyHz, words }) => ({ frequencyHz, name: words, within: 0.15 }));
  return [...lines, ...ripples, ...answers];
}
