/**
 * Standard atmosphere up to 11 km (ISO 2533; U.S. Standard Atmosphere 1976): T = 288.15 − 0.0065·h, p = 101325·(T/288.15)^5.25588,
 * ρ = p/(287.05287·T). @param altitudeM −500 to 11000 @throws RangeError outside
 */
export function standardAir(altitudeM: number): { readonly pressurePa: number; readonly densityKgM3: number } {
  if (!(altitudeM >= -500 && altitudeM <= 11000)) {
    throw new RangeError(`standardAir: altitudeM ${altitudeM} is outside -500 to 11000 m`);
  }
  const temperatureK = 288.15 - 0.0065 * altitudeM;
  const pressurePa = 101325 * (temperatureK / 288.15) ** 5.255879;
  return { pressurePa, densityKgM3: pressurePa / (287.05287 * temperatureK) };
}

/** Sea water and fresh water, kg/m³. */
export const WATER_KG_M3 = { sea: 1025, fresh: 998 } as const;

/** Drag coefficients (Hoerner, Fluid-Dynamic Drag, from memory): a cube face-on, a long cylinder across. */
export const DRAG = { cube: 1.05, cubeOnEdge: 0.8, sphere: 0.47, cylinder: 1.2, plate: 1.17 } as const;

/** ½ρv²·C_d·A, newton. */
export const dragN = (densityKgM3: number, speedMps: number, coefficient: number, areaM2: number): number =>
  0.5 * densityKgM3 * speedMps ** 2 * coefficient * areaM2;
