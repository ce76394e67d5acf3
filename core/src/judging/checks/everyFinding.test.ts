import { shakeAt } from '../../../testing/shakes';
import { shotReport } from '../report/shotReport';
import { newCarrier } from '../../deciding/outing/newOuting';
import { knownMachines } from '../../posing/lookup/resolveRig';
import { poseRig } from '../../posing/rig/poseRig';
import { placedSpots } from '../../posing/rig/spots';
import { isPlural } from '../../words/carrier/inSentences';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { CheckResult, Finding } from '../../words/check/result';

/** Findings whose verdict also hangs on something that its figure does not tell: how much of the ride, or where in the picture. */
const MORE_THAN_ITS_FIGURE = /^(horizon|hands|way|sky|machine|rider|own|face)$/;
/** A figure below nothing where it is no temperature, one without a digit that counts, and what only a program says. */
const NO_SENTENCE = /(^|[^°\w])-\d+(\.\d+)?(?! °C)|\b0\.00 m\b|undefined|NaN|Infinity/;
/** What several things do not do: "the pedals turns". */
const OF_ONE = ['turns', 'comes', 'touches', 'brushes', 'strikes', 'is'];
/** Rounding. */
const ABOUT = 1e-6;

const findingsOf = (checks: readonly CheckResult[]): readonly Finding[] =>
  checks.flatMap((check) => ('findings' in check ? check.findings : []));

describe.each(knownMachines().map((machine) => machine.id))('on every other spot of a %s', (machineId) => {
  const { rig } = newCarrier('c', machineId, 1.75);
  const spots = placedSpots(rig).flatMap((p, i) => (i % 2 === 0 ? [p.spot.id] : []));
  const all = spots.map((spotId) => {
    const question = shakeAt(machineId, spotId);
    const { checks } = shotReport({ ...question, intentId: 'clear-ahead', horizonAt: null }, { columns: 16 });
    return { spotId, checks };
  });

  it('what a finding says, its figure and its limit agree', () => {
    const disagree: string[] = [];
    for (const { spotId, checks } of all) {
      for (const f of findingsOf(checks)) {
        const told = `${spotId} ${f.id}: ${f.verdict}, ${f.value} in ${f.limit.join(' to ')}, margin ${f.margin}`;
        const numbers = Number.isFinite(f.value) && Number.isFinite(f.margin);
        const [good, within] = [f.verdict === 'good', f.margin >= 0];
        // On the limit itself rounding decides.
        const agree = Math.abs(f.margin) < ABOUT || good === within || (MORE_THAN_ITS_FIGURE.test(f.id) && !good);
        if (!numbers || !agree || f.because.length <= 8) disagree.push(told);
      }
    }
    expect(disagree).toEqual([]);
  });

  it('it is said in sentences that agree, without figures below nothing', () => {
    const several = poseRig(rig, SET_UP_STANCE_ID).parts.flatMap(({ name }) => (isPlural(name) ? [name] : []));
    const wrong = new RegExp(`\\b(${several.join('|') || 'none'}) (${OF_ONE.join('|')})\\b`);
    for (const { spotId, checks } of all)
      for (const { id, because } of findingsOf(checks))
        for (const pattern of [NO_SENTENCE, wrong]) {
          const found = pattern.exec(because)?.[0];
          if (found !== undefined) expect([spotId, id, found]).toBe('a sentence');
        }
  });

  it('each check has the verdict of its first finding, the worst', () => {
    const rank = { good: 0, watch: 1, stop: 2 };
    for (const { checks } of all) {
      for (const check of checks) {
        if (!('findings' in check)) continue;
        const ranks = check.findings.map((f) => rank[f.verdict]);
        expect([rank[check.verdict as keyof typeof rank], ...ranks]).toEqual([
          ranks[0],
          ...ranks.toSorted((a, b) => b - a),
        ]);
      }
    }
  });
});
