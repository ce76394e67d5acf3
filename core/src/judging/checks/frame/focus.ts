import type { PartInFrame } from '../../../physics/framing/measureFrame';
import type { FramedSetUp, StanceFrame } from '../../../physics/framing/stanceFrame';
import type { Finding } from '../../../words/check/result';
import type { IntentDefinition } from '../../../words/shot/intent';
import { MAIN_WEIGHT, MISSED } from './limits';
import { counts } from './wants';

/** What the shot is about is lost when it lies nearer than this share of the closest focus. Estimate 0.5 to 0.8. */
const BLURRED = 0.6;

/** What lies behind everything, and the weight from which a shot is about it: a lens that is sharp to no more than arm's length shows none of it. */
const BEHIND = ['way', 'ground', 'sky'] as const;
const FAR_WEIGHT = 3;

/** What is seen of what the shot is about. */
const mainParts = ({ working }: FramedSetUp, { wants }: IntentDefinition, { measures }: StanceFrame) =>
  wants
    .filter((want) => want.share[0] > 0 && want.weight >= MAIN_WEIGHT)
    .flatMap((want) => measures.parts.filter((part) => counts(want, part, working)));

/** Whether something lies in the blur before the closest focus, or behind the farthest. */
const isBlurred = ({ resolved: { camera } }: FramedSetUp, { nearestM }: Pick<PartInFrame, 'nearestM'>): boolean =>
  nearestM < camera.closestFocusM.value * BLURRED || nearestM > (camera.sharpToM ?? Infinity) / BLURRED;

/** How much of what the shot is about lies between the blurs, 0 to 1; 1 where it is about nothing near, and what is far is sharp. */
export function sharpShare(framed: FramedSetUp, intent: IntentDefinition, action: StanceFrame): number {
  const about = mainParts(framed, intent, action);
  if (farIsSoft(framed, intent)) return 0;
  const seen = about.reduce((sum, { share }) => sum + share, 0);
  if (seen === 0) return 1;
  return about.reduce((sum, part) => sum + (isBlurred(framed, part) ? 0 : part.share), 0) / seen;
}

/** Whether the shot is about what lies far away, and the lens has an end to its focus. */
const farIsSoft = ({ resolved }: FramedSetUp, { wants }: IntentDefinition): boolean =>
  resolved.camera.sharpToM !== undefined &&
  wants.some(
    ({ share, weight, of }) =>
      share[0] > 0 && weight >= FAR_WEIGHT && BEHIND.some((group) => of.groups?.includes(group)),
  );

export function focusFinding(framed: FramedSetUp, intent: IntentDefinition, action: StanceFrame): Finding | null {
  const { nearest } = action.measures;
  if (!nearest) return null;
  const { closestFocusM, sharpToM } = framed.resolved.camera;
  const closest = closestFocusM.value;
  const sharp = sharpShare(framed, intent, action) >= MISSED;
  const spoilt = sharp ? [] : mainParts(framed, intent, action).filter((part) => isBlurred(framed, part));
  const told = spoilt.reduce<PartInFrame | null>(
    (most, part) => (most && most.share >= part.share ? most : part),
    null,
  );
  if (sharpToM !== undefined && farIsSoft(framed, intent)) return farFinding(sharpToM, null);
  if (sharpToM !== undefined && told && told.nearestM > sharpToM) return farFinding(sharpToM, told);
  const near = nearest.distanceM < closest;
  const distanceM = told?.nearestM ?? nearest.distanceM;
  return {
    id: 'focus',
    label: 'closest focus',
    verdict: !sharp ? 'stop' : near ? 'watch' : 'good',
    value: distanceM,
    unit: 'm',
    limit: [closest, null],
    margin: distanceM - closest,
    because: `${told ? `the ${told.name} at ${distanceM.toFixed(2)} m is blurred` : `the nearest thing is the ${nearest.name} at ${distanceM.toFixed(2)} m`}; the lens is sharp from about ${closest.toFixed(2)} m${sharpToM === undefined ? '' : ` to ${sharpToM.toFixed(2)} m and soft beyond`} (an estimate)`,
    mend: null,
  };
}

/** From here on nobody thinks of focus, metres. Common practice, no source. */
const FAR_M = 10;

/** A close-up lens before a shot of what is far. */
const farFinding = (sharpToM: number, told: PartInFrame | null): Finding => ({
  id: 'focus-far',
  label: 'farthest focus',
  verdict: 'stop',
  value: sharpToM,
  unit: 'm',
  limit: [FAR_M, null],
  margin: sharpToM - FAR_M,
  because: `${told ? `the ${told.name} at ${told.nearestM.toFixed(2)} m` : 'what the shot is about, far away,'} comes out soft: with the close-up lens it is sharp up to ${sharpToM.toFixed(2)} m only`,
  mend: null,
});
