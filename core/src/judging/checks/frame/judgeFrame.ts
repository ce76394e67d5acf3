import type { RiderZone } from '../../../posing/rig/riderZone';
import type { FramedSetUp, StanceFrame } from '../../../physics/framing/stanceFrame';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import {
  rangeMargin,
  worseOf,
  worstFirst,
  type CheckResult,
  type Finding,
  type Mend,
  type Verdict,
} from '../../../words/check/result';
import type { IntentDefinition, Want } from '../../../words/shot/intent';
import { inARow } from '../../../words/carrier/inSentences';
import { focusFinding } from './focus';
import { legsFinding } from './legsFinding';
import { MISSED } from './limits';
import { overShoulderFindings } from './overShoulder';
import { percentText } from './percentText';
import { seamFinding } from './seam';
import { craftSeen, faceSeen } from './viewpoint';
import { cutParts, measureWant, nearestOf, shortInAction, wantsHere } from './wants';

/** Farther off than this times what counts as close it is told. Estimate 1.1 to 1.5. */
const STILL_NEAR = 1.25;
/** The sky line this far outside its band, as a fraction of the picture's height, is still only worth a look. Estimate 0.05 to 0.12. */
export const BAND_TOLERANCE = 0.08;
/** The camera tilted sideways by more than this is noticed, and by more than the second is wrong. Common practice, no source. */
export const ROLL_NOTICED_DEG = 3;
export const ROLL_WRONG_DEG = 12;

const percent = (share: number): number => share * 100;

/** So much of a picture more than is wanted, in a corner or at an edge, is a blemish and no spoilt shot; and as much again as is wanted. Estimate 0.02 to 0.06. */
const AT_THE_EDGE = 0.04;

/** What is said of a share that is wanted within a range. */
export function shareVerdict(share: number, [low, high]: readonly [number, number]): Verdict {
  if (share >= low && share <= high) return 'good';
  if (share < low) return share >= low * MISSED ? 'watch' : 'stop';
  return share <= Math.max(high / MISSED, high + AT_THE_EDGE) ? 'watch' : 'stop';
}

function wantFinding(want: Want, framed: FramedSetUp): Finding {
  const riding = framed.stances.filter((s) => s.share > 0);
  const readings = riding.map((s) => ({ stance: s, ...measureWant(want, s.measures, framed.working) }));
  const total = riding.reduce((sum, s) => sum + s.share, 0);
  const share = readings.reduce((sum, r) => sum + r.stance.share * r.share, 0) / total;
  const worst = readings.reduce((a, b) =>
    rangeMargin(b.share, want.share) < rangeMargin(a.share, want.share) ? b : a,
  );
  let verdict = shareVerdict(share, want.share);
  const action = readings.find((r) => r.stance.stanceId === framed.actionStanceId);
  let place = '';
  if (want.heightBand && action?.height != null && verdict === 'good') {
    const [low, high] = want.heightBand;
    if (action.height < low || action.height > high) {
      verdict = 'watch';
      place = `; their middle lies ${Math.round(action.height * 100)} % down, wanted ${Math.round(low * 100)} to ${Math.round(high * 100)} %`;
    }
  }
  if (action && verdict === 'good' && shortInAction(want, action.stance.measures, framed.working) > 1 - MISSED) {
    verdict = 'watch';
    place += `; only ${percentText(action.share)} in the action stance, ${action.stance.name.toLowerCase()}`;
  }
  if (want.whole && verdict === 'good' && action && cutParts(want, action.stance.measures, framed.working).length > 0) {
    verdict = 'watch';
    place += `; cut off at the edge: ${inARow(cutParts(want, action.stance.measures, framed.working))}`;
  }
  const face = want.faceOn && action ? faceSeen(action.stance) : null;
  if (face && action) {
    verdict = worseOf(verdict, face.verdict);
    if (face.because) place += `; ${face.because} in ${action.stance.name.toLowerCase()}`;
  }
  const nearest = want.nearM === undefined || !action ? null : nearestOf(want, action.stance.measures, framed.working);
  if (nearest !== null && nearest > want.nearM! * STILL_NEAR) {
    verdict = worseOf(verdict, 'watch');
    place += `; ${nearest.toFixed(1)} m off it is no close-up, that is taken from ${want.nearM!.toFixed(1)} m or nearer`;
  }
  if (want.extent !== undefined && action && action.extent < want.extent) {
    verdict = worseOf(verdict, action.extent < want.extent * MISSED ? 'stop' : 'watch');
    place += `; it reaches over ${percentText(action.extent)} of the picture in ${action.stance.name.toLowerCase()}, ${percentText(want.extent)} is wanted: ${(action.extent / want.extent).toFixed(1)} times as near, or a lens so much narrower`;
  }
  const craft = want.ends !== undefined && action ? craftSeen(action.stance, want.ends) : null;
  if (craft && action) {
    verdict = worseOf(verdict, craft.verdict);
    for (const because of craft.because) place += `; ${because} in ${action.stance.name.toLowerCase()}`;
  }
  const whole = !craft || craft.because.length === 0;
  const held = face?.because
    ? 'a poor view of'
    : !whole
      ? 'not the whole of'
      : want.share[0] > 0
        ? 'enough of'
        : 'little enough of';
  const how = share < want.share[0] ? 'too little of' : share > want.share[1] ? 'too much of' : held;
  const none = share === 0 && worst.share === 0 && want.share[0] === 0;
  return {
    id: want.id,
    label: want.label,
    verdict,
    value: percent(share),
    unit: '%',
    limit: [want.share[0] > 0 ? percent(want.share[0]) : null, percent(want.share[1])],
    margin: percent(rangeMargin(share, want.share)),
    because: none
      ? `not in the picture, as wanted${place}`
      : `${how} ${want.label}: ${percentText(share)} of the picture over the ride, ${percentText(worst.share)} in ${worst.stance.name.toLowerCase()}${place}`,
    mend: null,
  };
}

