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
  type OwnKit,
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

/** The same with the first in place of what there is no more: a shape or a camera of one's own may have been taken away since. */
export function stillThere(film: FilmQuestion, own: OwnKit): FilmQuestion {
  const first = firstQuestion();
  const or = (items: readonly { readonly id: string }[], id: string, other: string): string =>
    items.some((item) => item.id === id) ? id : other;
  return {
    machineId: or(knownMachines(), film.machineId, first.machineId),
    intentId: film.intentId,
    cameraId: or(kitWith(own).cameras, film.cameraId, first.cameraId),
  };
}

export const carrierAsked = ({ machineId }: Pick<FilmQuestion, 'machineId'>): OutingCarrier =>
  newCarrier('carrier', machineId);

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
  { setUp, horizonAt, onlyIn }: Candidate,
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
    actionStanceId: onlyIn?.stanceId ?? actionStanceId,
    ...(onlyIn ? { stanceShares: onlyIn.stanceShares } : {}),
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
