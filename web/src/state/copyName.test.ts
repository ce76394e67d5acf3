import { OUTING_LIMITS } from '@strut-spot/core';
import { copyName } from './copyName';

it('counts copies instead of piling them up', () => {
  expect(copyName('Ridge')).toBe('Ridge (copy)');
  expect(copyName('Ridge (copy)')).toBe('Ridge (copy 2)');
  expect(copyName('Ridge (copy 9)')).toBe('Ridge (copy 10)');
  expect(copyName('Ridge (copy)', 'imported')).toBe('Ridge (copy) (imported)');
});

it('is never longer than a name may be, however often it is copied', () => {
  let name = 'x'.repeat(OUTING_LIMITS.nameLength);
  for (let i = 0; i < 40; i++) {
    name = copyName(name);
    expect(name.length).toBeLessThanOrEqual(OUTING_LIMITS.nameLength);
  }
  expect(name).toMatch(/x \(copy 40\)$/);
});
