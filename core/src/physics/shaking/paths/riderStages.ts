import type { RiderSupport, ShakeStage, Sway } from '../../../words/carrier/machineShake';
import { estimated } from '../../../words/sourced/estimated';
import type { RiderZone } from '../../../posing/rig/riderZone';

/** Bent legs that carry a standing rider. Estimate. */
const LEGS: ShakeStage = {
  name: 'the legs',
  frequencyHz: estimated(2.5, 1.6, 4),
  dampingRatio: estimated(0.3, 0.2, 0.5),
  turnPerM: estimated(0.25, 0.1, 0.6),
  turnShare: estimated(0.1, 0.03, 0.3),
};
/** Spine and belly between hips and chest. Estimate; seated people answer most at 4 to 6 Hz (ISO 5982, from memory). */
const TORSO: ShakeStage = {
  name: 'the back',
  frequencyHz: estimated(7, 5, 10),
  dampingRatio: estimated(0.4, 0.3, 0.6),
  turnPerM: estimated(0.7, 0.3, 1.5),
  turnShare: estimated(0.6, 0.4, 0.9),
};
/** Neck between chest and head. Estimate. */
const NECK: ShakeStage = {
  name: 'the neck',
  frequencyHz: estimated(5, 3.5, 8),
  dampingRatio: estimated(0.6, 0.4, 0.9),
  turnPerM: estimated(0.4, 0.15, 1),
  turnShare: estimated(0.3, 0.15, 0.6),
};
/** A helmet on its pads. Estimate. */
export const HELMET_PADS: ShakeStage = {
  name: 'the helmet on its pads',
  frequencyHz: estimated(16, 9, 25),
  dampingRatio: estimated(0.25, 0.15, 0.4),
  turnPerM: estimated(2, 0.8, 4),
};
/** Hand and forearm that hold on to a grip: below about 10 Hz they go along, above it they hold back (hand-arm models, e.g. ISO 10068, from memory). */
const HAND: ShakeStage = {
  name: 'hand and arm',
  frequencyHz: estimated(12, 7, 20),
  dampingRatio: estimated(0.4, 0.25, 0.6),
  turnPerM: estimated(0.5, 0.2, 1.2),
};
/** A foot in its boot on a pedal, a peg or a deck: the ankle gives. Estimate. */
const FOOT: ShakeStage = {
  name: 'foot and boot',
  frequencyHz: estimated(9, 6, 15),
  dampingRatio: estimated(0.45, 0.3, 0.7),
  turnPerM: estimated(0.35, 0.12, 0.9),
  turnShare: estimated(0.5, 0.25, 0.8),
};

/** Everything soft between the machine and a zone of its rider. */
export function riderStages(zone: RiderZone, support: RiderSupport, stanceId: string): readonly ShakeStage[] {
  if (zone === 'hand') return [HAND];
  if (zone === 'foot') return [FOOT];
  const carrying = isSeated(support, stanceId) ? support.seat : LEGS;
  if (zone === 'hips') return [carrying];
  return zone === 'chest' ? [carrying, TORSO] : [carrying, TORSO, NECK];
}

export const isSeated = ({ seatedIn }: RiderSupport, stanceId: string): boolean =>
  seatedIn === 'all' || seatedIn.includes(stanceId);

/** How a rider moves by themselves: working, balancing, looking about. Estimates. */
export const OWN_MOVEMENT: Readonly<Record<RiderZone, Sway>> = {
  hips: { rmsDeg: estimated(0.35, 0.15, 0.8), cornerHz: 1.5 },
  chest: { rmsDeg: estimated(0.4, 0.2, 0.9), cornerHz: 1.5 },
  head: { rmsDeg: estimated(0.25, 0.12, 0.6), cornerHz: 1.5 },
  hand: { rmsDeg: estimated(0.8, 0.3, 2), cornerHz: 2 },
  foot: { rmsDeg: estimated(0.9, 0.4, 2.2), cornerHz: 2 },
};

/** Somebody who only sits there moves so much less by themselves. Estimate 0.2 to 0.6. */
export const SITTING_SHARE = 0.35;
