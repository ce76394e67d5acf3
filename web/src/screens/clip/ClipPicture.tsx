import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';

type Point = readonly [number, number];

export interface Marks {
  readonly left: Point;
  readonly right: Point;
  /** Where the way ahead vanishes; none = nobody marked it. */
  readonly way?: Point;
}

interface ClipPictureProps {
  readonly clip: { readonly url: string; readonly kind: 'still' | 'video'; readonly name: string };
  readonly marks: Marks;
  /** The horizon through the marks as this lens draws it, fractions of the picture. */
  readonly horizon: readonly Point[];
  readonly wantedHeight: number | null;
  readonly band: readonly [number, number] | null;
  readonly onMarks: (marks: Marks) => void;
  readonly onSize: (size: Point) => void;
  readonly onProblem: (problem: string) => void;
  /** Called whenever another still or frame stands there. */
  readonly onShown: (picture: HTMLImageElement | HTMLVideoElement) => void;
}

const clampUnit = (v: number) => Math.min(1, Math.max(0, v));
const STEP = 0.002;

/** The still, or a frame of the video, with two handles for the ends of the horizon. */
export function ClipPicture({
  clip,
  marks,
  horizon,
  wantedHeight,
  band,
  onMarks,
  onSize,
  onProblem,
  onShown,
}: ClipPictureProps) {
  const frame = useRef<HTMLDivElement>(null);
  const video = useRef<HTMLVideoElement>(null);
  const [seconds, setSeconds] = useState<{ at: number; of: number } | null>(null);
  const [size, setSize] = useState<Point>([16, 9]);
  const unreadable = () =>
    onProblem(`${clip.name} cannot be shown here. A PNG, JPEG, WebP, MP4 (H.264) or WebM would do.`);
  const sized = (width: number, height: number) => {
    setSize([width, height]);
    onSize([width, height]);
  };
  const place = (event: PointerEvent): Point => {
    const box = frame.current!.getBoundingClientRect();
    return [clampUnit((event.clientX - box.left) / box.width), clampUnit((event.clientY - box.top) / box.height)];
  };
  const seek = (at: number) => {
    if (video.current) video.current.currentTime = at;
    setSeconds((s) => s && { ...s, at });
  };
  return (
    <div>
      <div
        ref={frame}
        className="relative mx-auto max-h-[70dvh] touch-none border border-hair-strong bg-ink select-none"
        style={{ aspectRatio: `${size[0]} / ${size[1]}`, maxWidth: '100%' }}
        data-testid="clip-picture"
      >
        {clip.kind === 'still' ? (
          <img
            src={clip.url}
            alt={`Test clip: ${clip.name}`}
            className="absolute inset-0 size-full"
            draggable={false}
            onLoad={(event) => {
              sized(event.currentTarget.naturalWidth, event.currentTarget.naturalHeight);
              onShown(event.currentTarget);
            }}
            onError={unreadable}
          />
        ) : (
          <video
            ref={video}
            src={clip.url}
            muted
            playsInline
            preload="auto"
            aria-label={`Test clip: ${clip.name}`}
            className="absolute inset-0 size-full"
            onLoadedMetadata={(event) => {
              sized(event.currentTarget.videoWidth, event.currentTarget.videoHeight);
              setSeconds({
                at: 0,
                of: Number.isFinite(event.currentTarget.duration) ? event.currentTarget.duration : 0,
              });
            }}
            onLoadedData={(event) => onShown(event.currentTarget)}
            onSeeked={(event) => onShown(event.currentTarget)}
            onError={unreadable}
          />
        )}
        <svg
          viewBox="0 0 1 1"
          preserveAspectRatio="none"
          className="pointer-events-none absolute inset-0 size-full"
          aria-hidden="true"
        >
          {band && <rect x="0" width="0.012" y={band[0]} height={band[1] - band[0]} fill="#ff6416" />}
          {wantedHeight !== null && (
            <line
              x1="0"
              x2="1"
              y1={wantedHeight}
              y2={wantedHeight}
              stroke="#fff"
              strokeWidth="1.5"
              strokeDasharray="4 7"
              vectorEffect="non-scaling-stroke"
            />
          )}
          {[
            ['#22272b', 4],
            ['#ff6416', 2],
          ].map(([stroke, width]) => (
            <polyline
              key={stroke}
              points={horizon.map(([x, y]) => `${x},${y}`).join(' ')}
              fill="none"
              stroke={String(stroke)}
              strokeWidth={width}
              vectorEffect="non-scaling-stroke"
            />
          ))}
        </svg>
        <MarkHandle name="left" at={marks.left} place={place} onMove={(left) => onMarks({ ...marks, left })} />
        <MarkHandle name="right" at={marks.right} place={place} onMove={(right) => onMarks({ ...marks, right })} />
        {marks.way && (
          <MarkHandle name="way" at={marks.way} place={place} onMove={(way) => onMarks({ ...marks, way })} />
        )}
      </div>
      {seconds && seconds.of > 0 && (
        <label className="mt-2 flex items-center gap-3">
          <span className="caption">Frame</span>
          <input
            type="range"
            className="flex-1 accent-[var(--hivis)]"
            min={0}
            max={seconds.of}
            step={1 / 30}
            value={seconds.at}
            onChange={(event) => seek(Number(event.target.value))}
          />
          <span className="reading">{seconds.at.toFixed(2)} s</span>
        </label>
      )}
    </div>
  );
}

