import { cameraMesh } from '../../src/posing/building/cameraMesh';
import { mode, stabiliser, STABILISER_OFF, STEADYING } from '../../src/posing/building/cameraMode';
import type { CameraDefinition } from '../../src/words/kit/camera';
import { estimated } from '../../src/words/sourced/estimated';

const bodyM = [0.009, 0.15, 0.072] as const;
const lensFromMountM = [0.006, 0.128, 0.022] as const;

/** Wide, main and long lens; its lens stabiliser suffers on frames. */
const camera: CameraDefinition = {
  id: 'phone',
  name: 'Phone',
  bodyM,
  bodySource: { kind: 'estimate', low: 0.007, high: 0.17 },
  lensFromMountM,
  // With the spring jaws that it is held by.
  massKg: estimated(0.23, 0.18, 0.3),
  cradleN: estimated(30, 15, 60),
  closestFocusM: estimated(0.1, 0.03, 0.2),
  batteryWh: estimated(15, 11, 19),
  apertureN: estimated(1.8, 1.6, 2.2),
  shortestS: estimated(1 / 10000, 1 / 24000, 1 / 4000),
  mostIso: estimated(6400, 3200, 10000),
  poorIso: estimated(1000, 600, 1600),
  metering: 'middle',
  filterFittings: ['clip-on'],
  weather: 'splashes; not against salt and pressure',
  port: 'at the foot, can stay plugged in',
  lasting: {
    standbyW: estimated(0.5, 0.3, 0.9),
    screenW: estimated(1.0, 0.6, 1.6),
    wirelessW: estimated(0.3, 0.15, 0.6),
    fed: 'open',
    swaps: false,
    water: 'splashes',
    tooHotC: estimated(45, 41, 50),
    startedBy: ['remote', 'voice'],
    preRecords: false,
  },
  cost: 'a holiday',
  modes: [
    mode('main', 'Main 16:9', 'rectilinear', 68, [64, 73], [3840, 2160], {
      fps: 30,
      readoutMs: 18,
      mbps: 55,
      watts: 3.4,
    }),
    mode('wide', 'Wide 16:9', 'rectilinear', 100, [92, 108], [3840, 2160], {
      fps: 30,
      readoutMs: 20,
      mbps: 55,
      watts: 3.4,
    }),
    mode('long', 'Long 16:9', 'rectilinear', 26, [22, 30], [3840, 2160], {
      fps: 30,
      readoutMs: 18,
      mbps: 55,
      watts: 3.4,
    }),
  ],
  stabilisers: [STABILISER_OFF, stabiliser('standard', 'Standard', 0.87, 0.82, 0.92, STEADYING.lens)],
  mounting: ['upright', 'portrait-left', 'portrait-right'],
  mesh: () => cameraMesh(bodyM, lensFromMountM, 0.008),
};

export default camera;
