/** As core/src/showing/picture/colours/hash.ts, in whole numbers of four bytes. */
// @ts-ignore: decorator
@inline
export function hash2(x: f64, y: f64, salt: f64): f64 {
  let h = (<i32>x * 374761393) ^ (<i32>y * 668265263) ^ (<i32>salt * 2147483647);
  h = (h ^ (h >>> 13)) * 1274126177;
  return <f64>(<u32>(h ^ (h >>> 16))) / 4294967296.0;
}
