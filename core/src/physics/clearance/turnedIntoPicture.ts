import { compose } from '../../mathematics/geometry/pose';
import { rayGrid, rowsFor } from '../../mathematics/lens/rayGrid';
import { poseRig } from '../../posing/rig/poseRig';
import { poseStrut } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { PosedPart } from '../../words/carrier/posedPart';
import type { RigSpec } from '../../words/rig/rigSpec';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { castFrame } from '../framing/castFrame';
import type { Sweep } from '../../posing/rig/sweep';
import { sweepsOf } from './sweeps';

/** A part that a turn of bars, a wheel or a boom brings across the picture. */
export interface TurnedIn {
  readonly partName: string;
  /** What turns, and how it is said of it: the handlebar and fork turn. */
  readonly by: string;
  /** From how far on it shows, either way, degrees; coarse, as the turn is gone through in steps. */
  readonly fromDeg: number;
  /** Most that it takes of the picture on the way. */
  readonly share: number;
}

const COLUMNS = 48;
/** What takes less of the picture than this is not noticed; a cable takes little and crosses all of it. Estimate 0.1 to 0.5 %. */
const NOTICED = 0.002;
/** Every so manieth step of a sweep is looked at. */
const EVERY = 2;

/**
 * What comes into a picture, or grows in it, when something of the machine is turned from straight on: bars with their cables, a steering wheel, a boom.
 * Not where the lens turns with it, and without the rider's arms, which the stances show. Most of the picture first.
 */
export function turnedIntoPicture(spec: RigSpec, resolved: ResolvedSetUp, actionStanceId: string): readonly TurnedIn[] {
  const rig = poseRig(spec, actionStanceId);
  const { partId } = resolved.placed.spot;
  const carrier = rig.byId.get(partId);
  const turns = sweepsOf(spec, rig, partId).filter(
    ({ turns, wholeTurn, onlyAtRest, own, gone, moves }) =>
      turns && !wholeTurn && !onlyAtRest && own === null && gone && !(carrier && moves(carrier)),
  );
  if (turns.length === 0) return [];
  const { worldFromCamera } = poseStrut(resolved, poseRig(spec, SET_UP_STANCE_ID), rig);
  const { lens } = resolved;
  const grid = rayGrid(lens, COLUMNS, rowsFor(lens, COLUMNS));
  const seen = rig.parts.filter((part) => !part.seeThrough && part.group !== 'subject');
  const sharesOf = (parts: readonly PosedPart[]): Float64Array => {
    const shares = new Float64Array(parts.length);
    const { part } = castFrame(parts, worldFromCamera, grid);
    for (const at of part) if (at >= 0) shares[at]! += 1 / part.length;
    return shares;
  };
  const straight = sharesOf(seen);
  // Cables lead to what is turned farthest: bars, not a suspension.
  const farthest = turns.reduce((a, b) => (rangeOf(b) > rangeOf(a) ? b : a));
  const found = turns
    .flatMap((sweep) => {
      const { name, verb, moves, steps, gone } = sweep;
      const turning = seen.flatMap((part, i) => (part.group === 'machine' && moves(part) ? [i] : []));
      const found = new Map<number, TurnedIn>();
      // A cable between bars and frame that is seen already swings across.
      for (const [i, { bends, group, name: partName }] of seen.entries())
        if (sweep === farthest && bends && group === 'machine' && straight[i]! >= NOTICED)
          found.set(i, { partName, by: `${name} ${verb}`, fromDeg: 0, share: straight[i]! });
      for (const [n, step] of steps.entries()) {
        if (n % EVERY !== 0 || turning.length === 0) continue;
        const turned = seen.map((part, i) =>
          turning.includes(i) ? { ...part, worldFromPart: compose(step(part), part.worldFromPart) } : part,
        );
        const shares = sharesOf(turned);
        for (const i of turning) {
          if (shares[i]! - straight[i]! < NOTICED) continue;
          const known = found.get(i);
          found.set(i, {
            partName: seen[i]!.name,
            by: `${name} ${verb}`,
            fromDeg: Math.min(known?.fromDeg ?? Infinity, Math.abs(gone![n]!)),
            share: Math.max(known?.share ?? 0, shares[i]!),
          });
        }
      }
      return [...found.values()];
    })
    .sort((a, b) => b.share - a.share);
  // One part that two turns bring in is told by the one that brings more of it.
  return found.filter(({ partName }, i) => found.findIndex((other) => other.partName === partName) === i);
}

const rangeOf = ({ gone }: Pick<Sweep, 'gone'>): number => Math.max(...gone!) - Math.min(...gone!);
