import { foundBy, shotReport } from '../../../judging/report/shotReport';
import { missingPiece } from '../../../posing/strut/resolveSetUp';
import { USUAL_USE } from '../../../words/shot/use';
import { rigOfShot } from '../outing';
import type { Outing } from '../records/outingRecord';
import type { LogEntry, Shot } from '../records/shotRecord';
import { shotQuestion } from '../shotQuestion';

/** Of cameras of one kind, and of one take: spread of the logarithm of what they draw over what was reckoned. Estimates. */
const KIND_SD = 0.2;
const TAKE_SD = 0.35;
const FULL = 100;

/** What a camera drew by the log, over what its kind is reckoned to. */
export interface DrawFromLog {
  readonly factor: number;
  /** Takes of which the battery was told. */
  readonly takes: number;
}

/**
 * What the battery showed after takes, held against what each take was reckoned to use. The first of a day begins full; where more is left than
 * before, it was changed. Takes are weighed against what cameras of one kind differ by (normal in the logarithm, closed form).
 * Null where no take says anything.
 */
export function drawFromLog(outing: Outing, cameraId: string): DrawFromLog | null {
  const plain = withoutFactor(outing, cameraId);
  const takes = outing.shots
    .filter((shot) => shot.setUp.cameraId === cameraId && missingPiece(rigOfShot(outing, shot), shot.setUp) === null)
    .flatMap((shot) => shot.log.filter(told).map((entry) => ({ shot, entry })))
    .sort((a, b) => a.entry.at.localeCompare(b.entry.at));
  const reckoned = new Map<string, number>();
  const ratios: number[] = [];
  let [day, left] = ['', FULL];
  for (const { shot, entry } of takes) {
    if (entry.at.slice(0, 10) !== day) [day, left] = [entry.at.slice(0, 10), FULL];
    const used = left - entry.batteryPct;
    left = entry.batteryPct;
    const expected = reckoned.get(shot.id) ?? percentATake(plain, shot);
    reckoned.set(shot.id, expected);
    if (used > 0 && expected > 0) ratios.push(Math.log(used / expected));
  }
  if (ratios.length === 0) return null;
  const weight = ratios.length + (TAKE_SD / KIND_SD) ** 2;
  const mean = ratios.reduce((sum, ratio) => sum + ratio, 0) / weight;
  return { factor: Math.min(3, Math.max(0.3, Math.exp(mean))), takes: ratios.length };
}

/** As its kind is reckoned, whatever was measured of it. */
function withoutFactor(outing: Outing, cameraId: string): Outing {
  const { supplies } = outing;
  if (!supplies) return outing;
  return {
    ...outing,
    supplies: {
      ...supplies,
      cameras: supplies.cameras.map(({ drawFactor, ...camera }) =>
        camera.cameraId === cameraId || drawFactor === undefined ? camera : { ...camera, drawFactor },
      ),
    },
  };
}

const told = (entry: LogEntry): entry is LogEntry & { readonly batteryPct: number } =>
  entry.done && entry.batteryPct !== undefined;

/** Of a battery, as cold as it is there, that one take of a shot is reckoned to use; per cent. */
function percentATake(outing: Outing, shot: Shot): number {
  const { power } = foundBy(shotReport(shotQuestion(outing, shot), { only: ['last'] }), 'last');
  const takes = shot.use?.takes ?? USUAL_USE.takes;
  return (FULL * Math.max(0, power.neededWh - power.fedWh)) / power.usableWh / takes;
}
