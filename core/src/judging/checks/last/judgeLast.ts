import { worstFirst, type CheckResult, type Finding, type Verdict } from '../../../words/check/result';
import { UNDERSTOOD_DB } from '../../../physics/lasting/sound';
import type { Dirt } from '../../../physics/lasting/onTheGlass';
import { USUAL_USE } from '../../../words/shot/use';
import type { ShotScene } from '../../scene/shotScene';
import { BREATH_BELOW_C, IN_REACH, type LastFound } from './lastFound';

/** Oftener than that a look at the lens costs the ride, minutes. Common practice, no source. */
export const LOOK_MIN = 10;
/** Of what legs or arms give, and of a glide ratio, that is felt. Common practice, no source. */
export const FELT = { effort: 0.02, glide: 0.5 } as const;
/** Inside it is so loud that people wear headsets. */
const LOUD_INSIDE_DB = 80;
/** In the cold spare batteries are kept on the body. */
const COLD_C = 5;

const minutes = (min: number): string => {
  if (min >= 90) return `${(min / 60).toFixed(1)} h`;
  return min < 1 ? `${Math.max(1, Math.round(min * 60))} s` : `${Math.round(min)} min`;
};
const count = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : what.endsWith('y') ? '' : 's'}`;
const batteries = (n: number): string => `${n} ${n === 1 ? 'battery' : 'batteries'}`;

function batteryFindings({ power }: LastFound, { ride, resolved, question: { use } }: ShotScene): Finding[] {
  const { camera } = resolved;
  const cold = ride.temperatureC < COLD_C;
  const spares = camera.lasting.swaps
    ? `take ${batteries(power.batteries)} along${cold ? ', the spares warm on your body' : ''}`
    : 'charge it at the stops: its battery cannot be changed';
  const told = `${minutes(power.recordMin)} of recording at ${power.recordingW.toFixed(1)} W${power.waitMin > 0.5 && power.waitingW > 0 ? ` and ${minutes(power.waitMin)} of waiting at ${power.waitingW.toFixed(1)} W` : ''} take ${power.neededWh.toFixed(1)} Wh`;
  const each = `one battery gives ${power.usableWh.toFixed(1)} Wh at ${Math.round(ride.temperatureC)} °C, ${minutes(power.minutesABattery)} of recording (estimate, a third either way)`;
  const findings: Finding[] = [
    {
      id: 'batteries',
      label: 'batteries needed',
      verdict: power.batteries > power.have ? 'watch' : 'good',
      value: power.batteries,
      unit: '',
      limit: [null, power.have],
      margin: power.have - power.batteries,
      because:
        power.fedWh > 0
          ? `${told}, ${Math.min(power.fedWh, power.neededWh).toFixed(1)} Wh of it from outside; ${each}`
          : `${told}; ${each}`,
      mend: power.batteries > power.have ? { text: spares } : null,
    },
  ];
  const stintMin = Math.min(use?.stintMin ?? USUAL_USE.stintMin, power.recordMin + power.waitMin);
  if (power.fedWh === 0 && power.stintWh > power.usableWh) {
    const lastsMin = (stintMin * power.usableWh) / power.stintWh;
    findings.push({
      id: 'stint',
      label: 'from one stop to the next',
      verdict: 'stop',
      value: stintMin,
      unit: 'min',
      limit: [null, lastsMin],
      margin: lastsMin - stintMin,
      because: `it is empty after ${minutes(lastsMin)}, and the next stop comes after ${minutes(stintMin)}`,
      mend: { text: `stop every ${minutes(lastsMin)} for a fresh battery, or switch it off between takes` },
    });
  }
  return findings;
}

function cardFinding({ power }: LastFound): Finding {
  const full = power.gb > power.cardGb;
  return {
    id: 'card',
    label: 'card',
    verdict: full ? 'watch' : 'good',
    value: power.gb,
    unit: 'GB',
    limit: [null, power.cardGb],
    margin: power.cardGb - power.gb,
    because: `${minutes(power.recordMin)} in this mode; the card holds ${minutes(power.minutesACard)}`,
    mend: full
      ? { text: `take ${count(Math.ceil(power.gb / power.cardGb), 'card')} of ${power.cardGb} GB, and one spare` }
      : null,
  };
}

function heatFinding({ warm, start }: LastFound, { question: { use, seconds }, intent }: ShotScene): Finding {
  const hot = warm.riding.endC > warm.limitC;
  const runMin = start === 'running' ? (use?.stintMin ?? USUAL_USE.stintMin) : (seconds ?? intent.seconds) / 60;
  const still = Number.isFinite(warm.still.limitMin)
    ? `recording in still air it switches off after about ${minutes(warm.still.limitMin)}: stop it when you stop`
    : 'standing still it bears it too';
  const verdict: Verdict = hot ? (warm.riding.limitMin < runMin ? 'stop' : 'watch') : 'good';
  return {
    id: 'heat',
    label: 'warmth of its body',
    verdict,
    value: warm.riding.endC,
    unit: '°C',
    limit: [null, warm.limitC],
    margin: warm.limitC - warm.riding.endC,
    because: hot
      ? `under way it switches off after about ${minutes(warm.riding.limitMin)}; ${still} (estimate)`
      : `under way it settles at ${Math.round(warm.riding.endC)} °C; ${still} (estimate)`,
    mend: hot
      ? { text: 'out of the sun or into the wind, takes in place of running through, fewer pictures a second' }
      : null,
  };
}

function mistFindings({ mist }: LastFound, { ride }: ShotScene): Finding[] {
  const findings: Finding[] = [];
  if (mist.minutes > 0)
    findings.push({
      id: 'mist',
      label: 'mist on the lens',
      verdict: 'watch',
      value: mist.minutes,
      unit: 'min',
      limit: [null, 0],
      margin: -mist.minutes,
      because: `it comes out at ${Math.round(mist.glassC)} °C, and the air settles on all that is colder than ${Math.round(mist.dewC)} °C`,
      mend: { text: `unpack it ${minutes(Math.max(1, mist.minutes))} before, or warm it in the hand, then wipe` },
    });
  if (mist.breath)
    findings.push({
      id: 'breath',
      label: 'breath on the lens',
      verdict: 'watch',
      value: ride.temperatureC,
      unit: '°C',
      limit: [BREATH_BELOW_C, null],
      margin: ride.temperatureC - BREATH_BELOW_C,
      because: `your breath comes by, and at ${Math.round(ride.temperatureC)} °C it settles on the glass`,
      mend: { text: 'breathe out past it, a water-repellent wipe, or a place to the side of the mouth' },
    });
  return findings;
}

export const CLEAN: Readonly<Record<Dirt['kind'], string>> = {
  mud: 'rinse mud off with water, then dab: never rub it dry',
  water: 'a water-repellent wipe before, a soft cloth in a dry pocket',
  spray: 'a water-repellent wipe before, a lick and a dip clear drops, fresh water against salt',
  rain: 'a water-repellent wipe before, lens down between takes, a soft cloth in a dry pocket',
  snow: 'brush it off, never breathe on it, a cloth in a dry pocket',
  dust: 'blow it off before you wipe',
};

function lensFinding({ dirt, lookMin }: LastFound): Finding | null {
  const worst = dirt?.[0];
  if (!worst) return null;
  const often = lookMin < LOOK_MIN;
  return {
    id: 'lens',
    label: 'a clean lens',
    verdict: often ? 'watch' : 'good',
    value: lookMin,
    unit: 'min',
    limit: [LOOK_MIN, null],
    margin: lookMin - LOOK_MIN,
    because: `${
      worst.kind === 'dust'
        ? worst.from
        : `${worst.kind} from ${worst.from}`
            .replace(/^(rain|snow) from (rain|falling snow)$/, '$2')
            .replace(/^spray from spray$/, 'spray')
            .replace(/^snow from thrown snow$/, 'thrown snow')
    }: look at the lens about every ${minutes(lookMin)} (estimate, within a factor of three)`,
    mend: often ? { text: CLEAN[worst.kind] } : null,
  };
}

const BEARS = ['none', 'splashes', 'rain', 'dips'] as const;

/** What water comes to a camera there, by what it must bear. */
function waterFinding({ sheltered, lookMin, dirt }: LastFound, { ride, machine, resolved }: ShotScene): Finding | null {
  if (sheltered) return null;
  const [needs, because] = ((): [number, string] => {
    if (machine.world === 'water' && machine.family === 'board') return [3, 'it goes under with the board'];
    if (machine.world === 'water') return [2, 'spray comes over it'];
    if (ride.weatherId === 'rain') return [2, 'it rains on it'];
    if (ride.weatherId === 'snowfall') return [1, 'snow melts on it'];
    const wet = dirt?.some((d) => d.kind === 'mud' || d.kind === 'water') && lookMin < 60;
    return wet ? [1, 'it is splashed'] : [0, ''];
  })();
  const short = needs - BEARS.indexOf(resolved.camera.lasting.water);
  if (short <= 0) return null;
  return {
    id: 'water',
    label: 'water that it does not bear',
    verdict: short > 1 ? 'stop' : 'watch',
    value: short,
    unit: '',
    limit: [null, 0],
    margin: -short,
    because: `${because}; ${resolved.camera.name.toLowerCase()}: ${resolved.camera.weather}`,
    mend: { text: 'a camera that bears it, a waterproof case or a bag around its body, or a place under cover' },
  };
}

function doorFinding({ power }: LastFound, scene: ShotScene): Finding | null {
  const { ride, machine, resolved, question } = scene;
  if (power.fedWh === 0 || resolved.camera.lasting.fed !== 'open') return null;
  const wet = machine.world === 'water' || !['dry', 'dusty'].includes(ride.weatherId ?? 'dry');
  if (!wet) return null;
  return {
    id: 'door',
    label: 'fed with its door open',
    verdict: 'watch',
    value: 1,
    unit: '',
    limit: [null, 0],
    margin: -1,
    because: `its port is ${resolved.camera.port}: in the wet water gets in along the ${question.use?.feed === 'machine' ? 'cable' : 'power bank’s cable'}`,
    mend: { text: 'batteries in its place, or a door with a sealed hole and a loop in the cable that drips off' },
  };
}

/** Longer than that a cable wants tying down in several places. Common practice, no source. */
const CABLE_M = 1.5;

function cableFindings({ cable }: LastFound): Finding[] {
  if (!cable) return [];
  const long = cable.lengthM > CABLE_M;
  const way: Finding = {
    id: 'cable',
    label: 'cable',
    verdict: long ? 'watch' : 'good',
    value: cable.lengthM,
    unit: 'm',
    limit: [null, CABLE_M],
    margin: CABLE_M - cable.lengthM,
    because: `from ${cable.from}, along what it is tied to, with a loop against pulling`,
    mend: long ? { text: 'a power bank tied down beside the camera' } : null,
  };
  if (!cable.crosses) return [way];
  return [
    way,
    {
      id: 'cable-moves',
      label: 'ends of the cable that move apart',
      verdict: 'watch',
      value: 1,
      unit: '',
      limit: [null, 0],
      margin: -1,
      because: `it goes over to ${cable.crosses}`,
      mend: {
        text: 'leave a loop that bears the whole movement, or a plug that pulls out; or a power bank beside the camera',
      },
    },
  ];
}

function talkFinding({ sound, sheltered }: LastFound, { ask, question: { use } }: ShotScene): Finding | null {
  if (!ask.talking || sound.overDb === null || sound.voiceDb === null) return null;
  const over = sound.overDb;
  const loudest =
    sound.engineDb !== null && sound.engineDb > Math.max(sound.windDb, sound.rollingDb)
      ? `the engine’s ${Math.round(sound.engineDb)} dB`
      : sound.windDb > sound.rollingDb
        ? `the wind’s ${Math.round(sound.windDb)} dB in its microphone`
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
    because: `${heard}: ${Math.round(sound.voiceDb)} dB from ${sound.mouthM!.toFixed(2)} m over ${loudest}${use?.foam === false ? '' : ', with foam on the microphone'} (estimates, within 6 dB)`,
    mend:
      over >= UNDERSTOOD_DB.easily
        ? null
        : {
            text: `${sheltered && sound.engineDb !== null && sound.engineDb > LOUD_INSIDE_DB ? 'the intercom by cable, or ' : ''}a recorder in the pocket with its microphone at the collar, and a clap to join them`,
          },
  };
}

function reachFinding({ reach, start }: LastFound, { ask }: ShotScene): Finding | null {
  if (!Number.isFinite(reach.arms) || (!ask.reachable && start !== 'button')) return null;
  const out = reach.arms > IN_REACH;
  return {
    id: 'reach',
    label: 'arm’s lengths to its button',
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
function attentionFinding({ reach, start }: LastFound, { question }: ShotScene): Finding | null {
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

function burdenFinding({ burden }: LastFound): Finding | null {
  const { shareOfEffort, glideLost, dragN, dragW } = burden;
  if (shareOfEffort !== null) {
    const felt = shareOfEffort > FELT.effort;
    return {
      id: 'drag',
      label: 'of your effort against its drag',
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
function massFinding({ burden }: LastFound, { question: { use } }: ShotScene): Finding | null {
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

export function judgeLast(found: LastFound, scene: ShotScene): CheckResult {
  const findings = [
    ...batteryFindings(found, scene),
    cardFinding(found),
    heatFinding(found, scene),
    ...mistFindings(found, scene),
    lensFinding(found),
    waterFinding(found, scene),
    doorFinding(found, scene),
    ...cableFindings(found),
    talkFinding(found, scene),
    reachFinding(found, scene),
    attentionFinding(found, scene),
    burdenFinding(found),
    massFinding(found, scene),
  ];
  return worstFirst(
    'last',
    findings.flatMap((finding) => finding ?? []),
  );
}