const tiltMend = ({ setUp }: ResolvedSetUp, solvedTiltDeg: number | null): Mend | null => {
  if (solvedTiltDeg === null) return null;
  const by = solvedTiltDeg - setUp.angles.tiltDeg;
  if (Math.abs(by) < 0.5) return null;
  return { text: `tilt ${by > 0 ? 'up' : 'down'} ${Math.abs(by).toFixed(0)}°`, tiltDeg: solvedTiltDeg };
};

/** Does the picture show what the shot is for, over all stances? Pure; see docs/models.md, Frame. @param zone of the body that it is worn on; null = none */
export function judgeFrame(
  framed: FramedSetUp,
  intent: IntentDefinition,
  solvedTiltDeg: number | null,
  zone: RiderZone | null = null,
): CheckResult {
  const action = framed.stances.find((s) => s.stanceId === framed.actionStanceId);
  if (!action) return { check: 'frame', verdict: "can't say", missing: 'no action stance chosen' };
  const mend = tiltMend(framed.resolved, solvedTiltDeg);
  const findings: Finding[] = [];
  if (intent.horizonBand) findings.push(horizonFinding(framed, action, intent.horizonBand, mend));
  findings.push(rollFinding(action));
  for (const want of wantsHere(intent, framed)) {
    const finding = wantFinding(want, framed);
    findings.push(finding.verdict === 'good' ? finding : { ...finding, mend });
  }
  const others = [
    stillFinding(intent, framed, zone),
    lowFinding(intent, action, zone),
    ...(intent.fromBehind ? overShoulderFindings(action) : []),
    focusFinding(framed, intent, action),
    gimbalFinding(framed),
    legsFinding(framed),
    seamFinding(framed, intent, action),
  ];
  findings.push(...others.filter((finding) => finding !== null));
  return worstFirst('frame', findings);
}

function horizonFinding(
  framed: FramedSetUp,
  action: StanceFrame,
  band: readonly [number, number],
  mend: Mend | null,
): Finding {
  const height = action.measures.horizon.heightFraction;
  const margin = rangeMargin(height, band);
  const inBand = framed.stances.reduce(
    (sum, s) => sum + (rangeMargin(s.measures.horizon.heightFraction, band) >= -BAND_TOLERANCE ? s.share : 0),
    0,
  );
  const verdict: Verdict =
    margin >= 0 ? (inBand >= 0.5 ? 'good' : 'watch') : margin >= -BAND_TOLERANCE ? 'watch' : 'stop';
  const where =
    height < 0
      ? `above the picture in ${action.name.toLowerCase()}: the lens looks at the ground`
      : height > 1
        ? `below the picture in ${action.name.toLowerCase()}: the lens looks into the sky`
        : `${Math.round(height * 100)} % down the picture in ${action.name.toLowerCase()}`;
  const shown = Math.max(-999, Math.min(999, height * 100));
  return {
    id: 'horizon',
    label: 'horizon',
    verdict,
    value: shown,
    unit: '%',
    limit: [band[0] * 100, band[1] * 100],
    margin: Math.max(-999, margin * 100),
    because: `the horizon is ${where}, wanted ${Math.round(band[0] * 100)} to ${Math.round(band[1] * 100)} %; near its band for ${Math.round(inBand * 100)} % of the ride`,
    mend: verdict === 'good' ? null : mend,
  };
}

