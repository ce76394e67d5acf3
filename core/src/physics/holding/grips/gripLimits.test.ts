import fc from 'fast-check';
import { BASES } from '../../../../catalog/index.generated';
import type { Surface, SurfaceMaterial } from '../../../words/carrier/surface';
import { USUAL_GRIP } from '../../../posing/building/usualGrip';
import { SURFACE_STATES, type Grip } from '../../../words/kit/grip';
import { atHigh, atLow, usual } from '../../../words/sourced/ends';
import { gripLimits } from './gripLimits';
import type { GripConditions } from './letGo';

const MATERIALS: readonly SurfaceMaterial[] = [
  'glass',
  'painted metal',
  'plastic',
  'carbon',
  'alloy tube',
  'shell',
  'fabric',
];
const grips: readonly Grip[] = [...BASES.map((base) => base.grip), ...Object.values(USUAL_GRIP)];

const conditions = (surface: Surface, over: Partial<GripConditions> = {}): GripConditions => ({
  surface,
  state: 'clean',
  pressurePa: 101325,
  putOn: { pressurePa: 101325, temperatureC: 15 },
  curedH: 24,
  temperatureC: 20,
  alongTube: 0,
  hours: 3,
  weightN: 2,
  leverM: 0.08,
  ...over,
});
const anyLoad = fc.record({
  pullN: fc.double({ min: -40, max: 60, noNaN: true }),
  shearN: fc.double({ min: 0, max: 60, noNaN: true }),
  tipNm: fc.double({ min: 0, max: 4, noNaN: true }),
  twistNm: fc.double({ min: 0, max: 3, noNaN: true }),
});
const anySurface = fc
  .constantFrom(...MATERIALS)
  .map((material): Surface => ({ material, shape: 'flat', tubeDiameterM: 0.03, flatAreaM2: 0.05 }));
const margin = (limits: ReturnType<typeof gripLimits>): number =>
  Math.min(...limits.map(({ demand, limit }) => (demand <= 1e-12 ? Infinity : limit / demand)));

describe('every grip of the kit, by seeded loads', () => {
  it('asks for and bears no less than nothing, in figures', () => {
    fc.assert(
      fc.property(fc.constantFrom(...grips), anySurface, anyLoad, (grip, surface, load) => {
        for (const { demand, limit, mode } of gripLimits(grip, load, conditions(surface))) {
          expect([mode, Number.isFinite(demand), Number.isFinite(limit)]).toEqual([mode, true, true]);
          expect(demand).toBeGreaterThanOrEqual(0);
          expect(limit).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 400, seed: 5 },
    );
  });

  it('never holds better under a greater pull, shear, tip or twist, each by itself', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...grips.filter((g) => g.kind !== 'stand')),
        anySurface,
        anyLoad,
        fc.constantFrom('pullN', 'shearN', 'tipNm', 'twistNm'),
        fc.double({ min: 0.1, max: 30, noNaN: true }),
        (grip, surface, load, kind, more) => {
          const before = margin(gripLimits(grip, load, conditions(surface)));
          const after = margin(gripLimits(grip, { ...load, [kind]: load[kind] + more }, conditions(surface)));
          expect(after).toBeLessThanOrEqual(before * (1 + 1e-12));
        },
      ),
      { numRuns: 600, seed: 6 },
    );
  });

  it('holds no better at the weak end of its figures than as usual, and no worse at the strong one', () => {
    fc.assert(
      fc.property(fc.constantFrom(...grips), anySurface, anyLoad, (grip, surface, load) => {
        const [weak, middle, strong] = [atLow, usual, atHigh].map((end) =>
          margin(gripLimits(grip, load, conditions(surface), end)),
        );
        expect(weak!).toBeLessThanOrEqual(middle! * (1 + 1e-12));
        expect(strong!).toBeGreaterThanOrEqual(middle! * (1 - 1e-12));
      }),
      { numRuns: 400, seed: 7 },
    );
  });

  it('is never held better by dust, wet or texture, by thinner air or by more hours', () => {
    fc.assert(
      fc.property(fc.constantFrom(...grips), anySurface, anyLoad, (grip, surface, load) => {
        const clean = margin(gripLimits(grip, load, conditions(surface)));
        const worse: Partial<GripConditions>[] = [
          ...SURFACE_STATES.map((state) => ({ state })),
          { pressurePa: 70108 },
          { hours: 8 },
          // A pad gets better with time, a cup leaks.
          { curedH: grip.kind === 'adhesive' ? 1 : 48 },
          // Cold stiffens a pad; warm air swells under a cup.
          { temperatureC: grip.kind === 'suction' ? 35 : 2 },
        ];
        for (const over of worse) {
          expect(margin(gripLimits(grip, load, conditions(surface, over)))).toBeLessThanOrEqual(clean * (1 + 1e-12));
        }
      }),
      { numRuns: 300, seed: 8 },
    );
  });
});

it('what stands by its own weight tips when the moment outgrows the weight on half its width (statics): 30 N on 0.08 m bear 2.4 N·m', () => {
  const [tips] = gripLimits(
    { kind: 'stand', halfWidthM: 0.08 },
    { pullN: -30, shearN: 0, tipNm: 2.4, twistNm: 0 },
    conditions({ material: 'ground', shape: 'ground' }),
  );
  expect(tips!.demand).toBeCloseTo(tips!.limit, 9);
  const [lifted] = gripLimits(
    { kind: 'stand', halfWidthM: 0.08 },
    { pullN: 5, shearN: 0, tipNm: 0.1, twistNm: 0 },
    conditions({ material: 'ground', shape: 'ground' }),
  );
  expect(lifted!.limit).toBe(0);
});

it('two lashings bear a pole along the tube as a couple, one across no better than a single strap', () => {
  const { grip } = BASES.find(({ id }) => id === 'two-lashings')!;
  const tube: Surface = { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.06, straightM: 1 };
  const tipped = { pullN: 0, shearN: 0, tipNm: 4, twistNm: 0 };
  const demand = (alongTube: number) =>
    gripLimits(grip, tipped, conditions(tube, { alongTube })).find(({ mode }) => mode === 'lifts off')!.demand;
  expect(demand(1)).toBeCloseTo(4 / 0.17, 9);
  expect(demand(0)).toBeCloseTo(4 / 0.02, 9);
});
