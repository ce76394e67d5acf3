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

const bodyM = [0.035, 0.05, 0.07] as const;
const lensFromMountM = [0.0275, 0.044, 0.018] as const;

/** Three sizes of angle, four stabiliser levels. */
const camera: CameraDefinition = {
  id: 'cube-camera',
  name: 'Cube camera',
  bodyM,
  bodySource: { kind: 'estimate', low: 0.03, high: 0.08 },
  lensFromMountM,
  massKg: estimated(0.15, 0.12, 0.18),
  closestFocusM: estimated(0.3, 0.2, 0.4),
  batteryWh: estimated(6.5, 4.5, 7.5),
  apertureN: estimated(2.8, 2.4, 2.9),
  shortestS: estimated(1 / 8000, 1 / 16000, 1 / 4000),
  mostIso: estimated(6400, 3200, 6400),
  poorIso: estimated(800, 500, 1600),
  metering: 'whole',
  filterFittings: ['push-on'],
  weather: 'rain, spray and a dip to a few metres with all doors shut',
  port: 'in use only with the door off or a door with a hole',
  lasting: {
    standbyW: estimated(1.1, 0.6, 1.6),
    screenW: estimated(0.6, 0.4, 0.9),
    wirelessW: estimated(0.4, 0.2, 0.7),
    fed: 'open',
    swaps: true,
    water: 'dips',
    tooHotC: estimated(56, 50, 63),
    startedBy: ['remote', 'voice'],
    preRecords: true,
  },
  cost: 'a weekend',
  standard: true,
  modes: [
    mode('wide', 'Wide 16:9', 'equidistant', 115, [108, 122], [3840, 2160], {
      fps: 60,
      readoutMs: 14,
      mbps: 100,
      watts: 5.2,
    }),
    mode('widest', 'Widest 16:9', 'equidistant', 140, [132, 148], [3840, 2160], {
      fps: 60,
      readoutMs: 14,
      mbps: 100,
      watts: 5.2,
    }),
    mode('straight', 'Straight 16:9', 'rectilinear', 85, [80, 90], [3840, 2160], {
      fps: 60,
      readoutMs: 14,
      mbps: 100,
      watts: 5.2,
    }),
    mode('tall', 'Wide 4:3', 'equidistant', 115, [108, 122], [4000, 3000], {
      fps: 30,
      readoutMs: 18,
      mbps: 100,
      watts: 5.4,
    }),
    mode('tallest', 'Widest 4:3', 'equidistant', 130, [122, 138], [4000, 3000], {
      fps: 30,
      readoutMs: 18,
      mbps: 100,
      watts: 5.4,
    }),
    mode('action', 'Wide 16:9, 120 a second', 'equidistant', 115, [108, 122], [2560, 1440], {
      fps: 120,
      readoutMs: 7.5,
      mbps: 100,
      watts: 5.8,
    }),
    mode('stills', 'Stills every second, 4:3', 'equidistant', 115, [108, 122], [4000, 3000], {
      ...EVERY_SECOND,
      readoutMs: 18,
      watts: 3.2,
    }),
    mode('stills-slow', 'Stills every 4 s, 4:3', 'equidistant', 115, [108, 122], [4000, 3000], {
      ...EVERY_FOUR,
      readoutMs: 18,
      watts: 3.2,
    }),
  ],
  stabilisers: [
    STABILISER_OFF,
    stabiliser('standard', 'Standard', 0.9, 0.87, 0.92, STEADYING.picture),
    stabiliser('strong', 'Strong', 0.78, 0.72, 0.85, STEADYING.strongPicture),
    stabiliser('horizon', 'Horizon levelling', 0.62, 0.55, 0.7, STEADYING.strongPicture, { levels: true }),
  ],
  mounting: ['upright', 'inverted', 'portrait-left', 'portrait-right'],
  mesh: () => cameraMesh(bodyM, lensFromMountM, 0.0125),
};

export default camera;
