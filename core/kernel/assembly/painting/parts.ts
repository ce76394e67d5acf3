/**
 * A part as it is painted, numbers of eight bytes each: 0 worldFromPart (rotation row by row, position), 12 colour, 15 gloss, 16 whether it is scenery,
 * 17 whether it throws a shadow of one's own, 18 middle and square of the radius of the ball round it, 22 where its positions, 23 corners and 24 smoothed
 * normals lie, then of its tree of boxes: 25 boxes, 26 first, 27 count, 28 order; 29 how many marks and 30 where, 31 folds and 32 where, 33 whether it has
 * a lining, 34 y of that, 36 its colour. A mark: place, half size, colour; a fold: y, reach, depth.
 */
export const PART: usize = 40 * 8;
export const MARK: usize = 9 * 8;
export const FOLD: usize = 3 * 8;

// @ts-ignore: decorator
@inline
export function real(at: usize, index: usize): f64 {
  return load<f64>(at + (index << 3));
}

/** The same, as a place or a count. */
// @ts-ignore: decorator
@inline
export function whole(at: usize, index: usize): usize {
  return <usize>load<f64>(at + (index << 3));
}

/** A number of four bytes. */
// @ts-ignore: decorator
@inline
export function at(list: usize, index: usize): f64 {
  return <f64>load<f32>(list + (index << 2));
}
