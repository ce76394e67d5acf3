/** The colour that is being mixed: red, green and blue, 0 to 255. One for all, as whatever colours a pixel ends with it. */
export let red: number = 0;
export let green: number = 0;
export let blue: number = 0;

/** Begins with a colour. */
export function start(r: number, g: number, b: number): void {
  red = r;
  green = g;
  blue = b;
}

/** Lays a colour over it. @param share 0 = none of it is seen, 1 = nothing else */
export function over(r: number, g: number, b: number, share: number): void {
  red += (r - red) * share;
  green += (g - green) * share;
  blue += (b - blue) * share;
}

/** So much of its light is left. */
export function darken(left: number): void {
  red *= left;
  green *= left;
  blue *= left;
}

/** From 0 to 1. */
export function share(t: number): number {
  return Math.min(1, Math.max(0, t));
}

export function square(x: number): number {
  return x * x;
}

/** How much is left of what is as fine as that, at a distance that blurs it by half. */
export function seenAt(distanceM: number, halfM: number): number {
  return 1 / (1 + square(distanceM / halfM));
}
