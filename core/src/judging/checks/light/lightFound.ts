import { AHEAD, dot } from '../../../mathematics/geometry/vec3';
import { rotate } from '../../../mathematics/geometry/rotation';
import { toDeg } from '../../../mathematics/units/angle';
import { sunDirection, type SunPlace } from '../../../mathematics/sun/sun';
import { bladeSlices, type BladeSlices } from '../../../physics/light/bladeSlices';
import { exposureValue, isSunny } from '../../../physics/light/daylight';
import { isoNeeded } from '../../../physics/light/exposure';
import { groundOffStops } from '../../../physics/light/metering';
import { ownShadow, type OwnShadow } from '../../../physics/light/ownShadow';
import { sunFromCourse, sunOf, type SunAt } from '../../../physics/light/sunCourse';
import { exposureOf } from '../../../physics/shaking/whole/shakeScene';
import { ownParts } from '../../../posing/strut/ownParts';
import type { ShotScene } from '../../scene/shotScene';
import { sunMet, type SunMet } from './sunMet';

/** From where what is looked at gets its light. */
export type Lit = 'front' | 'side' | 'behind';
/** Up to so far from where the lens looks the sun makes a back light, and so far from straight behind it a front light. Common practice, no source. */
export const BACK_LIT_DEG = 60;

/** What light there is, and what it does to the picture. */
export interface LightFound {
  /** At ISO 100. */
  readonly ev: number;
  readonly exposureS: number;
  /** Gain that it takes, ISO; below 100 there is too much light. */
  readonly iso: number;
  /** Stops by which the automatic exposure puts the ground off. */
  readonly groundOffStops: number;
  /** Where the sun is at that moment; null where place or time is not known. */
  readonly sun: SunAt | null;
  /** As the rider sees it; null where it is down, or the way is not known. */
  readonly fromCourse: SunPlace | null;
  readonly met: SunMet | null;
  readonly lit: Lit | null;
  /** From where the lens looks to the sun, degrees. */
  readonly toSunDeg: number | null;
  /** Null where no sun throws one. */
  readonly shadow: OwnShadow | null;
  /** Of the propeller or rotor that most is seen of; null where none is in the picture. */
  readonly blades: SeenBlades | null;
}

export interface SeenBlades extends BladeSlices {
  readonly name: string;
  /** Of the picture, over the ride. */
  readonly share: number;
}

/** Where the sun stands: by the clock where place and way are known, else as it is told by hand. */
const sunPlace = ({ ask, question: { moment } }: ShotScene): SunPlace | null =>
  moment && moment.headingDeg !== null ? sunFromCourse(sunOf(moment), moment.headingDeg) : (ask.sun ?? null);

/** @param shadowColumns columns of the picture that the own shadow is looked for in; null = not at all: a search has no time for it, thousands of times over */
export function lightFound(scene: ShotScene, shadowColumns: number | null): LightFound {
  const { ride, resolved, machine, question, carrier, pose } = scene;
  const sun = question.moment ? sunOf(question.moment) : null;
  const ev = exposureValue(ride.lightId, sun?.heightDeg);
  const exposureS = exposureOf(resolved, ride, sun?.heightDeg);
  const fromCourse = sunPlace(scene);
  const action = carrier.ridden[0]!.rig;
  const toSun = fromCourse && sunDirection(action.ground.ahead, fromCourse);
  // Of clouds' light no side can be told.
  const sunny = isSunny(ride.lightId) || scene.ask.sun !== undefined;
  const axis = rotate(pose.worldFromCamera.rotation, AHEAD);
  const toSunDeg = toSun && sunny ? toDeg(Math.acos(Math.max(-1, Math.min(1, dot(axis, toSun))))) : null;
  return {
    ev,
    exposureS,
    iso: isoNeeded(ev, resolved.camera.apertureN.value, resolved.setUp.ndStops ?? 0, exposureS),
    groundOffStops: groundOffStops(scene.framed().weightedShares, ride.lightId, machine.world),
    sun,
    fromCourse,
    met: sunny ? sunMet(scene, fromCourse) : null,
    lit: toSunDeg === null ? null : litFrom(toSunDeg),
    toSunDeg,
    blades: bladesSeen(scene, exposureS),
    shadow:
      toSun && sunny && shadowColumns !== null
        ? ownShadow(
            [...action.parts, ...ownParts(resolved, pose)],
            pose.worldFromCamera,
            resolved.lens,
            action.ground,
            toSun,
            shadowColumns,
          )
        : null,
  };
}

/** Less of a propeller than that nobody notices, share of the picture. */
const SEEN = 0.002;

function bladesSeen(
  { machine, question, ride, resolved, carrier, framed }: ShotScene,
  exposureS: number,
): SeenBlades | null {
  const rig = carrier.ridden[0]!.rig;
  const line = machine.shake.lines.find(({ every }) => every.kind === 'turn');
  const driven = machine.moving(question.rig.fit).filter((moving) => moving.driven);
  if (line?.every.kind !== 'turn' || driven.length === 0) return null;
  const rpm = ride.rpm ?? line.every.rpm.value;
  const { stances } = framed();
  const seen = driven.map(({ id, name, driven: blades }) => {
    const ids = new Set(rig.parts.flatMap((part) => (part.on === id ? [part.id] : [])));
    const share = stances.reduce(
      (sum, { share: time, measures }) =>
        sum + time * measures.parts.reduce((all, part) => all + (ids.has(part.id) ? part.share : 0), 0),
      0,
    );
    return { name, share, ...bladeSlices(rpm, blades!, exposureS, resolved.mode.readoutS.value) };
  });
  const most = seen.reduce((a, b) => (b.share > a.share ? b : a));
  return most.share > SEEN ? most : null;
}

function litFrom(toSunDeg: number): Lit {
  if (toSunDeg < BACK_LIT_DEG) return 'behind';
  return toSunDeg > 180 - BACK_LIT_DEG ? 'front' : 'side';
}
