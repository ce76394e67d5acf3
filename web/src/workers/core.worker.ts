import { expose, transfer } from 'comlink';
import {
  addScaled,
  inverseRotation,
  meshBounds,
  rotate,
  surfacePoint,
  aimedSetUp,
  baseRefusal,
  calibrateLens,
  heightsInBand,
  plainSetUp,
  unprojectPixelToDirection,
  type Vec3,
  correctFromClip,
  creaseEdges,
  evaluateShot,
  intentOf,
  newShot,
  ownParts,
  portrait,
  poseRig,
  poseStrut,
  rankSpots,
  kitPieceParts,
  kitWith,
  renderPicture,
  renderPortrait,
  type Ground,
  type KitKind,
  registerOwnShapes,
  type OwnKit,
  type OwnShape,
  type PortraitView,
  resized,
  resolveRig,
  resolveSetUp,
  rowsFor,
  SET_UP_STANCE_ID,
  shadedMesh,
  sideElevation,
  standardCamera,
  worldFromSpot,
  placedSpots,
  calibrate,
  cardContent,
  dominantLines,
  holdClear,
  knownFrequencies,
  mountCurve,
  schoolsOf,
  shakeIn,
  shakeQuestionOf,
  shakeScene,
  speedSweep,
  steadyReport,
  type ReadLog,
  type WhatIf,
  parseOuting,
  exactCandidate,
  searchJobs,
  searchSteps,
  type Candidate,
  type SearchJob,
  type SearchQuestion,
  type SpotResult,
  type EvaluateOptions,
  type Outing,
  type Shot,
  type UnitSystem,
  type Pose,
  type PosedPart,
  type RigSpec,
  type SetUp,
  type ShotQuestion,
} from '@strut-spot/core';

export interface PictureRequest {
  readonly rig: RigSpec;
  readonly setUp: SetUp;
  readonly stanceId: string;
  readonly widthPx: number;
  /** Draw the whole picture before the stabiliser's crop. */
  readonly uncropped: boolean;
}

export interface DrawnMesh {
  readonly id: string;
  readonly name: string;
  readonly group: string;
  readonly tone: PosedPart['tone'];
  readonly positions: Float32Array;
  readonly normals: Float32Array;
  readonly edges: Float32Array;
  readonly worldFromPart: Pose;
}

const drawn = (part: PosedPart): DrawnMesh => {
  const { positions, normals } = shadedMesh(part.mesh);
  const { id, name, group, tone, worldFromPart } = part;
  return { id, name, group, tone, worldFromPart, positions, normals, edges: creaseEdges(part.mesh, 46) };
};

const send = (meshes: DrawnMesh[]) =>
  transfer(
    meshes,
    meshes.flatMap((m) => [m.positions.buffer, m.normals.buffer, m.edges.buffer]),
  );

function lensOf(rig: RigSpec, setUp: SetUp, uncropped: boolean) {
  const resolved = resolveSetUp(rig, setUp);
  if (!uncropped) return { resolved, lens: resolved.lens };
  const whole = calibrateLens({ ...resolved.mode.lens, crop: 1 });
  return { resolved, lens: setUp.mounting.startsWith('portrait') ? portrait(whole) : whole };
}

/** Spots that were searched before anybody asked, by question and spot. */
const prepared = new Map<string, SpotResult>();
const MOST_PREPARED = 6;
const PAUSED_EVERY_MS = 60;
let stops = 0;

/** Runs a search step by step, letting messages in between: null when one of them was to stop. */
async function untilStopped(
  steps: Generator<number, SpotResult>,
  told: (tried: number) => void,
): Promise<SpotResult | null> {
  const mine = stops;
  let step = steps.next();
  for (let last = performance.now(); !step.done; step = steps.next()) {
    if (performance.now() - last < PAUSED_EVERY_MS) continue;
    told(step.value);
    await pause();
    if (mine !== stops) return null;
    last = performance.now();
  }
  return step.value;
}

const channel = new MessageChannel();
const waiting: (() => void)[] = [];
channel.port1.onmessage = () => waiting.shift()?.();

/** Lets messages in that came meanwhile; more than one search may wait. */
const pause = (): Promise<void> =>
  new Promise((resolve) => {
    waiting.push(resolve);
    channel.port2.postMessage(null);
  });

