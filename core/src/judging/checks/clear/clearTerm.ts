import { transformPoint } from '../../../mathematics/geometry/pose';
import { clamp } from '../../../mathematics/units/angle';
import { hiddenByBox, levelEyes } from '../../../physics/clearance/sight';
import { besideHeadM } from '../../../physics/clearance/besideHead';
import { heightAboveGround } from '../../../posing/rig/groundHit';
import { machineTopM, overLand, underMachine, wornLow, wornOffM } from '../../../physics/clearance/clearReport';
import { headBurden } from '../../../physics/clearance/headBurden';
import { strikeInStances } from '../../../physics/clearance/strikes';
import { longPole } from '../../../physics/clearance/longPole';
import { onSpine } from '../../../physics/clearance/onSpine';
import { turningNear } from '../../../physics/clearance/turningNear';
import type { Sightlines } from '../../../physics/framing/sightlines';
import { chainJoints, poseStrut } from '../../../posing/strut/kinematics';
import { bodyCorners } from '../../../posing/strut/surfaceGap';
import type { Vec3 } from '../../../mathematics/geometry/vec3';
import { agree } from '../../../words/carrier/inSentences';
import { findingsOf, type Finding, type Verdict, worseOf } from '../../../words/check/result';
import type { Rejection } from '../../check/candidate';
import type { Judged, SearchTerm } from '../../check/check';
import type { ShotScene } from '../../scene/shotScene';
import { clearFound } from './clearFound';
import { contactVerdict, NEAR_M, STRIKES_M } from './findings/contactFindings';
import { hangsOver, STANDS_OFF_M, STANDS_OVER_M } from './findings/outsideFindings';
import { DRIVERS, SIGHT } from './findings/sightFindings';
import { judgeClear, type ClearSituation } from './judgeClear';
import { groundFinding, OUT_OF_THE_WAY_M } from './findings/groundFinding';
import { longPoleFinding } from './findings/longPoleFinding';
import { millimetres } from '../../../mathematics/units/millimetres';
import { nearestMoving } from './nearestMoving';

/** A body hides less of the middle of the field than its box: by so much too much is left to the full check. Share, estimate 0.06 to 0.12. */
const ROUNDER = 0.08;

export const clearSituation = ({ machine }: ShotScene): ClearSituation => ({
  family: machine.family,
  world: machine.world,
});

/** Whether something that moves comes at camera or strut, and whether the camera stands before the eyes. */
export const clearTerm: SearchTerm = {
  cost: 'cheap',
  atPlace(scene) {
    const { question, resolved, carrier, machine, ride } = scene;
    const pole = longPole(resolved, machine, ride);
    if (pole && !pole.controlled) {
      const { because, mend } = longPoleFinding(pole);
      return { check: 'clear', because, mend: mend!.text };
    }
    const { setUpRig } = carrier;
    const { worldFromSpot, worldFromBody } = poseStrut(resolved, setUpRig, setUpRig);
    const points = [
      ...chainJoints(resolved).map((joint) => transformPoint(worldFromSpot, joint)),
      worldFromBody.position,
    ];
    const low = scrapes(scene, [scene.pose.worldFromBody.position]);
    if (low?.verdict === 'stop') return { check: 'clear', because: low.because, mend: low.mend!.text };
    const near = turningNear(question.rig, setUpRig, resolved.placed.spot.partId, points, NEAR_M);
    return (
      near && {
        check: 'clear',
        because: `the ${near.partName} ${agree(near.partName, 'turns', 'turn')} ${Math.round(near.distanceM * 1000)} mm away and would meet camera or strut`,
        mend: 'another place, away from what turns',
      }
    );
  },
  judge: (scene) => (scene.sightlines ? roughly(scene, scene.sightlines) : measured(scene)),
};

