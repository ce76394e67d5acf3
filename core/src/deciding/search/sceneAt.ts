import type { Sightlines } from '../../physics/framing/sightlines';
import type { FramedSetUp } from '../../physics/framing/stanceFrame';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { sceneOf, shotScene, type ShotScene } from '../../judging/scene/shotScene';
import type { SetUp } from '../../words/setUp/setUp';
import type { Ask } from '../../words/shot/ask';
import type { ShotQuestion } from '../../words/shot/shotQuestion';
import { measuredFor, type SearchedCarrier } from './searchQuestion';
import type { Spotted } from './spotted';

/** A strut of a search as a question about a shot. */
export function shotQuestionAt(
  { rig, actionStanceId, ride, measured, moment, use, supplies, seconds, heldBefore }: SearchedCarrier,
  ask: Ask,
  setUp: SetUp,
  horizonAt: number | null,
): ShotQuestion {
  const log = measuredFor(measured, setUp);
  return {
    rig,
    setUp,
    intentId: ask.intentId,
    ask,
    actionStanceId,
    horizonAt,
    ride,
    ...(log.length > 0 ? { measured: log } : {}),
    ...(moment ? { moment } : {}),
    ...(heldBefore ? { heldBefore } : {}),
    ...(use ? { use } : {}),
    ...(supplies ? { supplies } : {}),
    ...(seconds === undefined ? {} : { seconds }),
  };
}

/** A strut of a search for its checks: with what the rough pass has seen from there, or, without it, to be seen exactly. */
export function sceneAt(
  { carrier, question: { ask }, scene, intent }: Pick<Spotted, 'carrier' | 'question' | 'scene' | 'intent'>,
  setUp: SetUp,
  horizonAt: number | null,
  looked?: { readonly framed: FramedSetUp; readonly sightlines: Sightlines },
): ShotScene {
  const asked = shotQuestionAt(carrier, ask, setUp, horizonAt);
  if (!looked) return shotScene(asked);
  const options = { coarse: true, looked };
  return sceneOf(asked, resolveSetUp(carrier.rig, setUp), { carrier: scene, ask, intent, options });
}
