import { shotReport, foundBy, type ReportOptions } from '../src/judging/report/shotReport';
import { plainSetUp } from '../src/posing/strut/plainSetUp';
import { aimedSetUp } from '../src/posing/aiming/aimedSetUp';
import { intentOf } from '../src/posing/lookup/intentOf';
import { kitWith } from '../src/posing/lookup/kit';
import { wantedHorizon } from '../src/posing/aiming/wantedHorizon';
import type { CheckResult } from '../src/words/check/result';
import type { Ask } from '../src/words/shot/ask';
import type { RigSpec } from '../src/words/rig/rigSpec';
import type { RideConditions } from '../src/words/ride/rideConditions';
import type { SetUp } from '../src/words/setUp/setUp';
import type { ShotQuestion } from '../src/words/shot/shotQuestion';
import { asking } from '../testing/asking';
import { EVERYTHING, USUAL_BOX } from './kits';
import type { Placed } from '../src/deciding/search/placesOf';
import { sheetOf, type Sheet } from './sheet';

export interface Asked {
  readonly ask?: Partial<Ask>;
  readonly ride?: Partial<RideConditions>;
  readonly rig?: Partial<RigSpec>;
  /** Everything in the catalogue in place of a usual box. */
  readonly everything?: true;
  readonly pieceIds?: readonly string[];
  /** These spots alone, to be quick. */
  readonly only?: readonly string[];
}

const kept = new Map<string, Sheet>();

/** The contact sheet for a kind of shot on a carrier; each asked once. */
export function sheetFor(machineId: string, intentId: string, asked: Asked = {}): Sheet {
  const key = JSON.stringify([machineId, intentId, asked]);
  const known = kept.get(key);
  if (known) return known;
  const { only, everything, pieceIds, ...rest } = asked;
  const question = asking(machineId, intentId as never, {
    ...rest,
    pieceIds: pieceIds ?? (everything ? EVERYTHING : USUAL_BOX),
  });
  const made = sheetOf(question, only);
  kept.set(key, made);
  return made;
}

/** Places of a sheet that no check stops, best first. */
export const open = ({ places }: Sheet): readonly Placed[] => places.filter((p) => !p.stopped);
export const spotsOf = (places: readonly Placed[], most = 99): readonly string[] =>
  places.slice(0, most).map((p) => p.spotId);
export const at = (sheet: Sheet, spotId: string): Placed | undefined => sheet.places.find((p) => p.spotId === spotId);
const HEAD = ['helmet-top', 'helmet-side', 'under-visor', 'chin-bar', 'head-front', 'mouth'];
export const onHead = (spotId: string): boolean => HEAD.includes(spotId);
export const rankOf = (sheet: Sheet, spotId: string): number => spotsOf(open(sheet)).indexOf(spotId);
export const wordsOf = (sheet: Sheet): string =>
  sheet.places
    .slice(0, 5)
    .map((p) => `${p.spotId} ${p.score.toFixed(2)}${p.stopped ? ' (stop)' : ''}`)
    .join(', ') || 'nothing';

/** A shot at a spot as a person would build it: the plainest strut, aimed, with what is said otherwise. */
export function shotAt(
  machineId: string,
  spotId: string,
  intentId: string,
  { setUp = {}, ...asked }: Pick<Asked, 'ride' | 'rig'> & { setUp?: Partial<SetUp> } = {},
): ShotQuestion {
  const { rig, actionStanceId, ride } = asking(machineId, intentId as never, asked).carriers[0]!;
  const { cameras } = kitWith(rig.ownKit);
  const camera = cameras.find((c) => c.id === (setUp.cameraId ?? 'cube-camera'))!;
  const plain = plainSetUp(rig, spotId, {
    cameraId: camera.id,
    modeId: setUp.modeId ?? camera.modes[0]!.id,
    stabiliserId: setUp.stabiliserId ?? camera.stabilisers.at(-1)!.id,
  });
  if (!plain) throw new Error(`nothing goes on ${spotId}`);
  const intent = intentOf(intentId);
  const height = wantedHorizon({ intentId, horizonAt: null })?.height ?? null;
  const built = { ...plain, ...setUp };
  return {
    rig,
    setUp: aimedSetUp(rig, built, intent, actionStanceId, height) ?? built,
    intentId,
    actionStanceId,
    horizonAt: null,
    ride,
  };
}

export const checkOf = (question: ShotQuestion, id: string, options: ReportOptions = {}): CheckResult =>
  shotReport(question, { ...options, only: [id] }).checks[0]!;
export const verdictAt = (question: ShotQuestion, id: string): string => checkOf(question, id).verdict;
export const steadyAt = (question: ShotQuestion) => foundBy(shotReport(question, { only: ['steady'] }), 'steady');
export const holdAt = (question: ShotQuestion) => foundBy(shotReport(question, { only: ['hold'] }), 'hold');
export const clearAt = (question: ShotQuestion) => foundBy(shotReport(question, { only: ['clear'] }), 'clear');
export const frameAt = (question: ShotQuestion) => foundBy(shotReport(question, { only: ['frame'] }), 'frame');
export const speedFeelOf = (question: ShotQuestion): number => frameAt(question).weightedSpeedFeel ?? 0;
