import type { GlobePlace } from '@strut-spot/core';

/** A first guess from this machine's clock: its zone, and the meridian that it keeps the time of. */
export const guessedPlace = (): GlobePlace => ({
  latDeg: 45,
  lonDeg: Math.max(-180, Math.min(180, -new Date().getTimezoneOffset() / 4)),
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC',
});

/** hh:mm of an instant on a zone's clock. */
export const clockAt = (ms: number, timeZone: string): string =>
  new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', hourCycle: 'h23', timeZone }).format(ms);
