import { findingsOf } from '../../../words/check/result';
import type { Rejection } from '../../check/candidate';
import type { SearchTerm } from '../../check/check';
import { slowShaking } from '../../../physics/shaking/whole/shakeScene';
import { shakeQuestionOf, type ShotScene } from '../../scene/shotScene';
import { firstToLetGo } from '../../../physics/holding/firstToLetGo';
import { refusalOf } from '../../../physics/holding/holdReport';
import type { RuleDefinition } from '../../../words/rule/rule';
import { heldIn, holdScene, thrownIn, type Thrown } from './holdScene';
import { judgeHold, rulesFor, stopRule } from './judgeHold';
import { slipChance, slipsAt } from './slips';

/** Turned, braked and shaken slowly: whatever the strut makes of the rest, it is thrown about by that. */
const leastThrown = ({ question, resolved }: ShotScene): Thrown => ({
  ...slowShaking(shakeQuestionOf(question), resolved),
  landingG: 0,
});

/** A camera that is turned another way weighs otherwise on its base: a place is given up only where so little is left of what is needed. Estimate 0.8 to 0.95. */
const GIVEN_UP = 0.85;

/** What is borne for minutes only counts so much less. Estimate 0.2 to 0.5. */
const MINUTES_ONLY = 0.3;

/** What somebody licensed has to allow first counts so much: that is paper for weeks, not a mount for today. Common practice, no source. */
const UNAPPROVED = 0.02;

/** Every interface at its worst moment, and rules that stop: what would come off is not taken. */
export const holdTerm: SearchTerm = {
  cost: 'dear',
  atPlace(scene) {
    const { envelope, situation } = heldIn(scene, leastThrown(scene));
    const stop = stopRule(situation);
    const refused = stop || refusalOf(scene.question.rig, scene.resolved) === null ? undefined : 'its base';
    const label = stop ? undefined : (refused ?? firstToLetGo(scene, envelope, GIVEN_UP));
    return label === null ? null : rejectionFor(scene, stop, label);
  },
  judge(scene) {
    const { rejection, verdict, weakest, slips, approval, heavyFor } = held(scene, thrownIn(scene));
    const { forMinutes } = scene.resolved.base;
    return {
      verdict,
      rejection,
      terms: [
        {
          id: 'holds',
          value:
            Math.max(0, 1 - 1 / Math.max(weakest.margin, 1)) *
            (forMinutes ? MINUTES_ONLY : 1) *
            (heavyFor ? (heavyFor.mostKg / heavyFor.carriedKg) ** 2 : 1) *
            (approval ? UNAPPROVED : 1) *
            (1 - slips),
          text: `${heavyFor ? 'for lighter cameras; ' : ''}${forMinutes ? 'for minutes only; ' : ''}${approval ? 'once it is approved; ' : ''}${weakest.name} bears ${weakest.margin >= 100 ? 'far more than' : `${weakest.margin.toFixed(1)} ×`} the worst load`,
        },
      ],
    };
  },
};

function held(scene: ShotScene, thrown: Thrown) {
  const { hold, situation } = holdScene(scene, thrown);
  const past = slipsAt(scene.question.heldBefore, scene.question.setUp);
  const result = judgeHold(hold, situation, past);
  const verdict = result.verdict === "can't say" ? ('watch' as const) : result.verdict;
  return {
    weakest: hold.weakest,
    heavyFor: hold.heavyFor,
    approval: rulesFor(situation).some((rule) => rule.approval) && !situation.traits.includes('hangs from lines'),
    slips: past ? slipChance(past) : 0,
    verdict,
    rejection: verdict === 'stop' ? rejectionFor(scene, stopRule(situation), findingsOf(result)[0]?.label) : null,
  };
}

function rejectionFor({ resolved }: ShotScene, rule: RuleDefinition | undefined, label = 'it'): Rejection {
  if (rule) return { check: 'hold', because: rule.text, mend: null };
  return {
    check: 'hold',
    because: `${label} does not hold with ${armWords(resolved)}`,
    mend: resolved.links.length > 0 ? 'a shorter arm, or another base' : 'a lighter camera, or another base',
  };
}

const armWords = ({ links, camera }: ShotScene['resolved']): string =>
  links.length > 0
    ? `the ${links.map((l) => l.definition.name.toLowerCase()).join(' and ')} of ${Math.round(links.reduce((sum, l) => sum + l.use.lengthM, 0) * 100)} cm`
    : `the ${camera.name.toLowerCase()} (${camera.massKg.value.toFixed(2)} kg) straight on it`;
