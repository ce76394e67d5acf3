import { newOuting } from '@strut-spot/core';
import { changeOuting, GESTURE, historyOf, redo, undo } from './outingHistory';

const start = newOuting('o', '2027-02-14T08:00:00.000Z');
const named = (name: string) => ({ ...start, name });

describe('history of an outing', () => {
  it('takes back and brings again', () => {
    const two = changeOuting(changeOuting(historyOf(start), named('a'), null, 1000), named('b'), null, 9000);
    expect(two.present.name).toBe('b');
    expect(undo(two).present.name).toBe('a');
    expect(undo(undo(two)).present).toBe(start);
    expect(undo(undo(undo(two))).present).toBe(start);
    expect(redo(undo(two)).present.name).toBe('b');
  });

  it('typing in one field is one step, a pause or another field begins a new one', () => {
    let h = historyOf(start);
    h = changeOuting(h, named('a'), 'name', 1000);
    h = changeOuting(h, named('ab'), 'name', 1300);
    expect(h.past).toHaveLength(1);
    h = changeOuting(h, named('abc'), 'name', 5000);
    expect(h.past).toHaveLength(2);
    h = changeOuting(h, { ...h.present, place: 'x' }, 'place', 5100);
    expect(h.past).toHaveLength(3);
  });

  it('a drag is one step however long it takes', () => {
    let h = historyOf(start);
    for (let i = 0; i < 5; i++) h = changeOuting(h, named(String(i)), `${GESTURE}7`, i * 5000);
    expect(undo(h).present).toBe(start);
  });

  it('a change after an undo drops what was taken back, and says when it was made', () => {
    const h = changeOuting(undo(changeOuting(historyOf(start), named('a'), null, 1000)), named('b'), null, 2000);
    expect(h.future).toEqual([]);
    expect(h.present.changedAt).toBe('1970-01-01T00:00:02.000Z');
  });
});
