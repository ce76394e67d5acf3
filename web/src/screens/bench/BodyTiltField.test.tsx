import { fireEvent, screen, waitFor } from '@testing-library/react';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { BodyTiltField } from './BodyTiltField';

async function with360(links: readonly { linkId: string; lengthM: number }[] = []) {
  const outing = outingWithShot();
  const [shot] = outing.shots;
  const setUp = {
    ...shot!.setUp,
    cameraId: 'two-lens-360',
    modeId: 'reframed',
    stabiliserId: 'off',
    links: links.map((link) => ({ ...link, bendDeg: 0, turnDeg: 0 })),
  };
  return openSheet(<BodyTiltField />, {
    path: '/outing/outing/shot/shot',
    route: '/outing/:outingId/shot/:shotId',
    outing: { ...outing, shots: [{ ...shot!, setUp }] },
  });
}

it('the body is tilted apart from the view; level again, nothing of it is left', async () => {
  const { stored } = await with360();
  const kept = async () => (await stored()).shots[0]!.setUp;
  const { angles } = await kept();
  const field = screen.getByLabelText<HTMLInputElement>(/Body of the camera/);
  const type = (value: string) => {
    fireEvent.change(field, { target: { value } });
    fireEvent.blur(field);
  };
  type('40');
  await waitFor(async () => expect(await kept()).toMatchObject({ bodyTiltDeg: 40, angles }));
  type('0');
  await waitFor(async () => expect((await kept()).bodyTiltDeg).toBeUndefined());
});

it('on a pole the body stands straight: there is nothing to set', async () => {
  await with360([{ linkId: 'medium-pole', lengthM: 0.8 }]);
  expect(screen.queryByLabelText(/Body of the camera/)).toBeNull();
  expect(screen.getByText(/straight on its pole/)).not.toBeNull();
});
