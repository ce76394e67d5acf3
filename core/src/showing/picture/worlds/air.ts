import { hash2, noise2 } from './noise';
import { blend, farLand, type Rgb, type World } from './world';

const { abs, floor, max, min } = Math;

const CROPS: readonly Rgb[] = [
  [176, 178, 128],
  [150, 164, 110],
  [196, 186, 140],
  [132, 150, 100],
  [184, 170, 124],
  [160, 172, 132],
];
const WOOD: Rgb = [96, 118, 88];
const LANE: Rgb = [212, 204, 184];
const SEA: Rgb = [112, 148, 160];
const SHORE: Rgb = [214, 204, 176];

/** Edge lengths of the fields, metres; estimate from aerial views of small farms 80 to 250 m. */
const FIELD_M = [140, 190] as const;

/** Country seen from the air: fields with hedges and lanes, woods, and the sea on the left. */
function countryColour(x: number, z: number, distanceM: number): Rgb {
  const [u, v] = [x * 0.94 + z * 0.34, z * 0.94 - x * 0.34];
  const shore = -620 + 260 * (noise2(x / 700, 0, 91) - 0.5) + 60 * (noise2(x / 90, 0, 92) - 0.5);
  if (z < shore) {
    const deep = min(1, (shore - z) / 120);
    return blend(blend([168, 192, 190], SEA, deep), [150, 180, 186], 0.4 * noise2(x / 13, z / 5, 93));
  }
  if (z < shore + 14) return SHORE;
  const column = floor(u / FIELD_M[0]);
  const row = floor((v + 60 * hash2(column, 4, 94)) / FIELD_M[1]);
  const inU = u - column * FIELD_M[0];
  const inV = v + 60 * hash2(column, 4, 94) - row * FIELD_M[1];
  const edge = min(inU, FIELD_M[0] - inU, inV, FIELD_M[1] - inV);
  const wooded = hash2(column, row, 95) < 0.16;
  const blur = 1 + distanceM * 0.0012;
  if (inU < 4 + blur && column % 3 === 0) return blend(LANE, CROPS[0]!, min(0.7, blur / 12));
  if (edge < 2.2 + blur) return blend(WOOD, CROPS[1]!, min(0.6, blur / 10));
  const fine = (noise2(x / 6, z / 6, 96) - 0.5) / (1 + distanceM / 400);
  if (wooded) return blend(WOOD, [70, 92, 66], min(1, max(0, 0.5 + fine * 2)));
  const crop = CROPS[floor(hash2(column, row, 97) * CROPS.length)]!;
  // Rows of the drill, while they can be told apart.
  const rows = distanceM < 500 ? 0.08 * (abs(((inV / 6) % 1) - 0.5) * 2 - 0.5) : 0;
  return blend(crop, [120, 128, 84], min(1, max(0, 0.18 + 0.5 * fine + rows)));
}

export const air: World = {
  colour: countryColour,
  scenery: () => [],
  far: (direction) => farLand(direction, [170, 178, 150], [150, 166, 150]),
  hills: 0.8,
  nearM: 12_000,
  hazeM: 5000,
};
