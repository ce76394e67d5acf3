import { castRay } from '../../mathematics/geometry/bvh';
import { invert, transformDirection, transformPoint } from '../../mathematics/geometry/pose';
import { addScaled, dot, length, normalize, scale, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedRig } from '../../posing/rig/poseRig';
import type { WorldId } from '../../words/carrier/land';
import type { GroundDefinition } from '../../words/ride/groundDefinition';
import type { WeatherId } from '../../words/ride/weather';
import { flightsOf, thrownPast } from './throwOff';
import type { WheelAt } from './wheels';

/** What gets on a lens from one side. */
export interface Dirt {
  readonly from: string;
  readonly kind: 'mud' | 'water' | 'spray' | 'wash' | 'rain' | 'snow' | 'dust';
  /** Of a lens that has to be wiped, each minute. */
  readonly perMinute: number;
}

export interface LensPlace {
  readonly at: Vec3;
  /** Where it looks, unit. */
  readonly look: Vec3;
  readonly glassM2: number;
}

export interface Course {
  readonly world: WorldId;
  readonly surface: GroundDefinition['surface'];
  readonly weatherId: WeatherId;
  readonly speedMps: number;
  readonly windMps: number;
}

/** Drops that spoil a picture: of mud a few, of clear water some more, of rain, which washes and runs off, many. Common practice, no source. */
const SPOILT_BY: Readonly<Record<Exclude<Dirt['kind'], 'wash'>, number>> = {
  mud: 3,
  dust: 3,
  water: 12,
  spray: 12,
  rain: 60,
  snow: 60,
};
/** Drops that a wheel throws for each metre of the way. Estimates 3 to 30 and 6 to 60. */
const THROWN_PER_M = { muddy: 10, wet: 20 } as const;
/**
 * Drops in a cubic metre just over mud or puddles, kicked up by all that goes there, and the height in which they grow thin; and how many times as many
 * behind and beside a wheel, squeezed out aside. Estimates.
 */
const KICKED = { perM3: 10, heightM: 0.4, behindWheel: 3, besideM: 0.6, behindM: 3 } as const;
/** Behind the craft the air comes after it: of what flies there a small part turns round to a lens that looks back. Estimate 0.01 to 0.1. */
const WAKE_SHARE = 0.03;
/** Rain of 3 mm an hour in drops of 1.2 mm, 4.5 m/s down; snow of 1 mm an hour in flakes, 1.2 m/s down, half of which bounce off. */
const FALLING = {
  rain: { perM3: 205, fallMps: 4.5 },
  snowfall: { perM3: 100, fallMps: 1.2 },
} as const;
/** Over water at 4 m/s, growing with the square; from waves alone at a height of 0.15 m; and the heights in which they grow thin. Estimates. */
const SPRAY = { perM3: 2, atMps: 4, wavesPerM3: 12, atWaveM: 0.15, lapsMps: 2 } as const;
/** Snow thrown up by a board, over the ground. Estimate. */
const POWDER = { perM3: 6, heightM: 0.5 } as const;
/** Minutes in which dust veils a lens that looks ahead, and how many times as fast in the cloud behind one's own wheels. Estimates 40 to 200 and 3 to 10. */
const DUST = { minutes: 90, behind: 6, heightM: 1.5 } as const;

/** How far upwind something still keeps drops off, metres. */
const SHADE_M = 2.5;

/** Whether something stands in the way that a drop comes. @param toward where it flies @param wayM how far it has come */
function kept(rig: PosedRig, at: Vec3, toward: Vec3, wayM: number, without: string | null): boolean {
  const back = scale(toward, -1);
  const from = addScaled(at, back, 0.03);
  return rig.parts.some((part) => {
    if (part.group === 'own' || part.group === 'subject' || (without !== null && part.on === without)) return false;
    const partFromWorld = invert(part.worldFromPart);
    return (
      castRay(
        part.mesh,
        transformPoint(partFromWorld, from),
        transformDirection(partFromWorld, back),
        Math.min(wayM, SHADE_M),
      ) !== null
    );
  });
}

