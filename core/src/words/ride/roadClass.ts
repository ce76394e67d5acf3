export const ROAD_CLASS_M3 = {
  A: 16e-6,
  B: 64e-6,
  C: 256e-6,
  D: 1024e-6,
  E: 4096e-6,
  F: 16384e-6,
  G: 65536e-6,
  H: 262144e-6,
} as const;
