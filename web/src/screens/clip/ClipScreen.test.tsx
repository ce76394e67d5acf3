import { fireEvent, screen, waitFor } from '@testing-library/react';
import { openSheet } from '../../../testing/openSheet';
import { ClipScreen } from './ClipScreen';

const file = (name: string, type: string, size = 10) => {
  const made = new File(['x'], name, { type });
  Object.defineProperty(made, 'size', { value: size });
  return made;
};
const choose = (chosen: File) =>
  fireEvent.change(screen.getByLabelText('Test clip file'), { target: { files: [chosen] } });

beforeAll(() => {
  URL.createObjectURL = () => 'blob:clip';
  URL.revokeObjectURL = () => undefined;
});

it('what is no picture and no video is refused with its name, and nothing is changed', async () => {
  const { stored } = await openSheet(<ClipScreen />);
  choose(file('notes.pdf', 'application/pdf'));
  expect((await screen.findByRole('alert')).textContent).toMatch(/notes\.pdf/);
  expect((await stored()).shots[0]!.clips).toEqual([]);
});

it('a still is taken in, and its two marks can be moved by keys', async () => {
  await openSheet(<ClipScreen />);
  choose(file('still.png', 'image/png'));
  const picture = await screen.findByRole('img', { name: /Test clip: still\.png/ });
  Object.defineProperty(picture, 'naturalWidth', { value: 1920 });
  Object.defineProperty(picture, 'naturalHeight', { value: 1080 });
  fireEvent.load(picture);
  const left = await screen.findByRole('slider', { name: /Left end of the horizon/ });
  const before = left.getAttribute('aria-valuetext');
  fireEvent.keyDown(left, { key: 'ArrowUp' });
  await waitFor(() =>
    expect(screen.getByRole('slider', { name: /Left end/ }).getAttribute('aria-valuetext')).not.toBe(before),
  );
});
