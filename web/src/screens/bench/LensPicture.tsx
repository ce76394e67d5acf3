import {
  HEADS,
  foundBy,
  wantedHorizon,
  cameraOf,
  pictureLightOf,
  type ShotReport,
  turnedAfterwards,
} from '@strut-spot/core';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { useShot } from '../../state/useShot';
import { GESTURE } from '../../state/outingHistory';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { useLensPicture } from '../../ui/useLensPicture';

/** So long a hand rests before the fine picture is drawn. */
const REST_MS = 160;

const halfDegree = (deg: number) => Math.round(deg * 2) / 2;
const clampTilt = (deg: number) => Math.min(120, Math.max(-120, deg));

/** The hero: what the lens sees, with the crop, the wanted horizon and the place where the horizon comes to lie. Drag it to tilt. */
export function LensPicture({ stanceId, report }: { stanceId: string; report: ShotReport | undefined }) {
  const { shot, changeSetUp, rig, question } = useShot();
  const light = pictureLightOf(question);
  const { picture, fine, onShown } = useLensPicture(
    { rig, setUp: shot.setUp, stanceId, uncropped: true, light },
    { ...light, hasty: true },
    REST_MS,
  );
  const drag = useRef<{ y: number; x: number; tiltDeg: number; panDeg: number; key: string } | null>(null);
  const { setUp } = shot;
  const camera = cameraOf(rig.ownKit, setUp);
  const crop = camera.stabilisers.find((s) => s.id === setUp.stabiliserId)!.crop.value;
  const frame = report && foundBy(report, 'frame').stances.find((s) => s.stanceId === stanceId);
  const band = wantedHorizon(shot)?.band ?? null;
  const mode = camera.modes.find((m) => m.id === setUp.modeId)!;
  const turnsPan = turnedAfterwards({ camera, mode }) || HEADS.find((h) => h.id === setUp.headId)!.turns.pan;
  const upright = setUp.mounting.startsWith('portrait');
  const [across, down] = upright ? [mode.lens.heightPx, mode.lens.widthPx] : [mode.lens.widthPx, mode.lens.heightPx];

  const setTilt = (tiltDeg: number, panDeg = setUp.angles.panDeg, mergeKey = 'aim') =>
    changeSetUp(
      { angles: { ...setUp.angles, tiltDeg: clampTilt(halfDegree(tiltDeg)), panDeg: halfDegree(panDeg) } },
      mergeKey,
    );

  const onPointerDown = (event: PointerEvent<HTMLDivElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = {
      y: event.clientY,
      x: event.clientX,
      tiltDeg: setUp.angles.tiltDeg,
      panDeg: setUp.angles.panDeg,
      key: `${GESTURE}${event.timeStamp}`,
    };
  };
  const onPointerMove = (event: PointerEvent<HTMLDivElement>) => {
    if (!drag.current || !report) return;
    const box = event.currentTarget.getBoundingClientRect();
    const degreesDown = report.fieldOfViewDeg.vertical / crop / box.height;
    const degreesAcross = report.fieldOfViewDeg.horizontal / crop / box.width;
    setTilt(
      drag.current.tiltDeg + (event.clientY - drag.current.y) * degreesDown,
      turnsPan ? drag.current.panDeg - (event.clientX - drag.current.x) * degreesAcross : undefined,
      drag.current.key,
    );
  };
  const onKeyDown = (event: KeyboardEvent<HTMLDivElement>) => {
    const step = event.shiftKey ? 10 : event.altKey ? 0.5 : 1;
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      setTilt(setUp.angles.tiltDeg + (event.key === 'ArrowUp' ? step : -step));
    } else if (turnsPan && (event.key === 'ArrowLeft' || event.key === 'ArrowRight')) {
      event.preventDefault();
      setTilt(setUp.angles.tiltDeg, setUp.angles.panDeg + (event.key === 'ArrowRight' ? step : -step));
    }
  };

  // Units of the overlay: about the same size on the screen for lying and upright pictures.
  const width = upright ? 580 : 1000;
  const height = (width * down) / across;
  const inset = { x: (width * (1 - crop)) / 2, y: (height * (1 - crop)) / 2 };
  const rowOf = (fraction: number) => inset.y + fraction * height * crop;
  const horizon = frame?.measures.horizon;
  return (
    <div className="flex justify-center bg-paper-2">
      <div
        role="slider"
        tabIndex={0}
        aria-label={`Picture through the lens in ${frame?.name.toLowerCase() ?? 'this stance'}. Up and down change the tilt.`}
        aria-orientation="vertical"
        aria-valuemin={-120}
        aria-valuemax={120}
        aria-valuenow={setUp.angles.tiltDeg}
        aria-valuetext={`tilt ${setUp.angles.tiltDeg} degrees`}
        className="relative cursor-ns-resize touch-none select-none"
        // As wide as there is room, but never so high that checks and stances leave the screen.
        style={{ aspectRatio: `${across} / ${down}`, width: `min(100%, calc(51dvh * ${across / down}))` }}
        onPointerDown={onPointerDown}
        onPointerMove={onPointerMove}
        onPointerUp={() => (drag.current = null)}
        onPointerCancel={() => (drag.current = null)}
        onKeyDown={onKeyDown}
        data-testid="lens-picture"
        data-fine={fine ? 'yes' : 'no'}
      >
        <PictureCanvas
          picture={picture}
          label={describe(report, stanceId)}
          className="absolute inset-0 size-full"
          onShown={onShown}
        />
        <svg
          viewBox={`0 0 ${width} ${height}`}
          className="pointer-events-none absolute inset-0 size-full"
          aria-hidden="true"
        >
          {crop < 1 && (
            <>
              <path
                d={`M0 0H${width}V${height}H0Z M${inset.x} ${inset.y}V${height - inset.y}H${width - inset.x}V${inset.y}Z`}
                fill="rgb(28 32 34 / 0.38)"
              />
              <rect
                x={inset.x}
                y={inset.y}
                width={width - 2 * inset.x}
                height={height - 2 * inset.y}
                fill="none"
                stroke="#fff"
                strokeWidth="1.6"
              />
              <text
                x={width - inset.x - 8}
                y={height - inset.y - 10}
                textAnchor="end"
                fontSize="17"
                fill="#fff"
                className="label"
                fontWeight="600"
              >
                kept by the stabiliser
              </text>
            </>
          )}
          {band && (
            <g>
              <rect
                x={inset.x}
                y={rowOf(band[0])}
                width="12"
                height={rowOf(band[1]) - rowOf(band[0])}
                fill="#ff6416"
                stroke="#22272b"
                strokeWidth="1.5"
              />
              {[band[0], band[1]].map((edge) => (
                <line
                  key={edge}
                  x1={inset.x}
                  x2={width - inset.x}
                  y1={rowOf(edge)}
                  y2={rowOf(edge)}
                  stroke="#22272b"
                  strokeWidth="1.3"
                  strokeDasharray="3 9"
                />
              ))}
            </g>
          )}
          {horizon && Number.isFinite(horizon.heightFraction) && Math.abs(horizon.heightFraction - 0.5) < 2 && (
            <g transform={`translate(${width - inset.x} ${rowOf(horizon.heightFraction)})`}>
              <path d="M0 0 -22 -9V9Z" fill="#22272b" stroke="#fff" strokeWidth="1.5" />
              <line x1={-50} x2={-22} y1="0" y2="0" stroke="#22272b" strokeWidth="2" />
            </g>
          )}
        </svg>
      </div>
    </div>
  );
}

/** The picture in words, for those who don't see it. */
function describe(report: ShotReport | undefined, stanceId: string): string {
  const frame = report && foundBy(report, 'frame').stances.find((s) => s.stanceId === stanceId);
  if (!frame) return 'Picture through the lens';
  const shares = Object.entries(frame.measures.shares)
    .filter(([, share]) => share > 0.005)
    .map(([group, share]) => `${group} ${Math.round(share * 100)} percent`);
  return `In ${frame.name.toLowerCase()}: ${shares.join(', ')}`;
}
