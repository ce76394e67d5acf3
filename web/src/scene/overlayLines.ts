import { BufferGeometry, LineBasicMaterial, LineSegments, Vector3 } from 'three';
import type { Inks } from './inks';

/** What a line over the model tells of. */
type SceneLineKind = 'distance' | 'force' | 'sweep' | 'sight';

export interface SceneLine {
  readonly kind: SceneLineKind;
  /** From end to end; a force has its point at the last. */
  readonly points: readonly (readonly [number, number, number])[];
}

const ARROW_HEAD_M = 0.05;
const LINE_INK = { distance: 'ink', force: 'hivis', sweep: 'ink', sight: 'hivis' } as const;

/** The two strokes at a force's point. */
function arrowHead(from: Vector3, to: Vector3): Vector3[] {
  const way = to.clone().sub(from);
  const size = way.length();
  if (size < 1e-6) return [];
  const side = new Vector3(-way.z, 0, way.x);
  if (side.lengthSq() < 1e-9) side.set(1, 0, 0);
  side.normalize().multiplyScalar(ARROW_HEAD_M * 0.45);
  const neck = to.clone().addScaledVector(way, -Math.min(1, ARROW_HEAD_M / size));
  return [to, neck.clone().add(side), to, neck.clone().sub(side)];
}
/** Lines and arrows that lie over everything, world frame. */
export function overlayLine(inks: Inks, { kind, points: way }: SceneLine): LineSegments {
  const points = way.slice(1).flatMap((p, i) => [new Vector3(...way[i]!), new Vector3(...p)]);
  if (kind === 'force') points.push(...arrowHead(new Vector3(...way[0]!), new Vector3(...way.at(-1)!)));
  const line = new LineSegments(
    new BufferGeometry().setFromPoints(points),
    inks.material(kind, () => new LineBasicMaterial({ color: inks.palette[LINE_INK[kind]], depthTest: false })),
  );
  line.renderOrder = 3;
  return line;
}
