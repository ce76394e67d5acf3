import type { Surface } from '../../../words/carrier/surface';
import { atHigh, atLow, usual, type RangeEnd } from '../../../words/sourced/ends';
import type { Grip, SurfaceState } from '../../../words/kit/grip';
import type { SurfaceLoad } from '../loads/loads';

/** One way in which a base can let go. */
export interface HoldLimit {
  readonly mode: string;
  readonly demand: number;
  readonly limit: number;
  readonly unit: 'N' | 'N·m' | 'kPa';
}

export interface GripConditions {
  readonly surface: Surface;
  readonly state: SurfaceState;
  readonly pressurePa: number;
  /** Hours that an adhesive has had under pressure. */
  readonly curedH: number;
  readonly temperatureC: number;
  /** Hours that it stays on. */
  readonly hours: number;
  /** Weight of everything that hangs there, newton: what lasts. */
  readonly weightN: number;
  /** Lever of that weight from the surface, metres. */
  readonly leverM: number;
}

/** Rubber on hard and dry, on wet, and webbing on cloth or shell. Estimates 0.6 to 1.4 times. */
const FRICTION = { rubber: 0.6, wet: 0.25, cloth: 0.4, jaw: 0.4, metal: 0.15 } as const;

/**
 * A base that is pressed on by a force P over a half width: it lifts when pull and tipping outweigh the press, P = N + M/b; slides at
 * μ(P − N); twists at μ(P − N)·⅔b (even pressure over a disc).
 */
export function pressed(
  { pullN, shearN, tipNm, twistNm }: SurfaceLoad,
  pressN: number,
  halfWidthM: number,
  friction: number,
): HoldLimit[] {
  const left = Math.max(0, pressN - Math.max(0, pullN));
  return [
    { mode: 'lifts off', demand: Math.max(0, pullN) + tipNm / halfWidthM, limit: pressN, unit: 'N' },
    { mode: 'slides', demand: shearN, limit: friction * left, unit: 'N' },
    { mode: 'twists', demand: twistNm, limit: friction * left * (2 / 3) * halfWidthM, unit: 'N·m' },
  ];
}

/** Share of the ambient pressure that a cup keeps: clean glass high, dusty or textured low, porous none. Estimates. */
export function vacuumShare({ material }: Surface, state: SurfaceState): number {
  const bySurface: Partial<Record<Surface['material'], number>> = {
    glass: 0.6,
    'acrylic canopy': 0.5,
    'painted metal': 0.5,
    gelcoat: 0.45,
    plastic: 0.3,
    shell: 0.25,
    carbon: 0.4,
  };
  const byState: Record<SurfaceState, number> = { clean: 1, wet: 0.85, dusty: 0.45, textured: 0.2 };
  return (bySurface[material] ?? 0) * byState[state];
}

/** What leaks away in an hour. Estimate 1 to 6 %. */
const LEAK_PER_HOUR = 0.03;

/** Two or three cups carry a moment as a couple: the far one is pulled by N/n + M/s. */
function suction(
  grip: Extract<Grip, { kind: 'suction' }>,
  load: SurfaceLoad,
  c: GripConditions,
  pick: RangeEnd,
): HoldLimit[] {
  const radiusM = pick(grip.cupRadiusM);
  const kept = vacuumShare(c.surface, c.state) * c.pressurePa * Math.exp(-LEAK_PER_HOUR * c.hours);
  const oneN = kept * Math.PI * radiusM ** 2;
  const friction = c.state === 'wet' ? FRICTION.wet : FRICTION.rubber;
  // A lip leaks as soon as its edge is no longer pressed: for a disc when 4M/r outweighs what is left (the kern of a circle, r/4).
  if (grip.cups === 1) {
    return pressed(load, oneN, radiusM, friction).map((limit) =>
      limit.mode === 'lifts off' ? { ...limit, demand: Math.max(0, load.pullN) + (4 * load.tipNm) / radiusM } : limit,
    );
  }
  const { pullN, shearN, tipNm, twistNm } = load;
  const pull = Math.max(0, pullN);
  const left = Math.max(0, grip.cups * oneN - pull);
  return [
    { mode: 'one cup lets go', demand: pull / grip.cups + tipNm / grip.spacingM, limit: oneN, unit: 'N' },
    { mode: 'slides', demand: shearN, limit: friction * left, unit: 'N' },
    { mode: 'twists', demand: twistNm, limit: (friction * left * grip.spacingM) / 2, unit: 'N·m' },
  ];
}

