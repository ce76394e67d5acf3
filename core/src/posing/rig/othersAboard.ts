import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { RigSpec } from '../../words/rig/rigSpec';
import { poseRig } from './poseRig';

/** How many usually come along besides whoever films, whether they do now or not. */
export const othersAboard = (rig: RigSpec): number =>
  poseRig({ ...rig, alone: false }, SET_UP_STANCE_ID).parts.filter(({ id }) => /\.head$/.test(id)).length;
