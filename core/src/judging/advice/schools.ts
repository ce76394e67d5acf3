import { kitWith, pieceOf } from '../../posing/lookup/kit';
import type { LinkDefinition } from '../../words/kit/link';
import type { LinkUse, SetUp } from '../../words/setUp/setUp';
import { hertzWords, mountModes } from '../../physics/shaking/mount/mountModel';
import { shakeOf, type Shake, type ShakePx } from '../../physics/shaking/whole/shakeOf';
import { shakeDraws, steadierIn100 } from '../../physics/shaking/whole/shakeDraws';
import type { ShakeQuestion } from '../../physics/shaking/whole/shakeScene';
import { FIGURES, figureVerdict, unsteadiness } from '../../physics/shaking/figures/figures';

/** One school of mounting, worked out for this case. */
export interface School extends ShakePx {
  readonly id: 'locked' | 'damped' | 'half measure';
  readonly name: string;
  readonly text: string;
  readonly setUp: SetUp;
  readonly unsteadiness: number;
}

export interface Schools {
  readonly locked: School;
  readonly damped: School;
  readonly halfMeasure: School;
  /** Of 100 cases of what the estimates may really be those in which the damper is steadier. */
  readonly dampedIn100: number;
  /** 'neither' where the picture is spoilt both ways. */
  readonly winner: 'locked' | 'damped' | 'about equal' | 'neither';
}

/** One wins that is steadier in two of three cases, and by more than anybody would see; else they count as equal. */
const WINS_IN_100 = 67;
const SEEN = 0.15;
const COMPARED = 50;

/**
 * The two schools of the trade side by side: everything that gives taken out, and a proper damper for this weight; with the half
 * measure of both, soft grommets, which make a camera swing above all when it hangs from them.
 */
export function schoolsOf(question: ShakeQuestion): Schools {
  const { rig, setUp } = question;
  const links = kitWith(rig.ownKit).links;
  const kindOf = (use: LinkUse) => links.find((l) => l.id === use.linkId)!.kind;
  const soft = ['damper', 'hook', 'spring arm', 'release'];
  const solid = setUp.links.filter((use) => !soft.includes(kindOf(use)));
  const school = (id: School['id'], name: string, text: (shake: Shake) => string, made: SetUp): School => {
    const shake = shakeOf({ ...question, setUp: made }, { coarse: true });
    const { jump, jelly, blur } = shake;
    return { id, name, text: text(shake), setUp: made, jump, jelly, blur, unsteadiness: unsteadiness(shake) };
  };
  const swings = ({ mount }: Shake) => hertzWords(mountModes(mount)[0]!.frequencyHz);
  const on = ({ id, lengthM: { low, high } }: LinkDefinition): SetUp => {
    const lengthM = Math.round(((low + high) / 2) * 1000) / 1000;
    return { ...setUp, links: [...solid, { linkId: id, lengthM, bendDeg: 0, turnDeg: 0 }] };
  };
  const locked = school('locked', 'Locked solid', (s) => `nothing that gives; first swing at ${swings(s)}`, {
    ...setUp,
    links: solid,
  });
  const dampers = links.filter(({ kind }) => kind === 'damper');
  // A spring arm that is there already is a damper too; one that is not would move the camera.
  const floats = setUp.links.some((use) => kindOf(use) === 'spring arm');
  const dampedBy = (name: string, made: SetUp) =>
    school('damped', 'Damped', (s) => `${name.toLowerCase()}, ${swings(s)} with this weight`, made);
  const damped = [
    ...dampers.filter(({ halfMeasure }) => !halfMeasure).map((link) => dampedBy(link.name, on(link))),
    ...(floats ? [dampedBy('Spring arm', setUp)] : []),
  ].reduce((a, b) => (b.unsteadiness < a.unsteadiness ? b : a));
  const halfSoft = pieceOf(dampers, 'soft damper', (link) => link.halfMeasure === true);
  const halfMeasure = school(
    'half measure',
    'Half measure',
    (s) => `${halfSoft.name.toLowerCase()}${s.mount.hangs ? ', hanging' : ''}, ${swings(s)}`,
    on(halfSoft),
  );
  // Where both are spoilt neither wins.
  const usable = Math.min(locked.unsteadiness, damped.unsteadiness) <= 1;
  const ratio = locked.unsteadiness / Math.max(damped.unsteadiness, 1e-9);
  const drawn = (school: School) => shakeDraws({ ...question, setUp: school.setUp }, COMPARED);
  const dampedIn100 = steadierIn100(drawn(locked), drawn(damped));
  // What nobody would see either way is no reason for either.
  const unseen = [locked, damped].every((school) => FIGURES.every((f) => figureVerdict(f, school[f]) === 'good'));
  const winner = !usable
    ? 'neither'
    : unseen
      ? 'about equal'
      : dampedIn100 >= WINS_IN_100 && ratio > 1 + SEEN
        ? 'damped'
        : dampedIn100 <= 100 - WINS_IN_100 && ratio < 1 / (1 + SEEN)
          ? 'locked'
          : 'about equal';
  return { locked, damped, halfMeasure, dampedIn100, winner };
}
