import { heightsInBand } from '../../posing/aiming/wantedHorizon';
import { forget, sightlinesFrom, towardThrough, type Sightlines } from '../../physics/framing/sightlines';
import type { ViewCone } from '../../physics/framing/viewCone';
import { distance, type Vec3 } from '../../mathematics/geometry/vec3';
import { placedSpot } from '../../posing/rig/spots';
import { poseStrut } from '../../posing/strut/kinematics';
import type { BaseDefinition } from '../../words/kit/base';
import type { CameraDefinition } from '../../words/kit/camera';
import { plainOn } from '../../posing/strut/plainSetUp';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { LinkUse, SetUp } from '../../words/setUp/setUp';
import { sketchOf } from './asHeld';
import type { Count, Sketch, Spotted } from './spotted';
import { Best } from './best';
import { byScore } from './byScore';
import { mixed } from './mixed';
import { LEVEL_DEG } from './places';
import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { fewWidths, lensesOf, viewsOf, type View } from './views';

/** Where a camera goes: what gets it away from a spot, and on what that stands. */
export interface Place {
  readonly spotId: string;
  readonly base: BaseDefinition;
  readonly links: readonly LinkUse[];
}

interface Sketching {
  readonly cameras: readonly CameraDefinition[];
  readonly places: readonly (readonly LinkUse[])[];
  readonly baseFor: (links: readonly LinkUse[]) => BaseDefinition;
  /** Whether some base holds a camera there. */
  readonly holds: (links: readonly LinkUse[], camera: CameraDefinition) => boolean;
  readonly count: Count;
}

/** First rounds: places by a few views in the action stance, then every view of every camera at the best places. Pauses place by place. */
export function* sketch(
  spotted: Spotted,
  spotId: string,
  { baseFor, holds, cameras, places, count }: Sketching,
): Generator<void, readonly Sketch[]> {
  const { kept } = spotted;
  const views = cameras.flatMap((camera) => viewsOf(camera, spotted.question.ask.format, spotted.intent));
  if (views.length === 0) return [];
  const few = fewWidths(views);
  const middling = middleOf(views);
  const toward = towardThrough(lensesOf(few));
  const [height] = heightsOf(spotted);
  const looked: { links: readonly LinkUse[]; best: number }[] = [];
  for (const links of places) {
    const place = { spotId, base: baseFor(links), links };
    const sightlines = sightlinesAt(spotted, place, middling, toward);
    if (!sightlines) continue;
    let best = 0;
    for (const view of few) {
      count.tried++;
      const found = tryView(spotted, sightlines, place, { view, horizonAt: height! });
      if (found) best = Math.max(best, found.score);
    }
    forget(sightlines);
    looked.push({ links, best });
    yield;
  }
  const best = looked
    .map((p, order) => ({ ...p, order }))
    .sort((a, b) => b.best - a.best || a.order - b.order)
    .filter(({ links }, rank) => rank < kept.places || links.length === 0 || liesAlong(links));
  const sketches: Sketch[] = [];
  const bestOf = new Best(Math.ceil((kept.inAllStances * IN_EARNEST) / cameras.length));
  for (const { links } of best) {
    const place = { spotId, base: baseFor(links), links };
    const held = cameras.filter((camera) => holds(links, camera));
    for (const { sightlines, cameras: alike } of byLens(spotted, place, held)) {
      for (const camera of alike) {
        const worth = links.length > 0 ? bestOf.least(camera.id) - OTHERWISE_BETTER : 0;
        const found = viewsFrom(spotted, camera, worth, (tried) => {
          count.tried++;
          return tryView(spotted, sightlines, place, tried);
        });
        if (links.length > 0) found.forEach(({ score }) => bestOf.add(camera.id, score));
        sketches.push(...found);
        yield;
      }
    }
  }
  return sketches;
}

/** A view that is tried, with the height at which the sky line is to stand; null = wherever it comes to be. */
interface Tried {
  readonly view: View;
  readonly horizonAt: number | null;
}

/** Of the struts that are looked at in all stances the best so many are ever judged. Share, estimate 0.4 to 1. */
const IN_EARNEST = 0.5;

/** Another height of the sky line or another stabiliser hardly ever makes a picture better by more. Estimate 0.05 to 0.15. */
const OTHERWISE_BETTER = 0.05;

/** A pole lashed along its tube: it holds where others do not, which a look does not show. */
const liesAlong = ([link]: readonly LinkUse[]): boolean => link?.bendDeg === LEVEL_DEG && link.turnDeg % 180 === 0;

/** Lenses farther apart than this see other things of what is close, and something else comes at them. Metres; an estimate. */
const LENSES_APART_M = 0.05;

interface Alike {
  readonly sightlines: Sightlines;
  readonly cameras: readonly CameraDefinition[];
}

