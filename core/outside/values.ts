/** Quantities for which somebody outside has a value: what they say, and what is computed here. Written into docs/models.md by `npm run outside`. */
import { calibrateLens, fieldOfViewDeg } from '../src/mathematics/lens/lens';
import { inverse, sumOf } from '../src/mathematics/numbers/matrix';
import { bar, movedTo, spring } from '../src/physics/stiffness/flexibility';
import { standardNormalAt } from '../src/mathematics/numbers/standardNormal';
import { magnitude } from '../src/mathematics/spectra/complex';
import { frequencyGrid } from '../src/mathematics/spectra/frequencyGrid';
import { staticSagM, transmissibility } from '../src/mathematics/spectra/transmissibility';
import { toDeg } from '../src/mathematics/units/angle';
import { contactShare, padStressPa, peelNPerMm, wetted } from '../src/physics/holding/grips/adhesive';
import { screwForceN } from '../src/physics/holding/grips/screwed';
import { cupPressurePa } from '../src/physics/holding/grips/suction';
import { enduranceMinutes } from '../src/physics/holding/handMinutes';
import { DRAG, dragN, standardAir } from '../src/physics/holding/loads/atmosphere';
import { peakOfRms } from '../src/physics/holding/loads/loads';
import { daylightStops } from '../src/physics/light/daylight';
import { lastValues } from './lastValues';
import type { OutsideValue } from './outsideValue';
export type { OutsideValue } from './outsideValue';
import { exposureS } from '../src/physics/light/exposure';
import { sunAt } from '../src/physics/light/sunCourse';
import { swingsOf, type Stage } from '../src/physics/shaking/mount/bodies';
import { flipping } from '../src/physics/shaking/mount/play';
import { vehicleResponse, type QuarterVehicle } from '../src/physics/shaking/paths/quarterVehicle';
import { gustDensity } from '../src/physics/shaking/sources/gusts';
import { groundDisplacementM2Hz, trackLikeness } from '../src/physics/shaking/sources/roadProfile';
import { waveElevationM2Hz, waveNumber } from '../src/physics/shaking/sources/waves';
import { shakeScene } from '../src/physics/shaking/whole/shakeScene';
import { ROAD_CLASS_M3 } from '../src/words/ride/roadClass';
import { shakeAt } from '../testing/shakes';
import { rms, spectrumOf, through, variance } from '../testing/spectra';

const FORMAT = calibrateLens({
  projection: 'rectilinear',
  widthPx: 3600,
  heightPx: 2400,
  fovDeg: 2 * toDeg(Math.atan(18 / 50)),
  fovAcross: 'horizontal',
  crop: 1,
});

/** Stiffness along its middle line of two hinged bars that meet at a right angle. */
function trussNPerM(lengthM: number, eiNm2: number, radiusM: number): number {
  const hinge = spring(0, 1e6);
  const bars = [-1, 1].map((side) => {
    const foot = [side * lengthM * Math.SQRT1_2, -lengthM * Math.SQRT1_2, 0] as const;
    return sumOf(movedTo(hinge, foot, [0, 0, 0]), bar(foot, [0, 0, 0], eiNm2, radiusM), hinge);
  });
  return sumOf(...bars.map(inverse))[1]![1]!;
}

/** A body that hardly turns, on a spring across it. */
const onSpring = (stiffnessNM: number, massKg: number): Stage => ({
  pieces: [
    {
      name: 'spring',
      kind: 'pad',
      link: 0,
      awayM: 0,
      mPerN: 1 / stiffnessNM,
      radPerN: 0,
      radPerNm: 1e-9,
      loss: 0,
    },
  ],
  body: { massKg, inertiaKgM2: 1 },
  leverM: 0,
});
/** Swings of two bodies of 1 kg in a row, each on 1 N/m. */
const equalPair = () => swingsOf([onSpring(1, 1), onSpring(1, 1)]);

