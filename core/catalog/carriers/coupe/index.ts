import { buildCar, carPeople, steered, type CarFigures, PASSENGER_FILMS } from '../../shapes/closedCar';
import { carSpots } from '../../shapes/carSpots';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';
import { estimated } from '../../../src/words/sourced/estimated';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  { id: 'wheelbaseM', name: 'Wheelbase', unit: 'm', standard: 2.6, low: 2.4, high: 2.85, step: 0.01, source: practice },
  {
    id: 'widthM',
    name: 'Width without mirrors',
    unit: 'm',
    standard: 1.78,
    low: 1.65,
    high: 1.9,
    step: 0.01,
    source: practice,
  },
  { id: 'heightM', name: 'Height', unit: 'm', standard: 1.36, low: 1.25, high: 1.48, step: 0.01, source: practice },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

function figures(fit: Fit): CarFigures {
  const axle = value(fit, 'wheelbaseM') / 2;
  const roofY = value(fit, 'heightM') - 0.03;
  return {
    shape: {
      frontX: axle + 0.86,
      rearX: -axle - 0.92,
      frontAxleX: axle,
      rearAxleX: -axle,
      archM: 0.375,
      axleY: 0.315,
      sillY: 0.19,
      halfZ: value(fit, 'widthM') / 2,
      beltY: 0.87,
      roofHalfZ: 0.53,
      roofY,
      screen: [0.78, 0.1],
      rear: [-0.72, -1.5],
      pillars: [[-0.62, 0.05]],
      outline: [
        [axle + 0.86, 0.6],
        [axle + 0.72, 0.68],
        [axle + 0.2, 0.8],
        [0.78, 0.92],
        [0.1, roofY],
        [-0.28, roofY + 0.015],
        [-0.72, roofY - 0.03],
        [-1.5, 0.98],
        [-axle - 0.84, 0.95],
        [-axle - 0.92, 0.86],
      ],
    },
    wheelRadiusM: 0.315,
    tyreWidthM: 0.215,
    trackM: value(fit, 'widthM') - 0.25,
    floorY: 0.24,
    seat: [-0.38, 0.37, -0.36],
    seatBackDeg: 24,
    wheel: [0.13, 0.79, -0.36],
    spareWheel: false,
  };
}

const STANCES: readonly BlueprintStance[] = [
  { id: SET_UP_STANCE_ID, name: 'Set-up', share: 0, note: 'standing level, driver seated: the level is read here' },
  { id: 'cruise', name: 'Straight', share: 0.6, note: 'level, wheels straight' },
  { id: 'braking', name: 'Braking', share: 0.12, note: 'nose 1.5° down', pitchDeg: -1.5 },
  {
    id: 'corner',
    name: 'Corner',
    share: 0.28,
    note: 'to the right, rolled 3.5° outward, wheels steered 14°',
    rollDeg: -3.5,
    state: steered(-14),
  },
  PASSENGER_FILMS,
];

export default machineFrom({
  id: 'coupe',
  name: 'Coupé',
  world: 'road',
  family: 'car',
  traits: ['motor'],
  wearing: ['plain-body'],
  waysOut: [
    { name: 'left door', toward: [0, 0, -1] },
    { name: 'right door', toward: [0, 0, 1] },
  ],
  noise: { name: 'the engine', partId: 'frontBumper', db1m: estimated(76, 70, 82), insideDb: estimated(66, 60, 72) },
  usualSpeedMps: 20,
  shake,
  working: ['frontLeftTyre', 'frontLeftRim', 'rearLeftTyre', 'rearLeftRim'],
  note: 'two-door car, driver on the left with a passenger',
  dimensions,
  stances: STANCES,
  actionStanceId: 'cruise',
  build: (fit) => buildCar(figures(fit)),
  occupants: (seat) => carPeople(figures(seat.fit), seat),
  spots: (fit) => carSpots(figures(fit)),
});
