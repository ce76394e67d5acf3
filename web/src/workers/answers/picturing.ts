import { transfer } from 'comlink';
import {
  calibrateLens,
  covered,
  ownParts,
  portrait,
  poseRig,
  poseStrut,
  pictureLit,
  type PictureLight,
  kitPieceParts,
  kitWith,
  polariserOf,
  pictureSteps,
  seamOf,
  renderPortrait,
  type Ground,
  type KitKind,
  type OwnKit,
  type PortraitView,
  type RideConditions,
  resized,
  resolveSetUp,
  rowsFor,
  SET_UP_STANCE_ID,
  type RigSpec,
  type SetUp,
} from '@strut-spot/core';
import { inSlices } from './inSlices';

interface PictureRequest {
  readonly rig: RigSpec;
  readonly setUp: SetUp;
  readonly stanceId: string;
  readonly widthPx: number;
  /** Draw the whole picture before the stabiliser's crop. */
  readonly uncropped: boolean;
  /** With sun, clouds or lamps as they are then; none = as drawings are. */
  readonly light?: PictureLight;
}

function lensOf(rig: RigSpec, setUp: SetUp, uncropped: boolean) {
  const resolved = resolveSetUp(rig, setUp);
  if (!uncropped) return { resolved, lens: resolved.lens };
  const whole = calibrateLens({ ...resolved.mode.lens, crop: 1 });
  return { resolved, lens: setUp.mounting.startsWith('portrait') ? portrait(whole) : whole };
}

/** A fine picture lets what the hand asks for in between as often as that. */
const PAUSED_EVERY_MS = 12;

/** What a polarising filter leaves of what glass mirrors. */
const mirrored = ({ ownKit }: RigSpec, { polariser }: SetUp) =>
  polariser ? { mirrorLeft: polariserOf(kitWith(ownKit)).mirrorLeft?.value ?? 1 } : {};

function stepsOf({ rig, setUp, stanceId, widthPx, uncropped, light }: PictureRequest) {
  const { resolved, lens } = lensOf(rig, setUp, uncropped);
  const posed = poseRig(rig, stanceId);
  const strut = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), posed);
  return pictureSteps(
    [...posed.parts, ...ownParts(resolved, strut, posed)],
    strut.worldFromCamera,
    resized(lens, widthPx),
    covered(posed.ground, rig, light?.ride),
    widthPx,
    rowsFor(lens, widthPx),
    {
      ...(light ? pictureLit(resolved, posed.ground, light) : {}),
      seam: seamOf(resolved, strut),
      ...mirrored(rig, setUp),
    },
  );
}

/** How often fine pictures were dropped. */
let dropped = 0;

/** Pictures: through the lens, of a carrier, of a piece of the kit. */
export const picturing = {
  async picture(request: PictureRequest) {
    const picture = await inSlices(stepsOf(request), { everyMs: PAUSED_EVERY_MS });
    return transfer(picture, [picture.rgba.buffer]);
  },

  /** The same, which may be dropped on the way. @throws Error where it was */
  async finePicture(request: PictureRequest) {
    const mine = dropped;
    const pauses = { everyMs: PAUSED_EVERY_MS, stopped: () => mine !== dropped };
    const picture = await inSlices(stepsOf(request), pauses);
    if (!picture) throw new Error('the picture was dropped, as another is wanted');
    return transfer(picture, [picture.rgba.buffer]);
  },

  /** Ends the fine pictures that are under way. */
  dropPictures(): void {
    dropped++;
  },

  /** A carrier as somebody standing off sees it. */
  carrierPortrait(rig: RigSpec, stanceId: string, view: PortraitView, ride?: Pick<RideConditions, 'groundId'>) {
    const { parts, ground } = poseRig(rig, stanceId);
    const picture = renderPortrait(
      parts.filter((part) => part.group !== 'subject'),
      covered(ground, rig, ride),
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
};