/** Stress that foam tape bears: for a moment and for good. Engineering rules of thumb for such tapes, from memory; 0.5 to 2 times. */
const FOAM_TAPE_PA = { moment: 85e3, lasting: 3.5e3 } as const;

/** Share of a flat pad that touches a curve of radius R: the foam fills its own half thickness, width √(4·t·R) of the whole. */
export const contactShare = (widthM: number, foamM: number, radiusM: number): number =>
  Math.min(1, Math.sqrt(4 * foamM * radiusM) / widthM);

/** σ = N/A + M/W with W = b·l²/6 the weaker way, τ = V/A (any text on eccentric loads, e.g. Shigley). */
export function padStressPa(load: SurfaceLoad, lengthM: number, widthM: number): { normal: number; shear: number } {
  const area = lengthM * widthM;
  const modulus = (Math.max(lengthM, widthM) * Math.min(lengthM, widthM) ** 2) / 6;
  return {
    normal: Math.max(0, load.pullN / area + load.tipNm / modulus),
    shear: Math.hypot(load.shearN / area, load.twistNm / (modulus * 2)),
  };
}

/** What foam tape bears at a temperature, as a share of its best: a smooth fall to cold glass and to warm softness. Estimate; makers' sheets give such curves, from memory. */
export function adhesiveAt(temperatureC: number): number {
  const cold = 1 / (1 + Math.exp(-(temperatureC - 4) / 5));
  const hot = 1 / (1 + Math.exp((temperatureC - 55) / 6));
  return 0.25 + 0.75 * cold * hot;
}

function adhesive(grip: Extract<Grip, { kind: 'adhesive' }>, load: SurfaceLoad, c: GripConditions): HoldLimit[] {
  const radiusM = c.surface.curvatureRadiusM;
  const share = radiusM === undefined || grip.curved ? 1 : contactShare(grip.widthM, grip.foamM, radiusM);
  const cured = c.curedH >= 12 ? 1 : 0.4 + (0.6 * c.curedH) / 12;
  const warm = adhesiveAt(c.temperatureC);
  const clean = { clean: 1, wet: 0.3, dusty: 0.3, textured: 0.5 }[c.state];
  const bears = cured * warm * clean;
  const width = grip.widthM * share;
  const now = padStressPa(load, grip.lengthM, width);
  const modulus = (grip.lengthM * width ** 2) / 6;
  const lasting = (c.weightN * c.leverM) / modulus;
  return [
    { mode: 'peels off', demand: now.normal / 1e3, limit: (FOAM_TAPE_PA.moment * bears) / 1e3, unit: 'kPa' },
    { mode: 'shears off', demand: now.shear / 1e3, limit: (FOAM_TAPE_PA.moment * bears) / 1e3, unit: 'kPa' },
    {
      mode: 'creeps off',
      demand: (lasting + c.weightN / (grip.lengthM * width)) / 1e3 / 4,
      limit: (FOAM_TAPE_PA.lasting * bears) / 1e3,
      unit: 'kPa',
    },
  ];
}

/** Force of a screw drawn with a torque: F = T/(K·d), K = 0.2 dry (Shigley). */
export const screwForceN = (torqueNm: number, diameterM: number): number => torqueNm / (0.2 * diameterM);

/** Thin carbon is not clamped hard: so much and no more. Estimate 300 to 1000 N. */
const CARBON_CLAMP_N = 600;

function clamp(
  grip: Extract<Grip, { kind: 'clamp' }>,
  load: SurfaceLoad,
  c: GripConditions,
  pick: RangeEnd,
): HoldLimit[] {
  const screw = screwForceN(pick(grip.screwNm), grip.screwM);
  const forceN = c.surface.material === 'carbon' ? Math.min(screw, CARBON_CLAMP_N) : screw;
  const diameterM = c.surface.tubeDiameterM ?? 0.02;
  return [
    // Two halves press with F each: friction along 2μF, about the tube μF·D, across by the width of the jaws.
    {
      mode: 'slides along',
      demand: Math.hypot(load.shearN, Math.max(0, load.pullN)),
      limit: 2 * FRICTION.jaw * forceN,
      unit: 'N',
    },
    {
      mode: 'turns on the tube',
      demand: Math.hypot(load.tipNm, load.twistNm),
      limit: FRICTION.jaw * forceN * diameterM + (forceN * grip.widthM) / 4,
      unit: 'N·m',
    },
  ];
}

