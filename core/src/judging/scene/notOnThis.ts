import type { CarrierScene } from '../../posing/scene/carrierScene';
import type { IntentDefinition, Need } from '../../words/shot/intent';
import type { MachineDefinition, MachineTrait } from '../../words/carrier/machine';
import { fallDeg, heightAboveGround } from '../../posing/rig/groundHit';

/** Higher than this over the ground nothing streams by. Common practice, no source. */
const NEAR_GROUND_M = 3;
/** A slope from here on is felt as one. Estimate 4 to 8 degrees. */
const SLOPE_DEG = 5;

/** Why a kind of shot makes no sense on a carrier; null where it does. */
export function notOnThis(
  { needs = [] }: Pick<IntentDefinition, 'needs'>,
  machine: MachineDefinition,
  scene: CarrierScene,
): string | null {
  for (const need of needs) {
    const lacks = LACKS[need](machine, scene);
    if (lacks) return `not on this carrier, because ${lacks}`;
  }
  return null;
}

const LACKS: Readonly<Record<Need, (machine: MachineDefinition, scene: CarrierScene) => string | null>> = {
  'a craft': ({ family }) => (family === 'beside' ? 'it stands still: take a still pass-by of who rides past' : null),
  'somebody on board': (_, { setUpRig }) => (setUpRig.body ? null : 'nobody is on board'),
  'somebody else': (_, { setUpRig }) =>
    setUpRig.parts.some((part) => part.group === 'subject')
      ? null
      : 'nobody else is framed: add a second rider, craft or vehicle on the carrier’s sheet',
  'near the ground': (machine, scene) => {
    const still = LACKS['a craft'](machine, scene);
    if (still) return still;
    const [action] = scene.ridden;
    const lowest = action ? heightAboveGround(action.rig.ground, action.rig.worldFromMachine.position) : 0;
    return lowest > NEAR_GROUND_M ? `it goes ${Math.round(lowest)} m over the ground` : null;
  },
  'a way down': (_, { ridden }) =>
    ridden.some(({ rig }) => fallDeg(rig.ground) >= SLOPE_DEG) ? null : 'it never goes downhill',
  'a cockpit': (machine, scene) => {
    const is = (trait: MachineTrait): boolean => machine.traits?.includes(trait) === true;
    if (is('steered with the feet')) return 'it is steered with the feet: there is no cockpit to look into';
    if (is('ridden standing')) return 'it is ridden standing: there is no cockpit to look into';
    // From behind the shoulders bars alone are a few per cent of a picture.
    if (is('handlebar') && !is('motor'))
      return 'it has bars and no cockpit to look into: take “Hands and trail” from chest, chin or mouth';
    return LACKS['something to steer by'](machine, scene);
  },
  'something to steer by': (_, { ridden }) =>
    (ridden[0]?.rig.holds.length ?? 0) > 0 || ridden.some(({ rig }) => rig.parts.some((part) => part.watched))
      ? null
      : 'nothing on it is held or read while it is ridden',
};
