import { estimated } from '../../../words/sourced/estimated';
import type { Ride } from '../../../words/carrier/machineShake';
import { asking } from '../../../../testing/asking';
import { shotAt } from '../../../../outcomes/ask';
import { resolveSetUp } from '../../../posing/strut/resolveSetUp';
import { slopeKept } from '../../shaking/paths/rideGains';
import { crestAgainstHullM, waterOn } from './dips';

const waves = { heightM: estimated(0.8, 0.5, 1.3), periodS: estimated(3.2, 2.5, 4) };
/** A hull so stiffly carried by the water that it follows at once: nothing but its length counts. */
const hull = (lengthM: number): Extract<Ride, { kind: 'float' }> => ({
  kind: 'float',
  lengthM,
  heaveHz: estimated(400, 300, 500),
  dampingRatio: estimated(0.5, 0.3, 0.8),
  slapG: estimated(0.1, 0.05, 0.2),
});

describe('crests against a hull', () => {
  it('a hull much shorter than the waves rides on them; on one much longer they come up by half their height (limits)', () => {
    expect(crestAgainstHullM(hull(0.05), waves, 0, 0)).toBeLessThan(0.002);
    expect(crestAgainstHullM(hull(2000), waves, 0, 0)).toBeCloseTo(0.4, 2);
  });

  it('lie between the two for a kayak, more at its bow than amidships, as much at both ends when it lies still', () => {
    const at = (xM: number) => crestAgainstHullM(hull(4.6), waves, 0, xM);
    expect(at(0)).toBeGreaterThan(0.005);
    expect(at(2.2)).toBeGreaterThan(at(0));
    expect(at(2.2)).toBeLessThan(0.4);
    expect(at(-2.2)).toBeCloseTo(at(2.2), 6);
  });

  it('the slope that a hull keeps of a wave is that of the straight line fitted to it along the hull (least squares by sums)', () => {
    for (const x of [0.001, 0.5, 1.4, 3, 6]) {
      // sin(k·s) along a hull of length 2 with k = x: its middle slope is k.
      const steps = 20_000;
      let [sum, of] = [0, 0];
      for (let i = 0; i < steps; i++) {
        const s = -1 + (2 * (i + 0.5)) / steps;
        sum += s * Math.sin(x * s);
        of += s * s;
      }
      expect(slopeKept(x)).toBeCloseTo(sum / of / x, 5);
    }
  });
});

describe('water on what is mounted', () => {
  const on = (machineId: string, spotId: string, groundId: string) => {
    const { rig, ride } = asking(machineId, 'clear-ahead').carriers[0]!;
    const { setUp } = shotAt(machineId, spotId, 'clear-ahead');
    return waterOn(rig, resolveSetUp(rig, setUp), { ...ride, groundId });
  };

  it('there is none on land', () => expect(on('mountain-bike', 'handlebar', 'rooty-trail')).toBeNull());

  it('long swell carries a kayak along: its bow stays as dry as on ripples, where a short sea of less height dips it', () => {
    const [swell, ripples, short] = ['swell', 'ripples', 'short-sea'].map((id) => on('kayak', 'bow-deck', id)!);
    expect(Math.abs(swell!.clearM - ripples!.clearM)).toBeLessThan(0.03);
    expect(short!.wetShare).toBeGreaterThan(0);
    expect(swell!.wetShare).toBe(0);
  });

  it('a board goes under with all that is on it, in breaking waves the harder the higher they are', () => {
    const [low, high] = ['ripples', 'swell'].map((id) => on('surfboard', 'head-front', id)!);
    expect([low!.goesUnder, low!.wetShare]).toEqual([true, 1]);
    // √(gH/0.78): four times as fast for waves of sixteen times the height (McCowan, from memory).
    expect(high!.waterMps).toBeGreaterThan(low!.waterMps + 2);
  });
});
