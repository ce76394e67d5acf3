/** Where on the globe an outing is. Degrees, north and east positive, WGS 84; the zone by its IANA name. */
export interface GlobePlace {
  readonly latDeg: number;
  readonly lonDeg: number;
  readonly timeZone: string;
}

/** When a shot is taken and which way it goes. */
export interface ShotHour {
  /** Day of the outing, 1 = its date; none = 1. */
  readonly day?: number;
  /** hh:mm, 24 hours, by the clock there */
  readonly at: string;
  /** hh:mm at which filming ends, after midnight where it is before `at`; none = it takes no time. */
  readonly until?: string;
  /** Way of travel from north, clockwise, degrees, 0 to 360; null = every way, as on a loop. */
  readonly headingDeg: number | null;
  /** Of a ride every way: the share of it to the north, north-east and so on round to the north-west; none = as much every way. */
  readonly octants?: readonly number[];
}

/** All that says how the sun stands over a shot. */
export interface Moment extends GlobePlace, ShotHour {
  /** yyyy-mm-dd */
  readonly date: string;
  /** Between what times it can be filmed at all (tide, lift), hh:mm; none = all day. */
  readonly only?: { readonly from: string; readonly to: string };
}
