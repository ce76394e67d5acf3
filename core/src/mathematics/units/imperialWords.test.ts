import { imperialWords } from './imperialWords';

it.each([
  // Factors: NIST SP 811, appendix B.8.
  ['the visor comes within 42 mm of camera or strut', 'the visor comes within 1.7 in of camera or strut'],
  ['it is 100 mm to 300 mm', 'it is 3.9 in to 11.8 in'],
  ['a strip of 3 to 5 cm', 'a strip of 1.2 to 2.0 in'],
  ['the lens stands 1.56 m over the ground', 'the lens stands 5.1 ft over the ground'],
  ['sharp from about 0.25 m', 'sharp from about 9.8 in'],
  ['at 130 km/h', 'at 81 mph'],
  ['pads at -10 °C', 'pads at 14 °F'],
  ['a camera of 1.1 kg and a thumb camera of 50 g', 'a camera of 2.4 lb and a thumb camera of 1.8 oz'],
  ['70 × 50 × 35 mm', '2.8 × 2.0 × 1.4 in'],
  ['205 N (20.9 kgf)', '205 N (46 lbf)'],
  ['0.5 m to 3 m away', '19.7 in to 9.8 ft away'],
])('%s → %s', (metric, imperial) => expect(imperialWords(metric)).toBe(imperial));

it.each(['4.3 N·m', '3 g', '5 min', '12 m²', '40 m/s²', 'ND16', '2.5 px of 1080', '15°', 'in 3 s', '50 Hz'])(
  '%s stays as it is',
  (text) => expect(imperialWords(text)).toBe(text),
);

it('is the same again on what it made', () => {
  const once = imperialWords('it goes 500 m over the ground at 4 °C, 12 cm from 3 kg');
  expect(imperialWords(once)).toBe(once);
});
