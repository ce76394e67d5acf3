import type { BikeGeometry } from '../../shapes/bicycle/bikeGeometry';
import { frameTriangle } from '../../shapes/bicycle/frameTriangle';
import { add, addScaled, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';

const practice = { kind: 'common practice' } as const;

export const dimensions: readonly Dimension[] = [
  {
    id: 'beadSeatDiameterM',
    name: 'Wheel (bead seat)',
    unit: 'm',
    standard: 0.622,
    low: 0.584,
    high: 0.622,
    step: 0.001,
    source: { kind: 'published', text: 'ISO 5775: 622 mm (700C), 584 mm (650B); from memory' },
  },
  {
    id: 'tyreWidthM',
    name: 'Tyre width',
    unit: 'm',
    standard: 0.038,
    low: 0.025,
    high: 0.05,
    step: 0.001,
    source: practice,
  },
  {
    id: 'wheelbaseM',
    name: 'Wheelbase',
    unit: 'm',
    standard: 1.02,
    low: 0.97,
    high: 1.08,
    step: 0.005,
    perMetreOfRider: 0.2,
    source: practice,
  },
  {
    id: 'headAngleDeg',
    name: 'Head angle',
    unit: 'deg',
    standard: 71.5,
    low: 70,
    high: 74,
    step: 0.5,
    source: practice,
  },
  {
    id: 'stackM',
    name: 'Stack',
    unit: 'm',
    standard: 0.575,
    low: 0.5,
    high: 0.65,
    step: 0.005,
    perMetreOfRider: 0.26,
    source: practice,
  },
  {
    id: 'stemM',
    name: 'Stem length',
    unit: 'm',
    standard: 0.09,
    low: 0.06,
    high: 0.13,
    step: 0.005,
    perMetreOfRider: 0.1,
    source: practice,
  },
  {
    id: 'barWidthM',
    name: 'Bar width at the hoods',
    unit: 'm',
    standard: 0.44,
    low: 0.36,
    high: 0.5,
    step: 0.01,
    perMetreOfRider: 0.15,
    source: practice,
  },
  {
    id: 'saddleHeightM',
    name: 'Saddle height',
    unit: 'm',
    standard: 0.73,
    low: 0.6,
    high: 0.84,
    step: 0.005,
    perMetreOfRider: 0.41,
    source: practice,
  },
];

/** Frame figures that are not offered for fitting: common practice for a gravel bike, no source. */
const FIXED = {
  bottomBracketDropM: 0.07,
  chainstayM: 0.428,
  forkOffsetM: 0.05,
  axleToCrownM: 0.395,
  headTubeM: 0.135,
  spacersM: 0.02,
  seatAngleDeg: 73.5,
  seatTubeM: 0.5,
  crankM: 0.1725,
} as const;

export function roadGeometry(fit: Fit): BikeGeometry {
  const value = (id: string) => fittedValue(dimensions, fit, id);
  const tyreWidthM = value('tyreWidthM');
  const beadSeatRadiusM = value('beadSeatDiameterM') / 2;
  // Such a tyre stands about as high over the bead seat as it is wide.
  const wheelRadiusM = beadSeatRadiusM + 0.97 * tyreWidthM;
  const frame = frameTriangle({
    ...FIXED,
    wheelRadiusM,
    wheelbaseM: value('wheelbaseM'),
    headAngleDeg: value('headAngleDeg'),
  });
  const { bottomBracket, steerUp, steerAhead, crown, seatUp } = frame;
  const headTubeBottom = addScaled(crown, steerUp, 0.01);
  // The head tube ends at the wanted stack over the bottom bracket.
  const long = Math.max(0.06, (bottomBracket[1] + value('stackM') - headTubeBottom[1]) / steerUp[1]);
  const headTubeTop = addScaled(headTubeBottom, steerUp, long);
  const stemBase = addScaled(headTubeTop, steerUp, FIXED.spacersM);
  return {
    wheelRadiusM,
    tyreWidthM,
    beadSeatRadiusM,
    bottomBracket,
    rearAxle: frame.rearAxle,
    frontAxle: frame.frontAxle,
    steerUp,
    steerAhead,
    headTubeBottom,
    headTubeTop,
    stemBase,
    barCentre: add(addScaled(stemBase, steerAhead, value('stemM')), [0, 0.006, 0]),
    seatTubeTop: addScaled(bottomBracket, seatUp, FIXED.seatTubeM),
    seatUp,
    saddleTop: addScaled(bottomBracket, seatUp, value('saddleHeightM')),
    crankM: FIXED.crankM,
    barHalfM: value('barWidthM') / 2,
    barRiseM: 0,
  };
}

/** Reach and drop of the bar, and flare of its ends: common practice (65 to 80, 110 to 130 mm, 8 to 20°). */
const BAR = { reachM: 0.072, dropM: 0.118, flareM: 0.025 } as const;

/** Right half of the bar's axis from the middle: tops, ramp, hook and end; machine frame, bars straight. */
export function dropPath(g: BikeGeometry): Vec3[] {
  const [x, y] = g.barCentre;
  const w = g.barHalfM;
  const r = BAR.reachM;
  const d = BAR.dropM;
  return [
    [x, y, 0],
    [x, y, 0.06],
    [x, y, w - 0.055],
    [x + 0.012, y - 0.002, w - 0.02],
    [x + r * 0.6, y - 0.008, w - 0.004],
    [x + r * 1.02, y - 0.03, w],
    [x + r * 0.98, y - d * 0.55, w + BAR.flareM * 0.5],
    [x + r * 0.62, y - d * 0.93, w + BAR.flareM * 0.8],
    [x + r * 0.05, y - d, w + BAR.flareM],
    [x - 0.055, y - d - 0.004, w + BAR.flareM * 1.1],
  ];
}

export type HandPlace = 'tops' | 'hoods' | 'drops';

/** Middle of the right hand's grip and its axis toward the little finger. */
export function handPlace(g: BikeGeometry, place: HandPlace): { centre: Vec3; outward: Vec3 } {
  const path = dropPath(g);
  if (place === 'tops') return { centre: [path[2]![0], path[2]![1], g.barHalfM * 0.52], outward: [-0.05, 0, 1] };
  if (place === 'hoods') return { centre: add(path[5]!, [0.006, 0.04, -0.002]), outward: [-0.55, -0.05, 0.83] };
  return { centre: add(path[7]!, [-0.006, 0.012, 0]), outward: [-0.86, -0.34, 0.38] };
}
