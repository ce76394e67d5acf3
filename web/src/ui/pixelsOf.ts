import type { PixelPicture } from '@strut-spot/core';

/** Wide enough for a third of a degree in a wide picture. */
const WIDTH_PX = 640;

/** The pixels of a still, or of the frame at which a video stands; null where the browser gives none. */
export function pixelsOf(shown: HTMLImageElement | HTMLVideoElement): PixelPicture | null {
  const [width, height] =
    shown instanceof HTMLVideoElement
      ? [shown.videoWidth, shown.videoHeight]
      : [shown.naturalWidth, shown.naturalHeight];
  if (!(width > 0 && height > 0)) return null;
  const widthPx = Math.min(WIDTH_PX, width);
  const heightPx = Math.max(2, Math.round((widthPx * height) / width));
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [widthPx, heightPx];
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return null;
  context.drawImage(shown, 0, 0, widthPx, heightPx);
  return { rgba: context.getImageData(0, 0, widthPx, heightPx).data, widthPx, heightPx };
}
