import { useEffect, useRef } from 'react';
import type { Picture } from '@strut-spot/core';

/** Shows computed pixels, stretched to the box it is given; without a label it is decoration. */
export function PictureCanvas({
  picture,
  label,
  className,
}: {
  picture: Picture | undefined;
  label: string;
  className?: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const element = canvas.current;
    if (!element || !picture) return;
    element.width = picture.widthPx;
    element.height = picture.heightPx;
    const pixels = new ImageData(picture.rgba as Uint8ClampedArray<ArrayBuffer>, picture.widthPx, picture.heightPx);
    element.getContext('2d')?.putImageData(pixels, 0, 0);
  }, [picture]);
  const said = label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true };
  return <canvas ref={canvas} {...said} className={className} data-drawn={picture ? picture.widthPx : 0} />;
}
