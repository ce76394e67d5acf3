/** What falls and what lies on the way: what gets on a lens, and how damp the air is. */
export const WEATHERS = [
  { id: 'dry', name: 'Dry', humidityPct: 55 },
  { id: 'dusty', name: 'Dry and dusty', humidityPct: 35 },
  { id: 'wet', name: 'Wet ground, puddles', humidityPct: 85 },
  { id: 'muddy', name: 'Mud', humidityPct: 85 },
  { id: 'rain', name: 'Rain', humidityPct: 95 },
  { id: 'snowfall', name: 'Falling snow', humidityPct: 90 },
] as const satisfies readonly { id: string; name: string; humidityPct: number }[];

export type WeatherId = (typeof WEATHERS)[number]['id'];
export const WEATHER_IDS: readonly WeatherId[] = WEATHERS.map((weather) => weather.id);

/** Dry where nobody said otherwise. */
export const weatherOf = ({ weatherId = 'dry' }: { readonly weatherId?: WeatherId }) =>
  WEATHERS.find((weather) => weather.id === weatherId)!;
