/** One mode of two masses in line: ground — k1 — m1 — k2 — m2. */
interface CoupledMode {
  readonly frequencyHz: number;
  /** Movement of the second mass for one of the first. */
  readonly secondOverFirst: number;
}

/**
 * Undamped modes of an arm with a damper plate at its end (or any two masses in line), slower first. Exact: the roots of
 * m1·m2·ω⁴ − (m1·k2 + m2·(k1 + k2))·ω² + k1·k2 = 0.
 * @throws RangeError for a mass or stiffness that is not above 0
 */
export function coupledModes(
  m1Kg: number,
  k1NM: number,
  m2Kg: number,
  k2NM: number,
): readonly [CoupledMode, CoupledMode] {
  for (const [name, value] of Object.entries({ m1Kg, k1NM, m2Kg, k2NM })) {
    if (!(value > 0)) throw new RangeError(`coupledModes: ${name} ${value} is not above 0`);
  }
  const a = m1Kg * m2Kg;
  const b = m1Kg * k2NM + m2Kg * (k1NM + k2NM);
  const c = k1NM * k2NM;
  // The smaller root from the larger one, so that nothing is lost where they lie far apart.
  const larger = (b + Math.sqrt(Math.max(0, b * b - 4 * a * c))) / (2 * a);
  const smaller = c / a / larger;
  const mode = (omega2: number): CoupledMode => ({
    frequencyHz: Math.sqrt(omega2) / (2 * Math.PI),
    secondOverFirst: (k1NM + k2NM - m1Kg * omega2) / k2NM,
  });
  return [mode(smaller), mode(larger)];
}
