import { GIMBAL_STEADYING } from './stabiliser';
import { limitReach, spreadOut, steadied } from './spread';

const frequencyHz = Float64Array.of(1, 4, 12, 60, 300);
const USUAL = ({ value }: { value: number }) => value;
const NOTHING = { before: () => 1, after: () => 1, levels: [] };

const spread = (exposureS: number, readoutS: number, steadiness = NOTHING) => {
  const spreads = steadied(steadiness, [frequencyHz]);
  spreadOut(spreads, exposureS, readoutS);
  return spreads.get(frequencyHz)!.figures;
};

describe('what a movement does to a picture', () => {
  it.each([
    [1 / 1000, 0.008],
    [1 / 60, 0.016],
    [1 / 30, 0.03],
  ])('blur, jelly and jump are the whole of it: exposed %d s, read in %d s', (exposureS, readoutS) => {
    const { blur, jelly, jump } = spread(exposureS, readoutS);
    blur.forEach((share, i) => expect(share + jelly[i]! + jump[i]!).toBeCloseTo(1, 12));
  });

  it('taken in an instant it only jumps; with the shutter open for whole swings it only blurs', () => {
    expect([...spread(0, 0).jump]).toEqual([1, 1, 1, 1, 1]);
    const { blur } = spread(1 / 60, 0);
    expect(blur[3]).toBeCloseTo(1, 12);
    expect(blur[4]).toBeCloseTo(1, 12);
  });

  it('the longer it is exposed and read, the less is left to steady afterwards', () => {
    const left = [0, 0.004, 0.008, 0.012].map((s) => spread(s / 2, s).jump[2]!);
    left.slice(1).forEach((jump, i) => expect(jump).toBeLessThan(left[i]!));
  });
});

describe('steadying that runs out', () => {
  const level = { name: 'the gimbal', steadying: GIMBAL_STEADYING, reachDeg: 10 };
  const gimbal = { ...NOTHING, before: (f: number) => (f <= GIMBAL_STEADYING.toHz ? 0.05 : 0.5), levels: [level] };
  const before = (missed: number) => {
    const spreads = steadied(gimbal, [frequencyHz]);
    limitReach(spreads, level, missed, USUAL);
    return [...spreads.get(frequencyHz)!.before];
  };

  it('is as good as ever where nothing is missed, and leaves what is out of its band alone', () => {
    expect(before(0)).toEqual([...steadied(gimbal, [frequencyHz]).get(frequencyHz)!.before]);
    expect(before(0.9).slice(2)).toEqual(before(0).slice(2));
  });

  it('leaves more the more it misses', () => {
    const left = [0, 0.2, 0.5, 0.9].map((missed) => before(missed)[1]!);
    left.slice(1).forEach((share, i) => expect(share).toBeGreaterThan(left[i]!));
  });
});

it('components of one grid share one table', () => {
  const other = Float64Array.of(7);
  expect(steadied(NOTHING, [frequencyHz, other, frequencyHz]).size).toBe(2);
});
