import { previewMotion, shakenPicture, type Findings, type Picture } from '@strut-spot/core';
import { Pause, Play } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';

/** Pictures a second that are shown; the shaking runs in true time. */
const SHOWN_FPS = 30;

/** Whether the reader asked for less motion. */
function useReducedMotion(): boolean {
  const query = useMemo(() => window.matchMedia('(prefers-reduced-motion: reduce)'), []);
  const [reduced, setReduced] = useState(query.matches);
  useEffect(() => {
    const listen = () => setReduced(query.matches);
    query.addEventListener('change', listen);
    return () => query.removeEventListener('change', listen);
  }, [query]);
  return reduced;
}

interface ShakePreviewProps {
  readonly picture: Picture | undefined;
  readonly report: Findings['steady'] | undefined;
  readonly caption: string;
}

/** The computed picture with the predicted jump, jelly and blur, moving in true time; stills where motion is not wanted. */
export function ShakePreview({ picture, report, caption }: ShakePreviewProps) {
  const reduced = useReducedMotion();
  const [paused, setPaused] = useState(false);
  const canvas = useRef<HTMLCanvasElement>(null);
  const motion = useMemo(() => (report?.spectra ? previewMotion(report.spectra, report.ways) : null), [report]);
  const still = reduced || paused;

  useEffect(() => {
    const element = canvas.current;
    if (!element || !picture || !report || !motion) return;
    const { widthPx: width, heightPx: height } = picture;
    element.width = width;
    element.height = height;
    const pen = element.getContext('2d');
    if (!pen) return;
    const image = pen.createImageData(width, height);
    const words = new Uint32Array(picture.rgba.buffer, picture.rgba.byteOffset, width * height);
    const shaking = { motion, readoutS: report.readoutS, exposureS: report.exposureS };
    const out = new Uint32Array(image.data.buffer);
    const draw = (startS: number) => {
      shakenPicture({ words, width, height }, shaking, startS, out);
      pen.putImageData(image, 0, 0);
    };
    if (still) {
      draw(0.37);
      return;
    }
    let frame = 0;
    let last = -1;
    const begun = performance.now();
    const step = (now: number) => {
      const k = Math.floor(((now - begun) / 1000) * SHOWN_FPS);
      if (k !== last) {
        last = k;
        draw(k / SHOWN_FPS);
      }
      frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [picture, report, motion, still]);

  return (
    <figure className="relative flex min-h-0 min-w-0 flex-1 flex-col bg-paper-2">
      <canvas
        ref={canvas}
        role="img"
        aria-label={`${caption}: the picture as it would shake${report ? `, jump ${report.px.jump.toFixed(1)}, jelly ${report.px.jelly.toFixed(1)}, blur ${report.px.blur.toFixed(1)} pixels` : ''}`}
        className="min-h-0 w-full flex-1 object-contain"
        data-testid="shake-preview"
        data-moving={report && picture && !still ? 'yes' : 'no'}
      />
      <figcaption className="flex items-center justify-between gap-2 border-t border-hair bg-sheet px-2 py-0.5">
        <span className="label font-[600]">{caption}</span>
        {reduced ? (
          <span className="text-[0.86rem] text-ink-2">a still: you asked for less motion</span>
        ) : (
          <button type="button" className="action action-quiet" onClick={() => setPaused(!paused)}>
            {paused ? <Play size={14} aria-hidden /> : <Pause size={14} aria-hidden />}
            {paused ? 'Move' : 'Hold still'}
          </button>
        )}
      </figcaption>
    </figure>
  );
}
