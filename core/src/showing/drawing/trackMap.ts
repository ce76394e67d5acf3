import { trackLengthM, trackProfile } from '../../deciding/track/keptTrack';
import type { KeptTrack } from '../../words/ride/keptTrack';

type Point = readonly [x: number, y: number];
interface Box {
  readonly width: number;
  readonly height: number;
  readonly margin: number;
}
interface Place {
  readonly latDeg: number;
  readonly lonDeg: number;
}

/** A track drawn with north up, in the units of its box, y downwards; both directions to one scale. */
export interface TrackMap {
  readonly line: readonly Point[];
  /** One a stretch, with its middle for a number. */
  readonly stretches: readonly { readonly id: string; readonly line: readonly Point[]; readonly middle: Point }[];
  /** A round length and what it measures on the drawing. */
  readonly scale: { readonly metres: number; readonly length: number };
}

const METRES_PER_DEG = 111_195;
/** The longest of 1, 2, 5 times a power of ten that a length holds. */
const roundBelow = (metres: number): number => {
  const power = 10 ** Math.floor(Math.log10(metres));
  return [5, 2, 1].map((n) => n * power).find((n) => n <= metres) ?? power;
};

/** A small piece of the globe as a plane (equirectangular about its middle): right within 1 % for tracks of up to some 200 km. */
export function trackMap(
  track: KeptTrack,
  stretches: readonly { readonly id: string; readonly path: readonly Place[]; readonly middle: Place }[],
  { width, height, margin }: Box,
): TrackMap {
  const lats = track.nodes.map(([lat]) => lat);
  const midLat = (Math.min(...lats) + Math.max(...lats)) / 2;
  const shrink = Math.cos((midLat * Math.PI) / 180);
  const metres = ({ latDeg, lonDeg }: Place): Point => {
    // Over the line of the date longitudes go on.
    const turn = lonDeg - track.nodes[0]![1];
    const lon = turn > 180 ? turn - 360 : turn < -180 ? turn + 360 : turn;
    return [lon * METRES_PER_DEG * shrink, -latDeg * METRES_PER_DEG];
  };
  const all = track.nodes.map(([latDeg, lonDeg]) => metres({ latDeg, lonDeg }));
  const ends = ([0, 1] as const).map((axis) => {
    const values = all.map((p) => p[axis]);
    return [Math.min(...values), Math.max(...values)] as const;
  });
  const [[west, east], [north, south]] = ends as [readonly [number, number], readonly [number, number]];
  const scale = Math.min(
    (width - 2 * margin) / Math.max(1, east - west),
    (height - 2 * margin) / Math.max(1, south - north),
  );
  const at = (place: Point): Point => [
    width / 2 + (place[0] - (west + east) / 2) * scale,
    height / 2 + (place[1] - (north + south) / 2) * scale,
  ];
  const bar = roundBelow(width / 3 / scale);
  return {
    line: all.map(at),
    stretches: stretches.map(({ id, path, middle }) => ({
      id,
      line: path.map((place) => at(metres(place))),
      middle: at(metres(middle)),
    })),
    scale: { metres: bar, length: bar * scale },
  };
}

/** Heights over the way in the units of a box, y downwards; empty without heights. */
export function profileLine(track: KeptTrack, { width, height, margin }: Box): readonly Point[] {
  const known = trackProfile(track);
  const heights = known.map(([, eleM]) => eleM);
  const [low, high] = [Math.min(...heights), Math.max(...heights)];
  const lengthM = trackLengthM(track);
  return known.map(([alongM, eleM]) => [
    (alongM / lengthM) * width,
    height - margin - ((eleM - low) / Math.max(1, high - low)) * (height - 2 * margin),
  ]);
}
