import { smallLength, type ShotReport } from '@strut-spot/core';
import { useRef, type PointerEvent } from 'react';
import { Download } from 'lucide-react';
import { download, fileNameOf } from '../../devices/download';
import { useShot } from '../../state/useShot';
import { standaloneSvg } from '../../formats/svg/standaloneSvg';
import { GESTURE } from '../../state/outingHistory';
import { useSettings } from '../../storage/settings';
import { StrutElevation } from '../../ui/StrutElevation';
import { computing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';

/** A frequency with the digits that an estimate bears. */
const hertz = (f: number): string => (f < 9.5 ? f.toFixed(1) : String(Number(f.toPrecision(2))));

const SEEN = { side: 'from the side', above: 'from above', front: 'from ahead' } as const;
const CAPTION = 'min-h-[3.6em] border-t border-hair px-3 py-1 text-[0.9rem]';

/** The strut square on with its dimensions; the lens axis is a handle. */
export function StrutDrawing({ report }: { report: ShotReport | undefined }) {
  const { shot, changeSetUp, rig } = useShot();
  const { units } = useSettings();
  const { value: drawing } = useLatest(JSON.stringify([rig, shot.setUp]), () =>
    computing.sideElevation(rig, shot.setUp),
  );
  const dragging = useRef<string | null>(null);
  const figure = useRef<HTMLElement>(null);
  const saveSvg = () => {
    const svg = figure.current?.querySelector<SVGSVGElement>('svg[role=img], svg:not(button svg)');
    if (svg) download(`${fileNameOf(shot.name)}-strut.svg`, standaloneSvg(svg), 'image/svg+xml');
  };
  // As high as what comes, so that nothing below moves.
  if (!drawing || !report) {
    return (
      <div className="border-b border-hair">
        <div className="h-60" />
        <p className={CAPTION} />
      </div>
    );
  }

  const { angles } = shot.setUp;
  const facesBack = Math.cos((angles.panDeg * Math.PI) / 180) < 0;
  const onDrag = (event: PointerEvent<SVGGElement>, toDrawing: (event: PointerEvent) => readonly [number, number]) => {
    if (!dragging.current || drawing.view !== 'side') return;
    const [x, y] = toDrawing(event);
    const dx = (x - drawing.lens[0]) * (facesBack ? -1 : 1);
    const tiltDeg = (Math.atan2(y - drawing.lens[1], dx) * 180) / Math.PI;
    changeSetUp(
      { angles: { ...angles, tiltDeg: Math.max(-120, Math.min(120, Math.round(tiltDeg * 2) / 2)) } },
      dragging.current,
    );
  };
  return (
    <figure ref={figure} className="relative border-b border-hair">
      <button
        type="button"
        className="action action-quiet absolute top-1 right-1 text-ink-2"
        aria-label="Save the drawing as SVG"
        title="Save the drawing as SVG"
        onClick={saveSvg}
      >
        <Download size={15} aria-hidden />
      </button>
      <StrutElevation
        drawing={drawing}
        reachText={smallLength(report.reachM, units)}
        heightText={smallLength(report.heightM, units)}
        className="h-60 w-full"
        handle={
          drawing.view === 'side'
            ? {
                onDown: (event) => {
                  dragging.current = `${GESTURE}${event.timeStamp}`;
                  event.currentTarget.setPointerCapture(event.pointerId);
                },
                onMove: onDrag,
                onUp: () => (dragging.current = null),
              }
            : undefined
        }
      />
      <p
        className={CAPTION}
        title={report.swing.softness
          .map((s) => `${s.name}: gives ${(s.mPerN * 1e6).toFixed(0)} µm per newton`)
          .join('\n')}
        data-testid="swing"
      >
        Swings at about <span className="reading">{hertz(report.swing.frequencyHz)} Hz</span>{' '}
        <span className="text-ink-2">
          (estimate, {hertz(report.swing.lowHz)} to {hertz(report.swing.highHz)}); softest:{' '}
          {report.swing.softness[0]!.name}
        </span>
      </p>
      <figcaption className="sr-only">
        Strut seen {SEEN[drawing.view]} in the set-up stance: reach {smallLength(report.reachM, units)}, height{' '}
        {smallLength(report.heightM, units)}, lens {drawing.reading}.
      </figcaption>
    </figure>
  );
}
