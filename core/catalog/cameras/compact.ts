import { cameraMesh } from '../../src/posing/building/cameraMesh';
import {
  EVERY_FOUR,
  EVERY_SECOND,
  mode,
  stabiliser,
  STABILISER_OFF,
  STEADYING,
} from '../../src/posing/building/cameraMode';
import type { CameraDefinition } from '../../src/words/kit/camera';
import { estimated } from '../../src/words/sourced/estimated';

const bodyM = [0.05, 0.065, 0.11] as const;
const lensFromMountM = [0.065, 0.034, 0.0] as const;

/** A bigger sensor for dusk, a zoom for far subjects. */
const camera: CameraDefinition = {
  id: 'compact',
  name: 'Compact camera',
  bodyM,
  bodySource: { kind: 'estimate', low: 0.035, high: 0.12 },
  lensFromMountM,
  massKg: estimated(0.32, 0.24, 0.4),
  closestFocusM: estimated(0.08, 0.05, 0.15),
  batteryWh: estimated(4.5, 3.6, 5.2),
  apertureN: estimated(2.4, 1.8, 4),
  apertureToN: 8,
  shortestS: estimated(1 / 8000, 1 / 16000, 1 / 2000),
  mostIso: estimated(6400, 3200, 12800),
  poorIso: estimated(1200, 800, 3200),
  metering: 'middle',
  filterFittings: ['screw-in'],
  weather: 'keep it dry',
  port: 'at the side, under a flap',
  lasting: {
    standbyW: estimated(1.3, 0.8, 1.9),
    screenW: estimated(0.7, 0.4, 1),
    wirelessW: estimated(0.4, 0.2, 0.7),
    fed: 'open',
    swaps: true,
    water: 'none',
    tooHotC: estimated(54, 48, 60),
    startedBy: [],
    preRecords: false,
  },
  cost: 'a holiday',
  modes: [
    mode('wide', 'Wide end 16:9', 'rectilinear', 75, [70, 80], [3840, 2160], {
      fps: 30,
      readoutMs: 16,
      mbps: 100,
      watts: 5.5,
    }),
    mode('long', 'Long end 16:9', 'rectilinear', 28, [24, 32], [3840, 2160], {
      fps: 30,
      readoutMs: 16,
      mbps: 100,
      watts: 5.5,
    }),
    mode('stills', 'Stills every second, wide end 3:2', 'rectilinear', 75, [70, 80], [4500, 3000], {
      ...EVERY_SECOND,
      readoutMs: 30,
      watts: 3.5,
    }),
    mode('stills-slow', 'Stills every 4 s, wide end 3:2', 'rectilinear', 75, [70, 80], [4500, 3000], {
      ...EVERY_FOUR,
      readoutMs: 30,
      watts: 3.5,
    }),
  ],
  stabilisers: [STABILISER_OFF, stabiliser('standard', 'Standard', 0.9, 0.86, 0.94, STEADYING.lens)],
  mounting: ['upright', 'inverted', 'portrait-left'],
  mesh: () => cameraMesh(bodyM, lensFromMountM, 0.022),
};

export default camera;
