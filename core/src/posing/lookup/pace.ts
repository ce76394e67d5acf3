import type { MachineDefinition } from '../../words/carrier/machine';
import type { RideConditions } from '../../words/ride/rideConditions';

/** Speed of the fastest stance that is ridden, as a share of the ride's. */
export const fastestPace = ({ stances }: Pick<MachineDefinition, 'stances'>): number =>
  Math.max(...stances.filter(({ share }) => share > 0).map(({ speedShare = 1 }) => speedShare));

/** The ride as it is in a stance: some are ridden slower. */
export function riddenIn(
  { stances }: Pick<MachineDefinition, 'stances'>,
  ride: RideConditions,
  stanceId: string,
): RideConditions {
  const pace = stances.find(({ id }) => id === stanceId)?.speedShare ?? 1;
  return pace === 1 ? ride : { ...ride, speedMps: ride.speedMps * pace };
}
