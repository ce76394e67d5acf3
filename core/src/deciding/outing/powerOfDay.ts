import { foundBy, shotReport } from '../../judging/report/shotReport';
import { chargeHours, offloadMinutes } from '../../physics/lasting/energy';
import { whyUnplaced } from '../../posing/rig/spots';
import { cameraOf } from '../../posing/lookup/kit';
import { missingPiece } from '../../posing/strut/resolveSetUp';
import { suppliesOf, USUAL_SUPPLIES } from '../../words/shot/use';
import { rigOfShot } from './outing';
import type { Outing } from './records/outingRecord';
import { shotQuestion } from './shotQuestion';

/** One shot of a camera's day. */
export interface PowerOfShot {
  readonly shotId: string;
  readonly shotName: string;
  readonly at: string;
  readonly hours: number;
  /** Out of batteries, and all that it takes. */
  readonly fromBatteriesWh: number;
  readonly neededWh: number;
  readonly gb: number;
}

/** What a battery in a camera has left after so many hours out. */
interface LeftAt {
  readonly hours: number;
  /** 0 to 1 */
  readonly left: number;
}

/** One camera through all its shots. */
export interface CameraDay {
  readonly cameraId: string;
  readonly name: string;
  readonly shots: readonly PowerOfShot[];
  /** Falls while it is used and jumps up where a fresh battery goes in. */
  readonly line: readonly LeftAt[];
  readonly batteries: number;
  readonly have: number;
  readonly gb: number;
  readonly cardGb: number;
  /** In the evening: hours at the chargers there are, and minutes to read the cards. */
  readonly chargeH: number;
  readonly offloadMin: number;
}

export interface PowerOfDay {
  readonly cameras: readonly CameraDay[];
  readonly bays: number;
  readonly eveningH: number;
  /** All cameras' batteries one after the other through all bays, hours. */
  readonly chargeH: number;
}

const ROUNDING = 1e-9;

/** Batteries and cards of an outing, camera by camera in the order of the shots' hours. Shots whose place or pieces are lost are left out. */
export function powerOfDay(outing: Outing): PowerOfDay {
  const { supplies } = outing;
  const bays = supplies?.bays ?? USUAL_SUPPLIES.bays;
  const whole = outing.shots.filter((shot) => {
    const rig = rigOfShot(outing, shot);
    return missingPiece(rig, shot.setUp) === null && whyUnplaced(rig, shot.setUp.spotId) === null;
  });
  const order = whole.sort((a, b) => (a.hour?.at ?? outing.startsAt).localeCompare(b.hour?.at ?? outing.startsAt));
  const cameraIds = [...new Set(order.map((shot) => shot.setUp.cameraId))];
  const cameras = cameraIds.map((cameraId): CameraDay => {
    const own = order.filter((shot) => shot.setUp.cameraId === cameraId);
    const camera = cameraOf(rigOfShot(outing, own[0]!).ownKit, { cameraId });
    const { batteries: have, cardGb } = suppliesOf(supplies, cameraId);
    const line: LeftAt[] = [{ hours: 0, left: 1 }];
    let [hours, left, batteries] = [0, 1, 1];
    const shots = own.map((shot): PowerOfShot => {
      const { power } = foundBy(shotReport(shotQuestion(outing, shot), { only: ['last'] }), 'last');
      const out = power.hours;
      const fromBatteriesWh = Math.max(0, power.neededWh - power.fedWh);
      // In shares of a battery, as cold as it is there.
      let rest = fromBatteriesWh / power.usableWh;
      const perShare = rest > 0 ? out / rest : 0;
      while (rest > left + ROUNDING) {
        hours += left * perShare;
        rest -= left;
        line.push({ hours, left: 0 }, { hours, left: 1 });
        left = 1;
        batteries++;
      }
      hours += perShare === 0 ? out : rest * perShare;
      left -= rest;
      line.push({ hours, left });
      return {
        shotId: shot.id,
        shotName: shot.name,
        at: shot.hour?.at ?? outing.startsAt,
        hours: out,
        fromBatteriesWh,
        neededWh: power.neededWh,
        gb: power.gb,
      };
    });
    const used = shots.reduce((sum, s) => sum + s.fromBatteriesWh, 0);
    const gb = shots.reduce((sum, s) => sum + s.gb, 0);
    return {
      cameraId,
      name: camera.name,
      shots,
      line,
      batteries,
      have,
      gb,
      cardGb,
      chargeH: chargeHours(used, Math.min(bays, batteries)),
      offloadMin: offloadMinutes(gb),
    };
  });
  const all = cameras.reduce((sum, c) => sum + c.shots.reduce((wh, s) => wh + s.fromBatteriesWh, 0), 0);
  return {
    cameras,
    bays,
    eveningH: supplies?.eveningH ?? USUAL_SUPPLIES.eveningH,
    chargeH: chargeHours(all, bays),
  };
}
