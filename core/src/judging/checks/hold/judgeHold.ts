import type { HeldInterface, HoldReport } from '../../../physics/holding/holdReport';
import type { Caught } from '../../../physics/holding/tether/caught';
import { RULES } from '../../../../catalog/index.generated';
import { worstFirst, type CheckResult, type Finding, type Verdict } from '../../../words/check/result';
import type { SurfaceMaterial } from '../../../words/carrier/surface';
import type { RuleDefinition } from '../../../words/rule/rule';
import type { HeldBefore } from '../../../words/learning/heldBefore';
import { slipsFinding } from './slips';
import { ruleApplies, type RuleSituation } from './ruleApplies';

/** Twice the worst load is wanted; at the worst load itself it goes. Common practice. */
export const WANTED_MARGIN = 2;
/** Tipping moment on a cup that a canopy or a pane bears. Estimates 0.5 to 2 times. */
export const LEVER_LIMIT_NM = { 'acrylic canopy': 1.2, glass: 6 } as const satisfies Partial<
  Record<SurfaceMaterial, number>
>;

const leverLimitNm = (material: SurfaceMaterial): number | undefined =>
  material === 'glass' || material === 'acrylic canopy' ? LEVER_LIMIT_NM[material] : undefined;

/** Long enough for one run. Common practice: a minute at a time. */
export const HAND_MINUTES = 1;
const minutes = (value: number): string =>
  value < 1 ? `${Math.max(5, Math.round(value * 12) * 5)} s` : `${Math.round(value)} min`;

const verdictOf = (margin: number): Verdict => (margin >= WANTED_MARGIN ? 'good' : margin >= 1 ? 'watch' : 'stop');
const figure = (value: number): string => (value < 9.95 ? value.toFixed(1) : String(Math.round(value)));

const BY_WHEN: readonly RuleDefinition['when'][] = ['before mounting', 'before moving', 'under way', 'after'];

/** Rules that count for a situation: what stops first, then in the order in which they are gone through. */
export const rulesFor = (situation: RuleSituation): readonly RuleDefinition[] =>
  RULES.filter((rule) => ruleApplies(rule, situation)).sort(
    (a, b) =>
      Number(b.kind === 'stop') - Number(a.kind === 'stop') || BY_WHEN.indexOf(a.when) - BY_WHEN.indexOf(b.when),
  );

/** The rule that forbids a situation, if one does. */
export const stopRule = (situation: RuleSituation): RuleDefinition | undefined =>
  RULES.find((rule) => rule.kind === 'stop' && ruleApplies(rule, situation));

