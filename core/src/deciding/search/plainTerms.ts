import type { FramedSetUp } from '../../physics/framing/stanceFrame';
import type { ShotScene } from '../../judging/scene/shotScene';
import { cleanLens } from '../../judging/checks/last/lensLooks';
import { durationWords } from '../../mathematics/units/duration';
import { minutesToFit } from '../../posing/strut/minutesToFit';
import { strutMassKg } from '../../posing/strut/strutMass';
import { COST_CLASSES, type CostClass } from '../../words/kit/cost';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { Term } from '../../judging/check/candidate';

/** Where a mass and a time are felt: half the term is gone there. */
const FELT_KG = 0.4;
const FELT_MINUTES = 8;

export function plainFigures(resolved: ResolvedSetUp) {
  const { base, links, head, camera } = resolved;
  const costs = [base, head, camera, ...links.map((l) => l.definition)].map((piece) =>
    COST_CLASSES.indexOf(piece.cost),
  );
  return {
    massKg: strutMassKg(resolved),
    minutes: minutesToFit(resolved),
    cost: COST_CLASSES[Math.max(...costs)]! satisfies CostClass,
  };
}

/** What a picture wholly behind glass loses to dirt and reflections. Estimate 0.3 to 0.7. */
const GLASS_COSTS = 0.5;

/** What more it loses where the lens is close to the glass: one splash there is before all of it. Estimate 0.05 to 0.2. */
const NEAR_GLASS_COSTS = 0.1;

/** Shares of the picture behind glass over the ride. */
function glassShare({ stances }: FramedSetUp, which: 'throughGlass' | 'throughNearGlass'): number {
  const ridden = stances.reduce((sum, s) => sum + s.share, 0) || 1;
  return stances.reduce((sum, s) => sum + (s.share / ridden) * s[which], 0);
}

/** What lies before the lens, on a pane or on itself; mass, minutes. */
export function plainTerms(scene: ShotScene): readonly Term[] {
  const { resolved, framed } = scene;
  const { clean, lookMin } = cleanLens(scene);
  const glass = glassShare(framed(), 'throughGlass');
  const near = glassShare(framed(), 'throughNearGlass');
  const throughPane = 1 - GLASS_COSTS * glass - NEAR_GLASS_COSTS * near;
  const { massKg, minutes } = plainFigures(resolved);
  return [
    {
      id: 'glass',
      value: throughPane * clean,
      text:
        clean < throughPane
          ? `its lens is to be wiped about every ${durationWords(lookMin)}`
          : glass > 0
            ? `${Math.round(glass * 100)} % of it through glass: dirt and reflections`
            : 'no glass before it',
    },
    { id: 'mass', value: 1 / (1 + massKg / FELT_KG), text: `${Math.round(massKg * 1000)} g with its strut` },
    { id: 'quick', value: 1 / (1 + minutes / FELT_MINUTES), text: `about ${Math.round(minutes)} min to set up` },
  ];
}
