import type { HoldReport as Loads } from '../../../physics/holding/holdReport';
import { kitWith } from '../../../posing/lookup/kit';
import { baseRefusal } from '../../../posing/strut/baseRefusal';
import { COST_CLASSES } from '../../../words/kit/cost';
import type { RuleDefinition } from '../../../words/rule/rule';
import { addOnAttempts } from '../../check/addOnAttempts';
import { armAttempts } from '../../check/armAttempts';
import { lighterCameras } from '../../check/cameraAttempts';
import type { Attempt, Check } from '../../check/check';
import { shorterAttempts } from '../../check/linkAttempts';
import type { ShotScene } from '../../scene/shotScene';
import { holdScene, thrownIn } from './holdScene';
import { holdTerm } from './holdTerm';
import { HAND_MINUTES, judgeHold, LEVER_LIMIT_NM, rulesFor, WANTED_MARGIN } from './judgeHold';
import type { RuleSituation } from './ruleApplies';
import { SLIP_CHANCE, slipsAt } from './slips';

/** Whether it stays on, and the rules that count for it; plain data. */
export interface HeldReport extends Loads {
  readonly rules: readonly RuleDefinition[];
  readonly situation: RuleSituation;
}

export const hold: Check<HeldReport> = {
  id: 'hold',
  name: 'Hold',
  question: 'Does every piece stay on at the worst moment of the ride?',
  units: ['N', 'N·m', 'kPa', 'N/mm', 'min', '%', 'kg'],
  limits: [
    { what: 'times the worst load that is wanted', value: WANTED_MARGIN, unit: '', source: 'common practice' },
    { what: 'lever on a canopy', value: LEVER_LIMIT_NM['acrylic canopy'], unit: 'N·m', source: 'estimate' },
    { what: 'lever on glass', value: LEVER_LIMIT_NM.glass, unit: 'N·m', source: 'estimate' },
    {
      what: 'of slipping in the next take, by the log',
      value: SLIP_CHANCE.watch * 100,
      unit: '%',
      source: 'common practice',
    },
    { what: 'that a hand holds it out', value: HAND_MINUTES, unit: 'min', source: 'common practice' },
  ],
  report(scene) {
    const { hold: loads, situation } = holdScene(scene, thrownIn(scene));
    return { ...loads, situation, rules: rulesFor(situation) };
  },
  judge: (found, { question }) => judgeHold(found, found.situation, slipsAt(question.heldBefore, question.setUp)),
  searchTerm: holdTerm,
  mend: holdAttempts,
};

/** Shorter, without, on another base, or with a lighter camera. */
function holdAttempts(scene: ShotScene): readonly Attempt[] {
  const { rig, setUp } = scene.question;
  const { base, placed } = scene.resolved;
  return [
    ...shorterAttempts(scene),
    ...armAttempts(scene),
    ...addOnAttempts(scene, ({ cradleN }) => cradleN !== undefined, 'a minute with a screw'),
    ...kitWith(rig.ownKit)
      .bases.filter((other) => other.id !== base.id && baseRefusal(other, placed.spot.surface) === null)
      .map((other) => ({
        id: `base-${other.id}`,
        text: `${other.name.toLowerCase()} instead of the ${base.name.toLowerCase()}`,
        setUp: { ...setUp, baseId: other.id },
        effort: 2 + COST_CLASSES.indexOf(other.cost),
        costs: `a piece for ${other.cost}`,
      })),
    ...lighterCameras(scene),
  ];
}
