import { holdIn, type HoldReport } from '../../../physics/holding/holdReport';
import { loadEnvelope, type LoadEnvelope } from '../../../physics/holding/loads/loads';
import { usualVenue } from '../../../words/ride/venue';
import type { ShotScene } from '../../scene/shotScene';
import type { RuleSituation } from './ruleApplies';

/** What a strut is shaken and thrown by. */
export interface Thrown {
  readonly shakeRmsMS2: number;
  readonly shakeHz: number;
  readonly landingG: number;
  /** How long it is ridden like that, seconds; none = an hour. */
  readonly riddenS?: number;
}

export const thrownIn = ({ shaken, question: { use } }: ShotScene): Thrown => {
  const { shake, landing } = shaken();
  return {
    shakeRmsMS2: shake.accelerationMS2,
    shakeHz: shake.accelerationHz,
    landingG: landing?.peakG ?? 0,
    ...(use?.hours ? { riddenS: use.hours * 3600 } : {}),
  };
};

/** What the ride does to the strut, and what its rules are held against. */
export function heldIn({ question, ride, resolved, machine, zone }: ShotScene, thrown: Thrown): Held {
  const { rig, actionStanceId } = question;
  const envelope = loadEnvelope(rig, resolved, ride, actionStanceId, thrown);
  return {
    envelope,
    situation: {
      family: machine.family,
      traits: machine.traits ?? [],
      material: resolved.placed.spot.surface.material,
      worn: zone === null ? null : zone === 'head' ? 'head' : 'body',
      sheltered: envelope.sheltered,
      venueId: ride.venueId ?? usualVenue(machine),
      baseKind: resolved.base.kind,
      links: resolved.links.map((l) => l.definition.kind),
    },
  };
}

interface Held {
  readonly envelope: LoadEnvelope;
  readonly situation: RuleSituation;
}

/** How a strut holds, and what its rules are held against. */
export function holdScene(scene: ShotScene, thrown: Thrown): { readonly hold: HoldReport } & Pick<Held, 'situation'> {
  const { envelope, situation } = heldIn(scene, thrown);
  const { question, resolved, pose, ride } = scene;
  return { hold: holdIn(question.rig, resolved, pose, envelope, ride), situation };
}
