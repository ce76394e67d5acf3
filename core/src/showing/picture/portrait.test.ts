import { newCarrier } from '../../deciding/outing/newOuting';
import { meshBounds, openEdgeCount } from '../../mathematics/geometry/mesh';
import { poseRig } from '../../posing/rig/poseRig';
import { kitPieceParts } from '../../posing/strut/kitPortrait';
import { kitWith } from '../../posing/lookup/kit';
import { renderPortrait, type PortraitView } from './portrait';

const view = (over: Partial<PortraitView> = {}): PortraitView => ({
  widthPx: 120,
  heightPx: 80,
  aroundDeg: 50,
  aboveDeg: 12,
  land: false,
  ...over,
});
/** The box of drawn pixels as fractions of the picture. */
function drawnBox({ widthPx, heightPx, rgba }: { widthPx: number; heightPx: number; rgba: Uint8ClampedArray }) {
  let [left, right, top, bottom] = [widthPx, -1, heightPx, -1];
  for (let y = 0; y < heightPx; y++) {
    for (let x = 0; x < widthPx; x++) {
      if (rgba[(y * widthPx + x) * 4 + 3] === 0) continue;
      [left, right, top, bottom] = [Math.min(left, x), Math.max(right, x), Math.min(top, y), Math.max(bottom, y)];
    }
  }
  return { left: left / widthPx, right: (right + 1) / widthPx, top: top / heightPx, bottom: (bottom + 1) / heightPx };
}

it.each(['longboard', 'kayak', 'glider', 'beach-catamaran', 'multirotor', 'four-by-four'])(
  'the portrait of a %s shows all of it and fills the picture one way or the other',
  (machineId) => {
    const { rig } = newCarrier('c', machineId, 1.75);
    const posed = poseRig(rig, 'set-up');
    for (const aroundDeg of [0, 50, 90, 200]) {
      const box = drawnBox(renderPortrait(posed.parts, posed.ground, view({ aroundDeg })));
      expect(Math.min(box.left, box.top)).toBeGreaterThanOrEqual(0);
      expect(Math.max(box.right, box.bottom)).toBeLessThanOrEqual(1);
      expect(Math.max(box.right - box.left, box.bottom - box.top)).toBeGreaterThan(0.55);
      // Not cut off on two opposite sides.
      expect(box.left <= 0.001 && box.right >= 0.999).toBe(false);
    }
  },
);

it('with the land the picture is full, without it the background is clear', () => {
  const { rig } = newCarrier('c', 'longboard', 1.75);
  const posed = poseRig(rig, 'cruise');
  const alpha = (land: boolean) => {
    const { rgba } = renderPortrait(posed.parts, posed.ground, view({ land }));
    return rgba.filter((_, i) => i % 4 === 3 && rgba[i] === 0).length;
  };
  expect(alpha(true)).toBe(0);
  expect(alpha(false)).toBeGreaterThan(120 * 80 * 0.4);
});

describe('pieces of the kit', () => {
  const kit = kitWith();
  const ground = { point: [0, -1, 0], normal: [0, 1, 0], ahead: [1, 0, 0], world: 'road' } as const;
  it.each(
    (['cameras', 'bases', 'links', 'heads', 'filters', 'addOns', 'tethers'] as const).flatMap((kind) =>
      kit[kind].map((p) => [kind, p.id] as const),
    ),
  )('%s: %s has a portrait', (kind, id) => {
    const box = drawnBox(renderPortrait(kitPieceParts(kit, kind, id), ground, view({ widthPx: 60, heightPx: 40 })));
    expect(Math.max(box.right - box.left, box.bottom - box.top)).toBeGreaterThan(0.5);
  });

  it('the more a filter takes, the darker is its pane; a tether is drawn no longer than it is, nor than a hand', () => {
    const panes = kit.filters.filter(({ mirrorLeft }) => mirrorLeft === undefined);
    const tones = [...panes]
      .sort((a, b) => a.stops - b.stops)
      .map(({ id }) => kitPieceParts(kit, 'filters', id).find((piece) => piece.id === 'pane')!.tone);
    const dark = ['glass', 'frame', 'black', 'tyre'];
    const ranks = tones.map((tone) => dark.indexOf(tone));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
    expect(new Set(ranks).size).toBeGreaterThan(2);
    for (const { id, lengthM } of kit.tethers) {
      const [{ mesh } = { mesh: null }] = kitPieceParts(kit, 'tethers', id);
      const { min, max } = meshBounds(mesh!);
      expect([id, max[0] - min[0] <= Math.min(lengthM.high, 0.2) * 1.5]).toEqual([id, true]);
      expect([id, openEdgeCount(mesh!)]).toEqual([id, 0]);
    }
  });

  it('an unknown piece is named', () => {
    expect(() => kitPieceParts(kit, 'bases', 'chewing-gum')).toThrow(/no bases "chewing-gum"/);
  });
});
