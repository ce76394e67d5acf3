import { minutesOf } from '../../physics/light/clock';
import { missingPiece, resolvePieces } from '../../posing/strut/resolveSetUp';
import { whyUnplaced } from '../../posing/rig/spots';
import type { PieceCounts } from '../outing/kitUse';
import { rigOfShot } from '../outing/outing';
import type { Outing } from '../outing/records/outingRecord';
import type { Shot } from '../outing/records/shotRecord';
import { bestOrder, timedOrder, type Job, type Ordered } from './bestOrder';
import { lapsOf, whyApart, type Lap } from './laps';
import { batteriesFor, filmingMinutes, rigMinutes, rigSteps, type RigStep } from './rigWork';
import { whyOf } from './why';

/** What a stretch of the day is for. */
export const BLOCK_NAMES = {
  start: 'Start',
  rig: 'Rig',
  film: 'Film',
  wait: 'Wait',
  rest: 'Rest',
  slack: 'Slack',
  end: 'Pack up',
} as const;

/** One stretch of the day. */
export interface DayBlock {
  readonly kind: keyof typeof BLOCK_NAMES;
  /** Minutes after midnight. */
  readonly from: number;
  readonly to: number;
  /** Shots that it is about; of a lap all of them. */
  readonly shotIds: readonly string[];
  readonly words: string;
  readonly steps: readonly RigStep[];
}

/** One day of an outing, from the first press to packing up. */
export interface DayPlan {
  /** 1 = the outing's date. */
  readonly day: number;
  readonly blocks: readonly DayBlock[];
  /** Shots in the order in which they are filmed. */
  readonly order: readonly string[];
  readonly laps: number;
  readonly rigMin: number;
  readonly filmMin: number;
  readonly waitMin: number;
  readonly lateMin: number;
  /** Shots that come before one that they should come after. */
  readonly misplaced: number;
  readonly endMin: number;
  /** What another order would come to: the shots as they stand in the list. */
  readonly asListed: { readonly rigMin: number };
  /** Why it is so, in words. */
  readonly why: readonly string[];
}

interface PlanOptions {
  /** Order of one's own, by shots; none = the best. */
  readonly order?: readonly string[];
  /** The shots' own hours do not bind. */
  readonly freeHours?: boolean;
  /** Of what is short no more is rigged at once. */
  readonly counts?: PieceCounts;
}

/** A shot whose hour is told may begin that much before and after it, minutes. */
const HOUR_WITHIN = 45;
/** At the start, at the end, and a rest after so long. Common practice, no source. */
const START_MIN = 15;
const END_MIN = 15;
const REST = { after: 120, minutes: 15 } as const;
/** Left free for what takes longer: such a share of what was worked, in steps of so many minutes. Common practice, no source. */
const SLACK = { share: 0.1, stepMin: 5 } as const;

/** Every day of an outing, planned; shots whose place or pieces are lost are left out. */
export function dayPlans(outing: Outing, options: PlanOptions = {}): readonly DayPlan[] {
  const whole = outing.shots.filter((shot) => {
    const rig = rigOfShot(outing, shot);
    return missingPiece(rig, shot.setUp) === null && whyUnplaced(rig, shot.setUp.spotId) === null;
  });
  const days = [...new Set(whole.map((shot) => shot.hour?.day ?? 1))].sort((a, b) => a - b);
  return days.map((day) =>
    planOf(
      outing,
      day,
      whole.filter((shot) => (shot.hour?.day ?? 1) === day),
      options,
    ),
  );
}