/**
 * What gets on a lens, the worst first: thrown off the wheels and flown to it, kicked up over mud and water, fallen from the sky, dust.
 * Everything that comes is stopped by what stands in its way. Estimates throughout, within a factor of three.
 */
export function onTheGlass(
  rig: PosedRig,
  wheels: readonly WheelAt[],
  { at, look, glassM2 }: LensPlace,
  { world, surface, weatherId, speedMps, windMps }: Course,
): readonly Dirt[] {
  const overM = Math.max(0, dot(subtract(at, rig.ground.point), rig.ground.normal));
  const facing = (toward: Vec3): number => Math.max(0, -dot(toward, look));
  /** Head-on, and what of it turns round behind. */
  const meets = Math.max(facing([-1, 0, 0]), WAKE_SHARE);
  const found: Dirt[] = [];
  const add = (from: string, kind: keyof typeof SPOILT_BY, dropsPerS: number) => {
    const perMinute = (60 * dropsPerS) / SPOILT_BY[kind];
    if (perMinute > 1e-4) found.push({ from, kind, perMinute });
  };
  if (weatherId === 'muddy' || weatherId === 'wet') {
    const kind = weatherId === 'muddy' ? 'mud' : 'water';
    for (const wheel of wheels) {
      const [ahead, up, across] = [at[0] - wheel.middle[0], at[1] - wheel.middle[1], Math.abs(at[2] - wheel.middle[2])];
      const thrown = thrownPast(flightsOf(wheel.radiusM, speedMps), { ahead, up, across }, wheel.halfWidthM);
      if (!thrown) continue;
      const toward: Vec3 = [thrown.toward[0], thrown.toward[1], 0];
      const rate = THROWN_PER_M[weatherId] * speedMps * thrown.perM2 * glassM2 * facing(toward);
      if (rate > 1e-6 && !kept(rig, at, toward, thrown.way, wheel.movingId)) add(`the ${wheel.name}`, kind, rate);
    }
    const beside = wheels.some(({ middle }) => {
      const back = middle[0] - at[0];
      return back > 0 && back < KICKED.behindM && Math.abs(at[2] - middle[2]) < KICKED.besideM;
    });
    const squeezed = beside ? KICKED.behindWheel : 1;
    if (wheels.length > 0)
      add(
        'what is kicked up',
        kind,
        squeezed * KICKED.perM3 * Math.exp(-overM / KICKED.heightM) * speedMps * glassM2 * meets,
      );
  }
  if (weatherId === 'rain' || weatherId === 'snowfall') {
    const { perM3, fallMps } = FALLING[weatherId];
    const flow: Vec3 = [-(speedMps + windMps), -fallMps, 0];
    const toward = normalize(flow);
    if (facing(toward) > 0 && !kept(rig, at, toward, SHADE_M, null))
      add(
        weatherId === 'rain' ? 'rain' : 'falling snow',
        weatherId === 'rain' ? 'rain' : 'snow',
        perM3 * length(flow) * facing(toward) * glassM2,
      );
  }
  if (world === 'water' && surface.kind === 'waves') {
    const waveM = surface.heightM.value;
    const heightM = 0.3 + waveM;
    const thin = Math.exp(-overM / heightM);
    const driven = SPRAY.perM3 * (speedMps / SPRAY.atMps) ** 2 * (speedMps + windMps) * meets;
    const laps = SPRAY.wavesPerM3 * (waveM / SPRAY.atWaveM) * SPRAY.lapsMps;
    add('spray', 'spray', (driven + laps) * thin * glassM2);
  }
  if (world === 'snow')
    add('thrown snow', 'snow', POWDER.perM3 * Math.exp(-overM / POWDER.heightM) * speedMps * glassM2 * meets);
  if (weatherId === 'dusty' && wheels.length > 0) {
    const rearmost = Math.min(...wheels.map((wheel) => wheel.middle[0]));
    const cloud = at[0] < rearmost ? 1 + DUST.behind * Math.exp(-overM / DUST.heightM) : 1;
    found.push({ from: cloud > 1 ? 'the dust behind' : 'dust', kind: 'dust', perMinute: cloud / DUST.minutes });
  }
  return found.sort((a, b) => b.perMinute - a.perMinute);
}
