import { baseRefusal } from '../../../posing/strut/baseRefusal';
import { kitWith } from '../../../posing/lookup/kit';
import type { RigSpec } from '../../../words/rig/rigSpec';
import { placedSpots } from '../../../posing/rig/spots';
import {
  holdReport,
  type HeldInterface,
  type HoldQuestion,
  type HoldReport,
} from '../../../physics/holding/holdReport';
import { ruleApplies, type RuleSituation } from './ruleApplies';
import type { RuleDefinition } from '../../../words/rule/rule';
import { RULES } from '../../../../catalog/index.generated';
import type { SetUp } from '../../../words/setUp/setUp';
import { worstFirst, type CheckResult, type Finding, type Mend, type Verdict } from '../../../words/check/result';

/** Twice the worst load is wanted; at the worst load itself it goes. Common practice. */
const WANTED_MARGIN = 2;
/** Tipping moment on a cup that a canopy or a pane bears. Estimates 0.5 to 2 times. */
const LEVER_LIMIT_NM: Readonly<Record<string, number>> = { 'acrylic canopy': 1.2, glass: 6 };

/** Long enough for one run. Common practice: a minute at a time. */
const HAND_MINUTES = 1;
const minutes = (value: number): string =>
  value < 1 ? `${Math.max(5, Math.round(value * 12) * 5)} s` : `${Math.round(value)} min`;

const verdictOf = (margin: number): Verdict => (margin >= WANTED_MARGIN ? 'good' : margin >= 1 ? 'watch' : 'stop');
const figure = (value: number): string => (value < 9.95 ? value.toFixed(1) : String(Math.round(value)));

/** Rules that count for a situation, stops first. */
export const rulesFor = (situation: RuleSituation): readonly RuleDefinition[] =>
  RULES.filter((rule) => ruleApplies(rule, situation)).sort(
    (a, b) => Number(b.kind === 'stop') - Number(a.kind === 'stop'),
  );

/** Does it stay on? Every interface at its worst moment, what the lever does to the surface, and rules that stop. */
export function holdCheck(report: HoldReport, situation: RuleSituation, mend: Mend | null): CheckResult {
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
      mend,
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
      mend,
    });
  }
  for (const face of report.interfaces) {
    findings.push({
      ...interfaceFinding(face),
      mend: face === report.weakest && face.margin < WANTED_MARGIN ? mend : null,
    });
  }
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
  const lever = situation.baseKind === 'suction' ? LEVER_LIMIT_NM[situation.material] : undefined;
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
      mend: report.leverNm > lever ? mend : null,
    });
  }
  return worstFirst('hold', findings);
}

function interfaceFinding({ name, worst, margin, weakMargin }: HeldInterface): Finding {
  const verdict = verdictOf(margin);
  const weak = verdictOf(weakMargin) === verdict ? '' : `; at the weak end of its figures ${verdictOf(weakMargin)}`;
  return {
    id: `hold-${name}`,
    label: name,
    verdict,
    value: worst.demand,
    unit: worst.unit,
    limit: [null, worst.limit / WANTED_MARGIN],
    margin: worst.limit / WANTED_MARGIN - worst.demand,
    because: `at worst ${figure(worst.demand)} ${worst.unit}; it ${worst.mode} at about ${figure(worst.limit)} ${worst.unit} (estimate), ${margin >= 100 ? 'far more than needed' : `${figure(margin)} times that`}; twice is wanted${weak}`,
    mend: null,
  };
}

/** Best change of base or link that would hold, tried one by one; null where none does. */
export function holdMend(question: HoldQuestion, situationOf: (setUp: SetUp) => RuleSituation): Mend | null {
  const { rig, setUp } = question;
  const kit = kitWith(rig.ownKit);
  const { surface } = placedSpots(rig).find((p) => p.spot.id === setUp.spotId)!.spot;
  const base = kit.bases.find((b) => b.id === setUp.baseId)!;
  const tries: { text: string; setUp: SetUp }[] = [
    ...setUp.links.flatMap((use, i) => {
      const { lengthM, name } = kit.links.find((l) => l.id === use.linkId)!;
      const links = setUp.links.map((l, k) => (k === i ? { ...l, lengthM: lengthM.low } : l));
      return use.lengthM > lengthM.low * 1.15
        ? [
            {
              text: `shorten the ${name.toLowerCase()} to ${Math.round(lengthM.low * 1000)} mm`,
              setUp: { ...setUp, links },
            },
          ]
        : [];
    }),
    ...(setUp.links.length > 0
      ? [{ text: 'straight on its base, nothing between', setUp: { ...setUp, links: [] } }]
      : []),
    ...kit.bases
      .filter((b) => b.id !== base.id && baseRefusal(b, surface) === null)
      .map((b) => ({
        text: `${b.name.toLowerCase()} instead of the ${base.name.toLowerCase()}`,
        setUp: { ...setUp, baseId: b.id },
      })),
  ];
  const judged = tries
    .filter((t) => !rulesFor(situationOf(t.setUp)).some((rule) => rule.kind === 'stop'))
    .map((t) => ({ ...t, margin: holdReport({ ...question, setUp: t.setUp }).weakest.margin }));
  const enough = judged.find((t) => t.margin >= WANTED_MARGIN) ?? judged.sort((a, b) => b.margin - a.margin)[0];
  return enough && enough.margin >= 1 ? { text: enough.text, setUp: enough.setUp } : null;
}

/** What rules are held against, for a set-up as it stands. */
export const situationWith = (
  rig: RigSpec,
  setUp: SetUp,
  fixed: Omit<RuleSituation, 'baseKind' | 'links'>,
): RuleSituation => {
  const kit = kitWith(rig.ownKit);
  return {
    ...fixed,
    baseKind: kit.bases.find((b) => b.id === setUp.baseId)!.kind,
    links: setUp.links.map((use) => kit.links.find((l) => l.id === use.linkId)!.kind),
  };
};
