import { resolveRig } from '../../../posing/lookup/resolveRig';
import { RPM_RANGE, SPEED_LIMIT_MPS, type RideConditions } from '../../../words/ride/rideConditions';
import { unsteadiness } from '../figures/figures';
import { shakeOf, type ShakePx } from './shakeOf';
import type { ShakeQuestion } from './shakeScene';

/** The same shot at another speed, or with the engine turning otherwise. */
export interface Swept extends ShakePx {
  /** Metres a second, or turns a minute. */
  readonly at: number;
  readonly unsteadiness: number;
}

const STEPS = 24;

/** Evenly by their ratio. */
const between = (low: number, high: number): readonly number[] =>
  Array.from({ length: STEPS }, (_, i) => low * (high / low) ** (i / (STEPS - 1)));

const swept = (
  question: ShakeQuestion,
  rates: readonly number[],
  ridden: (at: number) => Partial<RideConditions>,
): readonly Swept[] =>
  rates.map((at) => {
    const shake = shakeOf({ ...question, ride: { ...question.ride, ...ridden(at) } }, { coarse: true });
    const { jump, jelly, blur } = shake;
    return { at, jump, jelly, blur, unsteadiness: unsteadiness(shake) };
  });

/** The same shot at other speeds, from a third of its own to twice it. Empty where nothing moves. */
export function speedSweep(question: ShakeQuestion): readonly Swept[] {
  const { speedMps } = question.ride;
  if (!(speedMps > 0)) return [];
  const rates = between(speedMps / 3, 2 * speedMps).map((speed) => Math.min(SPEED_LIMIT_MPS, speed));
  return swept(question, rates, (at) => ({ speedMps: at }));
}

/** Turns a minute of a machine's engine, propeller or rotors as it is ridden; null where nothing turns by itself. */
export function engineRpm({ rig, ride }: Pick<ShakeQuestion, 'rig' | 'ride'>): number | null {
  const line = resolveRig(rig).machine.shake.lines.find(({ every }) => every.kind === 'turn');
  return line?.every.kind === 'turn' ? (ride.rpm ?? line.every.rpm.value) : null;
}

/** The same shot with the engine turning from half as fast to twice as fast. Empty where there is none. */
export function engineSweep(question: ShakeQuestion): readonly Swept[] {
  const rpm = engineRpm(question);
  if (rpm === null) return [];
  const { low, high } = RPM_RANGE;
  return swept(question, between(Math.max(low, rpm / 2), Math.min(high, 2 * rpm)), (at) => ({ rpm: at }));
}

/** What is worse than those on both sides of it by a tenth: a resonance. Null where there is none. */
export function worstOf(sweep: readonly Swept[]): Swept | null {
  let worst: Swept | null = null;
  for (let i = 1; i + 1 < sweep.length; i++) {
    const here = sweep[i]!;
    const least = (from: number, to: number) => Math.min(...sweep.slice(from, to).map((s) => s.unsteadiness));
    const stands = here.unsteadiness > 1.1 * least(0, i) && here.unsteadiness > 1.1 * least(i + 1, sweep.length);
    if (stands && here.unsteadiness > (worst?.unsteadiness ?? 0)) worst = here;
  }
  return worst;
}
