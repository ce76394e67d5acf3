import { metresToFeet, metresToInches, metresToMiles, MPS_PER_KMH, MPS_PER_MPH } from './length';

/** International avoirdupois pound, exact (NIST SP 811, B.8). */
const KG_PER_LB = 0.45359237;
const OUNCES_PER_LB = 16;
/** Pound-force a square inch in pascals (NIST SP 811, B.8). */
const PA_PER_PSI = 6894.757;
/** Fewer grams than this are an acceleration in multiples of g. */
const LEAST_GRAMS = 20;

interface Said {
  readonly value: number;
  readonly unit: string;
  readonly digits: number;
}

const short = (metres: number): Said => {
  const value = metresToInches(metres);
  const size = Math.abs(value);
  return { value, unit: 'in', digits: size < 0.5 ? 2 : size < 20 ? 1 : 0 };
};
const long = (metres: number): Said => {
  const value = metresToFeet(metres);
  return { value, unit: 'ft', digits: Math.abs(value) < 10 ? 1 : 0 };
};
const light = (kg: number): Said => ({ value: (kg / KG_PER_LB) * OUNCES_PER_LB, unit: 'oz', digits: kg < 0.3 ? 1 : 0 });

/** What a figure with a metric unit is in customary units; null where it stays as it is. */
const SAID: Readonly<Record<string, (value: number) => Said | null>> = {
  mm: (v) => short(v / 1000),
  cm: (v) => short(v / 100),
  m: (v) => (Math.abs(v) < 1 ? short(v) : long(v)),
  km: (v) => ({ value: metresToMiles(v * 1000), unit: 'mi', digits: v < 15 ? 1 : 0 }),
  'km/h': (v) => ({ value: (v * MPS_PER_KMH) / MPS_PER_MPH, unit: 'mph', digits: 0 }),
  'm/s': (v) => ({ value: v / MPS_PER_MPH, unit: 'mph', digits: 0 }),
  g: (v) => (v < LEAST_GRAMS ? null : light(v / 1000)),
  kg: (v) => ({ value: v / KG_PER_LB, unit: 'lb', digits: 1 }),
  kgf: (v) => ({ value: v / KG_PER_LB, unit: 'lbf', digits: v < 4 ? 1 : 0 }),
  kPa: (v) => ({ value: (v * 1000) / PA_PER_PSI, unit: 'psi', digits: 1 }),
  '°C': (v) => ({ value: v * 1.8 + 32, unit: '°F', digits: 0 }),
};

const FIGURE = String.raw`[-−]?\d+(?:\.\d+)?`;
const UNIT = Object.keys(SAID)
  .sort((a, b) => b.length - a.length)
  .join('|');
/** One figure or two ("12 to 30 cm"), or sides ("70 × 50 × 35 mm"), and a unit that nothing follows that would make another of it (m², N·m, min). */
const MEASURE = new RegExp(
  String.raw`((?:${FIGURE} × )*${FIGURE})(?: to (${FIGURE}))?[ \u00a0](${UNIT})(?![\w²³·/])`,
  'g',
);

/** Metric figures in a text as customary ones: "comes within 42 mm" as "comes within 1.7 in". Newtons, seconds, degrees and pixels stay. */
export const imperialWords = (text: string): string =>
  text.replace(MEASURE, (all, first: string, second: string | undefined, unit: string) => {
    const say = (figure: string) => SAID[unit]!(Number(figure.replace('−', '-')));
    const sides = first.split(' × ').map(say);
    const most = sides.reduce((widest, side) => (side && widest && side.value > widest.value ? side : widest));
    if (sides.length > 1 && most)
      return `${sides.map((side) => side!.value.toFixed(most.digits)).join(' × ')} ${most.unit}`;
    const [a, b] = [sides[0]!, second === undefined ? null : say(second)];
    if (!a) return all;
    if (!b) return `${a.value.toFixed(a.digits)} ${a.unit}`;
    return a.unit === b.unit
      ? `${a.value.toFixed(b.digits)} to ${b.value.toFixed(b.digits)} ${b.unit}`
      : `${a.value.toFixed(a.digits)} ${a.unit} to ${b.value.toFixed(b.digits)} ${b.unit}`;
  });
