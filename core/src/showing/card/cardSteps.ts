import { capital } from '../../words/carrier/inSentences';
import type { HoldReport } from '../../physics/holding/holdReport';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { BaseDefinition } from '../../words/kit/base';

/** One thing to do at the trailhead. */
export interface CardStep {
  readonly id: 'wipe' | 'put' | 'pull' | 'tether' | 'level' | 'record' | 'ride';
  /** In a word or two. */
  readonly name: string;
  readonly words: string;
  /** Something that takes its time, seconds, and what the time is for. */
  readonly timer?: { readonly seconds: number; readonly name: string };
}

/** How a base is put on so that it takes hold. Common practice, no source; what its own leaflet says counts first. */
function putWords({ kind }: BaseDefinition): { readonly words: string; readonly timer?: CardStep['timer'] } {
  switch (kind) {
    case 'adhesive':
      return {
        words: 'Press it down hard all over for half a minute, the edges last.',
        timer: { seconds: 30, name: 'Press' },
      };
    case 'suction':
      return {
        words: 'Press the air out, lock it, look at it again after five minutes: nothing may have crept.',
        timer: { seconds: 300, name: 'Look again' },
      };
    case 'clamp':
    case 'jaw':
    case 'bolt':
      return { words: 'Tighten it evenly, then try to turn it by hand.' };
    case 'strap':
    case 'harness':
      return { words: 'Draw it tight in the riding posture, tuck the ends away.' };
    default:
      return { words: 'See that it sits all round.' };
  }
}

/** Several arms to one camera. Common practice, no source. */
const FURTHER_WORDS =
  ' Put the other bases on likewise, with their arms loose; aim the camera, then tighten all joints a little at a time, in turns.';

/** What the steps say of this one card. */
interface StepWords {
  readonly place: string;
  readonly levelStep: string;
  readonly setUpStance: string;
  readonly pull: { readonly test: HoldReport['pullTest']; readonly words: string };
  /** What is done on that carrier: ride, drive, fly. */
  readonly goes: string;
}

/** What is done at the trailhead, in this order: the level comes after the pull, which may shift it. */
export function cardSteps(
  { base, camera, furtherArms, tether }: ResolvedSetUp,
  { place, levelStep, setUpStance, pull, goes }: StepWords,
): readonly CardStep[] {
  const put = putWords(base);
  return [
    {
      id: 'wipe',
      name: 'Wipe',
      words: `Wipe the lens, and the place where the ${base.name.toLowerCase()} goes: clean and dry.`,
    },
    {
      id: 'put',
      name: 'Put it on',
      words: `Put the ${base.name.toLowerCase()} on: ${place}. ${put.words}${furtherArms.length > 0 ? FURTHER_WORDS : ''}`,
      ...(put.timer ? { timer: put.timer } : {}),
    },
    {
      id: 'pull',
      name: 'Pull',
      words: `Pull at the ${camera.name.toLowerCase()} with a hand scale, ${pull.test.direction}: ${pull.words} for three seconds (${pull.test.factor} times the worst that is expected), then by hand in every direction: nothing may move.`,
      timer: { seconds: 3, name: 'Pull' },
    },
    {
      id: 'tether',
      name: 'Tether',
      words: tether?.anchor
        ? `Tether the camera itself: ${tether.definition.name.toLowerCase()} to the ${tether.anchor.name}, as short as on the card.`
        : 'Tether the camera itself to something that cannot leave, shorter than the way to any moving part.',
    },
    {
      id: 'level',
      name: 'Level',
      words: `Take the set-up stance: ${setUpStance}. ${levelStep}`,
    },
    { id: 'record', name: 'Record', words: 'Start the recording, see the lamp.' },
    {
      id: 'ride',
      name: 'Ten seconds',
      words: `${capital(goes)} ten seconds in the posture of the shot, look at the test clip, correct.`,
      timer: { seconds: 10, name: capital(goes) },
    },
  ];
}