/** Lights are drawn out straight only by what stays on its course while the shutter is open. */
function stillFinding({ stillView }: IntentDefinition, { swung }: FramedSetUp, zone: RiderZone | null): Finding | null {
  if (!stillView || (zone === null && !swung)) return null;
  const who = zone === null ? 'it is swung about by hand' : zone === 'hand' ? 'a hand moves' : 'nobody keeps still';
  return {
    id: 'still',
    label: 'still while the shutter is open',
    verdict: 'stop',
    value: 1,
    unit: '',
    limit: [null, 0],
    margin: -1,
    because: `${who} while the shutter is open: lights come out as scribbles`,
    mend: { text: 'a place on the machine itself, or a tripod' },
  };
}

function rollFinding({ name, onItsHead, measures }: StanceFrame): Finding {
  const lean = measures.horizon.rollDeg;
  const size = Math.abs(lean);
  const wrong = size > ROLL_WRONG_DEG;
  const shared = { id: 'roll', label: 'level', unit: '°', limit: [-ROLL_NOTICED_DEG, ROLL_NOTICED_DEG] } as const;
  // The sky line looks the same turned by half; the picture does not.
  if (onItsHead)
    return {
      ...shared,
      verdict: wrong ? 'stop' : 'watch',
      value: 180 - size,
      margin: ROLL_NOTICED_DEG - (180 - size),
      because: `the picture stands on its head in ${name.toLowerCase()}`,
      mend: { text: 'turn it round in the camera’s menu or when you edit' },
    };
  return {
    ...shared,
    verdict: size <= ROLL_NOTICED_DEG ? 'good' : wrong ? 'stop' : 'watch',
    value: lean,
    margin: ROLL_NOTICED_DEG - size,
    because: `the horizon leans ${size.toFixed(1)}° in ${name.toLowerCase()}`,
    mend: size > ROLL_NOTICED_DEG ? { text: 'level the camera sideways in the set-up stance' } : null,
  };
}

/** Lower than this times what is asked is still worth a look. Estimate 1.2 to 1.6. */
export const STILL_LOW = 1.3;

/** A head is the highest place that a rider has: from there nothing is low, however low they sit. */
function lowFinding(
  { lensBelowM }: IntentDefinition,
  { lensHeightM, name }: StanceFrame,
  zone: RiderZone | null,
): Finding | null {
  if (lensBelowM === undefined) return null;
  const onHead = zone === 'head';
  return {
    id: 'low',
    label: 'height of the lens',
    verdict: onHead
      ? 'stop'
      : lensHeightM <= lensBelowM
        ? 'good'
        : lensHeightM <= lensBelowM * STILL_LOW
          ? 'watch'
          : 'stop',
    value: lensHeightM,
    unit: 'm',
    limit: [null, lensBelowM],
    margin: lensBelowM - lensHeightM,
    because: `the lens stands ${lensHeightM.toFixed(2)} m high in ${name.toLowerCase()}${onHead ? ', on the head, and looks about with it' : ''}; this kind of shot is taken below about ${lensBelowM.toFixed(1)} m${onHead ? ', from machine, boot or hip' : ''}`,
    mend: null,
  };
}

/** A powered gimbal keeps the horizon while it has range; where it runs out the picture is dragged along. */
function gimbalFinding(framed: FramedSetUp): Finding | null {
  if (!framed.resolved.camera.gimbal) return null;
  const out = framed.stances.filter((s) => s.share > 0 && s.gimbalRunsOut);
  const worst = out.reduce<StanceFrame | null>(
    (a, b) => (!a || b.gimbalRunsOut!.byDeg > a.gimbalRunsOut!.byDeg ? b : a),
    null,
  );
  const share = out.reduce((sum, s) => sum + s.share, 0);
  const by = worst?.gimbalRunsOut?.byDeg ?? 0;
  return {
    id: 'gimbal',
    label: 'gimbal range',
    verdict: !worst ? 'good' : share > 0.3 ? 'stop' : 'watch',
    value: by,
    unit: '°',
    limit: [null, 0],
    margin: -by,
    because: worst
      ? `its ${worst.gimbalRunsOut!.axis} runs out by ${by.toFixed(0)}° in ${worst.name.toLowerCase()}, ${Math.round(share * 100)} % of the ride in all: there the picture is dragged along`
      : 'it has range for every stance; centre it in the riding posture',
    mend: worst ? { text: 'turn the handle nearer to the riding posture, or take a spot that moves less' } : null,
  };
}