/** Weights only rank what is found. */
const preparedKey = ({ ask, ...rest }: SearchQuestion, job: SearchJob): string =>
  JSON.stringify([{ ...rest, ask: { ...ask, weights: {} } }, job]);

const api = {
  searchJobs: (question: SearchQuestion) => searchJobs(question),
  /** @param told how many pictures have been looked at, a few times a second @returns null when it was stopped on the way */
  searchSpot(question: SearchQuestion, job: SearchJob, told: (tried: number) => void) {
    const key = preparedKey(question, job);
    const ready = prepared.get(key);
    prepared.delete(key);
    return ready ?? untilStopped(searchSteps(question, job), told);
  },

  /** The same before it is asked for, its best checked in full: the spot is kept until it is asked for. */
  async prepareSpot(question: SearchQuestion, job: SearchJob): Promise<void> {
    const spot = await untilStopped(searchSteps(question, job), () => {});
    if (!spot) return;
    const [best] = spot.candidates;
    if (best) exactCandidate(question, best);
    prepared.set(preparedKey(question, job), spot);
    if (prepared.size > MOST_PREPARED) prepared.delete(prepared.keys().next().value!);
  },

  /** Ends the search of a spot that is under way. */
  stopSearching(): void {
    stops++;
  },

  exactCandidate: (question: SearchQuestion, candidate: Candidate) => exactCandidate(question, candidate),

  registerShapes: (shapes: readonly OwnShape[]) => registerOwnShapes(shapes),

  evaluate: (question: ShotQuestion, options: EvaluateOptions) => evaluateShot(question, options),

  newShot: (id: string, carrierId: string, rig: RigSpec, intentId: string) =>
    newShot(id, carrierId, rig, intentOf(intentId)),

  /** Scores of all spots for an intent, best first. */
  rank: (rig: RigSpec, intentId: string, actionStanceId: string) =>
    rankSpots(rig, intentOf(intentId), standardCamera(), actionStanceId).map(({ spotId, score, setUp, horizonAt }) => ({
      spotId,
      score,
      setUp,
      horizonAt,
    })),

  picture({ rig, setUp, stanceId, widthPx, uncropped }: PictureRequest) {
    const { resolved, lens } = lensOf(rig, setUp, uncropped);
    const posed = poseRig(rig, stanceId);
    const strut = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), posed);
    const small = resized(lens, widthPx);
    const picture = renderPicture(
      [...posed.parts, ...ownParts(resolved, strut)],
      strut.worldFromCamera,
      small,
      posed.ground,
      widthPx,
      rowsFor(lens, widthPx),
    );
    return transfer(picture, [picture.rgba.buffer]);
  },

  /** A carrier as somebody standing off sees it. */
  carrierPortrait(rig: RigSpec, stanceId: string, view: PortraitView) {
    const { parts, ground } = poseRig(rig, stanceId);
    const picture = renderPortrait(
      parts.filter((part) => part.group !== 'subject'),
      ground,
      view,
    );
    return transfer(picture, [picture.rgba.buffer]);
  },

  /** A piece of the kit by itself. */
  kitPortrait(own: OwnKit, kind: KitKind, id: string, view: PortraitView) {
    const ground: Ground = { point: [0, -1, 0], normal: [0, 1, 0], ahead: [1, 0, 0], world: 'road' };
    const picture = renderPortrait(kitPieceParts(kitWith(own), kind, id), ground, view);
    return transfer(picture, [picture.rgba.buffer]);
  },

  carrierMeshes: (rig: RigSpec, stanceId: string) => send(poseRig(rig, stanceId).parts.map(drawn)),

  spotPlaces(rig: RigSpec, stanceId: string) {
    const posed = poseRig(rig, stanceId);
    return placedSpots(rig).map((placed) => {
      const { position, rotation } = worldFromSpot(posed, placed);
      const { id, name, note, surface, cautions, partId } = placed.spot;
      return {
        id,
        name,
        note,
        surface,
        cautions,
        partId,
        position,
        normal: [rotation[1], rotation[4], rotation[7]] as const,
      };
    });
  },

  /** Top of each part in its own frame: where a spot of one's own comes without a click. */
  partTops(rig: RigSpec) {
    const own = poseRig(rig, SET_UP_STANCE_ID).parts.filter((part) => part.group !== 'subject');
    return own.flatMap(({ id, name, mesh, worldFromPart }) => {
      const { min, max } = meshBounds(mesh);
      const centre: Vec3 = [(min[0] + max[0]) / 2, (min[1] + max[1]) / 2, (min[2] + max[2]) / 2];
      const down = rotate(inverseRotation(worldFromPart.rotation), [0, -1, 0]);
      const found = surfacePoint(mesh, addScaled(centre, down, -20), down);
      return found ? [{ partId: id, name, point: found.point, normal: found.normal }] : [];
    });
  },

  /** The strut's meshes and its lens in one stance, for the view in the round. */
  strut(rig: RigSpec, setUp: SetUp, stanceId: string) {
    const resolved = resolveSetUp(rig, setUp);
    const pose = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), poseRig(rig, stanceId));
    const { lens } = resolved;
    const corners = [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ].flatMap(([u, v]): Vec3[] => {
      const direction = unprojectPixelToDirection(lens, { u: u! * lens.widthPx, v: v! * lens.heightPx });
      return direction ? [direction] : [];
    });
    return { meshes: ownParts(resolved, pose).map(drawn), worldFromCamera: pose.worldFromCamera, corners };
  },

  /** The plainest strut at a spot, aimed for the intent, with the camera and mode of another set-up; null when nothing fits. */
  startAt(
    rig: RigSpec,
    intentId: string,
    actionStanceId: string,
    horizonAt: number | null,
    spotId: string,
    like: SetUp,
  ) {
    const intent = intentOf(intentId);
    const plain = plainSetUp(rig, spotId, {
      cameraId: like.cameraId,
      modeId: like.modeId,
      stabiliserId: like.stabiliserId,
    });
    const height = intent.horizonBand ? (horizonAt ?? heightsInBand(intent.horizonBand)[0]!) : null;
    return plain && (aimedSetUp(rig, plain, intent, actionStanceId, height) ?? plain);
  },

  /** Why bases of the kit cannot go on a spot, by base id; null where they can. */
  baseRefusals(rig: RigSpec, spotId: string): Record<string, string | null> {
    const surface = placedSpots(rig).find((p) => p.spot.id === spotId)!.spot.surface;
    return Object.fromEntries(kitWith(rig.ownKit).bases.map((base) => [base.id, baseRefusal(base, surface)]));
  },

  /** Contacts out of reach, by the stances asked for. */
  reachProblems: (rig: RigSpec, stanceIds: readonly string[]) =>
    stanceIds.flatMap((stanceId) => {
      const stance = resolveRig(rig).machine.stances.find((s) => s.id === stanceId)!.name;
      return poseRig(rig, stanceId).problems.map((problem) => ({ stance, ...problem }));
    }),

  steady: (question: ShotQuestion, deep: boolean) => steadyReport(question, { deep, spectra: true }),

  holdClear: (question: ShotQuestion, deep: boolean) =>
    holdClear(question, steadyReport(question, { deep: false }), { deep }),

  steadySchools: (question: ShotQuestion) => schoolsOf(shakeQuestionOf(question)),

  speedSweep: (question: ShotQuestion) => speedSweep(shakeQuestionOf(question)),

  mountCurve: (question: ShotQuestion, whatIf: WhatIf) => mountCurve(shakeQuestionOf(question), whatIf),

  /** What stands out in a log, and how the spot differs from the model. */
  compareLog(question: ShotQuestion, log: ReadLog) {
    const { measured, ...asked } = shakeQuestionOf(question);
    void measured;
    const scene = shakeScene(asked);
    const known = knownFrequencies(asked.rig, asked.ride, scene, shakeIn(scene));
    return {
      lines: dominantLines(log.frequencyHz, log.up, known),
      bands: calibrate(log, scene.motion),
    };
  },

  card: (outing: Outing, shot: Shot, units: UnitSystem) => cardContent(outing, shot, units),

  parseOuting: (text: string) => parseOuting(text),

  sideElevation: (rig: RigSpec, setUp: SetUp) => sideElevation(rig, setUp),

  correct(question: ShotQuestion, marks: { left: { u: number; v: number }; right: { u: number; v: number } }) {
    const { rig, setUp, actionStanceId, horizonAt } = question;
    return correctFromClip(
      resolveSetUp(rig, setUp),
      poseRig(rig, SET_UP_STANCE_ID),
      poseRig(rig, actionStanceId),
      marks,
      horizonAt,
    );
  },
};

export type CoreWorker = typeof api;

expose(api);
