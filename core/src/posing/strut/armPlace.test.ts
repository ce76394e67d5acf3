import { newCarrier } from '../../deciding/outing/newOuting';
import { placedSpot } from '../rig/spots';
import { armPlaceWords } from './armPlace';

const centimetres = (m: number) => `${Math.round(m * 100)} cm`;
const said = (spotId: string, alongM: number, acrossM: number, by?: string) => {
  const { rig } = newCarrier('c', 'coupe', 1.75);
  return armPlaceWords(rig, placedSpot(rig, spotId)!, { alongM, acrossM, ...(by ? { spotId: by } : {}) }, centimetres);
};

it('says where a further base goes as whoever stands by the car sees it', () => {
  expect(said('bonnet', 0.2, -0.1)).toBe('20 cm ahead and 10 cm to the left of the first base');
  expect(said('bonnet', -0.2, 0)).toBe('20 cm behind the first base');
  // On a door's flank what lies across is higher or lower.
  expect(said('door', 0, 0.18)).toBe('18 cm above the first base');
  expect(said('door', 0.1, -0.18)).toBe('10 cm ahead and 18 cm below the first base');
  expect(said('door', 0, 0)).toBe('where the first base is');
  expect(said('door', 0.1, 0, 'roof')).toMatch(/^10 cm ahead of “Roof/);
  expect(said('door', 0, 0, 'roof')).toMatch(/^at “Roof/);
});
