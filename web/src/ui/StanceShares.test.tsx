import { fireEvent, render, screen } from '@testing-library/react';
import { knownMachines, resolveRig, type StanceShares as Shares } from '@strut-spot/core';
import { settle } from '../../testing/openSheet';
import { StanceShares } from './StanceShares';

const rig = { machineId: 'mountain-bike', fit: {}, wornIds: [], statureM: 1.75 };
const told: (Shares | undefined)[] = [];

function open(stanceShares?: Shares) {
  told.length = 0;
  const { machine } = resolveRig(stanceShares ? { ...rig, stanceShares } : rig);
  render(
    <StanceShares
      machine={machine}
      asUsual={!stanceShares}
      usual="As it is usually ridden"
      onChange={(shares) => told.push(shares)}
    />,
  );
  return machine.stances.filter((s) => s.id !== 'set-up');
}
const type = (label: string, value: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
};
afterEach(() => settle(20));

it('shows the percent of each stance that is ridden, and not the set-up', () => {
  const stances = open();
  expect(stances.length).toBeGreaterThan(2);
  const shown = stances.map((s) => Number(screen.getByLabelText<HTMLInputElement>(s.name).value));
  expect(shown).toEqual(stances.map((s) => Math.round(s.share * 100)));
  expect(screen.queryByLabelText('Set-up')).toBeNull();
  expect(screen.queryByText('As it is usually ridden')).toBeNull();
});

it('one is set, the others make room; what is no share is refused and changes nothing', () => {
  const [first, second] = open();
  type(first!.name, '0');
  expect(told[0]![first!.id]).toBe(0);
  expect(Object.values(told[0]!).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  expect(told[0]![second!.id]).toBeCloseTo(second!.share / (1 - first!.share), 9);
  type(second!.name, '140');
  type(second!.name, 'half');
  expect(told).toHaveLength(1);
});

it('goes back to the usual', () => {
  open({ [knownMachines().find((m) => m.id === 'mountain-bike')!.actionStanceId]: 1 });
  fireEvent.click(screen.getByText('As it is usually ridden'));
  expect(told).toEqual([undefined]);
});
