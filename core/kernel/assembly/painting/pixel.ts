/** The rows that are painted, and the pixel that is being painted. */

/**
 * What is asked, numbers of eight bytes: 0 from where, 3 normal of the ground, 6 its point, 9 the way ahead (x and z, flat), 11 the land, 12 how far it is
 * drawn, 13 haze, 14 hills, 15 whether the sky's sun is seen, 16 where it stands, 19 toward the light, 22 what is left of it, 23 whether there are shadows,
 * 24 toward the sun that throws them, 27 whether one's own is told, 28 width, 29 how many parts, 30 every how many pixels ask the sun, 31 whether there
 * is land, 32 what is left in the shade, 33 how far shadows are looked for, 34 off the surface, 35 to 37 ink.
 */
const GIVEN = memory.data(40 * 8, 16);

export function painted(): usize {
  return GIVEN;
}

// @ts-ignore: decorator
@inline
export function given(index: usize): f64 {
  return load<f64>(GIVEN + (index << 3));
}

// Where the rows' lists lie, see `paint`.
export let directions: usize = 0;
export let parts: usize = 0;
export let asked: usize = 0;
export let corners: usize = 0;
export let scene: usize = 0;
export let width: i32 = 0;
export let further: i32 = 0;

/** @param known how many rows of directions there are; the rest see paint.ts */
export function rowsAre(
  known: i32,
  rays: usize,
  hitParts: usize,
  lit: usize,
  squares: usize,
  partsAt: usize,
): void {
  further = known;
  directions = rays;
  parts = hitParts;
  asked = lit;
  corners = squares;
  scene = partsAt;
  width = <i32>given(28);
}

/** The pixel that is painted: along which direction it looks. */
export let dx: f64 = 0;
export let dy: f64 = 0;
export let dz: f64 = 0;

export function look(index: i32): void {
  const from = directions + <usize>index * 24;
  dx = load<f64>(from);
  dy = load<f64>(from, 8);
  dz = load<f64>(from, 16);
}
