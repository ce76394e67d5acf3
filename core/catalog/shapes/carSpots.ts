import { notDrilled } from './notDrilled';
import type { CarFigures } from './closedCar';
import { AHEAD, RIGHT, type Vec3 } from '../../src/mathematics/geometry/vec3';
import type { Spot } from '../../src/words/carrier/spot';

const SIGHT = "The driver's sight stays free, the driver does not handle cameras.";
const ROAD = 'On a public road: local law on sharp projections and loads; ask the owner of the car.';
const OUT = 'Nothing may fall into the road: tether it to the car, not to the mount.';
const FILM = 'Cups and levers can mark paint-protection film: ask the owner.';

/** Spots that every closed car has. */
export function carSpots({ shape, seat, seatBackDeg }: CarFigures): readonly Spot[] {
  const metal = {
    material: 'painted metal',
    shape: 'flat',
    flatAreaM2: 0.06,
    wallM: 0.0008,
    ...notDrilled('bodywork is not drilled'),
  } as const;
  const glass = { material: 'glass', shape: 'curved', curvatureRadiusM: 2.5, flatAreaM2: 0.08, wallM: 0.005 } as const;
  const bonnetX = (shape.frontAxleX + shape.screen[0]) / 2 + 0.1;
  const frontEdgeX = shape.outline[1]![0];
  const roofHalfM = (shape.screen[1] - shape.rear[0]) / 2;
  const screenX = (shape.screen[0] + shape.screen[1]) / 2;
  const top = (x: number, z = 0): { from: Vec3; toward: Vec3 } => ({ from: [x, 3, z], toward: [0, -1, 0] });
  // A deck to lay things on, or a tailgate that stands upright.
  const [deckX, tailX] = [shape.rear[1], shape.rearX];
  const [lidName, lidAim] =
    deckX - tailX > 0.3
      ? (['Boot lid, facing back', top((deckX + tailX) / 2, 0.2)] as const)
      : ([
          'Tailgate, facing back',
          { from: [tailX - 3, shape.beltY - 0.045, 0.5] as Vec3, toward: [1, 0, 0] as Vec3 },
        ] as const);
  return [
    {
      id: 'bonnet',
      name: 'Bonnet',
      partId: 'body',
      aim: top(bonnetX, 0.25),
      reference: AHEAD,
      look: AHEAD,
      surface: metal,
      zone: {
        along: [-1, 0, 0],
        nearerM: frontEdgeX - bonnetX - 0.15,
        fartherM: bonnetX - shape.screen[0] - 0.06,
        mark: 'behind the front edge of the bonnet',
        usualM: frontEdgeX - bonnetX,
      },
      cautions: [OUT, SIGHT, FILM, ROAD],
      note: 'above the front axle it is smooth; a strip of bonnet shows pitch and roll',
    },
    {
      id: 'roof',
      name: 'Roof',
      partId: 'body',
      aim: top((shape.screen[1] + shape.rear[0]) / 2, 0),
      reference: AHEAD,
      look: AHEAD,
      surface: metal,
      zone: {
        along: [-1, 0, 0],
        nearerM: roofHalfM - 0.08,
        fartherM: roofHalfM - 0.08,
        mark: 'behind the windscreen',
        usualM: roofHalfM,
      },
      cautions: [OUT, 'Adds height: garages, branches, barriers.', FILM, ROAD],
      note: 'over everything: road and landscape',
    },
    {
      id: 'front-wing',
      name: 'Front wing, by the wheel',
      partId: 'body',
      aim: { from: [shape.frontAxleX - 0.52, shape.beltY - 0.16, -3], toward: [0, 0, 1] },
      reference: AHEAD,
      look: AHEAD,
      surface: metal,
      cautions: [
        OUT,
        'Tether shorter than the way to the wheel, steered fully both ways.',
        'Mud on the lens: check often.',
        ROAD,
      ],
      note: 'close to the turning wheel: movement and ruggedness',
    },
    {
      id: 'door',
      name: 'Door, left, looking ahead',
      partId: 'body',
      aim: { from: [-0.15, shape.beltY - 0.2, -3], toward: [0, 0, 1] },
      reference: AHEAD,
      look: AHEAD,
      surface: metal,
      zone: { along: AHEAD, nearerM: 0.25, fartherM: 0.3, mark: 'ahead of the rear edge of the door', usualM: 0.4 },
      cautions: [OUT, 'Wider than the mirrors: gates and other traffic.', FILM, ROAD],
      note: 'along the flank, wheel and road',
    },
    {
      id: 'door-right',
      name: 'Door, right, looking ahead',
      partId: 'body',
      aim: { from: [-0.15, shape.beltY - 0.2, 3], toward: [0, 0, -1] },
      reference: AHEAD,
      look: AHEAD,
      surface: metal,
      zone: { along: AHEAD, nearerM: 0.25, fartherM: 0.3, mark: 'ahead of the rear edge of the door', usualM: 0.4 },
      cautions: [OUT, 'Wider than the mirrors: gates, walkers and the kerb are on this side.', FILM, ROAD],
      note: 'along the flank on the passenger’s side',
    },
    {
      id: 'rear-body',
      name: 'Rear body, left, over the wheel',
      partId: 'body',
      aim: { from: [shape.rearAxleX + 0.05, shape.beltY - 0.07, -3], toward: [0, 0, 1] },
      reference: AHEAD,
      look: AHEAD,
      surface: { ...metal, flatAreaM2: 0.09 },
      cautions: [OUT, 'Wider than the mirrors: gates and other traffic.', FILM, ROAD],
      note: 'room for three cups: the flank ahead, or who follows',
    },
    {
      id: 'boot-lid',
      name: lidName,
      partId: 'body',
      aim: lidAim,
      reference: lidAim.toward[0] === 0 ? [-1, 0, 0] : [0, 1, 0],
      look: [-1, 0, 0],
      surface: { ...metal, flatAreaM2: 0.05 },
      cautions: [OUT, 'Nobody opens it with a camera on.', FILM, ROAD],
      note: 'who follows, over dust and spray',
    },
    {
      id: 'sill',
      name: 'Sill, low on the side',
      partId: 'body',
      aim: { from: [-0.25, shape.sillY + 0.1, -3], toward: [0, 0, 1] },
      reference: AHEAD,
      look: AHEAD,
      surface: { ...metal, shape: 'curved', curvatureRadiusM: 0.4, flatAreaM2: 0.01 },
      zone: { along: AHEAD, nearerM: 0.25, fartherM: 0.3, mark: 'ahead of the rear wheel arch', usualM: 0.4 },
      cautions: [OUT, 'Stones and kerbs: little room over the road.', ROAD],
      note: 'very low, very fast',
    },
    {
      id: 'front-bumper',
      name: 'Front bumper',
      partId: 'frontBumper',
      aim: { from: [shape.frontX + 2, shape.sillY + 0.22, 0.35], toward: [-1, 0, 0] },
      reference: [0, 1, 0],
      look: AHEAD,
      surface: { material: 'plastic', shape: 'curved', curvatureRadiusM: 0.8, flatAreaM2: 0.02, wallM: 0.003 },
      zone: { along: RIGHT, nearerM: 0.35, fartherM: 0.2, mark: 'right of the middle', usualM: 0.35 },
      cautions: [OUT, 'Stones, mud: check the lens often.', ROAD],
      note: 'low with the widest lens: ground, sides and distance, feels fast',
    },
    {
      id: 'rear-bumper',
      name: 'Rear, facing back',
      partId: 'rearBumper',
      aim: { from: [shape.rearX - 3, shape.sillY + 0.35, 0.45], toward: [1, 0, 0] },
      reference: [0, 1, 0],
      look: [-1, 0, 0],
      surface: { ...metal, shape: 'curved', curvatureRadiusM: 1.2, flatAreaM2: 0.02 },
      zone: { along: RIGHT, nearerM: 0.45, fartherM: 0.15, mark: 'right of the middle', usualM: 0.45 },
      cautions: [OUT, 'Dust and spray swirl up here.', ROAD],
      note: 'who follows; the tail overhang shakes more than the front',
    },
    {
      id: 'screen-outside',
      name: 'Windscreen, outside',
      partId: 'screen',
      aim: { from: [screenX + 0.6, 3, 0.42], toward: [-0.25, -1, 0] },
      reference: AHEAD,
      look: AHEAD,
      surface: glass,
      cautions: [OUT, SIGHT, 'Wipers.', ROAD],
      note: 'no dirty or reflecting glass in between',
    },
    {
      id: 'screen-inside',
      name: 'Windscreen, inside',
      partId: 'screen',
      aim: { from: [screenX - 0.5, seat[1] + 0.35, 0.12], toward: [0.8, 0.6, 0] },
      reference: AHEAD,
      look: AHEAD,
      surface: glass,
      cautions: [SIGHT, 'Clear of the airbag and of heads in a crash.', 'Glass reflects, dirt shows.'],
      note: 'can stay plugged in; slow and steady',
    },
    {
      id: 'side-window',
      name: 'Side window, right, inside',
      partId: 'sideGlass',
      aim: { from: [0, shape.beltY + 0.14, 0], toward: [0, 0.12, 1] },
      reference: AHEAD,
      look: [0, 0, -1],
      surface: glass,
      cautions: [SIGHT, 'Clear of curtain airbags and of heads; the window stays shut.'],
      note: 'the driver from the side, road and landscape behind',
    },
    {
      id: 'passenger-hand',
      name: 'In the passenger’s right hand',
      partId: 'second.handRight',
      aim: { from: [-0.03, 0.02, -0.3], toward: [0, 0, 1] },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'skin', shape: 'hand' },
      cautions: ['Not before an airbag, nothing held out of a window.', SIGHT],
      note: 'the driver, the road, whatever comes up: somebody else aims it',
    },
    {
      id: 'dash',
      name: 'Dashboard',
      partId: 'dash',
      aim: top(shape.screen[0] - 0.38, 0.22),
      reference: AHEAD,
      look: AHEAD,
      surface: {
        material: 'plastic',
        shape: 'flat',
        flatAreaM2: 0.02,
        wallM: 0.003,
        ...notDrilled('no hole in a dashboard: wires and airbags lie behind it'),
      },
      cautions: [SIGHT, 'Not over an airbag.', 'Reflects in the windscreen.'],
      note: 'the road through the glass, or turned round the driver',
    },
    {
      id: 'headrest',
      name: "Passenger's headrest, inner side",
      partId: 'seats',
      aim: {
        from: [seat[0] - 0.27 - 0.47 * Math.sin((seatBackDeg * Math.PI) / 180), seat[1] + 0.72, 0],
        toward: [0, 0, -Math.sign(seat[2])],
      },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'fabric', shape: 'bar', tubeDiameterM: 0.08 },
      cautions: ['Behind heads: nothing hard where a neck goes in a crash.', SIGHT],
      note: 'between the heads: wheel, instruments and road in one frame',
    },
    {
      id: 'rear-window',
      name: 'Rear window, inside',
      partId: 'rearGlass',
      aim: { from: [(shape.rear[0] + shape.rear[1]) / 2 + 0.4, seat[1] + 0.3, 0], toward: [-0.75, 0.65, 0] },
      reference: [-1, 0, 0],
      look: [-1, 0, 0],
      surface: glass,
      cautions: ["Keeps the mirror's sight: low, at the edge."],
      note: 'who follows, from inside',
    },
  ];
}
