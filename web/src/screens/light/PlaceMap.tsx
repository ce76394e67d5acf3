import { feature } from 'topojson-client';
import type { GeometryCollection, Topology } from 'topojson-specification';
import coasts from 'world-atlas/land-110m.json';

const WIDTH = 360;
const HEIGHT = 180;

/** Coasts of the world as one path, longitude across and latitude down, a degree a unit (Natural Earth 1:110 million, public domain). */
function coastPath(): string {
  const land = feature(
    coasts as unknown as Topology<{ land: GeometryCollection }>,
    (coasts as unknown as Topology<{ land: GeometryCollection }>).objects.land,
  );
  return land.features
    .flatMap(({ geometry }) => (geometry.type === 'MultiPolygon' ? geometry.coordinates : []))
    .flat()
    .map((ring) =>
      ring
        .map(([lon, lat], i) => {
          // No line right across the map where a coast goes on at its other edge.
          const on = i > 0 && Math.abs(lon! - ring[i - 1]![0]!) < 180;
          return `${on ? 'L' : 'M'}${(lon! + 180).toFixed(1)},${(90 - lat!).toFixed(1)}`;
        })
        .join(''),
    )
    .join('');
}

const COASTS = coastPath();

/** A plain map to put the outing's place on by a press; the fields beside it say it in figures. */
export default function PlaceMap({
  latDeg,
  lonDeg,
  onPlace,
}: {
  readonly latDeg: number;
  readonly lonDeg: number;
  readonly onPlace: (place: { latDeg: number; lonDeg: number }) => void;
}) {
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full cursor-crosshair border border-hair bg-sheet"
      data-testid="place-map"
      aria-hidden
      onClick={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        const across = (event.clientX - box.left) / box.width;
        const down = (event.clientY - box.top) / box.height;
        onPlace({
          latDeg: Math.round((90 - down * HEIGHT) * 10) / 10,
          lonDeg: Math.round((across * WIDTH - 180) * 10) / 10,
        });
      }}
    >
      <path d={COASTS} fill="var(--paper-2)" stroke="var(--ink-2)" strokeWidth="0.4" />
      <line x1={lonDeg + 180} x2={lonDeg + 180} y1={0} y2={HEIGHT} stroke="var(--hivis)" strokeWidth="0.8" />
      <line x1={0} x2={WIDTH} y1={90 - latDeg} y2={90 - latDeg} stroke="var(--hivis)" strokeWidth="0.8" />
      <circle cx={lonDeg + 180} cy={90 - latDeg} r="3.2" fill="none" stroke="var(--ink)" strokeWidth="1.4" />
    </svg>
  );
}
