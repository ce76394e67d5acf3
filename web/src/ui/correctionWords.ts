import { kitWith, tiltWords, type ClipResult, type ShotQuestion } from '@strut-spot/core';
import { clockWords, widthWords, wristWords } from './handWords';

type Correction = Extract<ClipResult, { readonly kind: 'correction' }>;

/** What is to be read afterwards, and where. */
export function willRead({ by, newAngles, gimbalTiltDeg }: Correction): {
  readonly term: string;
  readonly value: string;
} {
  if (gimbalTiltDeg !== undefined)
    return { term: 'The gimbal keeps the lens', value: tiltWords(gimbalTiltDeg, 'up', 'down', 'level') };
  return {
    term: by === 'view' ? 'The view is cut' : 'The level will read',
    value: tiltWords(newAngles.tiltDeg, 'up', 'down', 'level'),
  };
}

/** The same in one sentence. */
export function nowReads(result: Correction): string {
  const { term, value } = willRead(result);
  return `${term.toLowerCase().replace('will read', 'now reads')} ${value}`;
}

/** What a camera is turned by that is held in the hand. */
export const isHeld = ({ rig, setUp }: Pick<ShotQuestion, 'rig' | 'setUp'>): boolean =>
  kitWith(rig.ownKit).bases.find((base) => base.id === setUp.baseId)?.kind === 'hand';

/** Notches where the joint has them; by hand. */
const tiltByHand = ({ tiltByDeg, notches }: Correction, held: boolean): string =>
  [
    ...(notches ? [`${Math.abs(notches)} ${Math.abs(notches) === 1 ? 'notch' : 'notches'}`] : []),
    held ? wristWords(tiltByDeg) : widthWords(tiltByDeg),
  ].join(', ');

/** What to turn, in words: degrees, notches where the joint has them, and by hand. @param held in the hand, see isHeld */
export function correctionSteps(result: Correction, held: boolean): string {
  const { tiltByDeg, rollByDeg, panByDeg } = result;
  const turn = (deg: number, positive: string, negative: string, byHand: string) =>
    Math.abs(deg) < 0.5 ? null : `${Math.abs(deg).toFixed(1)}° ${deg > 0 ? positive : negative} (${byHand})`;
  const steps = [
    turn(tiltByDeg, 'up', 'down', tiltByHand(result, held)),
    turn(rollByDeg, 'over to the right', 'over to the left', clockWords(rollByDeg)),
    panByDeg === null ? null : turn(panByDeg, 'to the right', 'to the left', widthWords(panByDeg)),
  ].filter((step) => step !== null);
  return steps.length === 0 ? 'It looks as it should: nothing to turn.' : `Turn it ${steps.join(', ')}.`;
}
