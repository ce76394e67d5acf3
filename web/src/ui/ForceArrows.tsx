import type { DrawingPoint, DrawnForce } from '@strut-spot/core';

const FORCE_WORDS: Readonly<Record<DrawnForce['name'], string>> = {
  weight: 'weight',
  drag: 'drag',
  thrown: 'thrown',
  held: 'base holds',
};
/** Length of the longest arrow, where a label stands beside its point, and from one label to the next below; pixels. */
const LONGEST_PX = 78;
const LABEL_PX = 9;
const ROW_PX = 13;

interface ForceArrowsProps {
  readonly forces: readonly DrawnForce[];
  /** Outline of the camera: no label lies on it. */
  readonly body: readonly DrawingPoint[];
  readonly px: (p: DrawingPoint) => DrawingPoint;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** Arrows to one scale; what acts on the strut dark, what the base answers in the hi-vis ink. */
export function ForceArrows({ forces, body, px, widthPx, heightPx }: ForceArrowsProps) {
  const k = LONGEST_PX / Math.max(...forces.map((f) => Math.hypot(...f.vector)), 1e-9);
  const arrows = forces.map((force) => {
    const [x, y] = px(force.at);
    const end: DrawingPoint = [x + force.vector[0] * k, y - force.vector[1] * k];
    const toLeft = force.name === 'weight' || (Math.hypot(...force.vector) * k > 14 && force.vector[0] < 0);
    return { ...force, from: [x, y] as const, end, toLeft, labelY: Math.max(28, Math.min(heightPx - 4, end[1] + 3)) };
  });
  for (const side of [true, false]) spread(arrows.filter((a) => a.toLeft === side));
  const outline = body.map(px);
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const besideBody = (labelY: number): boolean => labelY > Math.min(...ys) && labelY - ROW_PX < Math.max(...ys);
  const labelX = ({ end, toLeft, labelY }: (typeof arrows)[number]): number => {
    const clear = besideBody(labelY) ? [Math.min(...xs), Math.max(...xs)] : [Infinity, -Infinity];
    const x = toLeft ? Math.min(end[0], clear[0]!) - LABEL_PX : Math.max(end[0], clear[1]!) + LABEL_PX;
    return Math.max(4, Math.min(widthPx - 4, x));
  };
  return (
    <g fontSize="10.5" className="reading">
      <defs>
        <marker id="force-tip" viewBox="-8 -4 9 8" markerWidth="8" markerHeight="8" orient="auto">
          <path d="M-8 -3.4 0 0 -8 3.4Z" fill="context-stroke" />
        </marker>
      </defs>
      {arrows.map(({ name, from, end }) => (
        <path
          key={name}
          d={`M${from.join(' ')}L${end.join(' ')}`}
          stroke={name === 'held' ? 'var(--hivis-ink)' : 'currentColor'}
          strokeWidth="1.8"
          markerEnd="url(#force-tip)"
        />
      ))}
      {arrows.map((arrow) => (
        <text
          key={arrow.name}
          x={labelX(arrow)}
          y={arrow.labelY}
          textAnchor={arrow.toLeft ? 'end' : 'start'}
          fill="currentColor"
          stroke="var(--paper)"
          strokeWidth="3"
          paintOrder="stroke"
        >
          {FORCE_WORDS[arrow.name]} {arrow.newton < 9.95 ? arrow.newton.toFixed(1) : Math.round(arrow.newton)} N
        </text>
      ))}
    </g>
  );
}

/** Labels of one side moved apart, so that none lies on another. */
function spread(labels: { labelY: number }[]): void {
  labels.sort((a, b) => a.labelY - b.labelY);
  labels.forEach((label, i) => {
    if (i > 0) label.labelY = Math.max(label.labelY, labels[i - 1]!.labelY + ROW_PX);
  });
}
