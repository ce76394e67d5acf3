import { CARRIERS } from '../../../../catalog/index.generated';
import { magnitude, minus } from '../../../mathematics/spectra/complex';
import type { Ride } from '../../../words/carrier/machineShake';
import type { MachineDefinition } from '../../../words/carrier/machine';
import { usual } from '../../../words/sourced/ends';
import { wheelsGains } from './rideGains';

const { shake } = CARRIERS.find((c) => c.id === 'motorcycle') as MachineDefinition;
const wheels = shake.ride as Extract<Ride, { kind: 'wheels' }>;
const gains = wheelsGains(wheels, 10, usual);
const PIVOT = wheels.rear.xM + 0.5;

describe('a swing arm', () => {
  it('goes with the axle at the axle and with the frame at its pivot', () => {
    for (const f of [1, 8, 30]) {
      const arm = gains.wheel(f, 'rear', PIVOT);
      expect(magnitude(minus(arm.up, gains.frame(f, PIVOT).up))).toBeLessThan(1e-9);
      const front = gains.wheel(f, 'front', wheels.front.xM);
      expect(magnitude(gains.wheel(f, 'rear', wheels.rear.xM).up)).toBeGreaterThan(0.3 * magnitude(front.up));
    }
  });

  it('turns more than the frame where the wheel hops, and neither turns on ground that rises slowly', () => {
    expect(magnitude(gains.wheel(12, 'rear', PIVOT).pitch)).toBeGreaterThan(magnitude(gains.frame(12, PIVOT).pitch));
    for (const { up, pitch } of [gains.wheel(0.01, 'rear', PIVOT), gains.wheel(0.01, 'front', 0)]) {
      expect(magnitude(up)).toBeCloseTo(1, 2);
      expect(magnitude(pitch)).toBeLessThan(0.02);
    }
  });

  it('fork lowers turn with the frame that they slide on', () => {
    expect(gains.wheel(7, 'front', 0.6).pitch).toEqual(gains.frame(7, 0.6).pitch);
  });
});
