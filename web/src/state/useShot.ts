import {
  bandsAt,
  carrierOfShot,
  heldOf,
  intentOf,
  ownLight,
  rideOfShot,
  rigOfShot,
  setUpFileOf,
  shotQuestion,
  strutOf,
  type LightId,
  type OutingCarrier,
  type OwnKit,
  type RideConditions,
  type Shot,
  type ShotQuestion,
  type ShotUse,
  type SetUp,
} from '@strut-spot/core';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { useOuting } from './OutingProvider';

/** The shot of the present address, with its evaluation question and its own change. */
export function useShot() {
  const { shotId = '' } = useParams();
  const { outing, change: changeOuting, changeShot } = useOuting();
  const shot = outing.shots.find((s) => s.id === shotId)!;
  const rig = rigOfShot(outing, shot);
  const carrier = carrierOfShot(outing, shot);
  const bandsKey = JSON.stringify(bandsAt(outing, carrier, { spotId: shot.setUp.spotId, strut: strutOf(shot.setUp) }));
  const heldKey = JSON.stringify(heldOf(outing, carrier));
  const question = useMemo<ShotQuestion>(
    () => shotQuestion(outing, shot),
    // Of the outing only carrier, own kit and log count, the first two are in the rig, where and when it is, and what there is for its cameras.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [
      rig,
      carrier,
      shot.setUp,
      shot.intentId,
      shot.actionStanceId,
      shot.horizonAt,
      shot.ask,
      shot.hour,
      shot.lightId,
      shot.only,
      outing.where,
      outing.date,
      outing.startsAt,
      shot.use,
      // What moving clips and the log of any shot taught.
      bandsKey,
      heldKey,
      shot.seconds,
      outing.supplies,
    ],
  );
  return {
    outing,
    shot,
    rig,
    carrier,
    /** As the carrier's, in the light that the shot is filmed in. */
    ride: rideOfShot(outing, shot),
    question,
    change: (edit: (shot: Shot) => Shot, mergeKey?: string) => changeShot(shotId, edit, mergeKey),
    changeSetUp: (edit: Partial<SetUp>, mergeKey?: string) =>
      changeShot(shotId, (s) => ({ ...s, setUp: { ...s.setUp, ...edit } }), mergeKey),
    /** How its camera is run. */
    changeUse: (edit: Partial<ShotUse>) =>
      changeShot(shotId, (s) => ({ ...s, use: { ...s.use, ...edit } }), `use-${Object.keys(edit).join()}`),
    changeCarrier: (edit: (carrier: OutingCarrier) => OutingCarrier, mergeKey?: string) =>
      changeOuting((o) => ({ ...o, carriers: o.carriers.map((c) => (c.id === carrier.id ? edit(c) : c)) }), mergeKey),
    /** What the carrier is ridden on; all its shots share it. */
    changeRide: (edit: Partial<RideConditions>) =>
      changeOuting(
        (o) => ({
          ...o,
          carriers: o.carriers.map((c) => (c.id === carrier.id ? { ...c, ride: { ...c.ride, ...edit } } : c)),
        }),
        `ride-${carrier.id}-${Object.keys(edit).join()}`,
      ),
    /** The sky: of this shot alone where it is filmed in a light of its own, else of all that is filmed from the carrier. */
    changeLight: (lightId: LightId) =>
      changeOuting((o) => {
        const own = shot.lightId !== undefined || ownLight(intentOf(shot.intentId), carrier.ride.lightId) !== null;
        return own
          ? { ...o, shots: o.shots.map((s) => (s.id === shotId ? { ...s, lightId } : s)) }
          : {
              ...o,
              carriers: o.carriers.map((c) => (c.id === carrier.id ? { ...c, ride: { ...c.ride, lightId } } : c)),
            };
      }, 'light'),
    /** Changes the set-up with a piece of the user's own kit, which from then on comes along with the outing. */
    changeWithKit: (edit: Partial<SetUp>, ownKit: OwnKit) =>
      changeOuting((o) => ({
        ...o,
        ownKit: usesOwn(edit) ? ownKit : o.ownKit,
        shots: o.shots.map((s) => (s.id === shotId ? { ...s, setUp: { ...s.setUp, ...edit } } : s)),
      })),
    setUpFile: () => JSON.stringify(setUpFileOf(outing, shotId), null, 2),
  };
}

const usesOwn = ({ baseId, cameraId, links, furtherArms }: Partial<SetUp>): boolean =>
  [
    baseId,
    cameraId,
    ...(links ?? []).map((l) => l.linkId),
    ...(furtherArms ?? []).flatMap((arm) => [arm.baseId, arm.linkId]),
  ].some((id) => id?.startsWith('own-'));
