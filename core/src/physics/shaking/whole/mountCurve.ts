import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import { poseRig } from '../../../posing/rig/poseRig';
import { poseStrut } from '../../../posing/strut/kinematics';
import { resolveSetUp } from '../../../posing/strut/resolveSetUp';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import { magnitude } from '../../../mathematics/spectra/complex';
import { USUAL_ENDS } from '../ends/rangeEnds';
import { SHAKE_BAND_HZ } from '../../../words/ride/shakeBand';
import type { ShakeQuestion } from './shakeScene';
import { frequencyGrid } from '../../../mathematics/spectra/frequencyGrid';
import { mountModel, mountModes } from '../mount/mountModel';

/** A strut as it might be: factors on what it is. */
export interface WhatIf {
  /** Length of its longest arm or pole. */
  readonly length: number;
  /** Weight of the camera. */
  readonly weight: number;
  /** Damping of everything that gives. */
  readonly damping: number;
}
export const AS_IT_IS: WhatIf = { length: 1, weight: 1, damping: 1 };

interface MountCurve {
  readonly frequencyHz: Float64Array;
  /** Movement of the camera for one of its base, up and down and sideways. */
  readonly nod: Float64Array;
  readonly sideways: Float64Array;
  /** Turn of the camera for a metre of its base, rad/m, in the softer direction. */
  readonly turnPerM: Float64Array;
  readonly slowestHz: number;
  readonly dampingRatio: number;
}

/** Index of the link whose length matters: the longest that can be of different lengths; null where there is none. */
function lengthLink({ links }: Pick<ResolvedSetUp, 'links'>): number | null {
  const usable = links
    .map((l, i) => ({ i, ...l }))
    .filter(({ definition: d }) => d.kind !== 'damper' && d.kind !== 'pad');
  return usable.length === 0 ? null : usable.reduce((a, b) => (b.use.lengthM > a.use.lengthM ? b : a)).i;
}

/** What a strut passes on over the frequencies. @throws RangeError for an id that the catalogue lacks */
export function mountCurve({ rig, setUp, actionStanceId }: ShakeQuestion, whatIf: WhatIf = AS_IT_IS): MountCurve {
  const plain = resolveSetUp(rig, setUp);
  const index = lengthLink(plain);
  const links = setUp.links.map((use, i) => (i === index ? { ...use, lengthM: use.lengthM * whatIf.length } : use));
  const long = resolveSetUp(rig, { ...setUp, links });
  const { massKg } = long.camera;
  const resolved = { ...long, camera: { ...long.camera, massKg: { ...massKg, value: massKg.value * whatIf.weight } } };
  const pose = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), poseRig(rig, actionStanceId));
  const mount = mountModel(resolved, pose, {
    ...USUAL_ENDS,
    damping: (figure) => figure.value * whatIf.damping,
  });
  const frequencyHz = frequencyGrid(...SHAKE_BAND_HZ, 220);
  const over = (side: 'nod' | 'sideways', of: 'follows' | 'turnPerM') =>
    frequencyHz.map((f) => magnitude(mount[side].gain(f)[of]));
  const [slowest] = mountModes(mount);
  return {
    frequencyHz,
    nod: over('nod', 'follows'),
    sideways: over('sideways', 'follows'),
    turnPerM: over(slowest!.direction, 'turnPerM'),
    slowestHz: slowest!.frequencyHz,
    dampingRatio: slowest!.dampingRatio,
  };
}
