/**
 * A key for plain data, worked out once an object: for data that is never changed in place.
 * @param kept what of it counts
 */
export function keyOf<T extends object>(kept: (item: T) => unknown): (item: T) => string {
  const known = new WeakMap<T, string>();
  return (item) => {
    let key = known.get(item);
    if (key === undefined) known.set(item, (key = JSON.stringify(kept(item))));
    return key;
  };
}
