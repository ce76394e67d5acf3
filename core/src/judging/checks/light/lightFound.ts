import { AHEAD, dot } from '../../../mathematics/geometry/vec3';
import { rotate } from '../../../mathematics/geometry/rotation';
import { toDeg } from '../../../mathematics/units/angle';
import { sunDirection, type SunPlace } from '../../../mathematics/sun/sun';
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
export const LIT = ['front', 'side', 'behind'] as const;
export type Lit = (typeof LIT)[number];
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
}

/** Where the sun stands, by hand or by the clock. */
export function sunPlace({ ask, question: { moment } }: ShotScene): SunPlace | null {
  return ask.sun ?? (moment ? sunFromCourse(sunOf(moment), moment.headingDeg) : null);
}

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

function litFrom(toSunDeg: number): Lit {
  if (toSunDeg < BACK_LIT_DEG) return 'behind';
  return toSunDeg > 180 - BACK_LIT_DEG ? 'front' : 'side';
}
