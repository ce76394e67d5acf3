import { fireEvent, render, screen } from '@testing-library/react';
import type { SideElevation } from '@strut-spot/core';
import { fileNameOf } from '../devices/download';
import { ChoiceField } from './ChoiceField';
import { PictureCanvas } from './PictureCanvas';
import { StrutElevation } from './StrutElevation';
import { VerdictMark } from './VerdictMark';

describe('verdicts', () => {
  it('are told apart without colour: four words, four shapes', () => {
    const shapes = (['good', 'watch', 'stop', "can't say"] as const).map((verdict) => {
      const { container, unmount } = render(<VerdictMark verdict={verdict} />);
      expect(container.textContent).toBe(verdict);
      const shape = container.querySelector('svg')!.innerHTML;
      unmount();
      return shape;
    });
    expect(new Set(shapes).size).toBe(4);
  });

  it('keep their word for those who listen when only the mark is shown', () => {
    const { container } = render(<VerdictMark verdict="stop" word={false} />);
    expect(container.querySelector('.sr-only')!.textContent).toBe('stop');
  });
});

it('a choice that does not fit is shown with its reason and cannot be taken', () => {
  const chosen: string[] = [];
  const choices = [
    { id: 'pad', name: 'Adhesive pad', refused: 'needs a flat surface' },
    { id: 'clamp', name: 'Tube clamp', refused: null },
  ];
  render(<ChoiceField label="Base" value="clamp" choices={choices} onChange={(id) => chosen.push(id)} />);
  const option = screen.getByText<HTMLOptionElement>('Adhesive pad (needs a flat surface)');
  expect(option.disabled).toBe(true);
  fireEvent.change(screen.getByLabelText('Base'), { target: { value: 'clamp' } });
  expect(screen.getByText<HTMLOptionElement>('Tube clamp').disabled).toBe(false);
});

it('a picture without a label is decoration, one with a label is told', () => {
  const { rerender, container } = render(<PictureCanvas picture={undefined} label="" />);
  expect(container.querySelector('canvas')!.getAttribute('aria-hidden')).toBe('true');
  rerender(<PictureCanvas picture={undefined} label="Crouch: sky 30 percent" />);
  expect(screen.getByRole('img', { name: /sky 30 percent/ })).toBeTruthy();
});

describe('the side drawing', () => {
  const drawing: SideElevation = {
    view: 'side',
    joints: [
      [0, 0],
      [0, 0.02],
    ],
    furtherArms: [],
    tether: null,
    body: [
      [-0.02, 0.03],
      [0.02, 0.03],
      [0.02, 0.08],
      [-0.02, 0.08],
    ],
    lens: [0.03, 0.065],
    axis: [1, 0],
    edges: [
      [0.9, 0.43],
      [0.9, -0.43],
    ],
    surface: [-1, 0],
    normal: [0, 1],
    reading: 'level',
  };

  it('is labelled with its reach, height and angle, and stays finite', () => {
    const { container } = render(<StrutElevation drawing={drawing} reachText="30 mm" heightText="65 mm" />);
    expect(container.textContent).toMatch(/SIDE.*65 mm.*30 mm.*level/);
    expect(container.innerHTML).not.toMatch(/NaN|Infinity/);
  });

  it('has a handle only where it can be dragged', () => {
    const handle = { onDown: () => undefined, onMove: () => undefined, onUp: () => undefined };
    const { container, rerender } = render(
      <StrutElevation drawing={drawing} reachText="" heightText="" handle={handle} />,
    );
    expect(container.querySelector('.cursor-grab')).not.toBeNull();
    rerender(<StrutElevation drawing={{ ...drawing, view: 'above' }} reachText="" heightText="" />);
    expect(container.querySelector('.cursor-grab')).toBeNull();
    expect(container.textContent).toMatch(/FROM ABOVE/);
  });
});

it('file names keep letters and digits of any script and never end empty', () => {
  expect(fileNameOf('Ridge loop, day 2')).toBe('ridge-loop-day-2');
  expect(fileNameOf('  ///  ')).toBe('untitled');
  expect(fileNameOf('山 trail')).toBe('山-trail');
});
