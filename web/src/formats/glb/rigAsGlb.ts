import { poseRig, type PosedPart, type Pose, type RigSpec } from '@strut-spot/core';
import { BufferAttribute, BufferGeometry, Color, Matrix4, Mesh, MeshStandardMaterial, Scene } from 'three';
import { GLTFExporter } from 'three/addons/exporters/GLTFExporter.js';

const TONES: Partial<Record<PosedPart['tone'], string>> = {
  frame: '#74929e',
  metal: '#babcba',
  skin: '#dab89e',
  shell: '#e8e4d8',
  jersey: '#687698',
  trousers: '#7a746e',
  paint: '#965c54',
  board: '#cebe98',
  sail: '#eeece2',
  wood: '#a88a68',
  hivis: '#f25c18',
  glass: '#96b0ba',
};
const DARK = '#55575a';

/** A pose as three's column-major matrix. */
const matrixOf = ({ rotation: r, position: p }: Pose): Matrix4 =>
  new Matrix4().set(r[0], r[1], r[2], p[0], r[3], r[4], r[5], p[1], r[6], r[7], r[8], p[2], 0, 0, 0, 1);

/** A rig in one stance as a scene of named meshes, metres, +y up. */
function rigScene(rig: RigSpec, stanceId: string): Scene {
  const scene = new Scene();
  for (const { id, name, tone, mesh, worldFromPart } of poseRig(rig, stanceId).parts) {
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(mesh.positions, 3));
    geometry.setIndex(new BufferAttribute(mesh.indices, 1));
    geometry.computeVertexNormals();
    const material = new MeshStandardMaterial({ color: new Color(TONES[tone] ?? DARK), roughness: 0.85 });
    if (tone === 'glass') Object.assign(material, { transparent: true, opacity: 0.3 });
    const object = new Mesh(geometry, material);
    object.name = id;
    object.userData = { name };
    object.applyMatrix4(matrixOf(worldFromPart));
    scene.add(object);
  }
  return scene;
}

/** The whole rig in one stance as a binary glTF file. */
export async function rigAsGlb(rig: RigSpec, stanceId: string): Promise<ArrayBuffer> {
  return (await new GLTFExporter().parseAsync(rigScene(rig, stanceId), { binary: true })) as ArrayBuffer;
}
