import { USUAL_GRIP } from './usualGrip';
import { plate, prongs } from './basePieces';
import { mergeMeshes } from '../../mathematics/geometry/mesh';
import { cameraMesh } from './cameraMesh';
import type { Sourced } from '../../words/sourced/source';
import type { BaseDefinition } from '../../words/kit/base';
import type { CameraDefinition } from '../../words/kit/camera';
import { FILTER_FITTINGS } from '../../words/kit/filter';
import type { LinkDefinition } from '../../words/kit/link';
import type { OwnCamera, OwnLink, OwnBase } from '../../words/kit/ownKit';

const told = (value: number): Sourced => ({ value, source: { kind: 'common practice' } });

export function ownCamera(own: OwnCamera): CameraDefinition {
  const bodyM = [own.depthM, own.heightM, own.widthM] as const;
  const lensFromMountM = [own.depthM * 0.65, own.heightM * 0.6 + 0.012, 0] as const;
  return {
    id: own.id,
    name: own.name,
    bodyM,
    bodySource: { kind: 'common practice' },
    lensFromMountM,
    massKg: told(own.massKg),
    closestFocusM: told(own.closestFocusM),
    batteryWh: { value: 5, source: { kind: 'estimate', low: 2, high: 15 } },
    apertureN: { value: 2.8, source: { kind: 'estimate', low: 1.8, high: 4 } },
    shortestS: { value: 1 / 8000, source: { kind: 'estimate', low: 1 / 16000, high: 1 / 2000 } },
    mostIso: { value: 6400, source: { kind: 'estimate', low: 1600, high: 12800 } },
    poorIso: { value: 800, source: { kind: 'estimate', low: 400, high: 3200 } },
    metering: 'whole',
    filterFittings: FILTER_FITTINGS,
    weather: 'see its manual',
    port: 'see its manual',
    lasting: {
      standbyW: { value: 1, source: { kind: 'estimate', low: 0.4, high: 2 } },
      screenW: { value: 0.6, source: { kind: 'estimate', low: 0.2, high: 1.2 } },
      wirelessW: { value: 0.4, source: { kind: 'estimate', low: 0.2, high: 0.8 } },
      fed: 'open',
      swaps: true,
      water: 'splashes',
      tooHotC: { value: 50, source: { kind: 'estimate', low: 43, high: 58 } },
      startedBy: [],
      preRecords: false,
    },
    cost: 'a weekend',
    modes: [
      {
        id: 'own',
        name: `${own.widthPx} × ${own.heightPx}`,
        lens: {
          projection: own.projection,
          widthPx: own.widthPx,
          heightPx: own.heightPx,
          fovDeg: own.fovDeg,
          fovAcross: own.fovAcross,
        },
        lensSource: { kind: 'common practice' },
        framesPerSecond: own.framesPerSecond,
        readoutS: { value: 0.016, source: { kind: 'estimate', low: 0.005, high: 0.03 } },
        bitrateMbps: { value: 80, source: { kind: 'estimate', low: 30, high: 160 } },
        powerW: { value: 4.5, source: { kind: 'estimate', low: 2, high: 8 } },
      },
    ],
    stabilisers: [{ id: 'off', name: 'Off', crop: { value: 1, source: { kind: 'common practice' } } }],
    mounting: ['upright', 'inverted', 'portrait-left', 'portrait-right'],
    mesh: () => cameraMesh(bodyM, lensFromMountM, Math.min(own.heightM, own.widthM) * 0.2),
  };
}

export const ownLink = (own: OwnLink): LinkDefinition => ({
  id: own.id,
  name: own.name,
  kind: 'arm',
  lengthM: { low: own.lowM, high: own.highM, source: { kind: 'common practice' } },
  massKg: told(own.massKg),
  bendLimitDeg: 100,
  radiusM: own.thicknessM / 2,
  stiffnessNM: { value: 5000, source: { kind: 'estimate', low: 500, high: 30000 } },
  cost: 'a meal',
});

export const ownBase = (own: OwnBase): BaseDefinition => ({
  id: own.id,
  name: own.name,
  kind: own.kind,
  madeFor: [],
  fits: { shapes: own.shapes, tubeM: { low: own.tubeLowM, high: own.tubeHighM } },
  heightM: told(own.heightM),
  massKg: told(own.massKg),
  stiffnessNmRad: { value: 40, source: { kind: 'estimate', low: 5, high: 300 } },
  grip: USUAL_GRIP[own.kind],
  cost: 'a meal',
  mesh: () => mergeMeshes([plate(0.05, 0.045, Math.max(0.006, own.heightM - 0.014)), prongs(own.heightM)]),
});
