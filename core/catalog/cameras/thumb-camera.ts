import { cameraMesh } from '../../src/posing/building/cameraMesh';
import { mode, stabiliser, STABILISER_OFF, STEADYING } from '../../src/posing/building/cameraMode';
import type { CameraDefinition } from '../../src/words/kit/camera';
import { estimated } from '../../src/words/sourced/estimated';

const bodyM = [0.025, 0.03, 0.05] as const;
const lensFromMountM = [0.02, 0.027, 0.0] as const;

/** About 50 g: light enough for tape. */
const camera: CameraDefinition = {
  id: 'thumb-camera',
  name: 'Thumb camera',
  bodyM,
  bodySource: { kind: 'estimate', low: 0.02, high: 0.06 },
  lensFromMountM,
  massKg: estimated(0.05, 0.035, 0.06),
  closestFocusM: estimated(0.25, 0.15, 0.35),
  batteryWh: estimated(1.5, 1, 2.2),
  apertureN: estimated(2.4, 2, 2.8),
  shortestS: estimated(1 / 8000, 1 / 16000, 1 / 4000),
  mostIso: estimated(3200, 1600, 6400),
  poorIso: estimated(640, 400, 1000),
  metering: 'whole',
  filterFittings: ['push-on'],
  weather: 'rain and spray',
  port: 'none while it records',
  lasting: {
    standbyW: estimated(0.5, 0.3, 0.8),
    screenW: estimated(0, 0, 0.1),
    wirelessW: estimated(0.3, 0.15, 0.5),
    fed: 'none',
    swaps: false,
    water: 'rain',
    tooHotC: estimated(54, 48, 61),
    startedBy: ['remote'],
    preRecords: false,
  },
  cost: 'a day out',
  modes: [
    mode('wide', 'Wide 16:9', 'equidistant', 110, [102, 118], [2560, 1440], {
      fps: 50,
      readoutMs: 16,
      mbps: 50,
      watts: 2.4,
    }),
    mode('straight', 'Straight 16:9', 'rectilinear', 80, [75, 86], [2560, 1440], {
      fps: 50,
      readoutMs: 16,
      mbps: 50,
      watts: 2.4,
    }),
  ],
  stabilisers: [STABILISER_OFF, stabiliser('standard', 'Standard', 0.88, 0.84, 0.92, STEADYING.picture)],
  mounting: ['upright', 'inverted', 'portrait-left', 'portrait-right'],
  mesh: () => cameraMesh(bodyM, lensFromMountM, 0.0095),
};

export default camera;
