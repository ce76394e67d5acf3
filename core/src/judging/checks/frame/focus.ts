import { millimetres } from '../../../mathematics/units/millimetres';
import type { PartInFrame } from '../../../physics/framing/measureFrame';
import type { FramedSetUp, StanceFrame } from '../../../physics/framing/stanceFrame';
import { agree } from '../../../words/carrier/inSentences';
import type { Finding } from '../../../words/check/result';
import type { IntentDefinition } from '../../../words/shot/intent';
import { MAIN_WEIGHT, MISSED } from './limits';
import { percentText } from './percentText';
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

/** So much of a picture may be soft for being too near the lens before it is looked at: an elbow, a strap, the strut. Estimate 0.05 to 0.2. */
const SOFT_NOTICED = 0.1;

/** What is seen in the blur before the closest focus. */
const tooNear = ({ resolved: { camera } }: FramedSetUp, { measures }: StanceFrame): readonly PartInFrame[] =>
  measures.parts.filter(({ nearestM }) => nearestM < camera.closestFocusM.value * BLURRED);

/** Share of the picture that is soft for being too near the lens. */
export const softShare = (framed: FramedSetUp, action: StanceFrame): number =>
  tooNear(framed, action).reduce((sum, { share }) => sum + share, 0);

const greatest = (parts: readonly PartInFrame[]): PartInFrame | null =>
  parts.reduce<PartInFrame | null>((most, part) => (most && most.share >= part.share ? most : part), null);

export function focusFinding(framed: FramedSetUp, intent: IntentDefinition, action: StanceFrame): Finding | null {
  const { nearest } = action.measures;
  if (!nearest) return null;
  const { closestFocusM, sharpToM } = framed.resolved.camera;
  const closest = closestFocusM.value;
  const sharp = sharpShare(framed, intent, action) >= MISSED;
  const told = sharp ? null : greatest(mainParts(framed, intent, action).filter((part) => isBlurred(framed, part)));
  if (sharpToM !== undefined && farIsSoft(framed, intent)) return farFinding(sharpToM, null);
  if (sharpToM !== undefined && told && told.nearestM > sharpToM) return farFinding(sharpToM, told);
  const from = `the lens is sharp from about ${closest.toFixed(2)} m${sharpToM === undefined ? '' : ` to ${sharpToM.toFixed(2)} m and soft beyond`} (an estimate)`;
  const finding = { id: 'focus', label: 'closest focus', mend: null };
  if (told)
    return {
      ...finding,
      verdict: 'stop',
      value: told.nearestM,
      unit: 'm',
      limit: [closest, null],
      margin: told.nearestM - closest,
      because: `the ${told.name} at ${millimetres(told.nearestM)} ${agree(told.name, 'is', 'are')} blurred; ${from}`,
    };
  const most = greatest(tooNear(framed, action));
  const soft = softShare(framed, action);
  return {
    ...finding,
    verdict: soft > SOFT_NOTICED ? 'watch' : 'good',
    value: soft * 100,
    unit: '%',
    limit: [null, SOFT_NOTICED * 100],
    margin: (SOFT_NOTICED - soft) * 100,
    because: most
      ? `soft, as it is too near: ${percentText(soft)} of the picture, most of it the ${most.name} at ${millimetres(most.nearestM)}; ${from}`
      : `the nearest thing is the ${nearest.name} at ${millimetres(nearest.distanceM)}; ${from}`,
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
