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
