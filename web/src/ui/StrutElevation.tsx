import type { DrawingPoint, DrawnForce, SideElevation } from '@strut-spot/core';
import { useRef, type PointerEvent } from 'react';
import { ForceArrows } from './ForceArrows';

interface Handle {
  readonly onDown: (event: PointerEvent<SVGGElement>) => void;
  readonly onMove: (event: PointerEvent<SVGGElement>, toDrawing: (event: PointerEvent) => DrawingPoint) => void;
  readonly onUp: () => void;
}

interface StrutElevationProps {
  readonly drawing: SideElevation;
  readonly reachText: string;
  readonly heightText: string;
  readonly className?: string;
  readonly handle?: Handle | undefined;
  /** Drawn in place of the dimensions. */
  readonly forces?: readonly DrawnForce[];
  readonly title?: string;
}

const VIEW_NAMES = { side: 'Side', above: 'From above', front: 'From ahead' } as const;

const WIDTH = 340;
const HEIGHT = 252;
/** Length of the drawn lens axis, pixels. */
const AXIS_PX = 84;

/** A dimensioned drawing: everything in it comes from the computed elevation. */
export function StrutElevation({
  drawing,
  reachText,
  heightText,
  className,
  handle,
  forces,
  title = 'set-up stance',
}: StrutElevationProps) {
  const svg = useRef<SVGSVGElement>(null);
  const points = [
    ...drawing.joints,
    ...(drawing.tether ?? []),
    ...drawing.furtherArms.flat(),
    ...drawing.body,
    drawing.lens,
  ];
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => p[1]);
  const middle: DrawingPoint = [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
  const span = Math.max(0.1, (Math.max(...xs) - Math.min(...xs)) * 0.62, Math.max(...ys) - Math.min(...ys));
  const scale = (HEIGHT - 130) / span;
  // Room for the view wedge, which stands out on the side that the lens looks to.
  const lift = drawing.axis[1] * 34;
  const px = ([x, y]: DrawingPoint): DrawingPoint => [
    WIDTH / 2 - 22 + (x - middle[0]) * scale,
    HEIGHT / 2 + lift - (y - middle[1]) * scale,
  ];
  const pointsOf = (points: readonly DrawingPoint[]): string =>
    points
      .map((point) =>
        px(point)
          .map((v) => v.toFixed(1))
          .join(','),
      )
      .join(' ');
  const along = (p: DrawingPoint, d: DrawingPoint, k: number): DrawingPoint => [p[0] + d[0] * k, p[1] - d[1] * k];
  /** To which side the lens looks, where the line of the level is drawn. */
  const looks = drawing.axis[0] < 0 ? -1 : 1;
  const line = (a: DrawingPoint, b: DrawingPoint) =>
    `M${a[0].toFixed(1)} ${a[1].toFixed(1)}L${b[0].toFixed(1)} ${b[1].toFixed(1)}`;

  const spot = px(drawing.joints[0]!);
  const lens = px(drawing.lens);
  const tip = along(lens, drawing.axis, AXIS_PX);
  // Foot of the lens on the surface line, for the two dimensions.
  const fromSpot: DrawingPoint = [drawing.lens[0] - drawing.joints[0]![0], drawing.lens[1] - drawing.joints[0]![1]];
  const reach = fromSpot[0] * drawing.surface[0] + fromSpot[1] * drawing.surface[1];
  const foot = along(spot, drawing.surface, reach * scale);
  const side = reach >= 0 ? 1 : -1;
  const alongSurface = (p: DrawingPoint) =>
    (p[0] - drawing.joints[0]![0]) * drawing.surface[0] + (p[1] - drawing.joints[0]![1]) * drawing.surface[1];
  const beyondBody = Math.max(...drawing.body.map((p) => side * (alongSurface(p) - reach)), 0) * scale + 14;
  const out = along(foot, drawing.surface, beyondBody * side);
  const outLens = along(lens, drawing.surface, beyondBody * side);
  const under = along(spot, drawing.normal, -20);
  const underFoot = along(foot, drawing.normal, -20);
  const toDrawing = (event: PointerEvent): DrawingPoint => {
    const matrix = svg.current!.getScreenCTM()!.inverse();
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return [(at.x - WIDTH / 2 + 22) / scale + middle[0], middle[1] - (at.y - HEIGHT / 2 - lift) / scale];
  };
  const hatch = Array.from({ length: 15 }, (_, i) => along(spot, drawing.surface, (i - 7) * 11));
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className={className}
      role="img"
      aria-label="Side drawing of the strut"
    >
      <text x="8" y="16" className="caption" fill="currentColor" fontSize="10.5">
        {`${VIEW_NAMES[drawing.view]}, ${title}`.toUpperCase()}
      </text>
      <g stroke="currentColor" fill="none">
        <path d={line(along(spot, drawing.surface, -82), along(spot, drawing.surface, 82))} strokeWidth="1.8" />
        {hatch.map((p, i) => (
          <path
            key={i}
            d={line(p, along(along(p, drawing.normal, -8), drawing.surface, -6))}
            strokeWidth="0.7"
            opacity="0.7"
          />
        ))}
        <path
          d={line(lens, [lens[0] + looks * 100, lens[1]])}
          strokeWidth="0.8"
          strokeDasharray="7 3 1.5 3"
          opacity="0.75"
        />
      </g>
      <path
        d={`M${lens.join(' ')}L${along(lens, drawing.edges[0], AXIS_PX).join(' ')}L${along(lens, drawing.edges[1], AXIS_PX).join(' ')}Z`}
        fill="var(--hivis)"
        opacity="0.16"
      />
      {drawing.edges.map((edge, i) => (
        <path key={i} d={line(lens, along(lens, edge, AXIS_PX))} stroke="var(--hivis-ink)" strokeWidth="1" />
      ))}
      {drawing.furtherArms.map((arm, i) => (
        <polyline
          key={i}
          points={pointsOf(arm)}
          fill="none"
          stroke="var(--hivis)"
          strokeWidth="4"
          strokeLinejoin="round"
        />
      ))}
      {drawing.tether && (
        <polyline points={pointsOf(drawing.tether)} fill="none" stroke="currentColor" strokeWidth="1.6" />
      )}
      <polyline
        points={pointsOf(drawing.joints)}
        fill="none"
        stroke="var(--hivis)"
        strokeWidth="6"
        strokeLinejoin="round"
      />
      <polygon
        points={drawing.body
          .map((b) =>
            px(b)
              .map((v) => v.toFixed(1))
              .join(','),
          )
          .join(' ')}
        fill="var(--hivis)"
        stroke="currentColor"
        strokeWidth="1.2"
      />
      {drawing.joints.slice(1).map((joint, i) => {
        const [x, y] = px(joint);
        return <circle key={i} cx={x} cy={y} r="3.6" fill="var(--sheet)" stroke="currentColor" strokeWidth="1.3" />;
      })}
      {!forces && (
        <g stroke="currentColor" strokeWidth="0.8" fill="none">
          <path
            d={`${line(lens, along(outLens, drawing.surface, 4 * side))}${line(foot, along(out, drawing.surface, 4 * side))}`}
            opacity="0.55"
          />
          <path d={line(out, outLens)} markerStart="url(#tick)" markerEnd="url(#tick)" />
          {Math.abs(reach) * scale > 6 && (
            <path d={line(under, underFoot)} markerStart="url(#tick)" markerEnd="url(#tick)" />
          )}
        </g>
      )}
      <defs>
        <marker id="tick" viewBox="-4 -4 8 8" markerWidth="8" markerHeight="8" orient="auto">
          <path d="M-3 3 3 -3" stroke="currentColor" strokeWidth="1.4" />
        </marker>
      </defs>
      {!forces && (
        <g
          className="reading"
          fontSize="10.5"
          fill="currentColor"
          stroke="var(--paper)"
          strokeWidth="3"
          paintOrder="stroke"
        >
          <text x={(out[0] + outLens[0]) / 2 + 6} y={(out[1] + outLens[1]) / 2 + 4}>
            {heightText}
          </text>
          {Math.abs(reach) * scale > 6 && (
            <text x={(under[0] + underFoot[0]) / 2} y={(under[1] + underFoot[1]) / 2 + 13} textAnchor="middle">
              {reachText}
            </text>
          )}
          <text
            x={looks > 0 ? Math.min(WIDTH - 62, lens[0] + 62) : Math.max(62, lens[0] - 62)}
            y={lens[1] + (drawing.axis[1] >= 0 ? 14 : -6)}
            textAnchor={looks > 0 ? 'start' : 'end'}
          >
            {drawing.reading}
          </text>
        </g>
      )}
      {forces && <ForceArrows forces={forces} body={drawing.body} px={px} widthPx={WIDTH} heightPx={HEIGHT} />}
      <g
        className={handle ? 'cursor-grab touch-none active:cursor-grabbing' : ''}
        onPointerDown={handle?.onDown}
        onPointerMove={(event) => handle?.onMove(event, toDrawing)}
        onPointerUp={handle?.onUp}
      >
        <path d={line(lens, tip)} stroke="var(--hivis-ink)" strokeWidth="2.2" />
        <path d={line(lens, tip)} stroke="transparent" strokeWidth="18" />
        {handle && (
          <rect
            x={tip[0] - 6}
            y={tip[1] - 6}
            width="12"
            height="12"
            fill="var(--hivis)"
            stroke="currentColor"
            strokeWidth="1.4"
            transform={`rotate(45 ${tip[0]} ${tip[1]})`}
          />
        )}
      </g>
    </svg>
  );
}
