import {
  INTENTS,
  intentOf,
  knownMachines,
  newAsk,
  newCarrier,
  newOuting,
  resolveRig,
  type Candidate,
  type Outing,
  type OutingCarrier,
  type SearchQuestion,
  type Shot,
  kitWith,
} from '@strut-spot/core';
import type { KitBox } from '../../../storage/database';
import { searchQuestionOf } from '../../../searching/searchQuestion';

/** What somebody says first: filmed from what, showing what, with which camera. */
export interface FilmQuestion {
  readonly machineId: string;
  readonly intentId: string;
  readonly cameraId: string;
}

/** What stands there before anybody has chosen. */
export function firstQuestion(): FilmQuestion {
  const standard = <Item extends { readonly id: string; readonly standard?: true }>(items: readonly Item[]): string =>
    (items.find((item) => item.standard) ?? items[0]!).id;
  return {
    machineId: standard(knownMachines()),
    intentId: standard(INTENTS),
    cameraId: standard(kitWith().cameras),
  };
}

/** Stature of the lay figure until somebody gives their own, metres; an adult between the European means. */
const STATURE_M = 1.75;

export const carrierAsked = ({ machineId }: Pick<FilmQuestion, 'machineId'>): OutingCarrier =>
  newCarrier('carrier', machineId, STATURE_M);

/** The question as the search takes it: everything in the kit box, but of its cameras the one that was named. */
export function searchAsked(film: FilmQuestion, box: KitBox, now: string): SearchQuestion {
  const carrier = carrierAsked(film);
  const outing: Outing = { ...newOuting('asked', now), carriers: [carrier], ownKit: box.own };
  const { actionStanceId } = resolveRig(carrier.rig).machine;
  const shot = { id: 'asked', carrierId: carrier.id, actionStanceId, seconds: intentOf(film.intentId).seconds };
  const question = searchQuestionOf(outing, shot, newAsk(film.intentId, carrier.id), box);
  const cameras = new Set(kitWith(box.own).cameras.map(({ id }) => id));
  return { ...question, pieceIds: [...question.pieceIds.filter((id) => !cameras.has(id)), film.cameraId] };
}

/** An outing with the one shot that was chosen. @param ids of the outing and of its shot @param now ISO 8601 */
export function outingWith(
  film: FilmQuestion,
  { setUp, horizonAt }: Candidate,
  box: KitBox,
  ids: { readonly outing: string; readonly shot: string },
  now: string,
): Outing {
  const carrier = carrierAsked(film);
  const { name, actionStanceId } = resolveRig(carrier.rig).machine;
  const intent = intentOf(film.intentId);
  const shot: Shot = {
    id: ids.shot,
    name: intent.name,
    carrierId: carrier.id,
    intentId: intent.id,
    note: '',
    seconds: intent.seconds,
    actionStanceId,
    horizonAt,
    setUp,
    ask: newAsk(intent.id, carrier.id),
    clips: [],
    log: [],
    acknowledged: [],
    pullTests: [],
  };
  return { ...newOuting(ids.outing, now), name, carriers: [carrier], ownKit: box.own, shots: [shot] };
}
