import { millimetres } from '../../../../mathematics/units/millimetres';
import type { GroundComesUp } from '../../../../physics/clearance/groundComesUp';
import type { Finding } from '../../../../words/check/result';
import { finding } from '../../../check/finding';

/** Lower than this anything scrapes, and lower than the second something may. Common practice, no source. Metres. */
const SCRAPES_M = 0.01;
const OVER_GROUND_M = 0.08;
/** What stays over what is met usually by less than this is met by something. Estimate 0.03 to 0.1. */
const SPARE_M = 0.05;

/** Higher than this nothing is asked: no ground that can be ridden comes up so far. Metres. */
export const OUT_OF_THE_WAY_M = 0.6;

/** Room over the ground in every stance, and over what comes up from it under way. @param overM least height of camera and strut, metres */
export function groundFinding(overM: number, comesUp: GroundComesUp | null): Finding {
  const stopM = Math.max(SCRAPES_M, comesUp?.upM ?? 0);
  const wantedM = Math.max(OVER_GROUND_M, comesUp ? comesUp.upM + SPARE_M : 0);
  const verdict = overM < stopM ? 'stop' : overM < wantedM ? 'watch' : 'good';
  const stays = `it stays ${millimetres(overM)} over the ground in every stance`;
  const by = comesUp && comesUp.upM > SCRAPES_M ? whatComes(comesUp) : null;
  return finding({
    id: 'ground',
    label: 'over the ground',
    verdict,
    value: overM,
    unit: 'm',
    limit: [wantedM, null],
    because:
      overM < 0
        ? `there is no room for it: it would reach ${millimetres(-overM)} into the ground`
        : verdict === 'good' || !by
          ? stays
          : `${stays}; under way the ground comes up by about ${millimetres(comesUp!.upM)} (estimate): ${by}`,
    mend: verdict === 'good' ? null : 'higher up, a shorter strut, or one that leans another way',
  });
}

const whatComes = ({ ridesM, standsOut }: GroundComesUp): string =>
  [
    ...(standsOut ? [`${standsOut.name} of ${millimetres(standsOut.heightM)}`] : []),
    `bumps and springs ${millimetres(ridesM)}`,
  ].join(', ');
