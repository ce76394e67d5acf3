import type { BikeGeometry } from '../bicycle/bikeGeometry';
import { frameTriangle } from '../bicycle/frameTriangle';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { toRad } from '../../../src/mathematics/units/angle';
import { add, addScaled, scale, type Vec3 } from '../../../src/mathematics/geometry/vec3';

const practice = { kind: 'common practice' } as const;

export const dimensions: readonly Dimension[] = [
  {
    id: 'beadSeatDiameterM',
    name: 'Wheel (bead seat)',
    unit: 'm',
    standard: 0.622,
    low: 0.559,
    high: 0.622,
    step: 0.001,
    source: { kind: 'published', text: 'ISO 5775: 559 mm (26 in), 584 mm (27.5 in), 622 mm (29 in); from memory' },
  },
  {
    id: 'tyreWidthM',
    name: 'Tyre width',
    unit: 'm',
    standard: 0.061,
    low: 0.048,
    high: 0.071,
    step: 0.001,
    source: practice,
  },
  {
    id: 'wheelbaseM',
    name: 'Wheelbase',
    unit: 'm',
    standard: 1.215,
    low: 1.05,
    high: 1.32,
    step: 0.005,
    perMetreOfRider: 0.3,
    source: practice,
  },
  {
    id: 'chainstayM',
    name: 'Chainstay',
    unit: 'm',
    standard: 0.438,
    low: 0.415,
    high: 0.46,
    step: 0.001,
    source: practice,
  },
  {
    id: 'headAngleDeg',
    name: 'Head angle',
    unit: 'deg',
    standard: 65.5,
    low: 62,
    high: 72,
    step: 0.5,
    source: practice,
  },
  {
    id: 'barWidthM',
    name: 'Bar width',
    unit: 'm',
    standard: 0.78,
    low: 0.66,
    high: 0.82,
    step: 0.01,
    perMetreOfRider: 0.15,
    source: practice,
  },
  { id: 'barRiseM', name: 'Bar rise', unit: 'm', standard: 0.03, low: 0, high: 0.06, step: 0.005, source: practice },
  {
    id: 'stemM',
    name: 'Stem length',
    unit: 'm',
    standard: 0.045,
    low: 0.03,
    high: 0.09,
    step: 0.005,
    source: practice,
  },
  {
    id: 'saddleHeightM',
    name: 'Saddle height',
    unit: 'm',
    standard: 0.69,
    low: 0.5,
    high: 0.82,
    step: 0.005,
    perMetreOfRider: 0.4,
    source: practice,
  },
  {
    id: 'crankM',
    name: 'Crank',
    unit: 'm',
    standard: 0.17,
    low: 0.155,
    high: 0.175,
    step: 0.0025,
    perMetreOfRider: 0.03,
    source: practice,
  },
];

/** Frame figures that are not offered for fitting: common practice for a trail hardtail, no source. */
const FIXED = {
  bottomBracketDropM: 0.042,
  forkOffsetM: 0.044,
  axleToCrownM: 0.54,
  headTubeM: 0.11,
  spacersM: 0.028,
  seatAngleDeg: 74.5,
  seatTubeM: 0.41,
} as const;

export function bikeGeometry(fit: Fit): BikeGeometry {
  const value = (id: string) => fittedValue(dimensions, fit, id);
  const tyreWidthM = value('tyreWidthM');
  const beadSeatRadiusM = value('beadSeatDiameterM') / 2;
  // A mountain bike tyre stands about as high over the bead seat as 0.93 of its width.
  const wheelRadiusM = beadSeatRadiusM + 0.93 * tyreWidthM;
  const frame = frameTriangle({
    ...FIXED,
    wheelRadiusM,
    wheelbaseM: value('wheelbaseM'),
    chainstayM: value('chainstayM'),
    headAngleDeg: value('headAngleDeg'),
  });
  const { bottomBracket, steerUp, steerAhead, crown, seatUp } = frame;
  const headTubeBottom = addScaled(crown, steerUp, 0.012);
  const headTubeTop = addScaled(headTubeBottom, steerUp, FIXED.headTubeM);
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
    barCentre: addScaled(addScaled(stemBase, steerAhead, value('stemM')), steerUp, 0.004),
    seatTubeTop: addScaled(bottomBracket, seatUp, FIXED.seatTubeM),
    seatUp,
    saddleTop: addScaled(bottomBracket, seatUp, value('saddleHeightM')),
    crankM: value('crankM'),
    barHalfM: value('barWidthM') / 2,
    barRiseM: value('barRiseM'),
  };
}

/** Backsweep and upsweep of the bar's ends, degrees (common practice: 7 to 9 and 4 to 6). */
const SWEEP = { backDeg: 8, upDeg: 5 } as const;

/** Right half of the handlebar's axis from the middle outward, bars straight, machine frame. */
export function barPath(g: BikeGeometry): Vec3[] {
  const at = (z: number, back: number, up: number): Vec3 =>
    add([0, 0, z], add(addScaled(g.barCentre, g.steerAhead, -back), scale(g.steerUp, up)));
  const tipZ = g.barHalfM;
  const bendZ = 0.11;
  const out = tipZ - bendZ;
  return [
    at(0, 0, 0),
    at(0.035, 0, 0),
    at(0.06, 0.001, g.barRiseM * 0.2),
    at(0.09, 0.003, g.barRiseM * 0.8),
    at(bendZ, 0.006, g.barRiseM),
    at(
      bendZ + out / 2,
      0.006 + (out / 2) * Math.tan(toRad(SWEEP.backDeg)),
      g.barRiseM + (out / 2) * Math.tan(toRad(SWEEP.upDeg)),
    ),
    at(tipZ, 0.006 + out * Math.tan(toRad(SWEEP.backDeg)), g.barRiseM + out * Math.tan(toRad(SWEEP.upDeg))),
  ];
}

/** Middle of the right grip and its outward axis, bars straight, machine frame. */
export function gripAxis(g: BikeGeometry): { centre: Vec3; outward: Vec3 } {
  const path = barPath(g);
  const from = path[path.length - 2]!;
  const tip = path[path.length - 1]!;
  const line: Vec3 = [tip[0] - from[0], tip[1] - from[1], tip[2] - from[2]];
  const size = Math.hypot(...line);
  const outward = scale(line, 1 / size);
  return { centre: addScaled(tip, outward, -0.068), outward };
}