const BAND = frequencyGrid(0.5, 50, 4000);
const contour = (roughnessM3: number, speedMps: number) =>
  spectrumOf(BAND, (f) => (2 * Math.PI * f) ** 4 * groundDisplacementM2Hz(roughnessM3, speedMps, f));
const VEHICLE: QuarterVehicle = { tyrePerS2: 653, springPerS2: 63.3, unsprungShare: 0.15, dampingPerS: 6.0 };
const gain = (what: 'body' | 'axle', f: number) => magnitude(vehicleResponse(VEHICLE, f)[what]);
const vehicleRms = (road: 'A' | 'C' | 'E', what: 'body' | 'axle') =>
  rms(through(contour(ROAD_CLASS_M3[road], 20), (f) => gain(what, f)));
const peak = (what: 'body' | 'axle', low: number, high: number) =>
  [...frequencyGrid(low, high, 6000)].reduce((best, f) => (gain(what, f) > gain(what, best) ? f : best), low);
const whiteNoise = (f: number, damping: number, g2Hz: number) =>
  rms(
    through(
      spectrumOf(frequencyGrid(0.02, 40_000, 60_000), () => g2Hz),
      (hz) => transmissibility(hz, f, damping),
    ),
  );
const WIDE = frequencyGrid(1e-5, 200, 8000);
const TRACK_M = 1.5;
const alike = (x: number) => trackLikeness(x / (2 * Math.PI * TRACK_M), TRACK_M);
const CUP_M2 = Math.PI * 0.04 ** 2;
const cupN = (altitudeM: number, putOnM: number, temperatureC = 15) =>
  CUP_M2 *
  cupPressurePa(0.6, {
    pressurePa: standardAir(altitudeM).pressurePa,
    temperatureC,
    putOn: { pressurePa: standardAir(putOnM).pressurePa, temperatureC: 15 },
  });
/** Acceleration of a spot itself, nothing mounted on it, up to 100 Hz as such measurements go. */
function spotRms(machineId: string, spotId: string, groundId: string, speedMps: number): number {
  const { motion } = shakeScene(shakeAt(machineId, spotId, {}, { groundId, speedMps }));
  const squares = motion.components.flatMap(({ frequencyHz, weight, zRe, zIm }) =>
    [...frequencyHz].map((f, i) =>
      f <= 100 ? weight[i]! * (zRe[i]! ** 2 + zIm[i]! ** 2) * (2 * Math.PI * f) ** 4 : 0,
    ),
  );
  return Math.sqrt(squares.reduce((sum, square) => sum + square, 0));
}

const ISO = 'ISO 8608, worked in closed form';
const SCIPY = 'ASTM E1926 (Sayers), integrated with SciPy';
const ATMOSPHERE = 'ISO 2533, tables';
const HAND = 'ideal gas and ISO 2533, worked by hand';
const MEMORY = 'from memory';
const SUNCALC = 'suncalc 2.0.2';

const value = (
  about: OutsideValue['about'],
  quantity: string,
  unit: string,
  outside: OutsideValue['outside'],
  source: string,
  ours: () => number,
  within = 0.005,
  because?: string,
): OutsideValue => ({ about, quantity, unit, outside, source, ours, within, ...(because ? { because } : {}) });

