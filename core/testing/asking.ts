import type { INTENTS } from '../catalog/index.generated';
import { newCarrier } from '../src/deciding/outing/newOuting';
import type { RigSpec } from '../src/words/rig/rigSpec';
import { resolveRig } from '../src/posing/lookup/resolveRig';
import { newAsk, type Ask } from '../src/words/shot/ask';
import type { SearchQuestion } from '../src/deciding/search/searchQuestion';
import { intentOf } from '../src/posing/lookup/intentOf';
import { litFor } from '../src/words/shot/ownLight';
import { kitWith } from '../src/posing/lookup/kit';
import { usualRide } from '../src/posing/lookup/grounds';
import type { RideConditions } from '../src/words/ride/rideConditions';

/** Every piece of the catalogue, or those of some kinds with only the cameras and links named. */
export function pieces(only: { cameras?: readonly string[]; links?: readonly string[] } = {}): readonly string[] {
  const { cameras, bases, links, heads } = kitWith();
  const ids = (items: readonly { readonly id: string }[], keep?: readonly string[]) =>
    items.map((item) => item.id).filter((id) => keep === undefined || keep.includes(id));
  return [...ids(cameras, only.cameras), ...ids(bases), ...ids(links, only.links), ...ids(heads)];
}

/** A question about one carrier of the catalogue, ridden as usual. */
export function asking(
  machineId: string,
  intentId: (typeof INTENTS)[number]['id'],
  over: {
    ask?: Partial<Ask>;
    ride?: Partial<RideConditions>;
    rig?: Partial<RigSpec>;
    pieceIds?: readonly string[];
  } = {},
): SearchQuestion {
  const { rig } = newCarrier('c', machineId, 1.75);
  const { machine } = resolveRig(rig);
  return {
    ask: { ...newAsk(intentId, 'c'), kit: 'anything', ...over.ask },
    carriers: [
      {
        carrierId: 'c',
        rig: { ...rig, ...over.rig },
        actionStanceId: machine.actionStanceId,
        ride: litFor({ ...usualRide(machine), ...over.ride }, intentOf(intentId)),
        measured: {},
      },
    ],
    pieceIds: over.pieceIds ?? pieces({ cameras: ['cube-camera'], links: [] }),
  };
}
