import { LONG_POLE_M } from '../../../physics/clearance/longPole';
import type { ClearReport } from '../../../physics/clearance/clearReport';
import type { Attempt, Check } from '../../check/check';
import { lighterCameras } from '../../check/cameraAttempts';
import { tetherAttempts } from '../../check/tetherAttempts';
import { shorterAttempts } from '../../check/linkAttempts';
import type { ShotScene } from '../../scene/shotScene';
import { clearFound } from './clearFound';
import { clearSituation, clearTerm } from './clearTerm';
import { NECK_MINUTES } from './findings/bodyFindings';
import { NEAR_M, STRIKES_M } from './findings/contactFindings';
import { STANDS_OVER_M } from './findings/outsideFindings';
import { SIGHT } from './findings/sightFindings';
import { judgeClear } from './judgeClear';

const TURNS_DEG = [90, 180, 270] as const;

/** Beside what turns, without a tether that is short enough. */
const wantsTether = (scene: ShotScene): boolean => {
  const { turning, tethered } = clearFound(scene);
  return (
    (turning !== null && turning.tetherM === null && tethered === null) ||
    (tethered !== null && (tethered === 'lost' || (tethered.turning?.leftM ?? 0) < 0 || tethered.lacksM > 0))
  );
};

/** Shorter, turned about its base, straight on it; a lighter camera where a neck bears it. */
const clearAttempts = (scene: ShotScene): readonly Attempt[] => {
  const { setUp } = scene.question;
  const { neck, headBurden } = clearFound(scene);
  const mends = headBurden !== null ? 'head' : neck !== null && neck.minutes < NECK_MINUTES ? 'neck' : null;
  return [
    ...shorterAttempts(scene),
    ...(mends ? lighterCameras(scene).map((attempt) => ({ ...attempt, mends })) : []),
    ...(wantsTether(scene) ? tetherAttempts(scene) : []),
    ...scene.resolved.links.flatMap(({ use, definition: { name } }, i): Attempt[] =>
      use.bendDeg === 0
        ? []
        : TURNS_DEG.map((by) => ({
            id: `turn-${i}-${by}`,
            text: `turn the ${name.toLowerCase()} by ${by}°`,
            setUp: {
              ...setUp,
              links: setUp.links.map((l, k) =>
                k === i ? { ...l, turnDeg: ((use.turnDeg + by + 180) % 360) - 180 } : l,
              ),
            },
            effort: 1.5,
            costs: 'a minute with a screwdriver',
          })),
    ),
  ];
};

export const clear: Check<ClearReport> = {
  id: 'clear',
  name: 'Clear',
  question: 'Does it strike, catch, hide or hang in somebody’s way?',
  units: ['m', '%', 'min'],
  limits: [
    { what: 'nearer than this it strikes', value: STRIKES_M, unit: 'm', source: 'estimate' },
    { what: 'nearer than this it may strike', value: NEAR_M, unit: 'm', source: 'estimate' },
    {
      what: 'over or beside the head, caught by branches',
      value: STANDS_OVER_M.head,
      unit: 'm',
      source: 'common practice',
    },
    {
      what: 'of the middle of a driver’s view hidden',
      value: SIGHT.driver.watch * 100,
      unit: '%',
      source: 'common practice',
    },
    {
      what: 'of the middle of a rider’s view hidden',
      value: SIGHT.rider.watch * 100,
      unit: '%',
      source: 'common practice',
    },
    { what: 'that a pole reaches', value: LONG_POLE_M, unit: 'm', source: 'common practice' },
    { what: 'that a neck bears it', value: NECK_MINUTES, unit: 'min', source: 'common practice' },
  ],
  waits: true,
  report: clearFound,
  judge: (found, scene) => judgeClear(found, clearSituation(scene)),
  searchTerm: clearTerm,
  mend: clearAttempts,
};
