import { openShell, type OpenShell } from '../../../src/posing/building/helmets/openShell';
import { MOUTH_SPOT } from '../../../src/posing/building/helmets/mouthSpot';
import type { WornDefinition } from '../../../src/words/carrier/worn';

/** A soft hat with a small brim, as it sits on a head; outer measures, estimates ± 10 %. */
const SHAPE: OpenShell = {
  rounds: [
    { y: 0.131, front: 0.002, back: 0.002, half: 0.002 },
    { y: 0.129, front: 0.045, back: 0.05, half: 0.04 },
    { y: 0.119, front: 0.08, back: 0.09, half: 0.065 },
    { y: 0.1, front: 0.098, back: 0.108, half: 0.08 },
    { y: 0.076, front: 0.106, back: 0.115, half: 0.087 },
    { y: 0.062, front: 0.108, back: 0.117, half: 0.089 },
    { y: 0.055, front: 0.135, back: 0.13, half: 0.112 },
    { y: 0.047, front: 0.158, back: 0.14, half: 0.126 },
  ],
  thicknessM: 0.004,
  browM: 0,
  earM: 0,
  grooves: 0,
  grooveM: 0,
};

/** Against the sun under a canopy: nothing is fixed to it. */
const hat: WornDefinition = {
  kind: 'worn',
  id: 'sun-hat',
  name: 'Sun hat',
  place: 'head',
  parts: (body) => [
    { id: 'sunHat', name: 'sun hat', group: 'rider', tone: 'sail', mesh: openShell(SHAPE, body.statureM), on: 'head' },
  ],
  spots: () => [MOUTH_SPOT],
};

export default hat;
