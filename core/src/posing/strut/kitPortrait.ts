import { rod, tube } from '../../mathematics/geometry/build/tube';
import { revolveRing } from '../../mathematics/geometry/build/revolve';
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { mergeMeshes, type Mesh } from '../../mathematics/geometry/mesh';
import { IDENTITY_POSE, poseAt } from '../../mathematics/geometry/pose';
import type { PosedPart } from '../../words/carrier/posedPart';
import { linkMesh } from './linkMesh';
import { pieceOf, type Kit } from '../lookup/kit';
import { addOnMesh, goesOn, wearing } from '../building/wearing';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { TetherDefinition } from '../../words/kit/tether';
import type { AddOnDefinition } from '../../words/kit/addOn';

export type KitKind = keyof Kit;

const part = (id: string, tone: PosedPart['tone'], mesh: Mesh): PosedPart => ({
  id,
  name: id,
  group: 'own',
  tone,
  mesh,
  worldFromPart: IDENTITY_POSE,
});

/** As it is worn: on the first camera that it fits. @throws RangeError where it fits none */
function addOnPortrait(kit: Kit, addOn: AddOnDefinition): readonly PosedPart[] {
  const bare = pieceOf(kit.cameras, `camera that the ${addOn.name.toLowerCase()} goes on`, (c) => goesOn(addOn, c));
  const piece = addOnMesh(bare, addOn);
  const { body, glass } = (piece ? bare : wearing(bare, [addOn])).mesh();
  return [
    part('body', piece ? 'trim' : 'hivis', body),
    part('glass', 'lens', glass),
    ...(piece ? [part('piece', 'hivis', piece)] : []),
  ];
}

/** A tether laid in a bow: webbing flat and wide, wire twisted, a cord with a loop at each end, and its weak link in the middle. */
function tetherPortrait({ kind, radiusM, lengthM }: TetherDefinition): Mesh {
  const long = Math.min(lengthM.high, 0.2);
  // At least so thick that it is seen.
  const radius = Math.max(radiusM, long / 60);
  const bow = Array.from({ length: 25 }, (_, i): Vec3 => {
    const t = i / 24;
    return [long * (t - 0.5), 0.25 * long * Math.sin(Math.PI * t) + radius, 0.12 * long * Math.sin(2 * Math.PI * t)];
  });
  if (kind === 'strap') {
    const webbing = tube(bow, { radiusM: radius * 3.2, flatness: 0.16, power: 3, segments: 14 });
    return mergeMeshes([webbing, roundedBox([long * 0.16, radius * 2.4, radius * 8.5], 0.002, poseAt(bow[5]!))]);
  }
  if (kind === 'wire') {
    const strand = (turn: number) =>
      tube(
        bow.map(([x, y, z], i): Vec3 => {
          const a = i * 0.9 + turn;
          return [x, y + radius * 0.9 * Math.cos(a), z + radius * 0.9 * Math.sin(a)];
        }),
        { radiusM: radius * 0.6, segments: 8 },
      );
    return mergeMeshes([strand(0), strand(Math.PI)]);
  }
  const loops = [bow[0]!, bow[24]!].map(([x, y, z]) => {
    const r = 0.07 * long;
    const ring = Array.from({ length: 17 }, (_, i): Vec3 => {
      const turn = (i / 16) * 2 * Math.PI;
      return [x + Math.sign(x) * r * (1 - Math.cos(turn)), y, z + r * Math.sin(turn)];
    });
    return tube(ring, { radiusM: radius, segments: 10 });
  });
  const link =
    kind === 'weak link' ? [roundedBox([long * 0.14, radius * 4.5, radius * 4.5], 0.002, poseAt(bow[12]!))] : [];
  return mergeMeshes([tube(bow, { radiusM: radius, segments: 10 }), ...loops, ...link]);
}

/** Of a filter's ring, metres. */
const RING_M = 0.02;

/** The darker the more it takes. */
const paneTone = (stops: number): PosedPart['tone'] =>
  stops >= 5 ? 'tyre' : stops >= 4 ? 'black' : stops >= 3 ? 'frame' : 'glass';

/** A piece of the kit by itself, lying as it is mounted. @throws RangeError for an id that the kit lacks */
export function kitPieceParts(kit: Kit, kind: KitKind, id: string): readonly PosedPart[] {
  if (kind === 'cameras') {
    const camera = kit.cameras.find((c) => c.id === id);
    if (camera) {
      const { body, glass } = camera.mesh();
      return [part('body', 'trim', body), part('glass', 'lens', glass)];
    }
  }
  if (kind === 'bases') {
    const base = kit.bases.find((b) => b.id === id);
    if (base) return [part('base', 'hivis', base.mesh({ material: 'plastic', shape: 'flat', tubeDiameterM: 0.032 }))];
  }
  if (kind === 'links') {
    const link = kit.links.find((l) => l.id === id);
    if (link) {
      const long = (link.lengthM.low + link.lengthM.high) / 2;
      const ends = [0, long].map((x) => rod([x, 0, -0.011], [x, 0, 0.011], { radiusM: 0.0085, segments: 14 }));
      const arm = linkMesh(link, [0, 0, 0], [long, 0, 0], 14);
      return [part('link', 'hivis', mergeMeshes([arm, ...ends]))];
    }
  }
  if (kind === 'heads') {
    const head = kit.heads.find((h) => h.id === id);
    if (head) {
      const foot = roundedBox([0.026, 0.016, 0.026], 0.006, poseAt([0, 0.008, 0]));
      const turning =
        head.notchDeg.value > 0
          ? rod([0, 0.026, -0.012], [0, 0.026, 0.012], { radiusM: 0.0075, segments: 12 })
          : rod([0, 0.014, 0], [0, 0.034, 0], { radiusM: 0.012, segments: 18, rounded: true });
      return [
        part(
          'head',
          'hivis',
          mergeMeshes([foot, turning, roundedBox([0.022, 0.008, 0.022], 0.003, poseAt([0, 0.046, 0]))]),
        ),
      ];
    }
  }
  if (kind === 'filters') {
    const filter = kit.filters.find((f) => f.id === id);
    if (filter) {
      const about = { centre: [0, RING_M, 0] as const, axis: [0, 0, 1] as const };
      const ring = revolveRing(
        [
          [RING_M * 0.88, -0.003],
          [RING_M, -0.003],
          [RING_M, 0.003],
          [RING_M * 0.88, 0.003],
        ],
        about,
      );
      const pane = rod([0, RING_M, -0.0008], [0, RING_M, 0.0008], { radiusM: RING_M * 0.9, segments: 36 });
      return [part('ring', 'hivis', ring), part('pane', paneTone(filter.stops), pane)];
    }
  }
  if (kind === 'addOns') {
    const addOn = kit.addOns.find((a) => a.id === id);
    if (addOn) return addOnPortrait(kit, addOn);
  }
  if (kind === 'tethers') {
    const tether = kit.tethers.find((t) => t.id === id);
    if (tether) return [part('tether', 'hivis', tetherPortrait(tether))];
  }
  throw new RangeError(`kitPieceParts: no ${kind} "${id}" in the kit`);
}
