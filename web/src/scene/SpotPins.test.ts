import { PerspectiveCamera, type Sprite, Vector3 } from 'three';
import type * as Three from 'three';
import { Inks } from './inks';
import type { SpotPin } from './pins';
import { alongStretch, SpotPins } from './SpotPins';

jest.mock('./pins', () => {
  const { Sprite: Plain, Vector3: At } = jest.requireActual<typeof Three>('three');
  return {
    ...jest.requireActual<object>('./pins'),
    // Numbers are drawn on a canvas, which is not there.
    pinSprite: ({ id, position }: SpotPin, chosen: boolean) => {
      const sprite = new Plain();
      sprite.name = id;
      sprite.userData = { chosen, before: new At(...position), spot: new At(...position) };
      sprite.position.set(...position);
      return sprite;
    },
  };
});

const palette = { paper: '#fff', ink: '#000', hivis: '#f60', plaster: '#ddd', dark: '#888' };
const size = { width: 400, height: 400 };
const camera = new PerspectiveCamera(30, 1, 0.1, 100);
camera.position.set(0, 0, 10);
camera.updateMatrixWorld(true);
const pin = (id: string, x: number): SpotPin => ({ id, number: 1, position: [x, 0, 0], normal: [0, 0, 1] });
const screenX = (sprite: Sprite) => ((sprite.position.clone().project(camera).x + 1) / 2) * size.width;

it('pins close together are drawn apart at their depth, with a line to their spots; a lone one stays', () => {
  const pins = new SpotPins(new Inks(palette));
  pins.show([pin('a', 0), pin('b', 0.05), pin('c', 2)], 'a', null);
  pins.layOut(camera, size);
  const [a, b, c] = pins.pins.children as Sprite[];
  expect(Math.abs(screenX(a!) - screenX(b!))).toBeGreaterThan(25);
  expect(c!.position.distanceTo(new Vector3(2, 0, 0))).toBeLessThan(1e-3);
  const ends = (
    pins.lines.children[0] as unknown as { geometry: { getAttribute(name: string): { getX(i: number): number } } }
  ).geometry.getAttribute('position');
  expect(ends.getX(0)).toBe(0);
  expect(ends.getX(1)).toBeCloseTo(a!.position.x, 5);
  expect(ends.getX(5)).toBe(2);
});

it('a point of the view gives the nearest place of the stretch, and its ends beyond them', () => {
  const pins = new SpotPins(new Inks(palette));
  pins.show([pin('a', 0)], 'a', [
    { slideM: -0.5, position: [-0.5, 0, 0] },
    { slideM: 0, position: [0, 0, 0] },
    { slideM: 1, position: [1, 0, 0] },
  ]);
  const at = (x: number, y = 0) => {
    const p = new Vector3(x, y, 0).project(camera);
    return { x: ((p.x + 1) / 2) * size.width, y: ((1 - p.y) / 2) * size.height };
  };
  expect(pins.slideNear(at(0.25), camera, size)).toBeCloseTo(0.25, 6);
  expect(pins.slideNear(at(-0.25, 0.4), camera, size)).toBeCloseTo(-0.25, 6);
  expect(pins.slideNear(at(5), camera, size)).toBe(1);
  pins.show([pin('a', 0)], 'a', null);
  expect(pins.slideNear(at(0.25), camera, size)).toBeNull();
});

it('a place between two of a stretch lies between them; beyond an end it is the end', () => {
  const stretch = [
    { slideM: -1, position: [0, 0, 0] as const },
    { slideM: 1, position: [0, 2, 4] as const },
    { slideM: 2, position: [0, 2, 6] as const },
  ];
  expect(alongStretch(stretch, 0)).toEqual([0, 1, 2]);
  expect(alongStretch(stretch, 1.5)).toEqual([0, 2, 5]);
  expect(alongStretch(stretch, -3)).toEqual([0, 0, 0]);
  expect(alongStretch(stretch, 9)).toEqual([0, 2, 6]);
});
