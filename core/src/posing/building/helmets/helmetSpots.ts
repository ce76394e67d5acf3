import type { Spot } from '../../../words/carrier/spot';
import type { Vec3 } from '../../../mathematics/geometry/vec3';

const AHEAD: Vec3 = [1, 0, 0];

/** What holds for every base on every shell. */
export const SHELL_CAUTION =
  'Anything rigid on a shell changes how it takes a blow and can catch: a base that lets go, no drilling, and ask what the helmet maker and the event allow.';

interface Place {
  /** Start of the ray that finds the spot, head frame. */
  readonly from: Vec3;
  readonly note: string;
}

/** The two spots that every helmet has; the same ids on all, so that a shot keeps its spot when the helmet is changed. */
export const helmetSpots = ({ top, side }: { readonly top: Place; readonly side: Place }): readonly Spot[] => [
  {
    id: 'helmet-top',
    name: 'Helmet, top',
    partId: 'helmetShell',
    aim: { from: top.from, toward: [0, -1, 0] },
    reference: AHEAD,
    look: AHEAD,
    surface: { material: 'shell', shape: 'curved', curvatureRadiusM: 0.13 },
    cautions: [
      SHELL_CAUTION,
      'Stands above everything: branches, lift bars, door frames.',
      'High on the head it tires the neck after about an hour.',
    ],
    note: top.note,
  },
  {
    id: 'helmet-side',
    name: 'Helmet, left side',
    partId: 'helmetShell',
    aim: { from: side.from, toward: [0, 0, 1] },
    reference: AHEAD,
    look: AHEAD,
    surface: { material: 'shell', shape: 'curved', curvatureRadiusM: 0.16 },
    cautions: [SHELL_CAUTION, 'Catches branches on its side.'],
    note: side.note,
  },
];
