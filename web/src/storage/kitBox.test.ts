import { CAMERAS, kitWith, NO_OWN_KIT, type OwnKit } from '@strut-spot/core';
import { database, STANDARD_KIT_BOX } from './database';
import { changeKitBox, isInBox, mergeOwnKits, readKitBox, withInBox } from './kitBox';

const link = (id: string, name: string) => ({ id, name, lowM: 0.1, highM: 0.2, thicknessM: 0.02, massKg: 0.1 });

afterEach(() => database.kit.clear());

it('at first everything is in the box; taking one thing out leaves the rest in', () => {
  const all = Object.values(kitWith()).flatMap((items: readonly { id: string }[]) => items.map((i) => i.id));
  expect(all.every((id) => isInBox(STANDARD_KIT_BOX, id))).toBe(true);
  const without = withInBox(STANDARD_KIT_BOX, ['phone'], false);
  expect(all.filter((id) => !isInBox(without, id))).toEqual(['phone']);
  const again = withInBox(without, ['phone'], true);
  expect(all.every((id) => isInBox(again, id))).toBe(true);
  expect(withInBox(again, ['phone'], true).inBox).toHaveLength(all.length);
});

it('is kept, and changes follow one another', async () => {
  expect(await readKitBox()).toEqual(STANDARD_KIT_BOX);
  await Promise.all([
    changeKitBox((box) => withInBox(box, ['phone'], false)),
    changeKitBox((box) => ({ ...box, own: { ...box.own, links: [link('own-1', 'Broom stick')] } })),
  ]);
  const box = await readKitBox();
  expect(isInBox(box, 'phone')).toBe(false);
  expect(isInBox(box, CAMERAS[0]!.id)).toBe(true);
  expect(box.own.links.map((l) => l.name)).toEqual(['Broom stick']);
});

it('two own kits together hold each piece once, the first one’s where both have it', () => {
  const first: OwnKit = { ...NO_OWN_KIT, links: [link('own-1', 'as used'), link('own-2', 'second')] };
  const second: OwnKit = { ...NO_OWN_KIT, links: [link('own-1', 'changed since'), link('own-3', 'third')] };
  expect(mergeOwnKits(first, second).links.map((l) => l.name)).toEqual(['as used', 'second', 'third']);
  expect(mergeOwnKits(NO_OWN_KIT, second)).toEqual(second);
});

it('a piece that is damaged keeps none of the others from being used, and is not thrown away', async () => {
  const own = {
    cameras: [null, { id: 'own-9', name: 'half' }],
    links: [link('own-1', 'Broom stick'), { id: 7 }],
    bases: 'none',
  };
  await database.kit.put({
    key: 'kit',
    inBox: ['phone', 5, 'own-1'],
    counts: { phone: 2, 'own-1': 'many' },
    own,
  } as never);
  const box = await readKitBox();
  expect(box).toEqual({
    key: 'kit',
    inBox: ['phone', 'own-1'],
    counts: { phone: 2 },
    own: { cameras: [], links: [own.links[0]], bases: [] },
  });
  await changeKitBox((b) => ({ ...b, own: { ...b.own, links: [...b.own.links, link('own-2', 'Rake')] } }));
  expect((await readKitBox()).own.links.map((l) => l.name)).toEqual(['Broom stick', 'Rake']);
  expect((await database.kit.get('kit'))!.own.cameras).toEqual(own.cameras);
});
