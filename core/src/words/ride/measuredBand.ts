/** Within the band the spot moves so many times as much as the model says. */
export interface MeasuredBand {
  readonly lowHz: number;
  readonly highHz: number;
  readonly ratio: number;
}
