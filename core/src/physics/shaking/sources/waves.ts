const G = 9.80665;

/**
 * Wind waves of a significant height and peak period, m²/Hz: S(f) = (5/16)·H²·f_p⁴·f⁻⁵·exp(−(5/4)(f_p/f)⁴)
 * (Bretschneider 1959; with the height of a full sea it is the Pierson–Moskowitz form). Its area is H²/16.
 */
export const waveElevationM2Hz = (heightM: number, periodS: number, frequencyHz: number): number => {
  const peak = 1 / periodS;
  return (5 / 16) * heightM ** 2 * peak ** 4 * frequencyHz ** -5 * Math.exp(-1.25 * (peak / frequencyHz) ** 4);
};

/** Deep water: k = (2πf)²/g, rad/m (linear wave theory). */
export const waveNumber = (frequencyHz: number): number => (2 * Math.PI * frequencyHz) ** 2 / G;

/**
 * A carrier that goes against the waves meets them more often: f_e = f + 2π·f²·v/g. Given what it meets, gives the wave's own
 * frequency; exact inverse.
 */
export const metWaveHz = (encounterHz: number, speedMps: number): number => {
  const b = (2 * Math.PI * speedMps) / G;
  return b < 1e-9 ? encounterHz : (Math.sqrt(1 + 4 * b * encounterHz) - 1) / (2 * b);
};

/** The same elevation per hertz of encounter: S(f)·df/df_e, so that the area stays. */
export const metElevationM2Hz = (heightM: number, periodS: number, speedMps: number, encounterHz: number): number => {
  const f = metWaveHz(encounterHz, speedMps);
  return waveElevationM2Hz(heightM, periodS, f) / (1 + (4 * Math.PI * f * speedMps) / G);
};
