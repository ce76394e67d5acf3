import { helmetMeshes, type HelmetForm } from './meshes';
import type { Surface } from '../../../src/words/carrier/surface';
import { helmetSpots, SHELL_CAUTION } from '../../../src/posing/building/helmets/helmetSpots';
import { goggles } from '../../../src/posing/building/helmets/goggles';
import type { Spot } from '../../../src/words/carrier/spot';
import type { WornDefinition } from '../../../src/words/carrier/worn';
import type { Vec3 } from '../../../src/mathematics/geometry/vec3';

const AHEAD: Vec3 = [1, 0, 0];

/** What a base finds on the chin bar. */
const CHIN: Readonly<Record<HelmetForm['chin'], Surface>> = {
  rounded: { material: 'shell', shape: 'bar', curvatureRadiusM: 0.06 },
  // No pad bends so far round: what goes about it holds.
  pointed: { material: 'shell', shape: 'bar', curvatureRadiusM: 0.03 },
  // Thin, with a lip for jaws, and little of it to glue on.
  hollow: { material: 'plastic', shape: 'bar', tubeDiameterM: 0.03, curvatureRadiusM: 0.05, flatAreaM2: 0.0009 },
};

/** The same on the crown. */
const CROWN: Readonly<Record<HelmetForm['crown'], Surface>> = {
  rounded: { material: 'shell', shape: 'curved', curvatureRadiusM: 0.13 },
  ridge: { material: 'shell', shape: 'curved', curvatureRadiusM: 0.06 },
  flat: {
    material: 'shell',
    shape: 'flat',
    flatAreaM2: 0.0036,
    mustNot: [{ kind: 'bolt', because: 'no drilling of a helmet' }],
  },
};

const spotsOf = ({ chin, crown }: HelmetForm): readonly Spot[] => [
  ...helmetSpots({
    top: { from: [0.03, 0.4, 0], note: 'the steadiest and the slowest-looking: high up, the machine is lost' },
    side: { from: [0.0, 0.055, -0.4], note: 'steady, some helmet in the frame, can face back' },
  }).map((spot) => (spot.id === 'helmet-top' ? { ...spot, surface: CROWN[crown] } : spot)),
  {
    id: 'under-visor',
    name: 'Under the visor',
    partId: 'helmetVisor',
    aim: { from: [0.165, -0.02, 0.001], toward: [0, 1, 0] },
    reference: AHEAD,
    look: AHEAD,
    surface: {
      material: 'plastic',
      shape: 'curved',
      curvatureRadiusM: 0.2,
      mustNot: [{ kind: 'bolt', because: 'a visor is not drilled: it must break away' }],
    },
    cautions: [SHELL_CAUTION, 'Takes away some of the view upward: try it on before riding.'],
    note: 'hangs upside down, nothing to snag, lamp and beep are noticed',
  },
  {
    id: 'chin-bar',
    name: 'Chin bar',
    partId: 'helmetShell',
    aim: { from: [0.5, -0.083, 0], toward: [-1, 0, 0] },
    reference: [0, 1, 0],
    look: AHEAD,
    surface: {
      ...CHIN[chin],
      mustNot: [{ kind: 'bolt', because: 'no drilling of a helmet' }],
    },
    cautions: [SHELL_CAUTION, 'Can meet the chest when you look down: nod before riding.'],
    note: 'steady and fast: hands and bars as the rider sees them',
  },
];

/** A full-face helmet with a visor. */
export function fullFaceHelmet({
  form,
  ...said
}: Pick<WornDefinition, 'id' | 'name'> & { readonly form: HelmetForm }): WornDefinition {
  const spots = spotsOf(form);
  return {
    kind: 'worn',
    ...said,
    place: 'head',
    closesMouth: true,
    parts: (body) => {
      const { shell, visor } = helmetMeshes(body.statureM, form);
      return [
        { id: 'helmetShell', name: 'helmet', group: 'rider', tone: 'shell', mesh: shell, on: 'head' },
        { id: 'helmetVisor', name: 'visor', group: 'rider', tone: 'trim', mesh: visor, on: 'head' },
        ...goggles(body),
      ];
    },
    spots: () => spots,
  };
}
