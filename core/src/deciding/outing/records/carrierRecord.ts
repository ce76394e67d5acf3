import { boolean, object } from 'yup';
import type { RigSpec } from '../../../words/rig/rigSpec';
import type { MeasuredBand } from '../../../words/ride/measuredBand';
import type { RideConditions } from '../../../words/ride/rideConditions';
import { measuredBandsSchema, rideSchema } from './rideRecord';
import { rigSchema } from './rigRecord';
import { id, instant, list, OUTING_LIMITS, text, truth, UNKNOWN_FIELDS, validatorOf, within } from './schemaParts';

/** What a measured log said of one spot, against the model as it stood then. */
export interface SpotLog {
  readonly id: string;
  readonly spotId: string;
  readonly fileName: string;
  /** ISO 8601 date and time of reading it. */
  readonly at: string;
  readonly seconds: number;
  readonly sampleHz: number;
  readonly bands: readonly MeasuredBand[];
  /** Whether the model follows it. */
  readonly used: boolean;
}

/** A machine with its rider as fitted for this outing, and what it is ridden on. */
export interface OutingCarrier {
  readonly id: string;
  readonly rig: Omit<RigSpec, 'ownKit'>;
  readonly ride: RideConditions;
  readonly spotLogs: readonly SpotLog[];
}

const spotLog = object({
  id: id(),
  spotId: id(),
  fileName: text(OUTING_LIMITS.nameLength),
  at: instant(),
  seconds: within(0, 1e6),
  sampleHz: within(0, 1e6),
  bands: measuredBandsSchema,
  used: boolean().strict().required().typeError(truth),
}).noUnknown(UNKNOWN_FIELDS);

export const carrierSchema = validatorOf<Omit<OutingCarrier, 'rig'> & { readonly rig: RigSpec }>()(
  object({
    id: id(),
    rig: rigSchema,
    ride: rideSchema,
    spotLogs: list(OUTING_LIMITS.spotLogs).of(spotLog),
  })
    .required('${path} is missing')
    .noUnknown(UNKNOWN_FIELDS),
);
