/** Small distances in millimetres, from ten centimetres on in metres. */
export const millimetres = (m: number): string =>
  Math.abs(m) < 0.0995 ? `${Math.round(m * 1000)} mm` : `${m.toFixed(2)} m`;
