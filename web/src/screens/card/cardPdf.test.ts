import { printable } from './cardPdf';

it('keeps Western letters, strips marks that the standard fonts lack, and never fails on others', () => {
  expect(printable('Übung: 45° × 3, Fjellå')).toBe('Übung: 45° × 3, Fjellå');
  expect(printable('Łódź − ścieżka')).toBe('?ódz - sciezka');
  expect(printable('山')).toBe('?');
});