/** What is said of its room over the ground where that is little; of the points that are given, in the action stance. */
function scrapes({ resolved, machine, ride, carrier, zone, pose }: ShotScene, points: readonly Vec3[]): Finding | null {
  const action = carrier.ridden[0]!.rig;
  if (zone !== null || !overLand(machine)) return null;
  const overM = Math.min(...points.map((point) => heightAboveGround(action.ground, point)));
  if (overM > OUT_OF_THE_WAY_M) return null;
  return groundFinding(overM, underMachine(resolved, machine, action, pose.worldFromBody.position, ride));
}

/** From the full report: every surface, every sweep. */
function measured(scene: ShotScene): Judged {
  const report = clearFound(scene);
  const result = judgeClear(report, clearSituation(scene));
  const verdict = result.verdict === "can't say" ? 'watch' : result.verdict;
  const [worst] = findingsOf(result);
  const near = report.approaches.find((a) => !a.sweeping?.own);
  return {
    verdict,
    rejection: verdict === 'stop' ? { check: 'clear', because: worst!.because, mend: worst!.mend?.text ?? null } : null,
    terms: [
      clearing({
        nearM: near?.distanceM ?? null,
        nearName: near?.partName ?? '',
        hidden: report.sight?.middleShare ?? 0,
        out: standingOut(report.above, report.besideHeadM ?? 0),
        family: scene.machine.family,
        worn: scene.zone !== null,
        branches: branchesAbout(scene),
        offM: report.standsOffM,
        amongPlants: report.wornLowM !== null,
        onSpine: report.onSpine,
        low: findingsOf(result).some(({ id, verdict }) => id === 'ground' && verdict === 'watch'),
      }),
    ],
  };
}

/** From what is cast already, and the stances alone. */
function roughly(scene: ShotScene, sightlines: Sightlines): Judged {
  const { resolved, pose, carrier, machine } = scene;
  const reject = (because: string, mend: string): Judged => ({
    verdict: 'stop',
    rejection: { check: 'clear', because, mend },
    terms: [],
  });
  const burden = scene.zone === 'head' ? headBurden(resolved.camera) : null;
  if (burden) return reject(burden, 'a lighter, smaller camera, or the chest');
  const near = nearestMoving(sightlines, resolved.placed.spot.partId);
  let verdict: Verdict = 'good';
  if (near) {
    // Seen from the lens: the body round it is met before.
    const beside = { ...near, distanceM: near.distanceM - Math.min(...resolved.camera.bodyM) / 2 };
    verdict = contactVerdict(beside);
    if (verdict === 'stop')
      return reject(
        `${near.partName} ${agree(near.partName, 'comes', 'come')} at the lens in ${near.stanceName.toLowerCase()}`,
        'another place, or farther out',
      );
  }
  const struck = strikeIn(scene);
  if (struck && 'because' in struck) return { verdict: 'stop', rejection: struck, terms: [] };
  if (struck) verdict = worseOf(verdict, 'watch');
  const action = carrier.ridden[0]!.rig;
  const hidden = action.eyes
    ? hiddenByBox(levelEyes(action.eyes, action.worldFromMachine), pose.worldFromBody, resolved.camera.bodyM)
    : 0;
  const bears = DRIVERS.includes(machine.family) ? SIGHT.driver : SIGHT.rider;
  if (hidden > bears.stop + ROUNDER)
    return reject(
      `it hides about ${Math.round(hidden * 100)} % of the middle of the field of view`,
      'out of the middle of the field of view',
    );
  const top = Math.max(
    ...action.parts.filter((p) => /^(head|helmet)/.test(p.id)).map((p) => p.worldFromPart.position[1]),
  );
  const [headTop, machineTop] = [top + 0.12, machineTopM(action)];
  const aboveM = Number.isFinite(top) ? pose.worldFromCamera.position[1] - Math.max(headTop, machineTop) : 0;
  const besideM = scene.zone === 'head' ? besideHeadM(resolved, pose, action) : 0;
  const out = standingOut({ what: machineTop > headTop ? 'machine' : 'head', byM: aboveM }, besideM);
  const met = hangsOver(
    out.over === 'machine' ? 'machine' : 'head',
    pose.worldFromCamera.position[1] - action.ground.point[1],
    machine.world,
  );
  const offM = wornOffM(resolved, pose, scene.zone !== null);
  const heightM = heightAboveGround(action.ground, pose.worldFromBody.position);
  const amongPlants = wornLow(scene.zone, machine, heightM) !== null;
  const low = scrapes(
    scene,
    bodyCorners(resolved).map((corner) => transformPoint(pose.worldFromBody, corner)),
  );
  if (low?.verdict === 'stop') return reject(low.because, low.mend!.text);
  const spine = onSpine(scene.question.rig, resolved, pose, action);
  if (
    spine ||
    amongPlants ||
    low?.verdict === 'watch' ||
    hidden > bears.watch ||
    (out.pastM > 0 && met) ||
    (offM ?? 0) > STANDS_OFF_M
  )
    verdict = worseOf(verdict, 'watch');
  return {
    verdict,
    rejection: null,
    terms: [
      clearing({
        nearM: struck ? 0 : (near?.distanceM ?? null),
        nearName: struck?.brushes ?? near?.partName ?? '',
        hidden,
        out,
        family: machine.family,
        worn: scene.zone !== null,
        branches: branchesAbout(scene),
        offM,
        amongPlants,
        onSpine: spine,
        low: low?.verdict === 'watch',
      }),
    ],
  };
}

