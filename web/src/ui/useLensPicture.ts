import { useEffect, useState } from 'react';
import { drawing } from '../workers/core';
import { useLatest } from '../workers/useLatest';
import { useRested } from '../workers/useRested';

type Asked = Omit<Parameters<typeof drawing.picture>[0], 'widthPx'>;

const COARSE_PX = 144;
/** Widest that is ever drawn; steps in which it follows the page, so that a window's edge that is dragged asks for few. */
const FINEST_PX = 896;
const STEP_PX = 64;
/** Pixels of a picture to one of the screen: somewhat more, and edges are smoothed. */
const TO_A_DOT = 1.15;

const drawnWidth = (shownPx: number): number =>
  Math.min(FINEST_PX, Math.ceil((shownPx * window.devicePixelRatio * TO_A_DOT) / STEP_PX) * STEP_PX);

/**
 * A picture through the lens: coarse at once while something moves; when it rests, as fine as it is shown, with the shadows. What is not wanted any more is not
 * drawn to its end.
 * @param coarseLight light of the coarse one
 */
export function useLensPicture(asked: Asked, coarseLight: Asked['light'], restMs: number) {
  const [widthPx, setWidthPx] = useState(0);
  const key = JSON.stringify(asked);
  const coarse = useLatest(key, () => drawing.picture({ ...asked, widthPx: COARSE_PX, light: coarseLight }));
  const fineKey = useRested(JSON.stringify([widthPx, key]), restMs);
  const wanted = widthPx > 0 ? fineKey : null;
  const fine = useLatest(wanted, async () => ({ key, picture: await drawing.finePicture({ ...asked, widthPx }) }));
  useEffect(() => (wanted === null ? undefined : () => void drawing.dropPictures().catch(() => undefined)), [wanted]);
  const isFine = fine.value?.key === key;
  return {
    picture: isFine ? fine.value?.picture : coarse.value,
    fine: isFine,
    /** To be told how wide it is shown: where it shrinks, what was drawn will do. */
    onShown: (shownPx: number) => setWidthPx((before) => Math.max(before, drawnWidth(shownPx))),
  };
}
