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

/** Whether a part belongs to somebody who comes along, not to whoever films: "second.handRight". */
export const isOthers = (partId: string): boolean => partId.includes('.');

/** Zone of a body part like "handRight", of whoever it is; null when it is no part of a rider. */
export const zoneOfBodyPart = (partId: string): RiderZone | null =>
  ZONE_OF_BODY_PART[partId.replace(/^.*\./, '').replace(/(Left|Right)$/, '')] ?? null;
