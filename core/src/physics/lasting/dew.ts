/** Magnus formula with the constants of the WMO guide (2008), over water: hPa. −45 to 60 °C. */
export const saturationHpa = (celsius: number): number => 6.112 * Math.exp((17.62 * celsius) / (243.12 + celsius));

/** Temperature at which damp air begins to settle, °C. @param humidityPct relative, above 0 to 100 */
export function dewPointC(airC: number, humidityPct: number): number {
  const x = Math.log((humidityPct / 100) * (saturationHpa(airC) / 6.112));
  return (243.12 * x) / (17.62 - x);
}
