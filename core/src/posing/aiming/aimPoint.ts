import { meshBounds } from '../../mathematics/geometry/mesh';
import { transformPoint } from '../../mathematics/geometry/pose';
import { distance, mix, type Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedRig } from '../rig/poseRig';
import type { PosedPart } from '../../words/carrier/posedPart';
import { resolveRig } from '../lookup/resolveRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { Aim } from '../../words/shot/intent';

type PartAim = Extract<Aim, { kind: 'part' }>;

/**
 * Middle of what is aimed at, world frame; of what works, of the nearest; of a craft below whoever rides it, as seen from mast or boom. Null where this
 * rig has no such thing. @param from where it is aimed from, world frame @param on the part that it is aimed from
 */
export function aimPoint(spec: RigSpec, rig: PosedRig, at: PartAim['at'], from: Vec3, on?: PosedPart): Vec3 | null {
  const crew = at === 'craft' && on?.aloft === true && rig.body !== null;
  if (at === 'face') return rig.byId.get('head')?.worldFromPart.position ?? null;
  if (at === 'working') {
    return resolveRig(spec)
      .machine.working.flatMap((id) => rig.byId.get(id) ?? [])
      .map((part) => middleOf([part]))
      .reduce<Vec3 | null>((best, p) => (best && distance(best, from) <= distance(p, from) ? best : p), null);
  }
  const parts = rig.parts.filter((part) =>
    at === 'hands'
      ? part.id.startsWith('hand')
      : at === 'craft'
        ? crew
          ? part.group === 'rider' || part.group === 'face'
          : !part.aloft && (part.group === 'machine' || part.group === 'rider' || part.group === 'face')
        : part.group === 'subject',
  );
  return parts.length > 0 ? middleOf(parts) : null;
}

/** Middle of the box round some parts, world frame. */
function middleOf(parts: readonly PosedPart[]): Vec3 {
  const low: [number, number, number] = [Infinity, Infinity, Infinity];
  const high: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (const { mesh, worldFromPart } of parts) {
    const { min, max } = meshBounds(mesh);
    for (const corner of [0, 1, 2, 3, 4, 5, 6, 7]) {
      const pick = (k: 0 | 1 | 2): number => ((corner >> k) & 1 ? max[k] : min[k]);
      const p = transformPoint(worldFromPart, [pick(0), pick(1), pick(2)]);
      for (const k of [0, 1, 2] as const) {
        low[k] = Math.min(low[k], p[k]);
        high[k] = Math.max(high[k], p[k]);
      }
    }
  }
  return mix(low, high, 0.5);
}
