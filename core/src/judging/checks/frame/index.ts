import { wantedHorizon, type WantedHorizon } from '../../../posing/aiming/wantedHorizon';
import { turnedIntoPicture, type TurnedIn } from '../../../physics/clearance/turnedIntoPicture';
import type { FramedSetUp } from '../../../physics/framing/stanceFrame';
import { suitsIntent } from '../../../words/shot/intent';
import type { SetUp } from '../../../words/setUp/setUp';
import { findingsOf, worstFirst } from '../../../words/check/result';
import type { AddOnDefinition } from '../../../words/kit/addOn';
import { addOnAttempts, withoutAddOns } from '../../check/addOnAttempts';
import { aimedFor, cameraAttempts } from '../../check/cameraAttempts';
import type { Attempt, Check } from '../../check/check';
import type { ShotScene } from '../../scene/shotScene';
import { barred } from './barred';
import { bodyTiltAttempts } from './bodyTiltAttempts';
import { holdOffAttempts } from './holdOffAttempts';
import { frameTerm } from './frameTerm';
import { BAND_TOLERANCE, judgeFrame, ROLL_NOTICED_DEG, ROLL_WRONG_DEG } from './judgeFrame';
import { MISSED } from './limits';
import { turnedFinding } from './turnedFinding';

/** What is seen in every stance, and the angles that would bring what is wanted. */
export interface FrameReport extends Omit<FramedSetUp, 'resolved'> {
  /** Where the sky line is wanted; null where it does not matter. */
  readonly wanted: WantedHorizon | null;
  /** Set-up angles solved for the intent in the action stance; null where no tilt gives it. */
  readonly solved: SetUp['angles'] | null;
  /** What a powered gimbal's lens keeps then; null without one. */
  readonly solvedGimbalTiltDeg: number | null;
  /** What bars or a boom bring across the picture when they are turned. */
  readonly turnedIn: readonly TurnedIn[];
}

export const frame: Check<FrameReport> = {
  id: 'frame',
  name: 'Frame',
  question: 'Does the picture show what the shot is for, in every stance?',
  units: ['%', '°', 'm'],
  limits: [
    { what: 'of a wanted share, below it the shot is missed', value: MISSED * 100, unit: '%', source: 'estimate' },
    { what: 'of the height, sky line outside its band', value: BAND_TOLERANCE * 100, unit: '%', source: 'estimate' },
    { what: 'lean to the side that is noticed', value: ROLL_NOTICED_DEG, unit: '°', source: 'common practice' },
    { what: 'lean to the side that is wrong', value: ROLL_WRONG_DEG, unit: '°', source: 'common practice' },
  ],
  report(scene) {
    const { resolved, ...plain } = scene.framed();
    void resolved;
    const wanted = wantedHorizon(scene.question);
    const aimed = aimedAgain(scene, wanted);
    return {
      ...plain,
      wanted,
      solved: aimed?.angles ?? null,
      solvedGimbalTiltDeg: aimed?.gimbalTiltDeg ?? null,
      turnedIn: turnedIntoPicture(scene.question.rig, scene.resolved, scene.question.actionStanceId),
    };
  },
  judge({ solved, turnedIn }, scene) {
    const bar = barred(scene);
    if (bar) return worstFirst('frame', [bar]);
    const judged = judgeFrame(scene.framed(), scene.intent, solved?.tiltDeg ?? null, scene.zone);
    const turned = turnedFinding(turnedIn, scene.intent);
    // Where nothing can be said of the picture, what crosses it does not speak for it.
    const said = findingsOf(judged);
    return turned && said.length > 0 ? worstFirst('frame', [...said, turned]) : judged;
  },
  searchTerm: frameTerm,
  mend(scene, result) {
    const { setUp } = scene.question;
    const tries: Attempt[] = [];
    const blurred = findingsOf(result).find(({ id, verdict }) => id === 'focus' && verdict !== 'good');
    if (blurred) tries.push(...addOnAttempts(scene, nearLens, 'all that is far gets soft'));
    if (findingsOf(result).some(({ id }) => id === 'focus-far'))
      tries.push({
        id: 'no-close-up',
        text: 'take the close-up lens off',
        setUp: withoutAddOns(scene, nearLens)!,
        effort: 1,
        costs: 'a turn',
      });
    if (findingsOf(result).some(({ id }) => id === 'sunk' || id === 'pane')) tries.push(...holdOffAttempts(scene));
    if (findingsOf(result).some(({ id, verdict }) => id === 'seam' && verdict !== 'good'))
      tries.push(...bodyTiltAttempts(scene));
    const aimed = aimedAgain(scene, wantedHorizon(scene.question));
    if (aimed)
      tries.push({ id: 'aim', text: 'aim it anew', setUp: { ...setUp, ...aimed }, effort: 1, costs: 'a turn' });
    for (const mode of scene.resolved.camera.modes) {
      if (mode.id === setUp.modeId || !suitsIntent(mode, scene.intent)) continue;
      const changed = { ...setUp, modeId: mode.id };
      const other = aimedFor(scene, changed, wantedHorizon(scene.question)) ?? changed;
      tries.push({ id: `mode-${mode.id}`, text: `mode ${mode.name}`, setUp: other, effort: 1, costs: 'a setting' });
    }
    tries.push(...cameraAttempts(scene, () => true));
    return tries;
  },
};

const nearLens = ({ lens }: AddOnDefinition): boolean => (lens?.dioptres ?? 0) > 0;

const aimedAgain = (scene: ShotScene, wanted: WantedHorizon | null): SetUp | null =>
  aimedFor(scene, scene.question.setUp, wanted);
