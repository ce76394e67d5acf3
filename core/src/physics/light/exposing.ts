import { kitWith, polariserOf } from '../../posing/lookup/kit';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { CameraDefinition } from '../../words/kit/camera';
import type { SetUp } from '../../words/setUp/setUp';
import type { Exposing } from './exposure';

/** Opening of a set-up's lens, f-number: held by hand where the camera has more than one. */
export const openingOf = (
  { apertureN, apertureToN }: Pick<CameraDefinition, 'apertureN' | 'apertureToN'>,
  setUp: Pick<SetUp, 'apertureN'>,
): number =>
  apertureToN === undefined
    ? apertureN.value
    : Math.max(apertureN.value, Math.min(apertureToN, setUp.apertureN ?? apertureN.value));

/** Stops that the glass before a set-up's lens takes. */
export const filterStopsOf = ({ ndStops = 0, polariser }: Pick<SetUp, 'ndStops' | 'polariser'>): number =>
  ndStops + (polariser ? polariserOf(kitWith()).stops : 0);

/** How a set-up's camera is exposed. */
export const exposingOf = ({ camera, mode, setUp }: Pick<ResolvedSetUp, 'camera' | 'mode' | 'setUp'>): Exposing => ({
  apertureN: openingOf(camera, setUp),
  filterStops: filterStopsOf(setUp),
  compensation: setUp.compensation ?? 0,
  framesPerSecond: mode.framesPerSecond,
  shortestS: camera.shortestS.value,
  heldS: setUp.shutterS ?? null,
  mostIso: Math.min(camera.mostIso.value, setUp.isoMost ?? Infinity),
});