function planOf(outing: Outing, day: number, shots: readonly Shot[], options: PlanOptions): DayPlan {
  const { freeHours = false, counts = {} } = options;
  const laps = lapsOf(outing, shots, counts);
  // Asked for many thousand times: by numbers, the first row from nothing mounted.
  const kept = new Float64Array((laps.length + 1) * laps.length).fill(NaN);
  const between = (from: number | null, to: number): number => {
    const at = ((from ?? -1) + 1) * laps.length + to;
    const known = kept[at]!;
    if (!Number.isNaN(known)) return known;
    return (kept[at] = rigMinutes(outing, from === null ? null : laps[from]!, laps[to]!));
  };
  const lapOf = new Map(laps.flatMap((lap, i) => lap.map((shot) => [shot.id, i] as const)));
  const jobs = laps.map((lap, i): Job => {
    const minutes = Math.max(...lap.map((shot) => filmingMinutes(outing, shot)));
    const window = windowOf(lap, minutes, freeHours);
    const after = lap.flatMap((shot) => {
      const first = shot.after === undefined ? undefined : lapOf.get(shot.after);
      return first === undefined || first === i ? [] : [first];
    });
    return {
      minutes,
      ...(window ? { window } : {}),
      ...(after.length > 0 ? { after } : {}),
    };
  });
  // With hours that bind the day may begin before its usual start.
  const earliest = Math.min(
    minutesOf(outing.startsAt),
    ...jobs.flatMap(({ window }, i) => (window ? [window[1] - between(null, i) - START_MIN] : [])),
  );
  const startMin = Math.max(0, earliest);
  const listed = timedOrder(
    jobs,
    between,
    startMin + START_MIN,
    jobs.map((_, i) => i),
  );
  const own = options.order ? ownOrder(laps, options.order) : null;
  const best = bestOrder(jobs, between, startMin + START_MIN);
  const chosen = own ? timedOrder(jobs, between, startMin + START_MIN, own) : best;
  const rigOf = ({ order }: Ordered) => order.reduce((sum, to, k) => sum + between(order[k - 1] ?? null, to), 0);
  const blocks = blocksOf(outing, { laps, jobs, chosen, startMin });
  const end = blocks.at(-1)!;
  return {
    day,
    blocks,
    order: chosen.order.flatMap((i) => laps[i]!.map((shot) => shot.id)),
    laps: laps.length,
    rigMin: rigOf(chosen),
    filmMin: jobs.reduce((sum, { minutes }) => sum + minutes, 0),
    waitMin: blocks.filter(({ kind }) => kind === 'wait').reduce((sum, b) => sum + b.to - b.from, 0),
    lateMin: chosen.lateMin,
    misplaced: chosen.misplaced,
    endMin: end.to,
    asListed: { rigMin: rigOf(listed) },
    why: [
      ...whyOf(outing, {
        laps,
        chosen,
        savedMin: rigOf(listed) - rigOf(chosen),
        computed: own === null,
        timed: jobs.some(({ window }) => window),
      }),
      ...whyApart(outing, shots, counts),
    ],
  };
}

/** When a lap may begin: near the shots' own hour, where it binds, and within what tide or lift leave; the latter alone where they exclude each other. */
function windowOf(lap: Lap, minutes: number, freeHours: boolean): readonly [number, number] | null {
  const at = freeHours ? undefined : lap.find((shot) => shot.hour)?.hour?.at;
  const own = at === undefined ? null : ([minutesOf(at) - HOUR_WITHIN, minutesOf(at) + HOUR_WITHIN] as const);
  const only = lap.reduce<readonly [number, number] | null>((both, shot) => {
    if (!shot.only) return both;
    // It is filmed by then, not begun.
    const from = minutesOf(shot.only.from);
    const to = Math.max(from, minutesOf(shot.only.to) - minutes);
    return both ? [Math.max(both[0], from), Math.min(both[1], to)] : [from, to];
  }, null);
  if (!own || !only) return own ?? only;
  const both = [Math.max(own[0], only[0]), Math.min(own[1], only[1])] as const;
  return both[0] <= both[1] ? both : only;
}

/** Laps by the earliest of their shots in an order of one's own; what it does not name comes last. */
const ownOrder = (laps: readonly Lap[], order: readonly string[]): readonly number[] => {
  const placeOf = (lap: Lap) =>
    Math.min(...lap.map(({ id }) => (order.includes(id) ? order.indexOf(id) : order.length)));
  return laps.map((_, i) => i).sort((a, b) => placeOf(laps[a]!) - placeOf(laps[b]!) || a - b);
};

/** To whole steps of slack. */
const steps = (minutes: number): number => Math.round(minutes / SLACK.stepMin) * SLACK.stepMin;

interface Timed {
  readonly laps: readonly Lap[];
  /** Lap by lap. */
  readonly jobs: readonly Job[];
  readonly chosen: Ordered;
  readonly startMin: number;
}

