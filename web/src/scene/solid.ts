import {
  BackSide,
  BufferAttribute,
  BufferGeometry,
  Color,
  Group,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  type Object3D,
  ShaderMaterial,
} from 'three';
import type { DrawnMesh } from '../workers/answers/modelling';
import type { Inks } from './inks';
import { place } from './objects';

/** Tones that are dark in life keep a darker plaster, so that tyres and bars are told from limbs. */
const DARK_TONES = new Set(['black', 'tyre', 'rubber', 'glove', 'lens', 'strap', 'shoe']);
/** Knobs and spokes have so many edges that ink would fill them. */
const PLAIN_TONES = new Set(['tyre', 'metal', 'rubber']);
/** Layer of the outlines: all of the carrier is drawn a second time for them. Everything else is on the first. */
export const OUTLINES = 1;
/** Ink outline's width as a fraction of the distance. */
const OUTLINE = 0.0014;

/** Whether a thing of this tone keeps the darker plaster. */
export const isDark = (tone: string): boolean => DARK_TONES.has(tone);

/** A part in one colour with an ink line round it and along its edges; glass is seen through. */
export function solid(inks: Inks, mesh: DrawnMesh, colour: string): Object3D {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(mesh.positions, 3));
  geometry.setAttribute('normal', new BufferAttribute(mesh.normals, 3));
  const edges = new BufferGeometry();
  edges.setAttribute('position', new BufferAttribute(mesh.edges, 3));
  const glass = mesh.tone === 'glass';
  const group = new Group();
  group.name = mesh.id;
  const body = new Mesh(
    geometry,
    inks.material(
      glass ? 'glass' : colour,
      () =>
        new MeshLambertMaterial({
          color: colour,
          ...(glass ? { transparent: true, opacity: 0.28, depthWrite: false } : {}),
          polygonOffset: true,
          polygonOffsetFactor: 1,
          polygonOffsetUnits: 1,
        }),
    ),
  );
  body.name = mesh.id;
  group.add(body);
  if (!glass) {
    const outline = new Mesh(
      geometry,
      inks.material('outline', () => outlineMaterial(inks.palette.ink)),
    );
    outline.layers.set(OUTLINES);
    group.add(outline);
  }
  if (!PLAIN_TONES.has(mesh.tone)) {
    group.add(
      new LineSegments(
        edges,
        inks.material(
          'edge',
          () => new LineBasicMaterial({ color: inks.palette.ink, transparent: true, opacity: 0.4 }),
        ),
      ),
    );
  }
  place(group, mesh.worldFromPart);
  return group;
}

/** Back faces pushed outward along their normals: an ink line round every silhouette. */
const outlineMaterial = (ink: string): ShaderMaterial =>
  new ShaderMaterial({
    side: BackSide,
    uniforms: { ink: { value: new Color(ink) } },
    vertexShader: `void main() {
      vec4 p = modelViewMatrix * vec4(position, 1.0);
      p.xyz += normalize(normalMatrix * normal) * ${OUTLINE} * -p.z;
      gl_Position = projectionMatrix * p;
    }`,
    fragmentShader: `uniform vec3 ink; void main() { gl_FragColor = vec4(ink, 1.0); }`,
  });
