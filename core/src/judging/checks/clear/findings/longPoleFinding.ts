import { LONG_POLE_M, type LongPole } from '../../../../physics/clearance/longPole';
import type { Finding } from '../../../../words/check/result';
import { finding } from '../../../check/finding';

/** A pole of metres is for closed ground, and even there it finds wires, branches and people first. */
export function longPoleFinding({ lengthM, controlled }: LongPole): Finding {
  const pole = `a pole of ${lengthM.toFixed(1)} m`;
  return finding({
    id: 'long-pole',
    label: 'reach of the pole',
    verdict: controlled ? 'watch' : 'stop',
    value: lengthM,
    unit: 'm',
    limit: [null, LONG_POLE_M],
    because: controlled
      ? `${pole}: look for power lines, branches and people first, and swing it for a minute at a time`
      : `${pole} sweeps where others are, and finds power lines and branches: for private or closed ground only`,
    mend: `no pole beyond ${LONG_POLE_M.toFixed(1)} m, or private or closed ground`,
  });
}
