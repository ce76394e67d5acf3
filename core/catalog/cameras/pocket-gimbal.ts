import { cameraMesh } from '../../src/posing/building/cameraMesh';
import { mode, stabiliser, STABILISER_OFF, STEADYING } from '../../src/posing/building/cameraMode';
import type { CameraDefinition } from '../../src/words/kit/camera';
import { estimated } from '../../src/words/sourced/estimated';

const bodyM = [0.03, 0.12, 0.04] as const;
const lensFromMountM = [0.022, 0.135, 0.0] as const;

/** Three powered axes hold the horizon as long as they have range. */
const camera: CameraDefinition = {
  id: 'pocket-gimbal',
  name: 'Pocket gimbal camera',
  bodyM,
  bodySource: { kind: 'estimate', low: 0.025, high: 0.14 },
  lensFromMountM,
  massKg: estimated(0.18, 0.12, 0.2),
  closestFocusM: estimated(0.2, 0.08, 0.3),
  batteryWh: estimated(3.8, 3, 5),
  apertureN: estimated(2, 1.8, 2.8),
  shortestS: estimated(1 / 8000, 1 / 12000, 1 / 4000),
  mostIso: estimated(6400, 3200, 12800),
  poorIso: estimated(1600, 800, 3200),
  metering: 'whole',
  filterFittings: ['clip-on'],
  weather: 'keep it dry: an open gimbal jams with spray and grit',
  port: 'at the foot, can stay plugged in',
  lasting: {
    standbyW: estimated(1.2, 0.7, 1.8),
    screenW: estimated(0.4, 0.2, 0.6),
    wirelessW: estimated(0.4, 0.2, 0.7),
    fed: 'open',
    swaps: false,
    water: 'none',
    tooHotC: estimated(56, 50, 63),
    startedBy: ['remote'],
    preRecords: false,
  },
  cost: 'a weekend',
  gimbal: {
    pan: [-150, 150],
    tilt: [-80, 80],
    roll: [-45, 45],
    source: { kind: 'estimate', low: 40, high: 180 },
    airMps: estimated(12, 8, 18),
  },
  modes: [
    mode('main', 'Main 16:9', 'rectilinear', 75, [68, 84], [3840, 2160], {
      fps: 60,
      readoutMs: 12,
      mbps: 100,
      watts: 4.6,
    }),
    mode('slow', 'Main 16:9, 120 a second', 'rectilinear', 75, [68, 84], [3840, 2160], {
      fps: 120,
      readoutMs: 7,
      mbps: 130,
      watts: 5.4,
    }),
  ],
  stabilisers: [STABILISER_OFF, stabiliser('extra', 'Extra smoothing', 0.9, 0.86, 0.94, STEADYING.picture)],
  mounting: ['upright', 'inverted', 'portrait-left'],
  mesh: () => cameraMesh(bodyM, lensFromMountM, 0.011),
};

export default camera;
