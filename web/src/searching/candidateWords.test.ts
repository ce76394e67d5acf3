import { TERM_IDS } from '@strut-spot/core';
import type { Candidate } from '@strut-spot/core';
import { modeWords, steadyWord, strutWords, termName } from './candidateWords';

const candidate = (facts: object, setUp: object = {}): Candidate =>
  ({
    facts: { baseName: 'Tube clamp', linkNames: [], modeName: 'Wide 16:9', stabiliserName: 'Standard', ...facts },
    setUp: { mounting: 'upright', links: [], ...setUp },
  }) as never;

it('a strut is told from the surface out, with lengths where they matter', () => {
  expect(strutWords(candidate({}))).toBe('Tube clamp');
  const long = candidate({ linkNames: ['Riser', 'Long arm'] }, { links: [{ lengthM: 0.03 }, { lengthM: 0.284 }] });
  expect(strutWords(long)).toBe('Tube clamp, Riser, Long arm 28 cm');
});

it('how it is set, in full and in brief, upright told', () => {
  expect(modeWords(candidate({}))).toBe('wide 16:9, stabiliser standard');
  expect(modeWords(candidate({}), true)).toBe('wide 16:9, standard');
  expect(modeWords(candidate({}, { mounting: 'portrait-left' }), true)).toBe('wide 16:9, standard, upright');
});

it.each([
  [null, '…'],
  [0, 'steady'],
  [0.34, 'steady'],
  [0.35, 'lively'],
  [0.99, 'lively'],
  [1, 'shaky'],
  [7, 'shaky'],
])('a shake of %p reads "%s"', (unsteadiness, word) => {
  expect(steadyWord({ unsteadiness } as never)).toBe(word);
});

it('every term of a score has a name, all different; a check that was added brings its own', () => {
  const names = TERM_IDS.map(termName);
  expect(new Set(names).size).toBe(TERM_IDS.length);
  for (const name of names) expect(name).toMatch(/^[A-Z]/);
  expect(termName('steady')).toBe('Steady');
});
