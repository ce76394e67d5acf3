import { render, screen, waitFor } from '@testing-library/react';
import { outingWithShot, settle } from '../../../testing/openSheet';
import { changeKitBox, STANDARD_BOX, withCount, withInBox, withPrice } from '../../storage/kitBox';
import { KitShort } from './KitShort';

const one = outingWithShot();
const [shot] = one.shots;
const { cameraId } = shot!.setUp;
const two = { ...one, shots: [shot!, { ...shot!, id: 'again' }] };

beforeEach(() => changeKitBox(() => STANDARD_BOX));
afterEach(() => settle(20));

it('says nothing while there is enough, however many shots there are', async () => {
  const { container } = render(<KitShort outing={two} />);
  await settle(40);
  expect(container.textContent).toBe('');
});

it('names a piece with how many are needed and how many there are', async () => {
  await changeKitBox((box) => withCount(box, cameraId, 1));
  render(<KitShort outing={two} />);
  await waitFor(() => expect(screen.getByRole('listitem').textContent).toMatch(/: 2 needed, 1 in the box$/));
});

it('what is not in the box at all is short from the first shot on', async () => {
  await changeKitBox((box) => withInBox(box, [cameraId], false));
  render(<KitShort outing={one} />);
  await waitFor(() => expect(screen.getByRole('listitem').textContent).toMatch(/: 1 needed, none in the box$/));
});

it('adds up what has a price, and says how far it is over what one wants to spend', async () => {
  await changeKitBox((box) => ({ ...withPrice(withCount(box, cameraId, 1), cameraId, 240), budget: 200 }));
  const { container } = render(<KitShort outing={{ ...two, shots: [...two.shots, { ...shot!, id: 'third' }] }} />);
  await waitFor(() => expect(container.textContent).toMatch(/To buy: 480 of your money, 280 over/));
  await changeKitBox((box) => withPrice(box, cameraId, null));
  await waitFor(() => expect(container.textContent).not.toMatch(/To buy/));
});