function blocksOf(outing: Outing, { laps, jobs, chosen: { order, begins }, startMin }: Timed): readonly DayBlock[] {
  const blocks: DayBlock[] = [
    {
      kind: 'start',
      from: startMin,
      to: startMin + START_MIN,
      shotIds: [],
      words: 'Wipe lenses and surfaces, press, batteries and cards in',
      steps: [],
    },
  ];
  let [at, sinceRest, sinceSlack, pushed] = [startMin + START_MIN, 0, 0, 0];
  const push = (block: Omit<DayBlock, 'from' | 'to'>, minutes: number) => {
    if (minutes <= 0) return;
    blocks.push({ ...block, from: at, to: at + minutes });
    at += minutes;
    sinceRest += minutes;
    sinceSlack += minutes;
  };
  const waits = order.map((i, k) => {
    const ready = k === 0 ? at : begins[k - 1]! + jobs[order[k - 1]!]!.minutes;
    return begins[k]! - ready - rigMinutes(outing, k === 0 ? null : laps[order[k - 1]!]!, laps[i]!);
  });
  /** Minutes by which all that begins with a lap can be put off without any window being missed. */
  const roomBefore = (k: number): number => {
    let [room, absorbed] = [Infinity, 0];
    for (let j = k; j < order.length; j++) {
      absorbed += waits[j]!;
      const { window } = jobs[order[j]!]!;
      if (window) room = Math.min(room, window[1] - begins[j]! + absorbed - pushed);
    }
    return Math.max(0, room);
  };
  const putOff = (kind: 'rest' | 'slack', words: string, minutes: number) => {
    push({ kind, shotIds: [], words, steps: [] }, minutes);
    pushed += minutes;
  };
  const slack = (room: number) => {
    const wanted = Math.max(SLACK.stepMin, steps(sinceSlack * SLACK.share));
    const minutes = Math.min(wanted, Math.floor(room / SLACK.stepMin) * SLACK.stepMin);
    putOff('slack', 'Left free for what takes longer', minutes);
    if (minutes > 0) sinceSlack = 0;
  };
  const fresh = freshBatteries(outing);
  order.forEach((i, k) => {
    const lap = laps[i]!;
    const shotIds = lap.map((shot) => shot.id);
    const before = k === 0 ? null : laps[order[k - 1]!]!;
    const rig = rigMinutes(outing, before, lap);
    const names = lap.map((shot) => shot.name).join(' and ');
    // Whoever waits for the light rests meanwhile.
    const wait = Math.max(0, begins[k]! + pushed - (at + rig));
    if (wait > 0) {
      const absorbed = Math.min(pushed, wait);
      pushed -= absorbed;
      push({ kind: 'wait', shotIds, words: `Until the hour of ${names}`, steps: [] }, wait - absorbed);
      if (wait - absorbed >= REST.minutes) [sinceRest, sinceSlack] = [0, 0];
    } else if (sinceRest > REST.after && roomBefore(k) >= REST.minutes) {
      putOff('rest', 'Eat, look at the clips, wipe the lens', REST.minutes);
      slack(roomBefore(k));
      sinceRest = 0;
    }
    push(
      {
        kind: 'rig',
        shotIds,
        words: lap.length > 1 ? `Rig ${lap.length} cameras` : 'Rig',
        steps: [...rigSteps(outing, before, lap), ...fresh.before(lap)],
      },
      rig,
    );
    push({ kind: 'film', shotIds, words: names, steps: fresh.during(lap) }, jobs[i]!.minutes);
  });
  slack(Infinity);
  push({ kind: 'end', shotIds: [], words: 'Take everything off, count it, cards out, dry it', steps: [] }, END_MIN);
  return blocks;
}

/** Which laps a camera's battery does not last for, through a day that each camera begins with a full one. */
function freshBatteries(outing: Outing) {
  const left = new Map<string, number>();
  const step = (shot: Shot, words: string): RigStep => ({ shotId: shot.id, minutes: 0, words });
  const nameOf = (shot: Shot) => resolvePieces(rigOfShot(outing, shot), shot.setUp).camera.name.toLowerCase();
  return {
    /** In the minute in which battery and card are looked at. */
    before: (lap: Lap): readonly RigStep[] =>
      lap.flatMap((shot) => {
        const has = left.get(shot.setUp.cameraId) ?? 1;
        const takes = batteriesFor(outing, shot);
        if (has >= 1 || takes <= has) return [];
        left.set(shot.setUp.cameraId, 1);
        return [step(shot, `a full battery into the ${nameOf(shot)}`)];
      }),
    during: (lap: Lap): readonly RigStep[] =>
      lap.flatMap((shot) => {
        const has = left.get(shot.setUp.cameraId) ?? 1;
        const takes = batteriesFor(outing, shot);
        const more = Math.max(0, Math.ceil(takes - has - 1e-9));
        left.set(shot.setUp.cameraId, has + more - takes);
        return more > 0
          ? [step(shot, `${more === 1 ? 'one battery more' : `${more} batteries more`} on the way, at a stop`)]
          : [];
      }),
  };
}