/** Does it stay on? Every interface at its worst moment, what the lever does to the surface, and rules that stop. */
export function judgeHold(report: HoldReport, situation: RuleSituation, past: HeldBefore | null = null): CheckResult {
  const findings: Finding[] = rulesFor(situation)
    .filter((rule) => rule.kind === 'stop')
    .map((rule) => ({
      id: rule.id,
      label: rule.text,
      verdict: 'stop',
      value: 0,
      unit: '',
      limit: [null, 0],
      margin: 0,
      because: `${rule.because}; ask ${rule.ask.join(', ')}`,
      mend: null,
    }));
  if (report.refusal) {
    findings.push({
      id: 'fits',
      label: 'base on this surface',
      verdict: 'stop',
      value: 0,
      unit: '',
      limit: [null, 0],
      margin: 0,
      because: report.refusal,
      mend: null,
    });
  }
  for (const face of report.interfaces) {
    findings.push(interfaceFinding(face));
  }
  const slips = slipsFinding(past);
  if (slips) findings.push(slips);
  if (report.handMinutes !== null) {
    findings.push({
      id: 'hand',
      label: 'hand that holds it',
      verdict: report.handMinutes < HAND_MINUTES ? 'watch' : 'good',
      value: report.handMinutes,
      unit: 'min',
      limit: [HAND_MINUTES, null],
      margin: report.handMinutes - HAND_MINUTES,
      because: `a wrist holds it out like this for about ${minutes(report.handMinutes)} (estimate): shorter, steeper or in both hands lasts longer`,
      mend: null,
    });
  }
  if (report.heavyFor) {
    const { carriedKg, onArm, aboutKg, mostKg } = report.heavyFor;
    const grams = (kg: number) => Math.round(kg * 1000);
    findings.push({
      id: 'heavy',
      label: 'mass of what it carries',
      verdict: 'watch',
      value: carriedKg,
      unit: 'kg',
      limit: [null, mostKg],
      margin: mostKg - carriedKg,
      because: `such a base is for cameras of about ${grams(aboutKg)} g, this one ${onArm ? 'and its arm weigh' : 'weighs'} ${grams(carriedKg)} g: it holds or lets go at once, with no sign beforehand`,
      mend: { text: 'a base that is glued on, clamped or screwed, or a lighter camera' },
    });
  }
  if (report.caught) findings.push(caughtFinding(report.caught, situation.worn !== null));
  const lever = situation.baseKind === 'suction' ? leverLimitNm(situation.material) : undefined;
  if (lever !== undefined) {
    findings.push({
      id: 'lever',
      label: `lever on the ${situation.material}`,
      verdict: verdictOf(lever / report.leverNm),
      value: report.leverNm,
      unit: 'N·m',
      limit: [null, lever / WANTED_MARGIN],
      margin: lever / WANTED_MARGIN - report.leverNm,
      because: `the strut levers the surface with up to ${figure(report.leverNm)} N·m; more than about ${lever} N·m can crack it (estimate)`,
      mend: null,
    });
  }
  return worstFirst('hold', findings);
}

/** On whoever wears it: pulled at with more, a head or a harness goes along. Estimate 150 to 400 N. */
const PULLS_AT_BODY_N = 250;

/** What the tether does that is named, once the camera has come off. */
function caughtFinding({ name, lengthM, pullN, bearsN, weakest }: Caught, worn: boolean): Finding {
  const letsGo = worn && bearsN <= PULLS_AT_BODY_N;
  const caught = `caught by the ${name} of ${Math.round(lengthM * 1000)} mm it pulls with about ${figure(pullN)} N`;
  const limit = worn ? PULLS_AT_BODY_N : bearsN / TETHER_MARGIN;
  const value = worn ? bearsN : pullN;
  return {
    id: 'tether-bears',
    label: 'tether',
    verdict: value <= limit ? 'good' : 'watch',
    value,
    unit: 'N',
    limit: [null, limit],
    margin: limit - value,
    because: worn
      ? letsGo
        ? `the ${weakest} lets go at about ${figure(bearsN)} N (estimate), before it pulls at whoever wears it`
        : `the ${weakest} bears about ${figure(bearsN)} N (estimate): caught on a branch or a rail it pulls at whoever wears it`
      : `${caught} (estimate); the ${weakest} bears about ${figure(bearsN)} N`,
    mend:
      value <= limit
        ? null
        : { text: worn ? 'one with a weak link that lets go' : 'a stronger one, or something firmer to tie it to' },
  };
}

/** Of a tether, times the pull when it catches: half as much again is wanted. Common practice, no source. */
const TETHER_MARGIN = 1.5;

function interfaceFinding({ name, worst, margin, weakMargin }: HeldInterface): Finding {
  const verdict = verdictOf(margin);
  const weak =
    verdictOf(weakMargin) === verdict ? '' : `; ${verdictOf(weakMargin)} in the worst tenth of what its figures may be`;
  return {
    id: `hold-${name}`,
    label: name,
    verdict,
    value: worst.demand,
    unit: worst.unit,
    limit: [null, worst.limit / WANTED_MARGIN],
    margin: worst.limit / WANTED_MARGIN - worst.demand,
    because: `at worst ${figure(worst.demand)} ${worst.unit}; it ${worst.mode} at about ${figure(worst.limit)} ${worst.unit} (estimate), ${margin >= 100 ? 'far more than needed' : margin < 0.1 ? 'far less than needed' : `${figure(margin)} times that`}; twice is wanted${weak}`,
    mend: null,
  };
}
