import { holdIn, type HoldReport } from '../../../physics/holding/holdReport';
import { loadEnvelope } from '../../../physics/holding/loads/loads';
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

/** How a strut holds, and what its rules are held against. */
export function holdScene(
  { question, ride, resolved, pose, machine, zone }: ShotScene,
  thrown: Thrown,
): { readonly hold: HoldReport; readonly situation: RuleSituation } {
  const { rig, actionStanceId } = question;
  const envelope = loadEnvelope(rig, resolved, ride, actionStanceId, thrown);
  return {
    hold: holdIn(rig, resolved, pose, envelope, ride),
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
