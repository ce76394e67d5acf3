import { shakeOf, type ShakePx } from './shakeOf';
import type { ShakeQuestion } from './shakeScene';
import { unsteadiness } from '../figures/figures';

interface AtSpeed extends ShakePx {
  readonly speedMps: number;
  readonly unsteadiness: number;
}

/** The same shot at other speeds, from a third of its own to twice it (as far as 120 m/s). Empty where nothing moves. */
export function speedSweep(question: ShakeQuestion, steps = 24): readonly AtSpeed[] {
  const { speedMps } = question.ride;
  if (!(speedMps > 0)) return [];
  return Array.from({ length: steps }, (_, i) => {
    const speed = Math.min(120, speedMps * (1 / 3) * 6 ** (i / (steps - 1)));
    const shake = shakeOf({ ...question, ride: { ...question.ride, speedMps: speed } }, { coarse: true });
    const { jump, jelly, blur } = shake;
    return { speedMps: speed, jump, jelly, blur, unsteadiness: unsteadiness(shake) };
  });
}

/** The speed that is worse than those on both sides of it by a tenth: a resonance. Null where there is none. */
export function worstSpeed(sweep: readonly AtSpeed[]): AtSpeed | null {
  let worst: AtSpeed | null = null;
  for (let i = 1; i + 1 < sweep.length; i++) {
    const here = sweep[i]!;
    const least = (from: number, to: number) => Math.min(...sweep.slice(from, to).map((s) => s.unsteadiness));
    const stands = here.unsteadiness > 1.1 * least(0, i) && here.unsteadiness > 1.1 * least(i + 1, sweep.length);
    if (stands && here.unsteadiness > (worst?.unsteadiness ?? 0)) worst = here;
  }
  return worst;
}
