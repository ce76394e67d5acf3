import type { Spot } from '../../../src/words/carrier/spot';
import { add, addScaled, mix, scale, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import type { BikeGeometry } from '../bicycle/bikeGeometry';
import { saddleSpots } from '../bicycle/saddleSpots';
import { rearSwing } from '../bicycle/frame';
import { barPath } from './geometry';

const AHEAD: Vec3 = [1, 0, 0];
const STEERED = 'Turns with the bars: the picture swings, and cables can cross it.';
const WHEEL = 'Tether shorter than the way to the spokes.';

export function spots(
  g: BikeGeometry,
  radius: { headTube: number; bar: number; seatpost: number },
  rear: 'rigid' | 'sprung',
): readonly Spot[] {
  const underStem = mix(g.stemBase, g.barCentre, 0.95);
  const beforeBar = mix(barPath(g)[1]!, barPath(g)[2]!, 0.5);
  const onBar = mix(barPath(g)[4]!, barPath(g)[5]!, 0.25);
  const headMiddle = mix(g.headTubeBottom, g.headTubeTop, 0.3);
  return [
    {
      id: 'under-stem',
      name: 'Under the stem',
      partId: 'stem',
      aim: { from: addScaled(underStem, g.steerUp, -0.2), toward: g.steerUp },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.035 },
      cautions: [STEERED, 'Keep it clear of the top tube and the cables over the whole swing of the bars.'],
      note: 'out of the way and reachable under a stem of 8 cm and more, on smooth ground; every clip looks alike',
    },
    {
      id: 'handlebar',
      name: 'Handlebar',
      partId: 'bar',
      aim: { from: addScaled(onBar, g.steerUp, 0.2), toward: scale(g.steerUp, -1) },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: radius.bar * 2 },
      cautions: [STEERED, 'A knee or the chest can meet it in a fall: keep it low and near the stem.'],
      note: 'close to the hands, shaky even with a suspension fork',
    },
    {
      id: 'head-tube-side',
      name: 'Head tube, side',
      partId: 'headTube',
      aim: { from: add(headMiddle, [0, 0, -0.3]), toward: [0, 0, 1] },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: radius.headTube * 2 },
      cautions: [
        'Cables pass here: turn the bars both ways before riding.',
        WHEEL,
        'No hard clamping on a carbon frame.',
      ],
      note: 'always looks where the bike goes; sees wheel and fork at work',
    },
    {
      id: 'out-front',
      name: 'Before the handlebar',
      partId: 'bar',
      aim: { from: addScaled(beforeBar, g.steerAhead, 0.2), toward: scale(g.steerAhead, -1) },
      reference: g.steerUp,
      look: AHEAD,
      surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: radius.bar * 2, straightM: 0.08 },
      cautions: [STEERED, 'First thing to meet whatever is ahead: short, and under the bar rather than over it.'],
      note: 'clear of hands and cables; takes a second device on the same bracket',
    },
    ...saddleSpots(g, 2 * radius.seatpost, [
      'The rear tyre comes up under a full-suspension saddle: check with the shock compressed.',
    ]),
    ...(rear === 'sprung'
      ? [
          {
            id: 'swing-arm',
            name: 'Swing arm, left',
            partId: 'rearTriangle',
            aim: { from: add(mix(rearSwing(g).pivot, g.rearAxle, 0.5), [0, 0, -0.3]), toward: [0, 0, 1] },
            reference: AHEAD,
            look: AHEAD,
            surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.03, straightM: 0.16 },
            cautions: [
              WHEEL,
              'It goes up and down with the wheel: push the saddle down hard and look that nothing touches.',
              'A heel comes close: turn the cranks once round.',
            ],
            note: 'low beside the wheel, ground streaming; shaken by every stone',
          } as const,
        ]
      : []),
  ];
}
