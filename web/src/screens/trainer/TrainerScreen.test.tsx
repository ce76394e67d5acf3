import { fireEvent, screen } from '@testing-library/react';
import { openSheet } from '../../../testing/openSheet';
import { TrainerScreen } from './TrainerScreen';

const open = () => openSheet(<TrainerScreen />, { path: '/outing/outing/trainer', route: '/outing/:outingId/trainer' });

beforeAll(() => {
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
});

it('ten guesses, each with what was right, then how far off one was; the next game knows of it', async () => {
  localStorage.removeItem('strut-spot-trainer');
  await open();
  for (let k = 1; k <= 10; k++) {
    await screen.findByText(`${k} of 10`);
    expect(screen.queryByTestId('trainer-answer')).toBeNull();
    fireEvent.click(screen.getByText('Look'));
    expect(screen.getByTestId('trainer-answer').textContent).toMatch(/You set level, right is/);
    fireEvent.click(screen.getByText(k === 10 ? 'How was I?' : 'Next'));
  }
  const mean = (await screen.findByTestId('trainer-mean')).textContent;
  expect(mean).toMatch(/^\d+\.\d°$/);
  expect(screen.queryByText(/Games before/)).toBeNull();
  fireEvent.click(screen.getByText('Ten more'));
  await screen.findByText('1 of 10');
  expect(JSON.parse(localStorage.getItem('strut-spot-trainer')!)).toEqual([Number(mean.replace('°', ''))]);
});
