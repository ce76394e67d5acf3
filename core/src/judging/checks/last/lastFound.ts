import { AHEAD, distance, dot, subtract } from '../../../mathematics/geometry/vec3';
import { rotate } from '../../../mathematics/geometry/rotation';
import { loadedPieces } from '../../../physics/holding/loads/loads';
import { dragN, standardAir } from '../../../physics/holding/loads/atmosphere';
import { burdenOf, type Burden } from '../../../physics/lasting/burden';
import { cableWay, type CableWay } from '../../../physics/lasting/cable';
import { dewPointC } from '../../../physics/lasting/dew';
import { lumpOf, minutesUntil, warming, type Warming } from '../../../physics/lasting/heat';
import { powerPlan, type PowerPlan } from '../../../physics/lasting/powerPlan';
import type { Shelter } from '../../../posing/scene/shelter';
import type { Heard } from '../../../physics/lasting/sound';
import { sunWm2 } from '../../../physics/light/daylight';
import { sunOf } from '../../../physics/light/sunCourse';
import { fieldOfViewDeg } from '../../../mathematics/lens/lens';
import { toDeg } from '../../../mathematics/units/angle';
import { FOOT_M } from '../../../posing/building/cameraMesh';
import { minutesToFit } from '../../../posing/strut/minutesToFit';
import { strutMassKg } from '../../../posing/strut/strutMass';
import { weatherOf } from '../../../words/ride/weather';
import { hoursOut, suppliesOf, USUAL_USE, type Start } from '../../../words/shot/use';
import type { ShotScene } from '../../scene/shotScene';
import { lensLooks, type LensLooks } from './lensLooks';
import { riderFound, type Reach } from './riderFound';

export interface Warms extends Warming {
  /** Of the air about it, where it begins. */
  readonly fromC: number;
  /** To where it switches off; infinite where it does not. */
  readonly limitMin: number;
}

/** How warm its body gets, under way and recording at a stop in still air. */
export interface Warm {
  readonly riding: Warms;
  readonly still: Warms;
  readonly limitC: number;
}

/** Where it may mist, °C. */
export interface Mist {
  readonly dewC: number;
  /** Of the glass as it comes out. */
  readonly glassC: number;
  /** Until it is as warm as the air's dew point; 0 where it does not mist. */
  readonly minutes: number;
  /** Breath reaches it and it is cold enough to settle. */
  readonly breath: boolean;
  /** Until the camera has warmed through in a room before its bag is opened; 0 where it needs none. */
  readonly inBagMin: number;
}

/** How long it lasts, and what it costs. */
export interface LastFound extends LensLooks {
  readonly start: Start;
  readonly reach: Reach;
  readonly handBusy: number;
  readonly power: PowerPlan;
  readonly sound: Heard;
  readonly burden: Burden;
  /** None where it has its own battery alone. */
  readonly cable: CableWay | null;
  /** From where the lens looks to the nearest edge of the foam on the microphone, and to the picture's upper edge, degrees; null without foam. */
  readonly foam: { readonly edgeDeg: number; readonly pictureDeg: number } | null;
  /** From the box to a set angle. */
  readonly fitMin: number;
  readonly warm: Warm;
  readonly mist: Mist;
  readonly shelter: Shelter;
}

/** So far a breath goes, metres. Common practice, no source. */
const BREATH_M = 0.22;
/** Below it breath settles on glass: air from the mouth has its dew point near 32 °C, thinned by the way. Estimate 3 to 10. */
export const BREATH_BELOW_C = 7;
/** Behind glass in the sun: how much warmer than outside, under way with air blown in and standing shut. Estimates 3 to 10 and 12 to 30. */
const BEHIND_GLASS_K = { riding: 5, standing: 20 } as const;
/** Of the sun that comes through glass, and the air that fans and vents move behind it under way, m/s. Estimates 0.45 to 0.8 and 0.3 to 1.5. */
const THROUGH_GLASS = 0.6;
const CABIN_MPS = 0.7;
const ROOM = { celsius: 20, humidityPct: 45 } as const;

/** A ball of foam over a microphone at the upper front edge of the body: its radius, and how far behind the front it sits, metres. Estimates 8 to 15 mm, 2 to 8 mm. */
const FOAM = { radiusM: 0.011, behindM: 0.005 } as const;

/** Whether foam comes into the picture from above: its edge against the picture's own. */
function foamSeen({ resolved: { camera, lens } }: ShotScene): NonNullable<LastFound['foam']> {
  const up = Math.max(0.004, FOOT_M + camera.bodyM[1] - camera.lensFromMountM[1]);
  const ahead = camera.bodyM[0] / 2 - FOAM.behindM - camera.lensFromMountM[0];
  const away = Math.hypot(up, ahead);
  const edge = Math.atan2(up, ahead) - Math.asin(Math.min(1, FOAM.radiusM / away));
  return { edgeDeg: toDeg(edge), pictureDeg: fieldOfViewDeg(lens, 'vertical') / 2 };
}

