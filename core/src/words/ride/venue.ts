import type { MachineDefinition } from '../carrier/machine';

/** Whose rules count where it is ridden. */
export const VENUES = [
  { id: 'public-road', name: 'Public road' },
  { id: 'open-country', name: 'Open country, trail, slope' },
  { id: 'private-ground', name: 'Private or closed ground' },
  { id: 'event', name: 'Race or event' },
  { id: 'open-water', name: 'Open water' },
  { id: 'airfield', name: 'Airfield and air' },
] as const;
export type VenueId = (typeof VENUES)[number]['id'];
export const VENUE_IDS: readonly VenueId[] = VENUES.map((venue) => venue.id);

/** Where such a machine is ridden unless it is said otherwise. */
export function usualVenue({ world, family }: Pick<MachineDefinition, 'world' | 'family'>): VenueId {
  if (world === 'water') return 'open-water';
  if (world === 'air') return family === 'aircraft' ? 'airfield' : 'open-country';
  return world === 'road' ? 'public-road' : 'open-country';
}
