import { keepLatest } from '../../mathematics/caching/keepLatest';
import { keyOf } from '../../mathematics/caching/keyOf';
import { SET_UP_STANCE_ID, type Stance } from '../../words/carrier/stance';
import { pedalSweeps } from '../rig/pedalling';
import { poseRig, type PosedRig } from '../rig/poseRig';
import type { Sweep } from '../rig/sweep';
import { swungParts } from '../rig/swung';
import { resolveRig } from '../lookup/resolveRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { PosedPart } from '../../words/carrier/posedPart';

/** A carrier posed in all its stances, for many cameras. */
export interface CarrierScene {
  readonly setUpRig: PosedRig;
  readonly working: readonly string[];
  /** Ids of parts that are swung about by hand. */
  readonly swung: readonly string[];
  /** Whether whoever films is on board of what moves. */
  readonly aboard: boolean;
  /** How legs go round with the cranks, by the stances in which somebody pedals. */
  readonly legs: ReadonlyMap<string, Sweep>;
  /** Stances that are ridden; the action first. */
  readonly ridden: readonly PosedStance[];
}

export interface PosedStance {
  readonly stance: Stance;
  readonly rig: PosedRig;
  /** What a lens sees: glass left out. */
  readonly seen: readonly PosedPart[];
}

const latest = keepLatest<CarrierScene>(6);
const sceneKey = keyOf((rig: RigSpec) => ({ ...rig, ownKit: undefined, ownSpots: undefined }));

export const carrierScene = (rig: RigSpec, actionStanceId: string): CarrierScene =>
  latest(`${actionStanceId} ${sceneKey(rig)}`, () => {
    const { machine } = resolveRig(rig);
    const first = (s: Stance) => (s.id === actionStanceId ? 0 : 1);
    // An action stance of no share is looked at all the same.
    return {
      setUpRig: poseRig(rig, SET_UP_STANCE_ID),
      working: machine.working,
      swung: swungParts(rig),
      aboard: machine.passing === undefined,
      legs: pedalSweeps(rig),
      ridden: machine.stances
        .filter((s) => s.share > 0 || s.id === actionStanceId)
        .sort((a, b) => first(a) - first(b))
        .map((stance) => {
          const posed = poseRig(rig, stance.id);
          return { stance, rig: posed, seen: posed.parts.filter((part) => !part.seeThrough) };
        }),
    };
  });
