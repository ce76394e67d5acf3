import { PLANTS_M, type ClearReport } from '../../../physics/clearance/clearReport';
import { HEARD_WITHIN_M } from '../../../physics/clearance/noticed';
import type { Approach } from '../../../physics/clearance/strikes';
import type { WorldId } from '../../../words/carrier/land';
import type { CarrierFamily } from '../../../words/carrier/machine';
import { agree, inARow } from '../../../words/carrier/inSentences';
import { groundFinding } from './groundFinding';
import { longPoleFinding } from './longPoleFinding';
import { millimetres } from '../../../mathematics/units/millimetres';
import { tetherFindings } from './tetherFindings';
import { worseThan, worstFirst, type CheckResult, type Finding, type Verdict } from '../../../words/check/result';

/** Nearer than this it strikes; nearer than the second it may, as bodies give and figures are estimates. */
export const STRIKES_M = 0.004;
export const NEAR_M = 0.03;
/** Below a millimetre nothing is measured. */
const TOUCHES_M = 0.001;
/** What is worn stands no farther off than on a low base. Common practice, no source. Metres. */
export const STANDS_OFF_M = 0.1;
/**
 * Farther than this over or beside the head it catches branches that the head passes by, as one ducks for that; a roof or a cage does not duck. Common
 * practice, no source.
 */
export const STANDS_OVER_M = { head: 0.04, machine: 0 } as const;
const PAST_SIDES_M = 0.02;
const littleShare = (share: number): string => (share < 0.001 ? 'less than 0.1 %' : `${(share * 100).toFixed(1)} %`);

/** Of the middle of the field of view; drivers and pilots bear less. Common practice. */
export const SIGHT = { driver: { watch: 0.002, stop: 0.02 }, rider: { watch: 0.03, stop: 0.12 } } as const;
/** Of one mirror, or of the instruments. Common practice: none of it for a driver or pilot. */
const WATCHED = { driver: { watch: 0.02, stop: 0.1 }, rider: { watch: 0.1, stop: 1 } } as const;
export const DRIVERS: readonly CarrierFamily[] = ['car', 'aircraft'];
export const NECK_MINUTES = 60;

/** Who drives or rides. */
export interface ClearSituation {
  readonly family: CarrierFamily;
  readonly world: WorldId;
}

/** Lower than this nothing hangs over a road, metres: gates of car parks are from about 1.9 m on. Common practice, no source. */
const GATES_M = 1.9;

/** Whether branches or gates are at what stands over a head or a machine: trails are grown in, roads are clear up to some height. */
export const hangsOver = (what: 'head' | 'machine', topM: number, world: WorldId): boolean =>
  what === 'head' || world === 'trail' || topM > GATES_M;

/** Whether it is met softly: cloth and limbs that brush a camera are felt and lived with. */
const brushes = (near: Pick<Approach, 'soft'>): boolean => near.soft;

/** What something that comes near is called: hard things that meet strike, soft ones on a body brush. */
export const contactVerdict = (near: Pick<Approach, 'distanceM' | 'soft'>): Verdict =>
  near.distanceM < STRIKES_M ? (brushes(near) ? 'watch' : 'stop') : near.distanceM < NEAR_M ? 'watch' : 'good';

