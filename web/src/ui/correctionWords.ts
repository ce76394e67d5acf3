import { tiltWords, type ClipResult } from '@strut-spot/core';

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

/** What to turn, in words: degrees, and notches where the joint has them. */
export function correctionSteps({ tiltByDeg, rollByDeg, panByDeg, notches }: Correction): string {
  const turn = (deg: number, positive: string, negative: string) =>
    Math.abs(deg) < 0.5 ? null : `${Math.abs(deg).toFixed(1)}° ${deg > 0 ? positive : negative}`;
  const tilt = turn(tiltByDeg, 'up', 'down');
  const steps = [
    tilt && notches ? `${tilt} (${Math.abs(notches)} ${Math.abs(notches) === 1 ? 'notch' : 'notches'})` : tilt,
    turn(rollByDeg, 'over to the right', 'over to the left'),
    panByDeg === null ? null : turn(panByDeg, 'to the right', 'to the left'),
  ].filter((step) => step !== null);
  return steps.length === 0 ? 'It looks as it should: nothing to turn.' : `Turn it ${steps.join(', ')}.`;
}
