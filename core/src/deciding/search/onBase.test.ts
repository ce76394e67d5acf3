import { asking, pieces } from '../../../testing/asking';
import { exactCandidate } from './exactCandidate';
import { searchSpot } from './searchSpot';

/** What the rough pass and the full check say of a picture lie apart. Common bound of the rough pass (docs/models.md), and something for the ends. */
const APART = 0.12;

it('a strut on another base is judged by what is seen from there: a strip of bonnet grows thinner on a base that lifts the lens', () => {
  const question = asking('coupe', 'strip-ahead', { pieceIds: pieces({ cameras: ['cube-camera'], links: [] }) });
  const { candidates } = searchSpot(question, { carrierId: 'c', spotId: 'bonnet' });
  const bases = new Set(candidates.map(({ setUp }) => setUp.baseId));
  expect(bases.size).toBeGreaterThan(1);
  const picture = ({ terms }: (typeof candidates)[number]) => terms.find(({ id }) => id === 'picture')!.value;
  const off = [...bases].flatMap((baseId) => {
    const [rough] = candidates.filter(({ setUp }) => setUp.baseId === baseId);
    return [Math.abs(picture(rough!) - picture(exactCandidate(question, rough!).candidate))];
  });
  expect(Math.max(...off)).toBeLessThan(APART);
});
