import { lightById, type LightId } from '../../words/ride/lights';
import type { Sourced } from '../../words/sourced/source';

/** Lights that say what is in the sky; the others say how the sun stands as well, whatever the clock says. */
const SKIES: ReadonlySet<LightId> = new Set([
  'bright-sun',
  'hazy-sun',
  'broken-clouds',
  'cloudy-bright',
  'overcast',
  'rain',
  'under-trees',
]);

/** Lights that throw shadows, and that a lens is dazzled by. */
export const isSunny = (lightId: LightId): boolean => SUNNY.has(lightId);
const SUNNY: ReadonlySet<LightId> = new Set(['bright-sun', 'hazy-sun', 'broken-clouds', 'sunset']);

/** How many times the air straight above the light goes through: Kasten & Young (1989), from memory. Height over the horizon in degrees, 0 to 90. */
export const airMass = (heightDeg: number): number =>
  1 / (Math.sin((heightDeg * Math.PI) / 180) + 0.50572 * (heightDeg + 6.07995) ** -1.6364);

/** Share of the sun's light that comes through clear air: 0.7^(AM^0.678), Meinel & Meinel (1976), from memory. */
export const clearAir = (heightDeg: number): number => 0.7 ** (airMass(heightDeg) ** 0.678);

/** Stops that a surface turned to the sun gets less than under a sun straight above; for 2 to 90 degrees. */
const stopsOfAir = (heightDeg: number): number => Math.log2(clearAir(heightDeg) / clearAir(90));

/** Stops against full daylight with the sun low or down: tables of natural illumination (from memory), a stop either way. */
const TWILIGHT: readonly (readonly [heightDeg: number, stops: number])[] = [
  [2, -3.3],
  [0, -5.5],
  [-3, -9.5],
  [-6, -14.5],
  [-12, -23],
  [-18, -26],
];

/** Stops that daylight loses by the sun's height in degrees: 0 straight above. Continuous and never rising as the sun sinks. */
export function daylightStops(heightDeg: number): number {
  if (heightDeg >= 2) return stopsOfAir(Math.min(90, heightDeg));
  const below = TWILIGHT.findIndex(([height]) => height <= heightDeg);
  if (below < 0) return TWILIGHT.at(-1)![1];
  const [low, lowStops] = TWILIGHT[below]!;
  if (below === 0) return stopsOfAir(2);
  const [high, stops] = TWILIGHT[below - 1]!;
  const highStops = below === 1 ? stopsOfAir(2) : stops;
  return lowStops + ((heightDeg - low) / (high - low)) * (highStops - lowStops);
}

/** Exposure value at ISO 100 in a light, at a height of the sun where that is known. @param pick which end of the table's range */
export function exposureValue(
  lightId: LightId,
  sunHeightDeg: number | null | undefined,
  pick: (ev: Sourced) => number = (ev) => ev.value,
): number {
  const ev = pick(lightById(lightId).ev);
  return sunHeightDeg == null || !SKIES.has(lightId) ? ev : ev + daylightStops(sunHeightDeg);
}

/** Of the sun square to its rays with nothing in its way, and what clouds leave, W/m². Estimates, a third either way. */
const SUN_W_M2: Readonly<Partial<Record<LightId, number>>> = {
  'bright-sun': 950,
  'hazy-sun': 600,
  'broken-clouds': 600,
  'cloudy-bright': 250,
  overcast: 100,
  rain: 60,
  'under-trees': 150,
  sunset: 200,
};

/** How strongly the sun shines on something that is turned to it, W/m². @param heightDeg null where it is not known */
export function sunWm2(lightId: LightId, heightDeg: number | null): number {
  const most = SUN_W_M2[lightId] ?? 0;
  if (heightDeg === null || lightId === 'sunset') return most;
  return heightDeg <= 0 ? 0 : (most * clearAir(heightDeg)) / clearAir(90);
}
