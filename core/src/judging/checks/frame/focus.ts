import type { PartInFrame } from '../../../physics/framing/measureFrame';
import type { FramedSetUp, StanceFrame } from '../../../physics/framing/stanceFrame';
import type { Finding } from '../../../words/check/result';
import type { IntentDefinition } from '../../../words/shot/intent';
import { MAIN_WEIGHT, MISSED } from './limits';
import { counts } from './wants';

/** What the shot is about is lost when it lies nearer than this share of the closest focus. Estimate 0.5 to 0.8. */
const BLURRED = 0.6;

/** What is seen of what the shot is about. */
const mainParts = ({ working }: FramedSetUp, { wants }: IntentDefinition, { measures }: StanceFrame) =>
  wants
    .filter((want) => want.share[0] > 0 && want.weight >= MAIN_WEIGHT)
    .flatMap((want) => measures.parts.filter((part) => counts(want, part, working)));

/** Whether something lies in the blur before the closest focus. */
const isBlurred = ({ resolved }: FramedSetUp, { nearestM }: Pick<PartInFrame, 'nearestM'>): boolean =>
  nearestM < resolved.camera.closestFocusM.value * BLURRED;

/** How much of what the shot is about lies beyond the blur before the closest focus, 0 to 1; 1 where it is about nothing near. */
export function sharpShare(framed: FramedSetUp, intent: IntentDefinition, action: StanceFrame): number {
  const about = mainParts(framed, intent, action);
  const seen = about.reduce((sum, { share }) => sum + share, 0);
  if (seen === 0) return 1;
  return about.reduce((sum, part) => sum + (isBlurred(framed, part) ? 0 : part.share), 0) / seen;
}

export function focusFinding(framed: FramedSetUp, intent: IntentDefinition, action: StanceFrame): Finding | null {
  const { nearest } = action.measures;
  if (!nearest) return null;
  const closest = framed.resolved.camera.closestFocusM.value;
  const near = nearest.distanceM < closest;
  const sharp = sharpShare(framed, intent, action) >= MISSED;
  const spoilt = sharp ? [] : mainParts(framed, intent, action).filter((part) => isBlurred(framed, part));
  const told = spoilt.reduce<PartInFrame | null>(
    (most, part) => (most && most.share >= part.share ? most : part),
    null,
  );
  const distanceM = told?.nearestM ?? nearest.distanceM;
  return {
    id: 'focus',
    label: 'closest focus',
    verdict: !sharp ? 'stop' : near ? 'watch' : 'good',
    value: distanceM,
    unit: 'm',
    limit: [closest, null],
    margin: distanceM - closest,
    because: `${told ? `the ${told.name} at ${distanceM.toFixed(2)} m is blurred` : `the nearest thing is the ${nearest.name} at ${distanceM.toFixed(2)} m`}; the lens is sharp from about ${closest.toFixed(2)} m (an estimate)`,
    mend: null,
  };
}
