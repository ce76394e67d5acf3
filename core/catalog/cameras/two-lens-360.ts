import { cameraMesh } from '../../src/posing/building/cameraMesh';
import { mode, stabiliser, STABILISER_OFF, STEADYING } from '../../src/posing/building/cameraMode';
import type { CameraDefinition } from '../../src/words/kit/camera';
import { estimated } from '../../src/words/sourced/estimated';

const bodyM = [0.03, 0.11, 0.045] as const;
const lensFromMountM = [0.0, 0.097, 0.0] as const;

/** Two lenses back to back; direction is chosen afterwards, placement is not. */
const camera: CameraDefinition = {
  id: 'two-lens-360',
  name: 'Two-lens 360 camera',
  bodyM,
  bodySource: { kind: 'estimate', low: 0.02, high: 0.13 },
  lensFromMountM,
  massKg: estimated(0.17, 0.12, 0.21),
  closestFocusM: estimated(0.35, 0.2, 0.6),
  batteryWh: estimated(6.0, 4.5, 7.5),
  apertureN: estimated(2, 1.9, 2.4),
  shortestS: estimated(1 / 8000, 1 / 12000, 1 / 2000),
  mostIso: estimated(3200, 1600, 6400),
  poorIso: estimated(640, 400, 1200),
  metering: 'whole',
  filterFittings: [],
  weather: 'spray; scratches on its round lenses show in every picture',
  port: 'at the side, open',
  lasting: {
    standbyW: estimated(1.2, 0.7, 1.8),
    screenW: estimated(0.5, 0.3, 0.8),
    wirelessW: estimated(0.4, 0.2, 0.7),
    fed: 'open',
    swaps: true,
    water: 'rain',
    tooHotC: estimated(57, 50, 64),
    startedBy: ['remote', 'voice'],
    preRecords: true,
  },
  cost: 'a weekend',
  stitch: { pupilsM: estimated(0.032, 0.025, 0.045), blendDeg: estimated(3, 1.5, 6) },
  modes: [
    mode('sphere', 'Whole sphere', 'equirectangular', 360, [359, 361], [6000, 3000], {
      fps: 30,
      readoutMs: 16,
      mbps: 120,
      watts: 6.5,
    }),
    mode('reframed', 'Reframed wide 16:9', 'stereographic', 120, [100, 140], [1920, 1080], {
      fps: 30,
      readoutMs: 16,
      mbps: 120,
      watts: 6.5,
    }),
    mode('reframed-widest', 'Reframed widest 16:9', 'stereographic', 150, [140, 170], [1920, 1080], {
      fps: 30,
      readoutMs: 16,
      mbps: 120,
      watts: 6.5,
    }),
    mode('reframed-straight', 'Reframed straight 16:9', 'rectilinear', 85, [70, 95], [1920, 1080], {
      fps: 30,
      readoutMs: 16,
      mbps: 120,
      watts: 6.5,
    }),
  ],
  stabilisers: [
    STABILISER_OFF,
    stabiliser('sphere', 'Sphere kept still', 1, 0.98, 1, STEADYING.sphere, { levels: true }),
  ],
  mounting: ['upright', 'inverted'],
  mesh: () => cameraMesh(bodyM, lensFromMountM, 0.012),
};

export default camera;
