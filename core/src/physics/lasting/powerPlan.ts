import type { CameraDefinition, CameraMode } from '../../words/kit/camera';
import type { StabiliserLevel } from '../../words/kit/stabiliser';
import { USUAL_USE, type CameraSupplies, type ShotUse, type Start } from '../../words/shot/use';
import { gigabytes, recordingW, usableShare, waitingW } from './energy';

/** Before and after what is kept, and false starts: seconds a take. Common practice, no source: five before and after, and as many lost. */
const AROUND_TAKE_S = 15;
/** Of what a power bank's cells hold, what arrives. Estimate 0.75 to 0.9; and what an ordinary one holds, Wh. */
const BANK_ARRIVES = 0.8;
const BANK_WH = 37;

export interface PowerQuestion {
  readonly camera: CameraDefinition;
  readonly mode: CameraMode;
  readonly stabiliser: StabiliserLevel;
  /** As it is begun, whoever chose it. */
  readonly start: Start;
  readonly use: ShotUse;
  readonly supplies: CameraSupplies;
  /** From the first of it to the last. */
  readonly hours: number;
  /** Of film that one take gives, seconds. */
  readonly takeS: number;
  /** Around the battery, °C. */
  readonly airC: number;
}

/** What a shot asks of batteries and card. All estimates, a third either way. */
export interface PowerPlan {
  readonly recordingW: number;
  readonly waitingW: number;
  /** Of one battery at that temperature and age, Wh. */
  readonly usableWh: number;
  readonly hours: number;
  readonly recordMin: number;
  readonly waitMin: number;
  readonly neededWh: number;
  /** Of recording and nothing else. */
  readonly minutesABattery: number;
  /** From one stop to the next, in the usual mix of recording and waiting. */
  readonly stintWh: number;
  readonly batteries: number;
  readonly have: number;
  /** Wh that come from outside. */
  readonly fedWh: number;
  readonly gb: number;
  readonly cardGb: number;
  readonly minutesACard: number;
}

export function powerPlan(question: PowerQuestion): PowerPlan {
  const { camera, mode, stabiliser, start, use, supplies, takeS, airC } = question;
  const { takes = USUAL_USE.takes, stintMin = USUAL_USE.stintMin } = use;
  const { hours } = question;
  const wireless = start === 'remote';
  const factor = supplies.drawFactor ?? 1;
  const recording = recordingW(camera, mode, stabiliser, { screenOn: use.screenOn ?? false, wireless }) * factor;
  const preRecord = (use.preRecord ?? false) && camera.lasting.preRecords && start !== 'running';
  const waiting = waitingW(camera, recording, { wireless, preRecord, off: use.offBetween ?? false });
  const outMin = hours * 60;
  const recordMin = start === 'running' ? outMin : Math.min(outMin, (takes * (takeS + AROUND_TAKE_S)) / 60);
  const waitMin = outMin - recordMin;
  const usableWh = camera.batteryWh.value * usableShare(airC, supplies.worn);
  const neededWh = (recording * recordMin + waiting * waitMin) / 60;
  const feeds = use.feed !== undefined && camera.lasting.fed !== 'none';
  const fedWh = feeds ? (use.feed === 'machine' ? neededWh : BANK_WH * BANK_ARRIVES * usableShare(airC)) : 0;
  const meanW = outMin > 0 ? (neededWh * 60) / outMin : 0;
  return {
    recordingW: recording,
    waitingW: waiting,
    usableWh,
    hours,
    recordMin,
    waitMin,
    neededWh,
    minutesABattery: (usableWh / recording) * 60,
    stintWh: (meanW * Math.min(stintMin, outMin)) / 60,
    batteries: Math.max(1, Math.ceil((neededWh - fedWh) / usableWh - 1e-9)),
    have: supplies.batteries,
    fedWh,
    gb: gigabytes(mode.bitrateMbps.value, recordMin),
    cardGb: supplies.cardGb,
    minutesACard: (supplies.cardGb * 8000) / mode.bitrateMbps.value / 60,
  };
}
