import { sameFor } from '../../../../mathematics/caching/sameFor';
import type { PosedPart } from '../../../../words/carrier/posedPart';
import { sunDirection } from '../../../../mathematics/sun/sun';
import { exposureValue, isSunny } from '../../../../physics/light/daylight';
import { exposed, type Exposed } from '../../../../physics/light/exposure';
import { exposingOf } from '../../../../physics/light/exposing';
import { glassMirror, type GlassMirror } from '../../../../physics/light/glassMirror';
import { lampFlicker, type LampFlicker } from '../../../../physics/light/lampFlicker';
import { metered, type Metered } from '../../../../physics/light/metering';
import { sunOf, type SunAt } from '../../../../physics/light/sunCourse';
import { filmedAt } from '../../../../physics/light/clock';
import { kitWith, polariserOf } from '../../../../posing/lookup/kit';
import { ownParts } from '../../../../posing/strut/ownParts';
import { lightById } from '../../../../words/ride/lights';
import type { Moment } from '../../../../words/shot/moment';
import type { ShotScene } from '../../../scene/shotScene';
import { bladesSeen, type SeenBlades } from './bladesSeen';
import { camerasOf, type Cameras } from './sunMet';
import { sunOnWays, type SunOnWay } from './sunOnWays';

/** What light there is at one time, and what it does to the picture. */
export interface LightAt extends Exposed, Metered {
  /** At ISO 100. */
  readonly ev: number;
  /** Where the sun is; null where place or time is not known. */
  readonly sun: SunAt | null;
  /** What it does on each way that is ridden; empty where it is down or behind clouds, or nobody knows where it stands. */
  readonly ways: readonly SunOnWay[];
  /** Of the propeller or rotor that most is seen of; null where none is in the picture. */
  readonly blades: SeenBlades | null;
  /** What glass before the lens mirrors; null where there is none, or it was not looked for. */
  readonly mirror: GlassMirror | null;
  /** Null where no lamps light the way. */
  readonly flicker: LampFlicker | null;
}

/** The same for the time that a shot takes. */
export interface LightFound extends LightAt {
  /** After its beginning, half hour by half hour; empty where it takes no time. */
  readonly later: readonly (LightAt & { readonly at: string })[];
}

/** @param shadowColumns columns of the picture that own shadows are looked for in, and glass for what it mirrors; null = not at all: a search has no time for it, thousands of times over */
export function lightFound(scene: ShotScene, shadowColumns: number | null): LightFound {
  const { moment } = scene.question;
  // In a hurry the sun is looked for only where somebody asked for it.
  const asked = shadowColumns !== null || scene.ask.sun !== undefined || scene.ask.light !== undefined;
  const cameras = asked ? camerasOf(scene) : null;
  const found = (at: Moment | undefined) => lightAt(scene, at, cameras, shadowColumns);
  if (!moment) return { ...found(undefined), later: [] };
  const [begin, ...later] = filmedAt(moment);
  return { ...found(begin), later: asked ? later.map((at) => ({ at: at.at, ...found(at) })) : [] };
}

const partsAt = sameFor<ShotScene['pose'], Map<ShotScene['resolved'], readonly PosedPart[]>>(() => new Map());

/** Machine, rider, strut and camera; the same list for a scene at every hour. */
function partsOf({ carrier, resolved, pose }: ShotScene): readonly PosedPart[] {
  const known = partsAt(pose);
  let parts = known.get(resolved);
  if (!parts) known.set(resolved, (parts = [...carrier.ridden[0]!.rig.parts, ...ownParts(resolved, pose)]));
  return parts;
}

function lightAt(
  scene: ShotScene,
  moment: Moment | undefined,
  cameras: Cameras | null,
  shadowColumns: number | null,
): LightAt {
  const { ride, resolved, machine, carrier, pose, ask } = scene;
  const { setUp, mode } = resolved;
  const sun = moment ? sunOf(moment) : null;
  const ev = exposureValue(ride.lightId, sun?.heightDeg);
  const exposure = exposed(ev, exposingOf(resolved));
  // Of clouds' light no side can be told.
  const sunny = isSunny(ride.lightId) || ask.sun !== undefined;
  const action = carrier.ridden[0]!.rig;
  const parts = shadowColumns === null ? [] : partsOf(scene);
  const ways = sunny && cameras ? sunOnWays(scene, moment, { cameras, parts, shadowColumns }) : [];
  const light = lightById(ride.lightId);
  const { weightedShares, weightedMiddle } = scene.framed();
  return {
    ev,
    ...exposure,
    ...metered(
      { whole: weightedShares, middle: weightedMiddle },
      resolved.camera.metering,
      ride.lightId,
      machine.world,
      setUp,
    ),
    sun,
    ways,
    blades: bladesSeen(scene, exposure.exposureS),
    mirror:
      shadowColumns === null
        ? null
        : glassMirror(parts, pose.worldFromCamera, resolved.lens, action.ground, {
            toSun: ways[0] ? sunDirection(action.ground.ahead, ways[0].fromCourse) : null,
            lightId: ride.lightId,
            mirrorLeft: setUp.polariser ? (polariserOf(kitWith()).mirrorLeft?.value ?? 1) : 1,
          }),
    flicker: light.lamps
      ? lampFlicker(ride.mainsHz ?? 50, {
          exposureS: exposure.exposureS,
          readoutS: mode.readoutS.value,
          framesPerSecond: mode.framesPerSecond,
        })
      : null,
  };
}
