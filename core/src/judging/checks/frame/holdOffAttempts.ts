import { wantedHorizon } from '../../../posing/aiming/wantedHorizon';
import { kitWith } from '../../../posing/lookup/kit';
import type { Attempt } from '../../check/check';
import { aimedFor } from '../../check/cameraAttempts';
import type { ShotScene } from '../../scene/shotScene';

/** So far at least a lens comes off what it leans into, and so far at most, metres: beyond that it is another place. Common practice, no source. */
const OFF_M = [0.03, 0.08] as const;

/** A lens that leans into what carries it, held off on each short piece of the kit, straight on and aimed for what is asked. */
export function holdOffAttempts(scene: ShotScene): readonly Attempt[] {
  const { rig, setUp } = scene.question;
  return kitWith(rig.ownKit)
    .links.filter(({ kind, lengthM }) => (kind === 'riser' || kind === 'arm') && lengthM.low <= OFF_M[1])
    .flatMap(({ id, name, lengthM: range }) =>
      OFF_M.flatMap((off): readonly Attempt[] => {
        const lengthM = Math.min(range.high, Math.max(range.low, off));
        const longer = { ...setUp, links: [...setUp.links, { linkId: id, lengthM, bendDeg: 0, turnDeg: 0 }] };
        return [
          {
            id: `hold-off-${id}-${Math.round(lengthM * 1000)}`,
            alike: 'hold-off',
            text: `hold it off on the ${name.toLowerCase()}, ${Math.round(lengthM * 1000)} mm`,
            setUp: aimedFor(scene, longer, wantedHorizon(scene.question)) ?? longer,
            effort: 1.5,
            costs: 'a minute with a screwdriver',
          },
        ];
      }),
    );
}