/** Does it strike, catch, hide or hang in somebody's way? */
export function judgeClear(report: ClearReport, { family, world }: ClearSituation): CheckResult {
  const findings: Finding[] = [];
  const add = (
    id: string,
    label: string,
    verdict: Verdict,
    value: number,
    unit: Finding['unit'],
    limit: Finding['limit'],
    because: string,
    mend: string | null = null,
  ) =>
    findings.push({
      id,
      label,
      verdict,
      value,
      unit,
      limit,
      margin: limit[1] === null ? value - (limit[0] ?? 0) : limit[1] - value,
      because,
      mend: mend ? { text: mend } : null,
    });
  const strike = (id: string, label: string, near: Approach, atWorst: Verdict) => {
    const { distanceM: d, partName, sweeping, stanceName } = near;
    const met = contactVerdict(near);
    const verdict = met === 'stop' ? atWorst : met;
    const meets = brushes(near)
      ? agree(partName, 'brushes', 'brush')
      : d < TOUCHES_M
        ? agree(partName, 'touches', 'touch')
        : agree(partName, 'strikes', 'strike');
    const how = sweeping ? `as the ${sweeping.name} ${sweeping.verb}` : `in ${stanceName.toLowerCase()}`;
    add(
      id,
      `${label}: ${partName}`,
      verdict,
      d,
      'm',
      [NEAR_M, null],
      `${partName} ${d < STRIKES_M ? `${meets} camera or strut` : `${agree(partName, 'comes', 'come')} within ${millimetres(d)} of camera or strut`} ${how}`,
      verdict === 'good'
        ? null
        : sweeping?.own === 'legs'
          ? 'turn the cranks once round by hand and look; another place, or another turn of the strut'
          : 'another place, a shorter strut or another turn of it',
    );
  };
  // What matters most first: something hard a little farther off counts before cloth that brushes.
  const nearest = report.approaches
    .filter((a) => !a.sweeping?.own)
    .reduce<Approach | undefined>(
      (worst, a) => (worst && !worseThan(contactVerdict(a), contactVerdict(worst)) ? worst : a),
      undefined,
    );
  if (nearest) strike('strike', 'nearest that moves', nearest, 'stop');
  else add('strike', 'nearest that moves', 'good', 0.6, 'm', [NEAR_M, null], 'nothing that moves comes within 0.6 m');
  // A head can be held back where bars and sails can't.
  const byHead = report.approaches.find((a) => a.sweeping?.own === 'head');
  if (byHead) strike('nod', 'as the head moves', byHead, 'watch');
  const byLegs = report.approaches.find((a) => a.sweeping?.own === 'legs');
  if (byLegs) strike('knees', 'as the legs pedal', byLegs, 'watch');
  if (report.waysOut.length > 0) {
    const byGap = [...report.waysOut].sort((a, b) => b.gapM - a.gapM);
    const [best, worst] = [byGap[0]!, byGap.at(-1)!];
    const verdict = best.gapM < 0 ? 'stop' : worst.gapM < 0 ? 'watch' : 'good';
    add(
      'way-out',
      'way out',
      verdict,
      worst.gapM,
      'm',
      [0, null],
      worst.gapM < 0
        ? `it stands in the way out by the ${worst.name}${best.gapM >= 0 ? `; the ${best.name} stays free` : ''}`
        : `every way out stays free, by ${millimetres(worst.gapM)} at the ${worst.name}`,
      verdict === 'good' ? null : 'out of the way of whoever has to get out',
    );
  }
  if (report.longPole) findings.push(longPoleFinding(report.longPole));
  if (report.tethered) findings.push(...tetherFindings(report.tethered));
  // Named it is judged as it is; the camera as it is mounted is still kept off what turns.
  if (report.turning && (!report.tethered || report.turning.distanceM < NEAR_M)) {
    const { partName, distanceM, neededM, tetherM, anchors } = report.turning;
    const turns = agree(partName, 'turns', 'turn');
    const away = distanceM < STRIKES_M ? 'right at it' : `${millimetres(distanceM)} away`;
    add(
      'tether',
      'tether beside what turns',
      distanceM < NEAR_M ? 'stop' : tetherM === null ? 'watch' : 'good',
      distanceM,
      'm',
      [neededM, null],
      tetherM === null
        ? `the ${partName} ${turns} ${away}: a loop would be wound up; ${anchors.length > 0 ? `a tie of 20 to 40 mm to the ${anchors[0]!}, or ` : ''}no tether and two fastenings that hold each by itself`
        : `the ${partName} ${turns} ${millimetres(distanceM)} away: a tether of at most ${millimetres(tetherM)}`,
      tetherM === null ? 'two independent fastenings, or a place away from what turns' : null,
    );
  }
  // On water and in the air there are no branches.
  if (report.above !== null && report.topM !== null && report.above.byM > -0.1) {
    const { what, byM } = report.above;
    const met = hangsOver(what, report.topM, world);
    const bears = STANDS_OVER_M[what];
    const verdict = met && byM > bears ? 'watch' : 'good';
    add(
      'branches',
      `height over the ${what}`,
      verdict,
      met ? byM : report.topM,
      'm',
      [null, met ? bears : GATES_M],
      `it stands ${millimetres(Math.abs(byM))} ${byM < 0 ? 'under the top of' : 'over'} the ${what}, ${report.topM.toFixed(2)} m over the ground${verdict === 'watch' ? `: branches${what === 'head' ? ', and duck by so much more' : ' and gateways'}` : ''}`,
    );
  }
  if (report.besideHeadM !== null && report.topM !== null && report.besideHeadM > 0) {
    const verdict = report.besideHeadM > STANDS_OVER_M.head ? 'watch' : 'good';
    add(
      'branches-beside',
      'width beside the head',
      verdict,
      report.besideHeadM,
      'm',
      [null, STANDS_OVER_M.head],
      `it stands ${millimetres(report.besideHeadM)} out beside head and helmet${verdict === 'watch' ? ': branches and door frames catch it' : ''}`,
    );
  }
  if (report.pastSidesM > -0.15) {
    add(
      'sides',
      'width past the sides',
      report.pastSidesM > PAST_SIDES_M ? 'watch' : 'good',
      report.pastSidesM,
      'm',
      [null, PAST_SIDES_M],
      report.pastSidesM > 0
        ? `it sticks out ${millimetres(report.pastSidesM)} further than rider and machine`
        : 'it stays within rider and machine',
    );
  }
  if (report.standsOffM !== null && report.standsOffM > STANDS_OFF_M) {
    add(
      'off',
      'off the body',
      'watch',
      report.standsOffM,
      'm',
      [null, STANDS_OFF_M],
      `it stands ${millimetres(report.standsOffM)} off what it is worn on: it catches, and is a lever in a fall`,
      'a shorter strut, or straight on its base',
    );
  }
  if (report.water) {
    const { clearM, nearestIn } = report.water;
    add(
      'water',
      'over the water',
      clearM < 0 ? 'watch' : 'good',
      clearM,
      'm',
      [0, null],
      clearM < 0
        ? `it dips ${millimetres(-clearM)} under the waves in ${nearestIn.toLowerCase()}: water loads it about 800 times as much as air`
        : `it stays ${millimetres(clearM)} over the waves, least in ${nearestIn.toLowerCase()}`,
    );
  }
  if (report.overGroundM !== null) findings.push(groundFinding(report.overGroundM, report.comesUp));
  if (report.room) {
    const { partName, roomM, standsM } = report.room;
    const leftM = roomM - standsM;
    add(
      'room',
      `under the ${partName}`,
      leftM < 0 ? 'stop' : leftM < STRIKES_M ? 'watch' : 'good',
      standsM,
      'm',
      [null, roomM],
      `with the ${partName} shut ${millimetres(roomM)} may stand there, this stands ${millimetres(standsM)}${leftM < STRIKES_M ? ': only what is meant to be pressed on is held by it' : ''}`,
      leftM < 0 ? 'a lower camera, or one that lies flat' : null,
    );
  }
  if (report.wornLowM !== null) {
    add(
      'plants',
      'worn low',
      'watch',
      report.wornLowM,
      'm',
      [PLANTS_M, null],
      `worn ${millimetres(report.wornLowM)} over the ground, where plants rip it out: take it off after the take`,
    );
  }
  if (report.sight) {
    const bears = DRIVERS.includes(family) ? SIGHT.driver : SIGHT.rider;
    const { share, middleShare, at } = report.sight;
    const verdict = middleShare > bears.stop ? 'stop' : middleShare > bears.watch ? 'watch' : 'good';
    add(
      'sight',
      'hidden from the eyes',
      verdict,
      middleShare * 100,
      '%',
      [null, bears.watch * 100],
      at
        ? `it hides ${littleShare(share)} of the field of view, ${littleShare(middleShare)} of its middle, about ${Math.round(Math.abs(at.rightDeg))}° ${at.rightDeg < 0 ? 'left' : 'right'} and ${Math.round(Math.abs(at.upDeg))}° ${at.upDeg < 0 ? 'down' : 'up'}`
        : 'it hides nothing from the eyes',
      verdict === 'good' ? null : 'out of the middle of the field of view',
    );
  }
  const [mostHidden] = report.watched;
  if (mostHidden) {
    const bears = DRIVERS.includes(family) ? WATCHED.driver : WATCHED.rider;
    const { hiddenShare } = mostHidden;
    const verdict = hiddenShare > bears.stop ? 'stop' : hiddenShare > bears.watch ? 'watch' : 'good';
    const hidden = report.watched.filter((w) => w.hiddenShare > bears.watch);
    add(
      'watched',
      'mirrors and instruments',
      verdict,
      hiddenShare * 100,
      '%',
      [null, bears.watch * 100],
      hidden.length > 0
        ? `it hides ${inARow(hidden.map((w) => `${Math.ceil(w.hiddenShare * 100)} % of the ${w.name}`))} from the eyes`
        : `it leaves ${inARow(report.watched.map((w) => `the ${w.name}`))} in sight`,
      verdict === 'good' ? null : 'beside or below what is looked at, or a shorter strut',
    );
  }
  if (report.reachShare !== null) {
    const out = report.reachShare > 1;
    add(
      'reach',
      'within reach',
      out ? 'watch' : 'good',
      report.reachShare * 100,
      '%',
      [null, 100],
      out
        ? 'its button is out of reach under way: start it before, by a remote or by voice'
        : 'its button can be reached; not while hands are needed',
      null,
    );
  }
  if (report.noticed) {
    const { seenShare, fromHeadM } = report.noticed;
    const heard = fromHeadM <= HEARD_WITHIN_M;
    const seen = seenShare > 0;
    // Seen it need not be heard: what is told is what decides.
    const [value, unit, limit] = seen
      ? ([seenShare * 100, '%', [0, null]] as const)
      : ([fromHeadM, 'm', [null, HEARD_WITHIN_M]] as const);
    add(
      'noticed',
      'seen or heard running',
      seen || heard ? 'good' : 'watch',
      value,
      unit,
      limit,
      seen
        ? `it can be seen under way${heard ? ', and its beep heard' : ''}`
        : heard
          ? `out of sight, but ${millimetres(fromHeadM)} from the head its beep is heard`
          : 'neither seen nor heard under way: look at it at every stop',
    );
  }
  if (report.liesOn !== null) {
    const { stanceName, partName } = report.liesOn;
    add(
      'lies',
      'lying on it',
      'stop',
      0,
      '',
      [null, 0],
      `in ${stanceName.toLowerCase()} whoever wears it lies on it, on the ${partName}: something hard under the body`,
      'the head, the mouth, or the machine itself',
    );
  }
  if (report.onSpine) {
    add(
      'spine',
      'on the back',
      'watch',
      1,
      '',
      [null, 0],
      'in a fall backward it lies under the spine: something hard under the body',
      'behind on the machine, or at the side of the pack',
    );
  }
  if (report.headBurden !== null) {
    add('head', 'on the head', 'stop', 0, '', [null, 0], report.headBurden, 'a lighter, smaller camera, or the chest');
  }
  if (report.neck !== null) {
    const { minutes, low, high, mostly } = report.neck;
    const tens = (m: number) => Math.max(5, m < 30 ? Math.round(m / 5) * 5 : Math.round(m / 10) * 10);
    add(
      'neck',
      'neck',
      minutes < NECK_MINUTES ? 'watch' : 'good',
      minutes,
      'min',
      [NECK_MINUTES, null],
      low === high
        ? 'so light that a neck hardly feels it'
        : `a neck bears it for about ${tens(minutes)} minutes (estimate, ${tens(low)} to ${tens(high)}); it is felt most in ${mostly}`,
    );
  }
  return worstFirst('clear', findings);
}
