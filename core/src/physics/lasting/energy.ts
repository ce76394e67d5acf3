import type { CameraDefinition, CameraMode } from '../../words/kit/camera';
import type { StabiliserLevel } from '../../words/kit/stabiliser';

/** Share of a lithium cell's energy that comes out, by its temperature: full at 20 °C, two thirds at −10, half at −20. Estimates, a tenth either way. */
const USABLE: readonly (readonly [celsius: number, share: number])[] = [
  [-40, 0.2],
  [-20, 0.5],
  [-10, 0.67],
  [0, 0.84],
  [20, 1],
];
/** What years leave of it. Estimate 0.7 to 0.9. */
const WORN_SHARE = 0.8;

/** @param cellC −40 to 60; held at the ends beyond */
export function usableShare(cellC: number, worn = false): number {
  const age = worn ? WORN_SHARE : 1;
  const above = USABLE.findIndex(([celsius]) => celsius >= cellC);
  if (above < 0) return age;
  if (above === 0) return USABLE[0]![1] * age;
  const [[lowC, low], [highC, high]] = [USABLE[above - 1]!, USABLE[above]!];
  return (low + ((cellC - lowC) / (highC - lowC)) * (high - low)) * age;
}

/** Picture stabilisers reckon, lens stabilisers hold a coil, gimbals turn motors: watts. Estimates, half either way. */
const STABILISER_W = { picture: 0.4, optics: 0.15, sphere: 0.3 } as const;

export interface Draws {
  readonly screenOn: boolean;
  readonly wireless: boolean;
}

/** What a camera draws while it records, watts. */
export const recordingW = (
  { lasting, gimbal }: CameraDefinition,
  { powerW }: CameraMode,
  { steadies }: StabiliserLevel,
  { screenOn, wireless }: Draws,
): number =>
  powerW.value +
  (steadies ? STABILISER_W[steadies.kind] : 0) +
  (gimbal ? 0.5 : 0) +
  (screenOn ? lasting.screenW.value : 0) +
  (wireless ? lasting.wirelessW.value : 0);

/** Waiting with the last half minute kept, it does all but write: of what recording draws. Estimate 0.8 to 0.95. */
const PRE_RECORD_SHARE = 0.9;

/** What it draws between takes, watts. */
export const waitingW = (
  { lasting }: CameraDefinition,
  recording: number,
  { wireless, preRecord, off }: { readonly wireless: boolean; readonly preRecord: boolean; readonly off: boolean },
): number => {
  if (preRecord) return recording * PRE_RECORD_SHARE;
  return off ? 0 : lasting.standbyW.value + (wireless ? lasting.wirelessW.value : 0);
};

/** Writing speed in megabits a second over a time: gigabytes of 10⁹ bytes. */
export const gigabytes = (mbps: number, minutes: number): number => (mbps * minutes * 60) / 8 / 1000;

/** Of a charge, what a charger puts in and how fast: half an hour and more for a small cell. Estimates: 5 W a bay, nine tenths of it kept. */
const BAY_W = 5;
const CHARGE_KEPT = 0.9;
export const chargeHours = (wattHours: number, bays: number): number =>
  wattHours / (BAY_W * CHARGE_KEPT * Math.max(1, bays));
/** Reading a card in the evening, megabytes a second. Estimate 60 to 150. */
const READ_MBPS = 80;
export const offloadMinutes = (gb: number): number => (gb * 1000) / READ_MBPS / 60;