/** The cameras by where their lenses come to be at one place: those that are near each other see by one cube. */
function byLens(spotted: Spotted, place: Place, cameras: readonly CameraDefinition[]): readonly Alike[] {
  const { scene, question, intent } = spotted;
  const groups: { readonly reference: ResolvedSetUp; readonly at: Vec3; readonly cameras: CameraDefinition[] }[] = [];
  for (const camera of cameras) {
    const [view] = viewsOf(camera, question.ask.format, intent);
    const reference = view && aimedAt(spotted, place, view);
    if (!reference) continue;
    const at = poseStrut(reference, scene.setUpRig, scene.ridden[0]!.rig).worldFromCamera.position;
    const near = groups.find((group) => distance(group.at, at) < LENSES_APART_M);
    if (near) near.cameras.push(camera);
    else groups.push({ reference, at, cameras: [camera] });
  }
  return groups.map(({ reference, cameras: alike }) => {
    const views = alike.flatMap((camera) => viewsOf(camera, question.ask.format, intent));
    return { sightlines: sightlinesFrom(scene, reference, { toward: towardThrough(lensesOf(views)) }), cameras: alike };
  });
}

/** The view of the camera that is neither the shortest nor the longest: its lens stands for all of them in the first look at a place. */
const middleOf = (views: readonly View[]): View => {
  const byDepth = [...views].sort((a, b) => a.camera.bodyM[0] - b.camera.bodyM[0]);
  return byDepth[byDepth.length >> 1]!;
};

const heightsOf = ({ intent }: Spotted): readonly (number | null)[] =>
  intent.horizonBand ? heightsInBand(intent.horizonBand) : [null];

/**
 * The best views of one camera at a place: modes first, as they are usually stabilised and with the sky line in the middle of its band; then
 * the best of them otherwise, where they show as much as is worth it.
 */
function viewsFrom(
  spotted: Spotted,
  camera: CameraDefinition,
  worth: number,
  tryOne: (tried: Tried) => Sketch | null,
): readonly Sketch[] {
  const { kept, question } = spotted;
  const heights = heightsOf(spotted);
  const look = (view: View, height: number | null): Sketch[] => {
    const found = tryOne({ view, horizonAt: height });
    return found ? [found] : [];
  };
  const all = viewsOf(camera, question.ask.format, spotted.intent);
  const usual = (all.find(({ stabiliserId }) => stabiliserId === camera.stabilisers[1]?.id) ?? all[0])?.stabiliserId;
  const byMode = all
    .filter((view) => view.stabiliserId === usual)
    .flatMap((view) => look(view, heights[0]!))
    .sort(byScore)
    .slice(0, kept.viewsPerCamera);
  const others = byMode.flatMap((first) => {
    if (first.score < worth) return [first];
    const { modeId } = first.resolved.setUp;
    const same = all.filter((view) => view.modeId === modeId);
    const asUsual = same.find((v) => v.stabiliserId === usual)!;
    const [best] = [first, ...heights.slice(1).flatMap((h) => look(asUsual, h))].sort(byScore);
    return [
      best!,
      ...same.filter((view) => view.stabiliserId !== usual).flatMap((view) => look(view, best!.horizonAt)),
    ];
  });
  return mixed(others.sort(byScore), (s) => s.resolved.stabiliser.id, kept.viewsPerCamera * 2);
}

export const plainAt = (
  { carrier: { rig } }: Spotted,
  { spotId, base, links }: Place,
  { camera, modeId, stabiliserId, mounting }: View,
): SetUp => {
  const placed = placedSpot(rig, spotId)!;
  const turned = mounting === 'upright' ? {} : { mounting };
  return { ...plainOn(rig, placed, base, { cameraId: camera.id, modeId, stabiliserId, ...turned }), links };
};

/** A view aimed for the middle of the band, whatever notches the joint has. */
function aimedAt(spotted: Spotted, place: Place, view: View): ResolvedSetUp | null {
  const { carrier, intent } = spotted;
  const plain = plainAt(spotted, place, view);
  const aimed = aimedSetUp(carrier.rig, plain, intent, carrier.actionStanceId, heightsOf(spotted)[0]!);
  return aimed && resolveSetUp(carrier.rig, aimed);
}

function sightlinesAt(spotted: Spotted, place: Place, view: View, toward: ViewCone): Sightlines | null {
  const resolved = aimedAt(spotted, place, view);
  return resolved && sightlinesFrom(spotted.scene, resolved, { rough: true, toward });
}

/** A view aimed as the joint really holds it, and its picture in the action stance. */
function tryView(spotted: Spotted, sightlines: Sightlines, place: Place, { view, horizonAt }: Tried): Sketch | null {
  const { carrier, intent, question } = spotted;
  const plain = plainAt(spotted, place, view);
  const aimed = aimedSetUp(carrier.rig, plain, intent, carrier.actionStanceId, horizonAt);
  if (!aimed || (aimed.headId !== plain.headId && !question.pieceIds.includes(aimed.headId))) return null;
  return sketchOf(spotted, sightlines, aimed, horizonAt);
}