/**
 * What touches counts less than what only comes near: an arm that brushes a mount on the body gives way with it, a hand that meets one on the
 * machine has work to do there. Common practice, no source.
 */
const TOUCHING = { worn: -0.1, mounted: -0.4 } as const;

/** What branches take where they begin to catch what is worn on a head, and where everything that hangs into a way is met. Common practice, no source. */
const CAUGHT = { begins: 0.15, ends: 0.5, endsM: 0.1 } as const;

/** What stands over the machine is brushed by branches where trails are narrow, and comes to less harm than a head. Estimate 0.3 to 0.7. */
const ON_A_MACHINE = 0.5;

const branchesAbout = ({ zone, machine, pose, carrier }: ShotScene): number => {
  if (zone !== null) return zone === 'head' && overLand(machine) ? 1 : 0;
  const [action] = carrier.ridden;
  const above = action !== undefined && pose.worldFromBody.position[1] > machineTopM(action.rig);
  return above && machine.world === 'trail' ? ON_A_MACHINE : 0;
};

interface StandingOut {
  /** Beside the head, over it, or over a cage or roof that stands higher. */
  readonly over: 'beside' | 'head' | 'machine';
  readonly byM: number;
  /** So much more than it may. */
  readonly pastM: number;
}

/** What stands out most: over head or machine, or beside the head. */
function standingOut(
  above: { readonly what: 'head' | 'machine'; readonly byM: number } | null,
  besideM: number,
): StandingOut {
  const beside: StandingOut = { over: 'beside', byM: besideM, pastM: besideM - STANDS_OVER_M.head };
  if (!above) return beside;
  const { what, byM } = above;
  const over: StandingOut = { over: what, byM, pastM: byM - STANDS_OVER_M[what] };
  return beside.pastM > over.pastM ? beside : over;
}

/** What plants take of what is worn on a boot: off after each take. Common practice, no source. */
const PLANTS_TAKE = 0.25;

/** What the ground takes of what hangs just over it. Common practice, no source. */
const LOW_TAKES = 0.25;

/** Under the spine in a fall. Common practice, no source. */
const SPINE_TAKES = 0.3;

