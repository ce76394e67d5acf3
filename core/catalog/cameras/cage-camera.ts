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

const bodyM = [0.085, 0.115, 0.145] as const;
const lensFromMountM = [0.155, 0.066, 0.0] as const;

/** Full-size camera in a cage with several screw points and changeable lenses. */
const camera: CameraDefinition = {
  id: 'cage-camera',
  name: 'Cage camera',
  bodyM,
  bodySource: { kind: 'estimate', low: 0.07, high: 0.16 },
  lensFromMountM,
  massKg: estimated(1.1, 0.8, 1.6),
  screwPoints: 4,
  closestFocusM: estimated(0.28, 0.2, 0.4),
  batteryWh: estimated(16, 14, 18),
  apertureN: estimated(2.8, 2, 4),
  apertureToN: 16,
  shortestS: estimated(1 / 8000, 1 / 16000, 1 / 4000),
  mostIso: estimated(51200, 12800, 102400),
  poorIso: estimated(6400, 3200, 12800),
  metering: 'middle',
  filterFittings: ['screw-in'],
  weather: 'splashes on the body only; cover it',
  port: 'at the side, can stay plugged in',
  lasting: {
    standbyW: estimated(2.2, 1.4, 3.2),
    screenW: estimated(1.0, 0.6, 1.5),
    wirelessW: estimated(0.5, 0.3, 0.8),
    fed: 'shut',
    swaps: true,
    water: 'splashes',
    tooHotC: estimated(58, 52, 66),
    startedBy: ['remote'],
    preRecords: false,
  },
  cost: 'a holiday',
  modes: [
    mode('wide', 'Wide lens 16:9', 'rectilinear', 84, [80, 90], [3840, 2160], {
      fps: 60,
      readoutMs: 16,
      mbps: 150,
      watts: 8,
    }),
    mode('normal', 'Normal lens 16:9', 'rectilinear', 39.6, [38, 42], [3840, 2160], {
      fps: 60,
      readoutMs: 16,
      mbps: 150,
      watts: 8,
    }),
    mode('stills', 'Stills every second, wide lens 3:2', 'rectilinear', 84, [80, 90], [6000, 4000], {
      ...EVERY_SECOND,
      readoutMs: 30,
      watts: 4.5,
    }),
    mode('stills-slow', 'Stills every 4 s, wide lens 3:2', 'rectilinear', 84, [80, 90], [6000, 4000], {
      ...EVERY_FOUR,
      readoutMs: 30,
      watts: 4.5,
    }),
    mode('long', 'Long lens 16:9', 'rectilinear', 12, [10, 15], [3840, 2160], {
      fps: 60,
      readoutMs: 16,
      mbps: 150,
      watts: 8,
    }),
  ],
  stabilisers: [STABILISER_OFF, stabiliser('body', 'In-body', 0.98, 0.95, 1, STEADYING.sensor)],
  mounting: ['upright', 'portrait-left'],
  mesh: () => cameraMesh(bodyM, lensFromMountM, 0.036),
};

export default camera;
