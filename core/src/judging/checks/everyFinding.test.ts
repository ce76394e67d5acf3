import { shakeAt } from '../../../testing/shakes';
import { shotReport } from '../report/shotReport';
import { newCarrier } from '../../deciding/outing/newOuting';
import { knownMachines } from '../../posing/lookup/resolveRig';
import { placedSpots } from '../../posing/rig/spots';
import type { CheckResult, Finding } from '../../words/check/result';

/** Findings whose verdict also hangs on something that its figure does not tell: how much of the ride, or where in the picture. */
const MORE_THAN_ITS_FIGURE = /^(horizon|hands|way|sky|machine|rider|own|face)$/;
/** Rounding. */
const ABOUT = 1e-6;

const findingsOf = (checks: readonly CheckResult[]): readonly Finding[] =>
  checks.flatMap((check) => ('findings' in check ? check.findings : []));

describe.each(knownMachines().map((machine) => machine.id))('on every other spot of a %s', (machineId) => {
  const spots = placedSpots(newCarrier('c', machineId, 1.75).rig).flatMap((p, i) => (i % 2 === 0 ? [p.spot.id] : []));
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
