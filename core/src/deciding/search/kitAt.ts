import type { Rejection } from '../../judging/check/candidate';
import { kitWith } from '../../posing/lookup/kit';
import { baseRefusal } from '../../posing/strut/baseRefusal';
import { basesByHabit } from '../../posing/strut/plainSetUp';
import { suitsIntent, type IntentDefinition } from '../../words/shot/intent';
import type { Spot } from '../../words/carrier/spot';
import type { BaseDefinition } from '../../words/kit/base';
import type { CameraDefinition } from '../../words/kit/camera';
import type { LinkDefinition } from '../../words/kit/link';
import type { Spotted } from './spotted';

/** What of the box can be used at a spot. */
export interface KitAt {
  /** That go on it, by habit. */
  readonly bases: readonly BaseDefinition[];
  readonly cameras: readonly CameraDefinition[];
  readonly links: readonly LinkDefinition[];
}

/** Each base that does not go on the spot is rejected with its reason. Null where nothing can be built there at all. */
export function kitAt(
  { question: { ask, pieceIds }, carrier: { rig }, intent, kept }: Spotted,
  { surface }: Spot,
  reject: (rejection: Rejection) => void,
): KitAt | null {
  const kit = kitWith(rig.ownKit);
  const inKit = <Item extends { readonly id: string }>(items: readonly Item[]) =>
    items.filter(({ id }) => pieceIds.includes(id));
  // Whoever talks has no mouth to hold a camera with.
  const talks = ({ kind }: BaseDefinition) => ask.talking && kind === 'bite';
  const owned = inKit(kit.bases);
  const free = owned.filter((base) => !talks(base));
  const bases = basesByHabit(free, surface).slice(0, kept.bases);
  if (ask.talking && surface.shape === 'mouth')
    reject({
      check: 'fits',
      because: 'whoever talks has no mouth to hold it with',
      mend: 'the head, the chest or the cockpit near the mouth',
      bars: 'this kit',
    });
  for (const base of owned) {
    const refusal = baseRefusal(base, surface);
    if (refusal) reject({ check: 'fits', because: `${base.name}: ${refusal}`, mend: insteadOf(bases) });
  }
  const owns = inKit(kit.cameras);
  const cameras = owns.filter(({ modes }) => modes.some((mode) => suitsIntent(mode, intent)));
  if (bases.length > 0 && cameras.length > 0) return { bases, cameras, links: inKit(kit.links) };
  if (owns.length > 0 && cameras.length === 0) reject({ ...noModeFor(intent, owns), bars: 'this kit' });
  else {
    const lacks = bases.length === 0 ? 'no base in the kit goes on it' : 'no camera in the kit';
    reject({ check: 'fits', because: lacks, mend: 'look through all kit there is', bars: 'this kit' });
  }
  return null;
}

/** What is said of cameras of which none takes such pictures. */
function noModeFor({ exposedS }: IntentDefinition, [one, ...others]: readonly CameraDefinition[]): Rejection {
  const which = others.length > 0 ? 'no camera in the kit' : `the ${one!.name.toLowerCase()} never`;
  return exposedS === undefined
    ? { check: 'fits', because: `${which} films`, mend: 'a camera that films' }
    : {
        check: 'fits',
        because: `${which} takes stills at intervals with the shutter open for ${exposedS.join(' to ')} s`,
        mend: 'a camera with an interval mode for the night',
      };
}

const insteadOf = ([base]: readonly BaseDefinition[]): string | null => (base ? `${base.name} goes on it` : null);
