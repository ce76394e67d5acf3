import { bladeSlices, type BladeSlices } from '../../../../physics/light/bladeSlices';
import { resolveRig } from '../../../../posing/lookup/resolveRig';
import type { ShotScene } from '../../../scene/shotScene';

export interface SeenBlades extends BladeSlices {
  readonly name: string;
  /** Of the picture, over the ride. */
  readonly share: number;
}

/** Less of a propeller than that nobody notices, share of the picture. */
const SEEN = 0.002;

/** Of the propeller or rotor that most is seen of; null where none is in the picture. */
export function bladesSeen(
  { machine, question, ride, resolved, carrier, framed }: ShotScene,
  exposureS: number,
): SeenBlades | null {
  const rig = carrier.ridden[0]!.rig;
  const line = machine.shake.lines.find(({ every }) => every.kind === 'turn');
  const driven = machine.moving(resolveRig(question.rig).fit).filter((moving) => moving.driven);
  if (line?.every.kind !== 'turn' || driven.length === 0) return null;
  const rpm = ride.rpm ?? line.every.rpm.value;
  const { stances } = framed();
  const seen = driven.map(({ id, name, driven: blades }) => {
    const ids = new Set(rig.parts.flatMap((part) => (part.on === id ? [part.id] : [])));
    const share = stances.reduce(
      (sum, { share: time, measures }) =>
        sum + time * measures.parts.reduce((all, part) => all + (ids.has(part.id) ? part.share : 0), 0),
      0,
    );
    return { name, share, ...bladeSlices(rpm, blades!, exposureS, resolved.mode.readoutS.value) };
  });
  const most = seen.reduce((a, b) => (b.share > a.share ? b : a));
  return most.share > SEEN ? most : null;
}
