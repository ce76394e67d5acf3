import { UNDERSTOOD_DB } from '../../../physics/lasting/sound';
import { USUAL_USE } from '../../../words/shot/use';
import type { Finding } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';
import type { LastFound } from './lastFound';
import { IN_REACH } from './riderFound';

/** Of what legs or arms give, and of a glide ratio, that is felt. Common practice, no source. */
export const FELT = { effort: 0.02, glide: 0.5 } as const;

/** Inside it is so loud that people wear headsets. */
const LOUD_INSIDE_DB = 80;

export function talkFinding({ sound, shelter }: LastFound, { ask, question: { use } }: ShotScene): Finding | null {
  if (!ask.talking || sound.overDb === null || sound.voiceDb === null) return null;
  const over = sound.overDb;
  const loudest =
    sound.engineDb !== null && sound.engineDb > Math.max(sound.windDb, sound.rollingDb)
      ? `the engine’s ${Math.round(sound.engineDb)} dB`
      : sound.windDb > sound.rollingDb
        ? shelter === 'closed'
          ? `the ${Math.round(sound.windDb)} dB of the wind outside`
          : `the wind’s ${Math.round(sound.windDb)} dB in its microphone`
        : `the ${Math.round(sound.rollingDb)} dB of the ride`;
  const heard =
    over >= UNDERSTOOD_DB.easily
      ? 'you are heard'
      : over >= UNDERSTOOD_DB.atAll
        ? 'you are heard with effort'
        : 'you are not understood';
  return {
    id: 'talk',
    label: 'voice over all the rest',
    verdict: over >= UNDERSTOOD_DB.easily ? 'good' : 'watch',
    value: over,
    unit: 'dB',
    limit: [UNDERSTOOD_DB.easily, null],
    margin: over - UNDERSTOOD_DB.easily,
    because: `${heard}: ${Math.round(sound.voiceDb)} dB from ${sound.mouthM!.toFixed(2)} m over ${loudest}${use?.foam === false || shelter === 'closed' ? '' : ', with foam on the microphone'} (estimates, within 6 dB)`,
    mend:
      over >= UNDERSTOOD_DB.easily
        ? null
        : {
            text: `${shelter === 'closed' && sound.engineDb !== null && sound.engineDb > LOUD_INSIDE_DB ? 'the intercom by cable, or ' : ''}a recorder in the pocket with its microphone at the collar, and a clap to join them`,
          },
  };
}

/** For more than that of the ride the hand that films is wanted for something else: then it is told. Estimate 0.1 to 0.3. */
export const HAND_OFTEN = 0.2;

/** A hand that holds on most of the ride gives a few seconds at a time. */
export function handFinding({ handBusy }: LastFound, { carrier }: ShotScene): Finding | null {
  if (handBusy <= 0) return null;
  const often = handBusy > HAND_OFTEN;
  return {
    id: 'hand',
    label: 'of the ride for which that hand holds on',
    verdict: often ? 'watch' : 'good',
    value: handBusy * 100,
    unit: '%',
    limit: [null, HAND_OFTEN * 100],
    margin: (HAND_OFTEN - handBusy) * 100,
    because: often
      ? `the hand that films is wanted elsewhere for ${Math.round(handBusy * 100)} % of the ride: it films in ${carrier.ridden[0]!.stance.name.toLowerCase()}, for seconds at a time`
      : 'the hand that films is free for most of the ride',
    mend: often ? { text: 'a place that needs no hand, or short takes where it can be spared' } : null,
  };
}

export function foamFinding({ foam }: LastFound): Finding | null {
  if (!foam) return null;
  const margin = foam.edgeDeg - foam.pictureDeg;
  return {
    id: 'foam',
    label: 'foam outside of the picture',
    verdict: margin < 0 ? 'watch' : 'good',
    value: foam.edgeDeg,
    unit: '°',
    limit: [foam.pictureDeg, null],
    margin,
    because:
      margin < 0
        ? 'a ball of foam on the upper edge of the body comes into the picture (estimate)'
        : 'a ball of foam on the upper edge of the body stays out of the picture (estimate)',
    mend: margin < 0 ? { text: 'a flat piece of foam, tucked in behind the front edge, glued on overnight' } : null,
  };
}

