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
    for (const { spotId, checks } of all) {
      for (const f of findingsOf(checks)) {
        const told = `${spotId} ${f.id}: ${f.verdict}, ${f.value} in ${f.limit.join(' to ')}, margin ${f.margin}`;
        expect([told, Number.isFinite(f.value) && Number.isFinite(f.margin)]).toEqual([told, true]);
        expect(f.because.length).toBeGreaterThan(8);
        // On the limit itself rounding decides.
        if (Math.abs(f.margin) < ABOUT) continue;
        if (MORE_THAN_ITS_FIGURE.test(f.id)) {
          if (f.verdict === 'good') expect([told, f.margin >= 0]).toEqual([told, true]);
        } else {
          expect([told, f.verdict === 'good']).toEqual([told, f.margin >= 0]);
        }
      }
    }
  });

  it('it is said in sentences that agree, without figures below nothing', () => {
    const several = poseRig(rig, SET_UP_STANCE_ID).parts.flatMap(({ name }) => (isPlural(name) ? [name] : []));
    const wrong = new RegExp(`\\b(${several.join('|') || 'none'}) (${OF_ONE.join('|')})\\b`);
    for (const { spotId, checks } of all)
      for (const { id, because } of findingsOf(checks))
        for (const pattern of [NO_SENTENCE, wrong])
          expect([spotId, id, pattern.exec(because)?.[0] ?? null]).toEqual([spotId, id, null]);
  });

  it('each check has the verdict of its first finding, the worst', () => {
    const rank = { good: 0, watch: 1, stop: 2 };
    for (const { checks } of all) {
      for (const check of checks) {
        if (!('findings' in check)) continue;
        expect(check.findings[0]!.verdict).toBe(check.verdict);
        check.findings.reduce((before, f) => {
          expect(rank[f.verdict]).toBeLessThanOrEqual(rank[before.verdict]);
          return f;
        });
      }
    }
  });
});