/** How free it stands: room round it, sight left free, what stands out over and beside the head; less the farther it stands off a body. */
function clearing(at: {
  nearM: number | null;
  nearName: string;
  hidden: number;
  out: StandingOut;
  family: ClearSituation['family'];
  worn: boolean;
  /** How far branches catch what stands out: 1 on a head. */
  branches: number;
  offM: number | null;
  /** Worn as low as plants grow. */
  amongPlants: boolean;
  onSpine: boolean;
  /** So low that the ground may come up to it. */
  low: boolean;
}) {
  const bears = DRIVERS.includes(at.family) ? SIGHT.driver : SIGHT.rider;
  const touching = at.worn ? TOUCHING.worn : TOUCHING.mounted;
  // From free at 0.15 m to what touches, evenly.
  const room =
    at.nearM === null
      ? 1
      : at.nearM >= NEAR_M
        ? clamp((at.nearM - NEAR_M) / 0.15, 0, 1)
        : touching * (1 - clamp((at.nearM - STRIKES_M) / (NEAR_M - STRIKES_M), 0, 1));
  const caught =
    at.out.pastM > 0
      ? at.branches * (CAUGHT.begins + (CAUGHT.ends - CAUGHT.begins) * clamp(at.out.pastM / CAUGHT.endsM, 0, 1))
      : 0;
  const standsOut = 0.2 * clamp(at.out.pastM / 0.5, 0, 1);
  const hides = 0.3 * clamp(at.hidden / bears.stop, 0, 1);
  const comesNear =
    at.nearM === null
      ? 'nothing that moves comes near'
      : at.nearM < STRIKES_M
        ? `${at.nearName} ${agree(at.nearName, 'touches', 'touch')} it`
        : `${at.nearName} ${agree(at.nearName, 'comes', 'come')} within ${millimetres(at.nearM)}`;
  // What costs most is told.
  const { text } = [
    { takes: 0.5 * (1 - room), text: comesNear },
    {
      takes: at.hidden > 0.01 ? hides : 0,
      text: `it hides ${Math.round(at.hidden * 100)} % of the middle of the field of view`,
    },
    {
      takes: standsOut + caught,
      text: `it stands ${millimetres(at.out.byM)} ${at.out.over === 'beside' ? 'out beside the head' : `over the ${at.out.over}`}${at.branches > 0 ? ', where branches catch it' : ''}`,
    },
    { takes: at.amongPlants ? PLANTS_TAKE : 0, text: 'plants rip it out: off after the take' },
    { takes: at.low ? LOW_TAKES : 0, text: 'little room over the ground' },
    { takes: at.onSpine ? 1 - SPINE_TAKES : 0, text: 'under the spine in a fall backward' },
  ].reduce((a, b) => (b.takes > a.takes ? b : a));
  return {
    id: 'clear',
    value:
      (0.5 * room + 0.3 - hides + 0.2 - standsOut) *
      (1 - caught) *
      Math.min(1, STANDS_OFF_M / (at.offM ?? 0)) *
      (at.amongPlants ? 1 - PLANTS_TAKE : 1) *
      (at.low ? 1 - LOW_TAKES : 1) *
      (at.onSpine ? SPINE_TAKES : 1),
    text,
  } as const;
}

/** Whether the arm or the body, not the lens alone, is met in a stance: what rejects it, or the name of what only brushes it. The full check finds it by itself. */
function strikeIn(scene: ShotScene): Rejection | { readonly brushes: string } | null {
  const { setUpRig, ridden } = scene.carrier;
  const stances = ridden.map(({ stance, rig }) => ({ name: stance.name, rig }));
  let brushes: string | null = null;
  for (const struck of strikeInStances(scene.resolved, setUpRig, stances, STRIKES_M)) {
    if (contactVerdict(struck) !== 'stop') brushes ??= struck.partName;
    else
      return {
        check: 'clear',
        because: `${struck.partName} strikes camera or strut in ${struck.stanceName.toLowerCase()}`,
        mend: 'another place, a shorter strut or another turn of it',
      };
  }
  return brushes === null ? null : { brushes };
}