export function reachFinding({ reach, start }: LastFound, { ask }: ShotScene): Finding | null {
  if (!Number.isFinite(reach.arms) || (!ask.reachable && start !== 'button')) return null;
  const out = reach.arms > IN_REACH;
  return {
    id: 'reach',
    label: 'reach of its button, in arm’s lengths',
    verdict: out ? 'watch' : 'good',
    value: reach.arms,
    unit: '',
    limit: [null, IN_REACH],
    margin: IN_REACH - reach.arms,
    because: out
      ? `its button is out of reach in the riding stance${reach.byOther ? '; somebody else on board can get at it' : ''}`
      : 'its button is in reach in the riding stance, with a gloved hand too',
    mend: out ? { text: 'a remote or the voice, or let it run from one stop to the next' } : null,
  };
}

/** Who drives or flies touches nothing under way. */
export function attentionFinding({ reach, start }: LastFound, { question }: ShotScene): Finding | null {
  if (!reach.driving || !Number.isFinite(reach.arms) || start === 'running') return null;
  const takes = question.use?.takes ?? USUAL_USE.takes;
  const touched = start === 'voice' || reach.byOther ? 0 : takes;
  return {
    id: 'attention',
    label: 'times that the driver touches it',
    verdict: touched > 0 ? 'watch' : 'good',
    value: touched,
    unit: '',
    limit: [null, 0],
    margin: -touched,
    because:
      touched > 0
        ? 'who drives or flies handles no camera under way, nor a remote'
        : start === 'voice'
          ? 'started by voice: hands and eyes stay where they are'
          : 'somebody else on board starts it',
    mend: touched > 0 ? { text: 'start it before you move off and let it run, or by voice' } : null,
  };
}

export function burdenFinding({ burden }: LastFound): Finding | null {
  const { shareOfEffort, glideLost, dragN, dragW } = burden;
  if (shareOfEffort !== null) {
    const felt = shareOfEffort > FELT.effort;
    return {
      id: 'drag',
      label: 'its drag, of your effort',
      verdict: felt ? 'watch' : 'good',
      value: shareOfEffort * 100,
      unit: '%',
      limit: [null, FELT.effort * 100],
      margin: (FELT.effort - shareOfEffort) * 100,
      because: `${dragN.toFixed(2)} N of drag, ${dragW.toFixed(1)} W at that speed (estimate)`,
      mend: felt ? { text: 'closer in, a smaller camera, or out of the wind behind something' } : null,
    };
  }
  if (glideLost === null) return null;
  const felt = glideLost > FELT.glide;
  return {
    id: 'drag',
    label: 'points of glide lost',
    verdict: felt ? 'watch' : 'good',
    value: glideLost,
    unit: '',
    limit: [null, FELT.glide],
    margin: FELT.glide - glideLost,
    because: `${dragN.toFixed(1)} N of drag at that speed against the weight of all that flies (estimate)`,
    mend: felt ? { text: 'inside the canopy, or a smaller camera close to the skin' } : null,
  };
}

/** A limit that was set by hand: racers count grams. */
export function massFinding({ burden }: LastFound, { question: { use } }: ShotScene): Finding | null {
  if (use?.mostKg === undefined) return null;
  const [grams, most] = [burden.massKg * 1000, use.mostKg * 1000];
  return {
    id: 'grams',
    label: 'grams with its strut',
    verdict: grams > most ? 'watch' : 'good',
    value: grams,
    unit: 'g',
    limit: [null, most],
    margin: most - grams,
    because: `${Math.round(grams)} g of camera, joint, links and base`,
    mend: grams > most ? { text: 'a lighter camera on tape or a plain base, fewer links' } : null,
  };
}
