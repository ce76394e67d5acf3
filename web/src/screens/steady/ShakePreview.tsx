import {
  LINES,
  movedPx,
  previewMotion,
  steadiedPx,
  type Picture,
  type PreviewMotion,
  type Findings,
} from '@strut-spot/core';
import { Pause, Play } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';

/** Pictures a second that are shown; the shaking runs in true time. */
const SHOWN_FPS = 30;
/** Moments within one exposure that are drawn over each other. */
const MOST_EXPOSURES = 4;

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

/**
 * One picture as the shutter would take it: every line where the movement has it at that line's own moment, exposed over its own time.
 * Turning round the middle is drawn as up and down on the two sides.
 */
function shaken(
  source: Uint32Array,
  out: Uint32Array,
  width: number,
  height: number,
  report: Findings['steady'],
  motion: PreviewMotion,
  startS: number,
): void {
  const scale = height / LINES;
  const { readoutS, exposureS } = report;
  const middleS = startS + readoutS / 2 + exposureS / 2;
  const reach = Math.max(...motion.up.map((s) => s.amplitudePx * s.frequencyHz), 1) * exposureS * 6 * scale;
  const exposures = Math.max(1, Math.min(MOST_EXPOSURES, Math.ceil(reach)));
  const ways = [motion.sideways, motion.up, motion.round] as const;
  const steadied = ways.map((swings) => steadiedPx(swings, middleS));
  /** Offsets of one line: across, down and round for each moment of its exposure. */
  const offsets = (y: number) =>
    Float64Array.from({ length: 3 * exposures }, (_, i) => {
      const way = i % 3;
      const t = startS + (y / height) * readoutS + (((i / 3) | 0) + 0.5) * (exposureS / exposures);
      return (steadied[way]! + movedPx(ways[way]!, t)) * scale;
    });
  let [above, below] = [offsets(0), offsets(0)];
  for (let y = 0; y < height; y++) {
    // Every few lines are computed, those between lie on a straight line.
    if (y % LINE_STEP === 0) [above, below] = [below, offsets(y + LINE_STEP)];
    const t = (y % LINE_STEP) / LINE_STEP;
    for (let x = 0; x < width; x++) {
      let [red, green, blue] = [0, 0, 0];
      const lean = (x / width - 0.5) * 2 * EDGE_OVER_RMS;
      for (let e = 0; e < 3 * exposures; e += 3) {
        const across = above[e]! + t * (below[e]! - above[e]!);
        const down = above[e + 1]! + t * (below[e + 1]! - above[e + 1]!);
        const round = above[e + 2]! + t * (below[e + 2]! - above[e + 2]!);
        const sx = Math.min(width - 1, Math.max(0, (x + across + 0.5) | 0));
        const sy = Math.min(height - 1, Math.max(0, (y + down + round * lean + 0.5) | 0));
        const p = source[sy * width + sx]!;
        red += p & 255;
        green += (p >> 8) & 255;
        blue += (p >> 16) & 255;
      }
      out[y * width + x] =
        (255 << 24) | (((blue / exposures) | 0) << 16) | (((green / exposures) | 0) << 8) | ((red / exposures) | 0);
    }
  }
}
/** Lines between two that are computed. */
const LINE_STEP = 3;

/** Up and down at the side of a 16:9 picture for one pixel rms of turning round its middle: (w/2) over √((w² + h²)/12). */
const EDGE_OVER_RMS = 1.51;

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
    const source = new Uint32Array(picture.rgba.buffer, picture.rgba.byteOffset, width * height);
    const out = new Uint32Array(image.data.buffer);
    const draw = (startS: number) => {
      shaken(source, out, width, height, report, motion, startS);
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
