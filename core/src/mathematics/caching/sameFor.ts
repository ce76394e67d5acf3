/** A function of an object whose answer is kept as long as the object is: asked once. */
export function sameFor<Key extends object, Value>(make: (key: Key) => Value): (key: Key) => Value {
  const known = new WeakMap<Key, Value>();
  return (key) => {
    let value = known.get(key);
    if (value === undefined) known.set(key, (value = make(key)));
    return value;
  };
}
