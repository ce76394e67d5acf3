import { fireEvent, screen, waitFor } from '@testing-library/react';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { AddOnFields } from './AddOnFields';

async function wearing(cameraId: string, addOnIds?: readonly string[]) {
  const outing = outingWithShot();
  const [shot] = outing.shots;
  const setUp = { ...shot!.setUp, cameraId, ...(addOnIds ? { addOnIds } : {}) };
  return openSheet(<AddOnFields />, {
    path: '/outing/outing/shot/shot',
    route: '/outing/:outingId/shot/:shotId',
    outing: { ...outing, shots: [{ ...shot!, setUp }] },
  });
}

const field = (label: string) => screen.getByLabelText<HTMLSelectElement>(label);
const offered = (label: string) => [...field(label).options].map(({ text }) => text);
const choose = (label: string, value: string) => fireEvent.change(field(label), { target: { value } });

it('a housing goes round a cube camera, and then nothing goes on its lens; taken off again nothing is left of it', async () => {
  const { stored } = await wearing('cube-camera');
  const worn = async () => (await stored()).shots[0]!.setUp;
  expect(offered('Case, cradle')).toEqual(['Nothing', 'Clear housing']);
  expect(offered('On the lens')).toEqual(['Nothing', 'Close-up lens, +4']);
  choose('Case, cradle', 'clear-housing');
  await waitFor(async () => expect((await worn()).addOnIds).toEqual(['clear-housing']));
  await waitFor(() => expect(screen.queryByLabelText('On the lens')).toBeNull());
  choose('Case, cradle', 'none');
  await waitFor(async () => expect(await worn()).not.toHaveProperty('addOnIds'));
});

it('a phone takes a cradle with a lock and a lens, both at once', async () => {
  const { stored } = await wearing('phone');
  expect(offered('On the lens')).toEqual(expect.arrayContaining(['Lens hood', 'Add-on wide lens, 0.65 times']));
  choose('Case, cradle', 'locking-cradle');
  await waitFor(() => expect(field('Case, cradle').value).toBe('locking-cradle'));
  choose('On the lens', 'wide-lens');
  await waitFor(async () =>
    expect((await stored()).shots[0]!.setUp.addOnIds).toEqual(expect.arrayContaining(['locking-cradle', 'wide-lens'])),
  );
});

it('what does not go on the camera is said so and can be taken off', async () => {
  await wearing('two-lens-360', ['lens-hood']);
  expect(offered('On the lens')).toEqual(['Nothing', 'Lens hood, does not fit']);
  expect(screen.queryByLabelText('Case, cradle')).toBeNull();
});
