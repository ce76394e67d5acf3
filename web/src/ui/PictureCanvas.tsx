import { useEffect, useEffectEvent, useRef } from 'react';
import type { Picture } from '@strut-spot/core';

/** Shows computed pixels, stretched to the box it is given; without a label it is decoration. */
export function PictureCanvas({
  picture,
  label,
  className,
  onShown,
}: {
  picture: Picture | undefined;
  label: string;
  className?: string;
  /** Told how wide it is shown, and when that changes. */
  onShown?: (widthPx: number) => void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const isTold = onShown !== undefined;
  const tell = useEffectEvent(() => {
    // An observer may still tell of one that has gone.
    if (!canvas.current) return;
    const { clientWidth, clientHeight, width, height } = canvas.current;
    // A picture that is not as wide as its box has room at its sides.
    onShown?.(Math.min(clientWidth, (clientHeight * width) / height));
  });
  useEffect(() => {
    const element = canvas.current;
    if (!element || !picture) return;
    element.width = picture.widthPx;
    element.height = picture.heightPx;
    const pixels = new ImageData(picture.rgba as Uint8ClampedArray<ArrayBuffer>, picture.widthPx, picture.heightPx);
    element.getContext('2d')?.putImageData(pixels, 0, 0);
    tell();
  }, [picture]);
  useEffect(() => {
    if (!isTold) return;
    const watch = new ResizeObserver(() => tell());
    watch.observe(canvas.current!);
    return () => watch.disconnect();
  }, [isTold]);
  const said = label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true };
  return <canvas ref={canvas} {...said} className={className} data-drawn={picture ? picture.widthPx : 0} />;
}