/**
 * Two plates on a pair of rails, drawn together by one screw with F: it rocks when pull and couple open a plate, F = N + M/b with b half the
 * shorter of gauge and length; slides along with μ on both plates, 2μF; the rails' own gauge takes a twist, 2μF·½gauge at least.
 */
function rails(
  grip: Extract<Grip, { kind: 'rails' }>,
  load: SurfaceLoad,
  c: GripConditions,
  pick: RangeEnd,
): HoldLimit[] {
  const screw = screwForceN(pick(grip.screwNm), grip.screwM);
  const forceN = c.surface.material === 'carbon' ? Math.min(screw, CARBON_CLAMP_N) : screw;
  const pull = Math.max(0, load.pullN);
  const along = 2 * FRICTION.metal * Math.max(0, forceN - pull / 2);
  return [
    {
      mode: 'rocks on the rails',
      demand: pull + load.tipNm / (Math.min(grip.gaugeM, grip.lengthM) / 2),
      limit: forceN,
      unit: 'N',
    },
    { mode: 'slides along the rails', demand: load.shearN, limit: along, unit: 'N' },
    { mode: 'twists on the rails', demand: load.twistNm, limit: (along * grip.gaugeM) / 2, unit: 'N·m' },
  ];
}

const CLOTH: readonly Surface['material'][] = ['fabric', 'webbing', 'skin', 'shell', 'rubber'];

/** A wrist bears so much for each newton that its fist grips with. */
const WRIST_NM_PER_N = 0.1;

/** Every way in which a base can let go under a load, at the weak ends of its figures or as usual. */
export function gripLimits(
  grip: Grip,
  load: SurfaceLoad,
  c: GripConditions,
  end: 'usual' | 'weak' | 'strong' = 'usual',
): HoldLimit[] {
  const pick = { usual, weak: atLow, strong: atHigh }[end];
  switch (grip.kind) {
    case 'suction':
      return suction(grip, load, c, pick);
    case 'adhesive':
      return adhesive(grip, load, c);
    case 'clamp':
      return clamp(grip, load, c, pick);
    case 'rails':
      return rails(grip, load, c, pick);
    case 'jaw':
      return pressed(load, 2 * FRICTION.jaw * pick(grip.forceN) + pick(grip.forceN) / 2, grip.widthM / 2, FRICTION.jaw);
    case 'strap':
      return pressed(
        load,
        2 * pick(grip.tensionN),
        grip.widthM / 2,
        CLOTH.includes(c.surface.material) ? FRICTION.cloth : FRICTION.rubber,
      );
    case 'bolt': {
      // Proof load of a steel screw of class 8.8 is 580 MPa (ISO 898-1); what it is screwed into tears out at about a tenth (estimate).
      const oneN = 58e6 * Math.PI * (grip.screwM / 2) ** 2;
      return pressed(load, grip.screws * oneN, grip.spacingM / 2, 1);
    }
    case 'magnet':
      return pressed(load, pick(grip.forceN), grip.widthM / 2, FRICTION.metal * 2);
    case 'tape': {
      // Interlocking heads hold or let go at once: about 60 kPa (estimate 30 to 120).
      const holdsN = 60e3 * grip.areaM2;
      return [
        {
          mode: 'lets go at once',
          demand: Math.max(0, load.pullN) + load.tipNm / (grip.widthM / 2),
          limit: holdsN,
          unit: 'N',
        },
        { mode: 'shears off', demand: load.shearN, limit: holdsN, unit: 'N' },
      ];
    }
    case 'stand':
      return [
        { mode: 'tips over', demand: load.tipNm, limit: Math.max(0, -load.pullN) * grip.halfWidthM, unit: 'N·m' },
      ];
    case 'hand': {
      // Out of a fist by friction; against turning and tipping by the wrist (maximum of a grown wrist 8 to 15 N·m, from memory).
      const out = {
        mode: 'slips out of the hand',
        demand: Math.hypot(Math.max(0, load.pullN), load.shearN),
        limit: 2 * FRICTION.cloth * pick(grip.forceN),
        unit: 'N',
      } as const;
      const wristNm = pick(grip.forceN) * WRIST_NM_PER_N;
      const turn = {
        mode: 'turns in the hand',
        demand: Math.hypot(load.tipNm, load.twistNm),
        limit: wristNm,
        unit: 'N·m',
      } as const;
      return [out, turn];
    }
  }
}
