import { buildCar, carPeople, steered, type CarFigures, PASSENGER_FILMS } from '../../shapes/closedCar';
import { carSpots } from '../../shapes/carSpots';
import { UP } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';
import { estimated } from '../../../src/words/sourced/estimated';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  { id: 'wheelbaseM', name: 'Wheelbase', unit: 'm', standard: 2.6, low: 2.3, high: 2.95, step: 0.01, source: practice },
  {
    id: 'widthM',
    name: 'Width without mirrors',
    unit: 'm',
    standard: 1.8,
    low: 1.65,
    high: 1.98,
    step: 0.01,
    source: practice,
  },
  { id: 'heightM', name: 'Height', unit: 'm', standard: 1.86, low: 1.7, high: 2.05, step: 0.01, source: practice },
  {
    id: 'wheelM',
    name: 'Tyre diameter',
    unit: 'm',
    standard: 0.76,
    low: 0.7,
    high: 0.89,
    step: 0.01,
    source: practice,
  },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

function figures(fit: Fit): CarFigures {
  const axle = value(fit, 'wheelbaseM') / 2;
  const r = value(fit, 'wheelM') / 2;
  const roofY = value(fit, 'heightM') - 0.03;
  const sillY = r + 0.07;
  return {
    shape: {
      frontX: axle + 0.62,
      rearX: -axle - 0.7,
      frontAxleX: axle,
      rearAxleX: -axle,
      archM: r + 0.09,
      axleY: r,
      sillY,
      halfZ: value(fit, 'widthM') / 2,
      beltY: 1.15,
      roofHalfZ: 0.66,
      roofY,
      screen: [0.62, 0.28],
      rear: [-axle - 0.5, -axle - 0.68],
      pillars: [
        [-0.42, 0.06],
        [-1.32, 0.06],
      ],
      outline: [
        [axle + 0.62, 0.98],
        [axle + 0.54, 1.06],
        [0.62, 1.16],
        [0.28, roofY],
        [-0.6, roofY + 0.01],
        [-axle - 0.5, roofY - 0.02],
        [-axle - 0.68, 1.16],
        [-axle - 0.7, 1.1],
      ],
    },
    wheelRadiusM: r,
    tyreWidthM: 0.25,
    trackM: value(fit, 'widthM') - 0.27,
    floorY: sillY + 0.08,
    seat: [-0.28, sillY + 0.38, -0.38],
    seatBackDeg: 16,
    wheel: [0.16, sillY + 0.79, -0.38],
    spareWheel: true,
  };
}

const STANCES: readonly BlueprintStance[] = [
  { id: SET_UP_STANCE_ID, name: 'Set-up', share: 0, note: 'standing level, driver seated: the level is read here' },
  { id: 'cruise', name: 'Track', share: 0.55, note: 'level, wheels straight' },
  { id: 'braking', name: 'Braking', share: 0.1, note: 'nose 2.5° down', pitchDeg: -2.5 },
  {
    id: 'corner',
    name: 'Corner',
    share: 0.2,
    note: 'to the right, rolled 5° outward, wheels steered 20°',
    rollDeg: -5,
    state: steered(-20),
  },
  { id: 'climb', name: 'Climb', share: 0.15, note: 'up a slope of 18°', slopeDeg: -18 },
  PASSENGER_FILMS,
];

export default machineFrom({
  id: 'four-by-four',
  name: '4×4',
  world: 'trail',
  family: 'car',
  traits: ['motor'],
  wearing: ['plain-body'],
  waysOut: [
    { name: 'left door', toward: [0, 0, -1] },
    { name: 'right door', toward: [0, 0, 1] },
  ],
  noise: { name: 'the engine', partId: 'frontBumper', db1m: estimated(80, 74, 86), insideDb: estimated(70, 64, 77) },
  usualSpeedMps: 9,
  shake,
  working: ['frontLeftTyre', 'frontLeftRim', 'rearLeftTyre', 'rearLeftRim'],
  note: 'upright off-road car with a spare wheel at the back',
  dimensions,
  stances: STANCES,
  actionStanceId: 'cruise',
  build: (fit) => buildCar(figures(fit)),
  occupants: (seat) => carPeople(figures(seat.fit), seat),
  spots: (fit) => {
    const f = figures(fit);
    return [
      // The spare wheel hangs on the same door.
      ...carSpots(f).map((spot) => (spot.id === 'boot-lid' ? { ...spot, swingsWith: 'spareRim' } : spot)),
      {
        id: 'spare-wheel',
        name: 'Spare wheel, facing back',
        partId: 'spareRim',
        aim: { from: [f.shape.rearX - 2, f.shape.beltY - 0.12, -0.12], toward: [1, 0, 0] },
        reference: UP,
        look: [-1, 0, 0],
        surface: { material: 'alloy', shape: 'flat', flatAreaM2: 0.008, wallM: 0.006 },
        cautions: [
          'Tether it to the carrier of the wheel.',
          'Dust and spray swirl up here; check the number plate stays free.',
        ],
        note: 'tucked in beside something solid: who follows, dust behind',
      },
    ];
  },
});
