import { resolveRig } from '../../src/posing/lookup/resolveRig';
import { placedSpots } from '../../src/posing/rig/spots';
import { baseRefusal } from '../../src/posing/strut/baseRefusal';
import type { Spot } from '../../src/words/carrier/spot';
import { BASES, CARRIERS, HEADS, LINKS } from '../index.generated';

/** Every spot of every carrier, once. */
const SPOTS: readonly Spot[] = CARRIERS.flatMap((carrier) => {
  if (carrier.kind !== 'machine') return [];
  const wornIds = carrier.wearing;
  resolveRig({ machineId: carrier.id, fit: {}, wornIds, statureM: 1.75 });
  return placedSpots({ machineId: carrier.id, fit: {}, wornIds, statureM: 1.75 }).map(({ spot }) => spot);
});

it.each(BASES.map((base) => [base.id, base] as const))(
  '%s goes on some spot of the catalogue, or says why it goes nowhere',
  (_, base) => {
    if (base.fits.never) return expect(base.fits.never.length).toBeGreaterThan(15);
    const taken = SPOTS.filter((spot) => baseRefusal(base, spot.surface) === null);
    expect(taken.length).toBeGreaterThan(0);
    // What it is made for is among what it fits.
    for (const shape of base.madeFor) expect(base.fits.shapes).toContain(shape);
    // And there is something that it does not go on, with a reason to read.
    const refused = SPOTS.flatMap((spot) => baseRefusal(base, spot.surface) ?? []);
    expect(refused.length).toBeGreaterThan(0);
    for (const reason of new Set(refused)) expect(reason).toMatch(/[a-z]{3,}/);
  },
);

it('a tube is taken within a clamp’s range, its ends included, and not beyond', () => {
  const surface = (tubeDiameterM: number) =>
    ({ material: 'steel tube', shape: 'tube', tubeDiameterM, straightM: 1, still: true }) as const;
  const clamps = BASES.filter((base) => base.fits.tubeM && base.fits.shapes.includes('tube') && !base.fits.never);
  expect(clamps.length).toBeGreaterThan(2);
  for (const base of clamps) {
    const { low, high } = base.fits.tubeM!;
    expect([base.id, baseRefusal(base, surface(low)), baseRefusal(base, surface(high))]).toEqual([base.id, null, null]);
    expect(baseRefusal(base, surface(low * 0.95))).toMatch(/mm/);
    expect(baseRefusal(base, surface(high * 1.05))).toMatch(/mm/);
  }
});

it('suction asks for even, tight surfaces: no cup on cloth, foam or wood (makers’ notes of cups as a kind; common practice, no source)', () => {
  for (const base of BASES.filter((b) => b.kind === 'suction')) {
    for (const material of ['fabric', 'webbing', 'foam core', 'wood'] as const) {
      expect([base.id, material, baseRefusal(base, { material, shape: 'flat', flatAreaM2: 1 }) !== null]).toEqual([
        base.id,
        material,
        true,
      ]);
    }
    expect(baseRefusal(base, { material: 'glass', shape: 'flat', flatAreaM2: 1 })).toBeNull();
  }
});

it('masses are those of such things: 5 g to 1.5 kg a base, 5 g to 0.6 kg a joint, below 2 kg a link, more for more length of a kind', () => {
  for (const { id, massKg } of BASES) expect([id, massKg.value > 0.004 && massKg.value < 1.5]).toEqual([id, true]);
  for (const { id, massKg } of HEADS) expect([id, massKg.value > 0.004 && massKg.value < 0.6]).toEqual([id, true]);
  for (const { id, massKg } of LINKS) expect([id, massKg.value > 0.0005 && massKg.value < 2]).toEqual([id, true]);
  for (const kind of ['arm', 'pole'] as const) {
    const sorted = LINKS.filter((link) => link.kind === kind && !link.id.includes('stiff')).sort(
      (a, b) => a.lengthM.high - b.lengthM.high,
    );
    sorted.slice(1).forEach((link, i) => expect(link.massKg.value).toBeGreaterThanOrEqual(sorted[i]!.massKg.value));
  }
});

it('a longer arm is softer at its tip than a short one of its kind, a goose neck softer than both, a grommet softer still across', () => {
  const stiffness = (id: string) => LINKS.find((link) => link.id === id)!.stiffnessNM.value;
  expect(stiffness('long-arm')).toBeLessThan(stiffness('short-arm'));
  expect(stiffness('goose-neck')).toBeLessThan(stiffness('long-arm'));
  expect(stiffness('soft-grommets')).toBeLessThan(stiffness('stiff-grommets'));
});

it('a joint with notches holds more than one without: teeth against friction', () => {
  const slip = (notched: boolean) => HEADS.filter((h) => h.notchDeg.value > 0 === notched).map((h) => h.slipNm.value);
  expect(Math.min(...slip(true))).toBeGreaterThan(Math.min(...slip(false)));
});
