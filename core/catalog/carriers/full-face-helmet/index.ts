import { helmetMeshes } from './meshes';
import { helmetSpots, SHELL_CAUTION } from '../../../src/posing/building/helmets/helmetSpots';
import { goggles } from '../../../src/posing/building/helmets/goggles';
import type { Spot } from '../../../src/words/carrier/spot';
import type { WornDefinition } from '../../../src/words/carrier/worn';
import type { Vec3 } from '../../../src/mathematics/geometry/vec3';

const AHEAD: Vec3 = [1, 0, 0];

const spots: readonly Spot[] = [
  ...helmetSpots({
    top: { from: [0.03, 0.4, 0], note: 'the steadiest and the slowest-looking: high up, the machine is lost' },
    side: { from: [0.0, 0.055, -0.4], note: 'steady, some helmet in the frame, can face back' },
  }),
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
    surface: { material: 'shell', shape: 'bar', curvatureRadiusM: 0.06 },
    cautions: [SHELL_CAUTION, 'Can meet the chest when you look down: nod before riding.'],
    note: 'steady and fast: hands and bars as the rider sees them',
  },
];

const helmet: WornDefinition = {
  kind: 'worn',
  id: 'full-face-helmet',
  name: 'Full-face helmet with visor',
  place: 'head',
  closesMouth: true,
  parts: (body) => {
    const { shell, visor } = helmetMeshes(body.statureM);
    return [
      { id: 'helmetShell', name: 'helmet', group: 'rider', tone: 'shell', mesh: shell, on: 'head' },
      { id: 'helmetVisor', name: 'visor', group: 'rider', tone: 'trim', mesh: visor, on: 'head' },
      ...goggles(body),
    ];
  },
  spots: () => spots,
};

export default helmet;
