/** Where on the rider a spot is. */
export type RiderZone = 'hips' | 'chest' | 'head' | 'hand' | 'foot';

const ZONE_OF_BODY_PART: Readonly<Record<string, RiderZone>> = {
  pelvis: 'hips',
  abdomen: 'hips',
  ribcage: 'chest',
  neck: 'head',
  head: 'head',
  upperArm: 'chest',
  forearm: 'hand',
  hand: 'hand',
  thigh: 'hips',
  shank: 'foot',
  shoe: 'foot',
};

/** Zone of a body part like "handRight"; null when it is no part of a rider. */
export const zoneOfBodyPart = (partId: string): RiderZone | null =>
  ZONE_OF_BODY_PART[partId.replace(/(Left|Right)$/, '')] ?? null;
