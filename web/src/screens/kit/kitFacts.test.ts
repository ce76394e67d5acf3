import { kitWith, type KitKind } from '@strut-spot/core';
import { surfaceWords } from '../../ui/surfaceWords';
import { kitFacts, type KitPiece } from './kitFacts';

const kit = kitWith();
const pieces = (['cameras', 'bases', 'links', 'heads'] as const).flatMap((kind) =>
  (kit[kind] as readonly KitPiece[]).map((piece) => [kind, piece.id, piece] as const),
);

it.each(pieces)(
  '%s: %s says its mass with where that comes from, and nothing that is not a word or a number',
  (kind, _id, piece) => {
    const facts = kitFacts(kind as KitKind, piece);
    const mass = facts.find((f) => f.label === 'Mass')!;
    expect(mass.value).toMatch(/^[\d.]+ k?g$/);
    expect(mass.source).toMatch(/estimate, [\d.]+ k?g to [\d.]+ k?g/);
    for (const { value } of facts) expect(value).not.toMatch(/undefined|NaN|null|\[object/);
  },
);

it('figures are in the units people use', () => {
  const facts = (kind: KitKind, id: string) =>
    Object.fromEntries(
      kitFacts(
        kind,
        (kit[kind] as readonly KitPiece[]).find((p) => p.id === id)!,
      ).map((f) => [f.label, f.value]),
    );
  expect(facts('cameras', 'cube-camera')).toMatchObject({
    Mass: '150 g',
    Size: '35 × 50 × 70 mm',
    'Sharp from': '0.30 m',
  });
  expect(facts('cameras', 'cage-camera').Mass).toBe('1.10 kg');
  expect(facts('cameras', 'pocket-gimbal')['Holds in wind up to']).toBe('43 km/h');
  expect(facts('bases', 'tube-clamp').Tubes).toBe('20 to 51 mm');
  expect(facts('links', 'long-pole').Length).toBe('600 to 3000 mm');
  expect(facts('heads', 'finger-joint').Holds).toBe('every 7.5°');
  expect(facts('heads', 'ball-joint').Holds).toBe('anywhere');
});

it('a surface is said in a few words', () => {
  expect(surfaceWords({ material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.032, wallM: 0.002 })).toBe(
    'alloy tube, 32 mm thick, wall 2.0 mm',
  );
  expect(surfaceWords({ material: 'gelcoat', shape: 'curved', curvatureRadiusM: 0.35, flatAreaM2: 0.008 })).toBe(
    'gelcoat, curved, radius about 350 mm, 80 cm² even',
  );
});
