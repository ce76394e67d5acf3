import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { RigSpec } from '../../words/rig/rigSpec';
import { resolveRig } from '../lookup/resolveRig';
import { poseRig } from './poseRig';

/** Ids of the parts that are swung about by hand all the time that the machine is ridden. */
export function swungParts(spec: RigSpec): readonly string[] {
  const { machine, fit } = resolveRig(spec);
  const swung = machine
    .moving(fit)
    .filter((moving) => moving.swung)
    .map(({ id }) => id);
  if (swung.length === 0) return [];
  return poseRig(spec, SET_UP_STANCE_ID).parts.flatMap(({ id, on }) =>
    on !== undefined && swung.includes(on) ? [id] : [],
  );
}

export const isSwung = (spec: RigSpec, partId: string): boolean => swungParts(spec).includes(partId);