export const OUTSIDE_VALUES: readonly OutsideValue[] = [
  value('Lens', '50 mm on 36 × 24 mm, across', '°', 39.6, 'geometry of the format', () =>
    fieldOfViewDeg(FORMAT, 'horizontal'),
  ),
  value('Lens', 'the same, up', '°', 27.0, 'geometry of the format', () => fieldOfViewDeg(FORMAT, 'vertical')),
  value('Lens', 'the same, from corner to corner', '°', 46.8, 'geometry of the format', () =>
    fieldOfViewDeg(FORMAT, 'diagonal'),
  ),
  value('Roads and waves', 'contour of class C at 10 m/s, 0.5 to 50 Hz', 'm/s²', 40.77, ISO, () =>
    rms(contour(ROAD_CLASS_M3.C, 10)),
  ),
  value('Roads and waves', 'two tracks alike at x = 1: x·K₁(x)', '', 0.601907, 'Abramowitz & Stegun, table 9.8', () =>
    alike(1),
  ),
  value('Roads and waves', 'the same at x = 2', '', 0.279732, 'Abramowitz & Stegun, table 9.8', () => alike(2)),
  value(
    'Roads and waves',
    'length of a wave of 8 s',
    'm',
    99.9,
    'linear theory, 1.5613·T²',
    () => (2 * Math.PI) / waveNumber(1 / 8),
  ),
  value('Roads and waves', 'area of the spectrum of waves of 0.8 m: H²/16', 'm²', 0.04, 'Bretschneider 1959', () =>
    variance(spectrumOf(WIDE, (f) => waveElevationM2Hz(0.8, 3.2, f))),
  ),
  value('Roads and waves', 'area of the spectrum of gusts of 1.4 m/s', 'm²/s²', 1.96, 'MIL-F-8785C, Dryden', () =>
    variance(spectrumOf(WIDE, (f) => gustDensity(1.4, 200, 28, f))),
  ),
  ...(['A', 'C', 'E'] as const).flatMap((road, i) => [
    value(
      'Through the carrier',
      `reference vehicle, class ${road}, 20 m/s: body`,
      'm/s²',
      [0.384, 1.537, 6.147][i]!,
      SCIPY,
      () => vehicleRms(road, 'body'),
    ),
    value('Through the carrier', `the same: axle`, 'm/s²', [3.665, 14.66, 58.639][i]!, SCIPY, () =>
      vehicleRms(road, 'axle'),
    ),
  ]),
  value('Through the carrier', 'its body answers most at', 'Hz', 1.14, SCIPY, () => peak('body', 0.3, 4)),
  value('Through the carrier', 'and there by', '', 1.93, SCIPY, () => gain('body', peak('body', 0.3, 4))),
  value('Through the carrier', 'its axle answers most at', 'Hz', 9.7, SCIPY, () => peak('axle', 5, 20)),
  value('Through the carrier', 'and there by', '', 1.66, SCIPY, () => gain('axle', peak('axle', 5, 20))),
  value(
    'Through the carrier',
    'dashboard of a car, fair asphalt, 25 m/s',
    'm/s²',
    [0.3, 2.5],
    `ride measurements on cars, ${MEMORY}`,
    () => spotRms('coupe', 'dash', 'smooth-asphalt', 25),
  ),
  value(
    'Through the carrier',
    'stem of a gravel bike, setts, 6.5 m/s',
    'm/s²',
    [15, 60],
    `cycling on cobbles, ${MEMORY}`,
    () => spotRms('road-bike', 'handlebar', 'setts', 6.5),
  ),
  value('Through the carrier', 'rider’s head on the same', 'm/s²', [1.5, 12], `cycling on cobbles, ${MEMORY}`, () =>
    spotRms('road-bike', 'helmet-top', 'setts', 6.5),
  ),
  value('Through the mount', 'passed on at √2 of its frequency, any damping', '', 1, 'closed form', () =>
    transmissibility(Math.SQRT2 * 12, 12, 0.1),
  ),
  value('Through the mount', 'passed on at its frequency, ζ = 0.05', '', 10.05, '√(1 + 4ζ²)/2ζ', () =>
    transmissibility(30, 30, 0.05),
  ),
  value('Through the mount', '30 Hz, ζ = 0.05, 0.01 g²/Hz', 'g', 2.182, 'white noise, closed form', () =>
    whiteNoise(30, 0.05, 0.01),
  ),
  value(
    'Through the mount',
    'the same by Miles',
    'g',
    2.171,
    'Miles 1954',
    () => whiteNoise(30, 0.05, 0.01) / Math.sqrt(1.01),
  ),
  value('Through the mount', '80 Hz, ζ = 0.1, 0.02 g²/Hz', 'g', 3.615, 'white noise, closed form', () =>
    whiteNoise(80, 0.1, 0.02),
  ),
  value(
    'Through the mount',
    'the same by Miles',
    'g',
    3.545,
    'Miles 1954',
    () => whiteNoise(80, 0.1, 0.02) / Math.sqrt(1.04),
  ),
  value(
    'Through the mount',
    'swing of a mass that sags by 1 mm',
    'Hz',
    15.76,
    '√(g/δ)/2π',
    () => swingsOf([onSpring(0.2 * 9.80665 * 1000, 0.2)])[0]!.frequencyHz,
  ),
  value('Through the mount', 'sag of 0.16 kg on 800 N/m', 'mm', 1.961, 'm·g/k', () => 1000 * staticSagM(0.16, 800)),
  value(
    'Through the mount',
    'end of a bar of 0.3 m, EI 40 N·m², under 1 N across',
    'mm',
    0.225,
    'cantilever, L³/3EI',
    () => 1000 * bar([0, 0, 0], [0.3, 0, 0], 40, 0.008)[1]![1]!,
  ),
  value(
    'Through the mount',
    'two hinged bars of 0.4 m at 45°, EA 2.5 MN: force for a millimetre',
    'kN',
    6.25,
    'plane truss, 2·EA/L·cos²α (Hibbeler, from memory)',
    () => trussNPerM(0.4, 40, 0.008) / 1e6,
  ),
  value(
    'Through the mount',
    'two equal masses on equal springs, 1 rad/s each: slower',
    'Hz',
    0.09836,
    '0.618 rad/s (golden ratio), any text',
    () => equalPair()[0]!.frequencyHz,
  ),
  value(
    'Through the mount',
    'the same: faster',
    'Hz',
    0.25752,
    '1.618 rad/s, any text',
    () => equalPair()[1]!.frequencyHz,
  ),
  ...(
    [
      [1000, 89874.6, 1.11164],
      [3000, 70108.5, 0.909122],
      [5000, 54019.9, 0.736116],
    ] as const
  ).flatMap(([altitudeM, pressurePa, density]) => [
    value(
      'Air and water',
      `pressure at ${altitudeM} m`,
      'Pa',
      pressurePa,
      ATMOSPHERE,
      () => standardAir(altitudeM).pressurePa,
      1e-4,
    ),
    value(
      'Air and water',
      `density there`,
      'kg/m³',
      density,
      ATMOSPHERE,
      () => standardAir(altitudeM).densityKgM3,
      1e-4,
    ),
  ]),
  value('Air and water', 'drag of a cube of 5 cm at 100 km/h', 'N', 1.241, 'Hoerner, C_d 1.05, from memory', () =>
    dragN(1.225, 100 / 3.6, DRAG.cube, 0.0025),
  ),
  value('Grips', 'cup of 80 mm, four tenths of the air left, sea level', 'N', 305.6, HAND, () => cupN(0, 0), 0.001),
  value('Grips', 'taken up 3000 m', 'N', 148.7, HAND, () => cupN(3000, 0), 0.001),
  value('Grips', 'pressed on anew up there', 'N', 211.4, HAND, () => cupN(3000, 3000), 0.001),
  value('Grips', 'taken up 5000 m', 'N', 67.8, HAND, () => cupN(5000, 0), 0.001),
  value('Grips', 'warmed from 15 to 40 °C', 'N', 287.9, HAND, () => cupN(0, 0, 40), 0.001),
  value(
    'Grips',
    '10 N and 0.1 N·m on a pad of 50 × 36 mm',
    'kPa',
    14.81,
    'Shigley, combined stress',
    () => padStressPa({ pullN: 10, shearN: 0, tipNm: 0.1, twistNm: 0 }, 0.05, 0.036).normal / 1e3,
  ),
  value(
    'Grips',
    'line load on the edge of the same pad',
    'N/mm',
    0.1556,
    'couple between its edges, worked by hand',
    () => peelNPerMm({ pullN: 10, shearN: 0, tipNm: 0.1, twistNm: 0 }, 0.05, 0.036),
  ),
  value(
    'Grips',
    'flat pad of 36 mm on a curve of 12 cm, foam 1.1 mm: share that touches',
    '',
    0.638,
    'chord of a circle, worked by hand',
    () => contactShare(0.036, 0.0011, 0.12),
  ),
  value(
    'Grips',
    'hold of a pad after 20 minutes at 21 °C',
    '',
    0.5,
    `makers of foam tape, ${MEMORY}`,
    () => wetted(21, 1 / 3) / wetted(21, 1e6),
    0.1,
  ),
  value('Grips', 'after a day', '', 0.9, `makers of foam tape, ${MEMORY}`, () => wetted(21, 24) / wetted(21, 1e6), 0.1),
  value('Grips', 'screw of 10 mm drawn with 20 N·m', 'kN', 10, 'Shigley, K = 0.2', () => screwForceN(20, 0.01) / 1e3),
  value(
    'Grips',
    'half of the greatest moment is held for',
    'min',
    1,
    `Rohmert 1960, ${MEMORY}`,
    () => enduranceMinutes(0.5),
    0.15,
    'the fitted curve, not the table',
  ),
  ...lastValues(value),
  value('Light', 'sunny 16 (EV 15) at f/2.8: exposure', 'ms', 0.2392, 'N²/2^EV', () => 1e3 * exposureS(15, 2.8, 0)),
  value(
    'Light',
    'six stops of grey lengthen it by',
    '×',
    64,
    '2⁶',
    () => exposureS(10, 2.8, 6) / exposureS(10, 2.8, 0),
  ),
  ...(
    [
      [46.5, 9.8, 1806829200000, 38.775, 131.445],
      [61.5, -7.2, 1802616000000, 12.113, 209.147],
      [-44.6, 168.9, 1829355600000, 60.925, 308.6],
    ] as const
  ).flatMap(([latDeg, lonDeg, ms, height, azimuth]) => [
    value(
      'Light',
      `height of the sun at ${latDeg}° ${lonDeg}°`,
      '°',
      height,
      SUNCALC,
      () => sunAt({ latDeg, lonDeg }, ms).heightDeg,
      0.002,
    ),
    value('Light', `its azimuth there`, '°', azimuth, SUNCALC, () => sunAt({ latDeg, lonDeg }, ms).azimuthDeg, 0.001),
  ]),
  ...(
    [
      [30, -0.3],
      [10, -1.1],
      [5, -2],
      [2, -3.3],
    ] as const
  ).map(([heightDeg, stops]) =>
    value(
      'Light',
      `clear sun ${heightDeg}° high against overhead`,
      'stops',
      stops,
      `Meinel 1976, Kasten & Young 1989, ${MEMORY}`,
      () => daylightStops(heightDeg),
      0.2,
      'the source is rounded to a tenth',
    ),
  ),
  value(
    'Chance',
    'nine tenths of a normal distribution lie below',
    'σ',
    1.28155,
    'table, Abramowitz & Stegun 26.1',
    () => standardNormalAt(0.9),
    0.001,
  ),
  value(
    'Chance',
    'a shaking of 1 g rms outweighs gravity for a share of',
    '',
    0.3173,
    'table of the normal distribution',
    () => flipping(9.80665),
  ),
  value(
    'Chance',
    'highest peak to be expected of 1 Hz in ten minutes',
    'σ',
    3.74,
    'Davenport 1964, mean of the maximum',
    () => peakOfRms(1, 600),
    0.06,
    'his further term 0.577/√(2 ln νT) is left out',
  ),
];

/** Ours against outside, as a share; 0 within a range. */
export function differenceOf({ outside, ours }: OutsideValue): number {
  const is = ours();
  if (typeof outside === 'number') return is / outside - 1;
  const [low, high] = outside;
  return is < low ? is / low - 1 : is > high ? is / high - 1 : 0;
}
