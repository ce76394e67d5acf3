import { Box3, BufferAttribute, BufferGeometry, Matrix4, Mesh, Vector3 } from 'three';
import { CARRIERS } from '../../../catalog/index.generated';
import { invert, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { newCarrier } from '../../deciding/outing/newOuting';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { poseRig } from '../../posing/rig/poseRig';
import { endsOf } from './craftEnds';

const MACHINES = CARRIERS.flatMap((carrier) => (carrier.kind === 'machine' ? [carrier.id] : []));

const matrixOf = ({ position: [px, py, pz], rotation: r }: Pose): Matrix4 =>
  new Matrix4().set(r[0]!, r[1]!, r[2]!, px, r[3]!, r[4]!, r[5]!, py, r[6]!, r[7]!, r[8]!, pz, 0, 0, 0, 1);

// Outside value: boxes round the same meshes by three (Box3.setFromObject, precise).
it.each(MACHINES)('%s: nose, tail, sides and top are the faces of the box that three puts round it', (machineId) => {
  const { rig } = newCarrier('c', machineId, 1.75);
  const posed = poseRig(rig, resolveRig(rig).machine.actionStanceId);
  const machineFromWorld = invert(posed.worldFromMachine);
  const box = new Box3();
  for (const { mesh, group, aloft, worldFromPart } of posed.parts) {
    if (group === 'subject' || group === 'own' || aloft) continue;
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(Float32Array.from(mesh.positions), 3));
    const object = new Mesh(geometry);
    object.matrixAutoUpdate = false;
    object.matrix.copy(matrixOf(machineFromWorld).multiply(matrixOf(worldFromPart)));
    object.updateMatrixWorld(true);
    box.expandByObject(object, true);
  }
  const [nose, tail, right, left, top] = endsOf(posed).map(({ point }) => transformPoint(machineFromWorld, point));
  const long = box.getSize(new Vector3()).x;
  const off = [
    nose![0] - box.max.x,
    tail![0] - box.min.x,
    right![2] - box.max.z,
    left![2] - box.min.z,
    top![1] - box.max.y,
  ];
  for (const metres of off) expect(Math.abs(metres)).toBeLessThan(0.01 * long);
  // What belongs to an end lies at it.
  const about = endsOf(posed)[0]!.about.map((point) => transformPoint(machineFromWorld, point)[0]);
  expect(Math.min(...about)).toBeGreaterThan(nose![0] - 0.081 * long);
});
