const ODD: readonly unknown[] = [
  null, true, false, 0, -1, 0.5, 1e9, -1e9, 1e308, 5e-324, '', ' ', 'x', 'x'.repeat(5000), '../..', '2027-02-30', '٣', '\u0000', 'own-x',
  'constructor', '__proto__', [], {}, [null], [[[]]], { id: 1 }, [0, 1], [1, 0],
]; // prettier-ignore

type Holder = Record<string, unknown> | unknown[];
const isHolder = (value: unknown): value is Holder => typeof value === 'object' && value !== null;

/** Every place of a document: what holds it, and under which key. */
function placesIn(root: Holder): { holder: Holder; key: string }[] {
  const places: { holder: Holder; key: string }[] = [];
  const open: Holder[] = [root];
  for (let holder = open.pop(); holder; holder = open.pop()) {
    for (const [key, value] of Object.entries(holder)) {
      places.push({ holder, key });
      if (isHolder(value)) open.push(value);
    }
  }
  return places;
}

/** A document with one to four things in it changed: values made odd, moved, doubled, taken out, or only a little off. */
export function mutated(text: string, random: () => number): string {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  if (random() < 0.08) {
    const at = Math.floor(random() * text.length);
    return text.slice(0, at) + pick(['', '"', '}', ',', 'ÿ', '9', 'null']) + text.slice(at + Math.floor(random() * 3));
  }
  const root = JSON.parse(text) as Holder;
  const times = 1 + Math.floor(random() * 4);
  for (let i = 0; i < times; i++) {
    const places = placesIn(root);
    const { holder, key } = pick(places);
    const at = holder as Record<string, unknown>;
    const old = at[key];
    const way = random();
    if (typeof old === 'number' && way < 0.5) at[key] = old * (0.5 + random()) + (random() - 0.5) * 0.2;
    else if (way < 0.65) at[key] = pick(ODD);
    else if (way < 0.75) {
      const other = pick(places);
      at[key] = structuredClone((other.holder as Record<string, unknown>)[other.key]);
    } else if (way < 0.85) {
      if (Array.isArray(holder)) holder.splice(Number(key), 1);
      else delete at[key];
    } else if (Array.isArray(old) && old.length > 0) old.push(structuredClone(pick(old)));
    else if (typeof old === 'string')
      at[key] = pick(
        places.map((p) => (p.holder as Record<string, unknown>)[p.key]).filter((v) => typeof v === 'string'),
      );
    else at[`${key}x`] = old;
  }
  return JSON.stringify(root);
}
