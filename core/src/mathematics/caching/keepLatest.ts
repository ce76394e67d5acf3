/** Remembers the results of the last `capacity` different keys (least recently used goes first). */
export function keepLatest<Value>(capacity: number): (key: string, make: () => Value) => Value {
  const kept = new Map<string, Value>();
  return (key, make) => {
    const known = kept.get(key);
    if (known !== undefined) {
      kept.delete(key);
      kept.set(key, known);
      return known;
    }
    const made = make();
    kept.set(key, made);
    if (kept.size > capacity) kept.delete(kept.keys().next().value as string);
    return made;
  };
}
