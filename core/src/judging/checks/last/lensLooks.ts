import { sameFor } from '../../../mathematics/caching/sameFor';
import { AHEAD } from '../../../mathematics/geometry/vec3';
import { rotate } from '../../../mathematics/geometry/rotation';
import { onTheGlass, type Dirt } from '../../../physics/lasting/onTheGlass';
import { wheelsOf } from '../../../physics/lasting/wheels';
import { groundById } from '../../../posing/lookup/grounds';
import type { Shelter } from '../../../posing/scene/shelter';
import type { ShotScene } from '../../scene/shotScene';
import { IN_REACH, riderFound } from './riderFound';
import { washed } from './washed';

/** More seldom than that nobody is told to look, minutes. */
export const SELDOM_MIN = 240;
/** Oftener than that a look at the lens costs the ride: one stops no more often. Minutes. Common practice, no source. */
export const LOOK_MIN = 10;
/** A lens in reach is wiped with the glove as one rides easily, so often. Minutes. Common practice, no source. */
const WIPED_MIN = 3;

/** What gets on the lens, and how soon it has to be wiped. */
export interface LensLooks {
  /** The worst first; empty in shelter. */
  readonly dirt: readonly Dirt[];
  /** Minutes from one look at the lens to the next. */
  readonly lookMin: number;
}

/** What washes over it in its place among the rest. */
const withWash = (dirt: readonly Dirt[], wash: Dirt | null): readonly Dirt[] =>
  wash ? [...dirt, wash].sort((a, b) => b.perMinute - a.perMinute) : dirt;

export function lensLooks(scene: ShotScene, shelter: Shelter): LensLooks {
  const { ride, machine, resolved, pose, carrier, question } = scene;
  const { camera } = resolved;
  const { rig } = carrier.ridden[0]!;
  const weatherId = ride.weatherId ?? 'dry';
  // On dry land nothing flies.
  const comes = weatherId !== 'dry' || machine.world === 'water' || machine.world === 'snow';
  if (shelter !== 'open' || !comes) return { dirt: [], lookMin: SELDOM_MIN };
  const glass = Math.min(camera.bodyM[1], camera.bodyM[2]) * 0.22;
  const dirt = withWash(
    onTheGlass(
      rig,
      wheelsOf(question.rig, rig),
      {
        at: pose.worldFromCamera.position,
        look: rotate(pose.worldFromCamera.rotation, AHEAD),
        glassM2: Math.PI * glass ** 2,
      },
      {
        world: machine.world,
        surface: groundById(ride.groundId).surface,
        weatherId,
        speedMps: ride.speedMps,
        windMps: ride.windMps,
      },
    ),
    washed(scene),
  );
  const perMinute = dirt.reduce((sum, d) => sum + d.perMinute, 0);
  return { dirt, lookMin: perMinute > 0 ? Math.min(SELDOM_MIN, 1 / perMinute) : SELDOM_MIN };
}

/** A lens with drops on it still shows something. Estimate 0.05 to 0.3. */
const LEAST_CLEAN = 0.1;

/** How clean a lens is from one wipe to the next: by hand where it can be reached by somebody who may, else at stops. */
export interface CleanLens extends LensLooks {
  /** Share of that time for which it is clean. */
  readonly clean: number;
}

/** Kept with the scene: the search asks for it in two places. */
export const cleanLens = sameFor((scene: ShotScene): CleanLens => {
  const { shelter, reach } = riderFound(scene, true);
  const looks = lensLooks(scene, shelter);
  const { arms, byOther, driving } = reach;
  const wipedMin = byOther || (arms <= IN_REACH && !driving) ? WIPED_MIN : LOOK_MIN;
  return { ...looks, clean: Math.max(LEAST_CLEAN, Math.min(1, looks.lookMin / wipedMin)) };
});
