import { figureWords, marginWords, wantedWords } from './findingFigures';

it('tells what is found with as many digits as its unit is read with', () => {
  expect(figureWords({ value: 0.0834, unit: 'm' })).toBe('83 mm');
  expect(figureWords({ value: 0.0004, unit: 'm' })).toBe('0 mm');
  expect(figureWords({ value: 0.95, unit: 'm' })).toBe('0.95 m');
  expect(figureWords({ value: 0.15, unit: 'kg' })).toBe('0.15 kg');
  expect(figureWords({ value: 3.26, unit: '%' })).toBe('3.3 %');
  expect(figureWords({ value: 48.4, unit: '%' })).toBe('48 %');
  expect(figureWords({ value: 95.2, unit: 'min' })).toBe('95 min');
  expect(figureWords({ value: 99.96, unit: 'N' })).toBe('100.0 N');
  expect(figureWords({ value: 1520.4, unit: 'N' })).toBe('1520 N');
});

it('counts what is counted, and gives no figure to what is far off', () => {
  expect(figureWords({ value: 2, unit: '' })).toBe('2');
  expect(figureWords({ value: 2.25, unit: '' })).toBe('2.3');
  expect(figureWords({ value: 400, unit: '%' })).toBe('far below');
  expect(figureWords({ value: -400, unit: '%' })).toBe('far above');
});

it('tells a margin with its sign', () => {
  expect(marginWords({ margin: -0.07, unit: 'kg' })).toBe('-0.07 kg');
  expect(marginWords({ margin: 11.6, unit: 'px' })).toBe('11.6 px');
});

it('tells a limit with one end or two, and half a pixel as half a pixel', () => {
  expect(wantedWords({ limit: [null, 0.08], unit: 'kg' })).toBe('at most 0.08 kg');
  expect(wantedWords({ limit: [0.03, null], unit: 'm' })).toBe('at least 30 mm');
  expect(wantedWords({ limit: [0.01, 0.03], unit: 'm' })).toBe('10 to 30 mm');
  expect(wantedWords({ limit: [0.1, 0.3], unit: 'm' })).toBe('0.10 to 0.30 m');
  expect(wantedWords({ limit: [14.2, 48], unit: '%' })).toBe('14 to 48 %');
  expect(wantedWords({ limit: [2.5, null], unit: 'px' })).toBe('at least 2.5 px');
  expect(wantedWords({ limit: [1, null], unit: '' })).toBe('at least 1');
});
