import type { CameraDefinition } from '../../words/kit/camera';

/** Air at about 300 K and one atmosphere (Incropera & DeWitt, table A.4, from memory): conductivity, kinematic viscosity, Prandtl number. */
const AIR = { conductivityWmK: 0.0263, viscosityM2s: 15.9e-6, prandtl: 0.707 } as const;
/** Grey plastic and paint. */
const EMISSIVITY = 0.9;
const STEFAN_BOLTZMANN = 5.67e-8;
const G = 9.80665;
/** Of sunlight that a dark body takes up. Estimate 0.7 to 0.95. */
const ABSORBED = 0.85;
/** Metal, plastic and glass together, J/(kg·K). Estimate 800 to 1000. */
const HEAT_J_KG_K = 900;
/** By which still air is warmed at the limit; the correlation hangs on its fourth root. */
const USUAL_RISE_K = 25;

/** Forced flow round a sphere, Whitaker (1972) with one viscosity throughout: W/(m²·K). Reynolds number 3.5 to 76,000. */
export function forcedWm2K(airMps: number, acrossM: number): number {
  const reynolds = (airMps * acrossM) / AIR.viscosityM2s;
  const nusselt = 2 + (0.4 * Math.sqrt(reynolds) + 0.06 * reynolds ** (2 / 3)) * AIR.prandtl ** 0.4;
  return (nusselt * AIR.conductivityWmK) / acrossM;
}

/** Still air round a warm sphere, Churchill (1983): W/(m²·K). */
export function stillWm2K(riseK: number, acrossM: number, airC = 20): number {
  const rayleigh = ((G / (airC + 273.15)) * riseK * acrossM ** 3 * AIR.prandtl) / (AIR.viscosityM2s * AIR.viscosityM2s);
  const nusselt = 2 + (0.589 * rayleigh ** 0.25) / (1 + (0.469 / AIR.prandtl) ** (9 / 16)) ** (4 / 9);
  return (nusselt * AIR.conductivityWmK) / acrossM;
}

/** What a body radiates away for each degree, W/(m²·K), at about an air temperature. */
export const radiatedWm2K = (airC: number): number => 4 * EMISSIVITY * STEFAN_BOLTZMANN * (airC + 273.15) ** 3;

/** A camera as one lump of even temperature. */
export interface Lump {
  readonly heatJK: number;
  readonly areaM2: number;
  /** Of a sphere of that area. */
  readonly acrossM: number;
  /** Largest side that the sun can meet. */
  readonly sunM2: number;
  /** What a shut case sets against its warmth, m²·K/W; 0 = bare. */
  readonly insulatedM2KW: number;
}

export function lumpOf({ bodyM: [depth, height, width], massKg, housing }: CameraDefinition): Lump {
  const areaM2 = 2 * (depth * height + height * width + depth * width);
  return {
    heatJK: massKg.value * HEAT_J_KG_K,
    areaM2,
    acrossM: Math.sqrt(areaM2 / Math.PI),
    sunM2: Math.max(depth * height, height * width, depth * width),
    insulatedM2KW: housing?.insulatesM2KW.value ?? 0,
  };
}

/** What warms and cools it. */
export interface Surroundings {
  readonly airC: number;
  readonly airMps: number;
  /** Of the sun square to its rays, W/m². */
  readonly sunWm2: number;
}

export interface Warming {
  /** Where it ends, °C. */
  readonly endC: number;
  /** To two thirds of the way there, seconds. */
  readonly timeS: number;
}

/** C·dT/dt = P + α·G·A_sun − U·A·(T − T_air), 1/U = 1/h + R of a case, with h held at that of a usual rise: an end and one time. */
export function warming(lump: Lump, watts: number, { airC, airMps, sunWm2 }: Surroundings): Warming {
  const moved = Math.max(stillWm2K(USUAL_RISE_K, lump.acrossM, airC), forcedWm2K(airMps, lump.acrossM));
  const lossWK = lump.areaM2 / (1 / (moved + radiatedWm2K(airC)) + lump.insulatedM2KW);
  return { endC: airC + (watts + ABSORBED * sunWm2 * lump.sunM2) / lossWK, timeS: lump.heatJK / lossWK };
}

/** Minutes from one temperature to another; infinite where it never comes there. */
export function minutesUntil({ endC, timeS }: Warming, fromC: number, limitC: number): number {
  if (fromC >= limitC) return 0;
  return endC <= limitC ? Infinity : (timeS * Math.log((endC - fromC) / (endC - limitC))) / 60;
}
