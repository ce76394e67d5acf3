import { mode, STABILISER_OFF } from '../../src/posing/building/cameraMode';
import { barrelMesh } from '../../src/posing/building/cameraMesh';
import type { CameraDefinition } from '../../src/words/kit/camera';
import { estimated } from '../../src/words/sourced/estimated';

const bodyM = [0.1, 0.034, 0.034] as const;
const lensFromMountM = [0.052, 0.031, 0] as const;

/** A tube with a lens at its end, held by the screw thread under it: slim beside a helmet, nothing that steadies its picture. */
const camera: CameraDefinition = {
  id: 'barrel-camera',
  name: 'Barrel camera',
  bodyM,
  bodySource: { kind: 'estimate', low: 0.07, high: 0.12 },
  lensFromMountM,
  massKg: estimated(0.11, 0.085, 0.14),
  screwMounted: true,
  closestFocusM: estimated(0.4, 0.25, 0.6),
  batteryWh: estimated(4, 3, 5.5),
  apertureN: estimated(2.8, 2.4, 3.2),
  shortestS: estimated(1 / 8000, 1 / 16000, 1 / 4000),
  mostIso: estimated(1600, 800, 3200),
  poorIso: estimated(400, 250, 800),
  metering: 'middle',
  filterFittings: ['push-on'],
  weather: 'rain and spray',
  port: 'at the back, open',
  lasting: {
    standbyW: estimated(0.6, 0.3, 1),
    screenW: estimated(0, 0, 0.1),
    wirelessW: estimated(0.3, 0.15, 0.5),
    fed: 'open',
    swaps: true,
    water: 'rain',
    tooHotC: estimated(56, 50, 62),
    startedBy: [],
    preRecords: false,
  },
  cost: 'a day out',
  modes: [
    mode('wide', 'Wide 16:9', 'equidistant', 118, [108, 128], [1920, 1080], {
      fps: 60,
      readoutMs: 15,
      mbps: 28,
      watts: 2.6,
    }),
  ],
  stabilisers: [STABILISER_OFF],
  mounting: ['upright', 'inverted', 'portrait-left', 'portrait-right'],
  mesh: () => barrelMesh(bodyM, lensFromMountM),
};

export default camera;