const MARK_NAMES: Readonly<Record<keyof Marks, string>> = {
  left: 'Left end of the horizon',
  right: 'Right end of the horizon',
  way: 'Where the way ahead vanishes',
};
/** A cross for the ends of the horizon, two lines that run together for the way. */
const MARK_LINES = { end: 'M-19 0H-5M5 0H19M0-19V-5M0 5V19', way: 'M-16 19L-3 4M16 19L3 4M0-19V-5' } as const;

interface MarkHandleProps {
  readonly name: keyof Marks;
  readonly at: Point;
  readonly place: (event: PointerEvent) => Point;
  readonly onMove: (at: Point) => void;
}

function MarkHandle({ name, at, place, onMove }: MarkHandleProps) {
  const held = useRef(false);
  const onKeyDown = (event: KeyboardEvent) => {
    const step = STEP * (event.shiftKey ? 10 : event.altKey ? 0.1 : 1);
    const move = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key];
    if (!move) return;
    event.preventDefault();
    onMove([clampUnit(at[0] + move[0]!), clampUnit(at[1] + move[1]!)]);
  };
  return (
    <button
      type="button"
      role="slider"
      aria-label={`${MARK_NAMES[name]}; arrow keys move it`}
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(at[1] * 100)}
      aria-valuetext={`${Math.round(at[0] * 100)} percent across, ${(at[1] * 100).toFixed(1)} percent down`}
      className="absolute size-touch -translate-x-1/2 -translate-y-1/2 cursor-grab touch-none active:cursor-grabbing"
      style={{ left: `${at[0] * 100}%`, top: `${at[1] * 100}%` }}
      data-testid={`mark-${name}`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        held.current = true;
      }}
      onPointerMove={(event) => held.current && onMove(place(event))}
      onPointerUp={() => (held.current = false)}
      onPointerCancel={() => (held.current = false)}
      onKeyDown={onKeyDown}
    >
      <svg viewBox="-24 -24 48 48" aria-hidden="true" className="size-full">
        <path d={MARK_LINES[name === 'way' ? 'way' : 'end']} fill="none" stroke="#22272b" strokeWidth="5" />
        <path d={MARK_LINES[name === 'way' ? 'way' : 'end']} fill="none" stroke="#ff6416" strokeWidth="2.4" />
      </svg>
    </button>
  );
}
