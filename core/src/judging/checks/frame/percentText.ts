/** A share of the picture in words. */
export const percentText = (share: number): string =>
  `${share < 0.0995 && share > 0 ? (share * 100).toFixed(1) : Math.round(share * 100)} %`;
