import { holdIn, type HeldInterface } from '../../../physics/holding/holdReport';
import { loadEnvelope } from '../../../physics/holding/loads/loads';
import { usualVenue } from '../../../words/ride/venue';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import type { Rejection } from '../candidate';
import type { CandidateScene, SearchCheck } from '../searchCheck';
import { holdCheck, rulesFor } from './holdCheck';

/** Shaken by this much at least, whatever the ground: a place is not given up for what it may not meet. m/s² rms; estimate. */
const LEAST_SHAKEN_MS2 = 2;

/** Every interface at its worst moment, and rules that stop: what would come off is not taken. */
export const holdSearch: SearchCheck = {
  check: 'hold',
  cost: 'dear',
  atPlace: (scene) => {
    const held = holding({ ...scene, shaken: { accelerationMS2: LEAST_SHAKEN_MS2, landingG: 0 } });
    return 'because' in held ? held : null;
  },
  judge(scene) {
    const held = holding(scene);
    if ('because' in held) return { stop: held, terms: [] };
    const { margin, name } = held;
    return {
      stop: null,
      terms: [
        {
          id: 'holds',
          value: Math.max(0, 1 - 1 / margin),
          text: `${name} bears ${margin >= 100 ? 'far more than' : `${margin.toFixed(1)} ×`} the worst load`,
        },
      ],
    };
  },
};

function holding({
  carrier: { rig, ride, actionStanceId },
  resolved,
  pose,
  zone,
  shaken,
}: Omit<CandidateScene, 'framed' | 'sightlines'>): Rejection | HeldInterface {
  const { family, ...machine } = resolveRig(rig).machine;
  const { accelerationMS2 = 0, landingG = 0 } = shaken ?? {};
  const envelope = loadEnvelope(rig, resolved, ride, actionStanceId, { shakeRmsMS2: accelerationMS2, landingG });
  const situation = {
    family,
    material: resolved.placed.spot.surface.material,
    worn: zone === null ? null : zone === 'head' ? ('head' as const) : ('body' as const),
    sheltered: envelope.sheltered,
    venueId: ride.venueId ?? usualVenue({ ...machine, family }),
    baseKind: resolved.base.kind,
    links: resolved.links.map((l) => l.definition.kind),
  };
  const ruled = rulesFor(situation).find((rule) => rule.kind === 'stop');
  if (ruled) return { check: 'hold', because: ruled.text, mend: null };
  const report = holdIn(rig, resolved, pose, envelope, ride);
  const check = holdCheck(report, situation, null);
  if (check.verdict !== 'stop') return report.weakest;
  const [finding] = check.findings;
  return {
    check: 'hold',
    because: `${finding!.label} does not hold with ${armWords(resolved)}`,
    mend: resolved.links.length > 0 ? 'a shorter arm, or another base' : 'a lighter camera, or another base',
  };
}

const armWords = ({ links, camera }: CandidateScene['resolved']): string =>
  links.length > 0
    ? `the ${links.map((l) => l.definition.name.toLowerCase()).join(' and ')} of ${Math.round(links.reduce((sum, l) => sum + l.use.lengthM, 0) * 100)} cm`
    : `the ${camera.name.toLowerCase()} straight on it`;