export function lastFound(scene: ShotScene): LastFound {
  const { ride, resolved, pose, carrier, machine, question, intent } = scene;
  const { camera, mode, stabiliser } = resolved;
  const { rig } = carrier.ridden[0]!;
  const use = question.use ?? {};
  const at = pose.worldFromCamera.position;
  const rider = riderFound(scene, false);
  const { start, reach, shelter, airMps, mouth, sound } = rider;
  const closed = shelter === 'closed';

  const sun = question.moment ? sunOf(question.moment).heightDeg : null;
  const sunny = sunWm2(ride.lightId, sun);
  const behindGlass = closed && sunny > 100;
  const lump = lumpOf(camera);
  const takeS = question.seconds ?? intent.seconds;
  const power = powerPlan({
    camera,
    mode,
    stabiliser,
    start,
    use,
    supplies: suppliesOf(question.supplies, camera.id),
    takeS,
    hours: hoursOut(use, { start, takeS, passing: machine.passing !== undefined }),
    airC: ride.temperatureC,
  });
  const airC = ride.temperatureC + (behindGlass ? BEHIND_GLASS_K.riding : 0);
  const stillAirC = ride.temperatureC + (behindGlass ? BEHIND_GLASS_K.standing : 0);
  const limitC = camera.lasting.tooHotC.value;
  // What runs through warms by all that it draws, what is started for a take by what it draws on the whole.
  const meanW = (power.neededWh * 60) / (power.recordMin + power.waitMin);
  const onBody = closed ? sunny * THROUGH_GLASS : sunny;
  const riding = warming(lump, meanW, { airC, airMps: closed ? CABIN_MPS : airMps, sunWm2: onBody });
  const still = warming(lump, power.recordingW, { airC: stillAirC, airMps: 0, sunWm2: onBody });

  const humidityPct = ride.humidityPct ?? weatherOf(ride).humidityPct;
  const dewC = dewPointC(ride.temperatureC, humidityPct);
  const glassC = use.fromC ?? USUAL_USE.fromC;
  const idle = warming(lump, 0, { airC: ride.temperatureC, airMps: 0.5, sunWm2: 0 });
  const indoors = warming(lump, 0, { airC: ROOM.celsius, airMps: 0, sunWm2: 0 });
  const roomDewC = dewPointC(ROOM.celsius, ROOM.humidityPct);
  const head = rig.body?.head ?? null;
  const mouthM = mouth ? distance(mouth, at) : null;
  // Breath goes ahead of the face and is blown away by the ride.
  const breath =
    mouthM !== null &&
    mouthM < BREATH_M &&
    ride.temperatureC < BREATH_BELOW_C &&
    dot(subtract(at, mouth!), rotate(head!.rotation, AHEAD)) > 0;

  const { dirt, lookMin } = lensLooks(scene, shelter);

  const { densityKgM3 } = standardAir(ride.altitudeM);
  const dragM2 =
    shelter !== 'open' ? 0 : loadedPieces(resolved, pose).reduce((sum, piece) => sum + piece.dragAreaM2, 0);
  return {
    start,
    reach,
    handBusy: rider.handBusy,
    power,
    sound,
    foam: rider.foam ? foamSeen(scene) : null,
    fitMin: minutesToFit(resolved),
    cable:
      use.feed && camera.lasting.fed !== 'none'
        ? cableWay(use.feed, rig, machine, {
            camera: at,
            partId: resolved.placed.spot.partId,
            worn: scene.zone !== null,
          })
        : null,
    burden: burdenOf(machine, strutMassKg(resolved), dragN(densityKgM3, ride.speedMps, 1, dragM2), ride.speedMps),
    warm: {
      riding: { ...riding, fromC: airC, limitMin: minutesUntil(riding, airC, limitC) },
      still: { ...still, fromC: stillAirC, limitMin: minutesUntil(still, stillAirC, limitC) },
      limitC,
    },
    mist: {
      dewC,
      glassC,
      minutes: glassC < dewC ? minutesUntil(idle, glassC, Math.min(dewC, ride.temperatureC - 0.1)) : 0,
      breath,
      inBagMin: ride.temperatureC < roomDewC ? minutesUntil(indoors, ride.temperatureC, roomDewC) : 0,
    },
    dirt,
    lookMin,
    shelter,
  };
}
