import { clearReport, type ClearReport } from '../../../physics/clearance/clearReport';
import type { ShotScene } from '../../scene/shotScene';

const found = new WeakMap<ShotScene, ClearReport>();

/** Distances, sight and ways out of a set-up, measured once a scene. */
export function clearFound(scene: ShotScene): ClearReport {
  const known = found.get(scene);
  if (known) return known;
  const { rig, setUp, actionStanceId } = scene.question;
  const made = clearReport({ rig, setUp, actionStanceId, ride: scene.ride });
  found.set(scene, made);
  return made;
}
