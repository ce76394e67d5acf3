import type { DrawingPoint, SideElevation } from '@strut-spot/core';
import type { CanvasElement } from 'pdfmake/interfaces';
import { GREY, HIVIS, INK } from './colours';

/** The side drawing as vectors, points; down is positive on paper. */
export function strutCanvas(drawing: SideElevation, width: number, height: number): CanvasElement[] {
  const points = [
    ...drawing.joints,
    ...(drawing.tether ?? []),
    ...drawing.furtherArms.flat(),
    ...drawing.body,
    drawing.lens,
  ];
  const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
  const middle: DrawingPoint = [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
  const scale =
    (height - 60) / Math.max(0.1, (Math.max(...xs) - Math.min(...xs)) * 0.6, Math.max(...ys) - Math.min(...ys));
  const at = ([x, y]: DrawingPoint): DrawingPoint => [
    width / 2 - 20 + (x - middle[0]) * scale,
    height / 2 + drawing.axis[1] * 14 - (y - middle[1]) * scale,
  ];
  const along = (p: DrawingPoint, d: DrawingPoint, k: number): DrawingPoint => [p[0] + d[0] * k, p[1] - d[1] * k];
  const line = (a: DrawingPoint, b: DrawingPoint, lineWidth: number, lineColor: string): CanvasElement => ({
    type: 'line',
    x1: a[0],
    y1: a[1],
    x2: b[0],
    y2: b[1],
    lineWidth,
    lineColor,
  });
  const polyline = (path: readonly DrawingPoint[], lineWidth: number, lineColor: string) =>
    path.slice(1).map((point, i) => line(at(path[i]!), at(point), lineWidth, lineColor));
  const spot = at(drawing.joints[0]!);
  const lens = at(drawing.lens);
  const hatch = Array.from({ length: 9 }, (_, i) => {
    const p = along(spot, drawing.surface, (i - 4) * 11);
    return line(p, along(along(p, drawing.normal, -6), drawing.surface, -4), 0.5, INK);
  });
  return [
    line(along(spot, drawing.surface, -50), along(spot, drawing.surface, 50), 1.4, INK),
    ...hatch,
    ...polyline(drawing.tether ?? [], 1, INK),
    ...drawing.furtherArms.flatMap((arm) => polyline(arm, 2.6, HIVIS)),
    ...polyline(drawing.joints, 4, HIVIS),
    ...drawing.body.map((corner, i) => line(at(corner), at(drawing.body[(i + 1) % drawing.body.length]!), 1.2, INK)),
    ...drawing.edges.map((edge) => line(lens, along(lens, edge, 42), 0.6, HIVIS)),
    line(lens, along(lens, drawing.axis, 44), 1.4, INK),
    line(lens, [lens[0] + (drawing.axis[0] < 0 ? -56 : 56), lens[1]], 0.4, GREY),
  ];
}
