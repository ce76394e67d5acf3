import { resolveRig } from './resolveRig';
import { withStanceShare } from './stanceShares';
import { bikeRig } from '../../../testing/rigs';
import { carrierScene } from '../scene/carrierScene';

const usual = resolveRig(bikeRig()).machine.stances;
const [, first, second] = usual;
const of = (stanceShares: Readonly<Record<string, number>>) => resolveRig(bikeRig({ stanceShares })).machine.stances;

it('shares sum to one whatever is given, and what is not named keeps its proportion', () => {
  const half = of({ [first!.id]: 0.5 });
  expect(half.reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 12);
  const others = usual.filter((s) => s.share > 0 && s !== first);
  const ratios = others.map((s) => half.find((h) => h.id === s.id)!.share / s.share);
  expect(Math.max(...ratios) - Math.min(...ratios)).toBeLessThan(1e-12);
});

it('nothing ridden at all, and a stance there is not, go as usual', () => {
  expect(of(Object.fromEntries(usual.map((s) => [s.id, 0])))).toEqual(usual);
  expect(of({ 'no-stance': 1 }).map((s) => s.share)).toEqual(usual.map((s) => expect.closeTo(s.share, 12) as number));
  // The level is read in the set-up stance; nobody rides in it.
  expect(of({ 'set-up': 1 })[0]!.share).toBe(0);
});

it('a stance that is left out is not ridden', () => {
  const rig = bikeRig({ stanceShares: { [second!.id]: 0 } });
  const ridden = carrierScene(rig, first!.id).ridden.map((s) => s.stance.id);
  expect(ridden).not.toContain(second!.id);
  expect(ridden).toContain(first!.id);
});

describe('setting one share', () => {
  const three = [
    { id: 'a', share: 0.5 },
    { id: 'b', share: 0.3 },
    { id: 'c', share: 0.2 },
  ];
  it('leaves the sum at one and the others’ proportions', () => {
    expect(withStanceShare(three, 'a', 0)).toEqual({ a: 0, b: expect.closeTo(0.6, 12), c: expect.closeTo(0.4, 12) });
    expect(withStanceShare(three, 'b', 1)).toEqual({ a: 0, b: 1, c: 0 });
  });
  it('cannot leave nothing to ride', () => {
    const only = [
      { id: 'a', share: 1 },
      { id: 'b', share: 0 },
    ];
    expect(withStanceShare(only, 'a', 0.4)).toEqual({ a: 1, b: 0 });
    expect(withStanceShare(only, 'b', 0.4)).toEqual({ a: 0.6, b: 0.4 });
  });
});
