import { advisedReport } from '../../src/judging/advice/advisedReport';
import { findingsOf } from '../../src/words/check/result';
import type { SetUp } from '../../src/words/setUp/setUp';
import { at, checkOf, holdAt, onHead, open, sheetFor, shotAt, spotsOf, steadyAt, verdictAt, wordsOf } from '../ask';
import { outcome, type OutcomeCase } from '../case';
import { talkingOn } from './talkingOn';

/** Where it ends up on boards, in buggies and cars: cases 6 and 14 to 20, and 31 on land. */
export const LAND_CASES: readonly OutcomeCase[] = [
  ...['snowboard', 'longboard', 'mountain-bike', 'skis'].map((machineId): OutcomeCase => ({
    id: `14 ${machineId}`,
    asked: `${machineId}, whole craft from outside`,
    expected: 'a pole in one free hand with the two-lens camera is offered',
    find() {
      const sheet = sheetFor(machineId, 'whole-craft');
      const hand = at(sheet, 'hand');
      return outcome(
        hand !== undefined && !hand.stopped && hand.candidate.setUp.links.some((l) => /pole/.test(l.linkId)),
        wordsOf(sheet),
      );
    },
  })),
  {
    id: '14 long',
    asked: 'mountain bike, whole rider from a pole of 3 m in one hand: on a trail, on private ground',
    expected: 'stopped on the trail; on private ground watch, with power lines named',
    find() {
      const on = (venueId: 'open-country' | 'private-ground') => {
        const question = shotAt('mountain-bike', 'hand', 'whole-craft', {
          ride: { venueId },
          setUp: {
            cameraId: 'two-lens-360',
            modeId: 'reframed-widest',
            links: [{ linkId: 'long-pole', lengthM: 3, bendDeg: 0, turnDeg: 0 }],
          },
        });
        return findingsOf(checkOf(question, 'clear')).find(({ id }) => id === 'long-pole');
      };
      const [trail, closed] = [on('open-country'), on('private-ground')];
      return outcome(
        trail?.verdict === 'stop' && closed?.verdict === 'watch' && /power lines/.test(closed.because),
        `${trail?.because} | ${closed?.because}`,
      );
    },
  },
  {
    id: '6 skis',
    asked: 'alpine skis, low and fast',
    expected: 'the boot in the first two, no place on the helmet; the skis themselves shake too much',
    find() {
      const sheet = sheetFor('skis', 'low-and-fast');
      const offered = spotsOf(open(sheet));
      return outcome(
        offered.slice(0, 2).includes('boot') && !offered.some((s) => onHead(s) || s.startsWith('ski-')),
        wordsOf(sheet),
      );
    },
  },
  {
    id: '17 shoulder',
    asked: 'coupé, over the shoulder',
    expected: 'between the heads first, no view of a seat back or the back of a head in the first two',
    find() {
      const sheet = sheetFor('coupe', 'over-the-shoulder');
      const first = open(sheet).slice(0, 2);
      return outcome(
        first[0]?.spotId === 'headrest' &&
          first.every(({ candidate: { facts } }) => (facts.shares.rider ?? 0) + (facts.shares.face ?? 0) < 0.25),
        wordsOf(sheet),
      );
    },
  },
  {
    id: '15 low',
    asked: 'buggy, low and fast',
    expected: 'the front bumper or the nose first, no place on the helmet',
    find() {
      const sheet = sheetFor('buggy', 'low-and-fast');
      const first = spotsOf(open(sheet));
      return outcome(['front-bumper', 'nose'].includes(first[0] ?? '') && !first.some(onHead), wordsOf(sheet));
    },
  },
  {
    id: '16',
    asked: 'buggy, dash and inside of the half screen',
    expected: 'both are there, and offered ahead or at the face',
    find() {
      const [ahead, face] = [sheetFor('buggy', 'clear-ahead'), sheetFor('buggy', 'look-back-at-the-face')];
      const offered = [...spotsOf(open(ahead), 99), ...spotsOf(open(face), 99)];
      return outcome(
        ['dash', 'screen-inside'].every((id) => offered.includes(id)),
        `${wordsOf(ahead)} | ${wordsOf(face)}`,
      );
    },
  },
  {
    id: '16 glass',
    asked: 'buggy, clear ahead from dash and from the inside of the half screen',
    expected: 'dirt and reflection cost the screen more than the dash',
    find() {
      const sheet = sheetFor('buggy', 'clear-ahead');
      const glass = (id: string) =>
        at(sheet, id)?.candidate.terms.find((term) => term.id === 'glass')?.value ?? Number.NaN;
      return outcome(
        glass('screen-inside') < glass('dash'),
        `dash keeps ${glass('dash').toFixed(2)}, screen ${glass('screen-inside').toFixed(2)}`,
      );
    },
  },
  {
    id: '15 whole',
    asked: 'buggy, whole craft from outside',
    expected: 'a braced pole with the two-lens camera first',
    find() {
      const sheet = sheetFor('buggy', 'whole-craft');
      const [first] = open(sheet);
      const setUp = first?.candidate.setUp;
      return outcome(
        setUp?.cameraId === 'two-lens-360' &&
          /pole/.test(setUp.baseId) &&
          setUp.links.some((l) => /pole/.test(l.linkId)),
        wordsOf(sheet),
      );
    },
  },
  {
    id: '15 face',
    asked: 'buggy, the face of who drives',
    expected: 'the cage over the screen first',
    find() {
      const sheet = sheetFor('buggy', 'look-back-at-the-face');
      return outcome(spotsOf(open(sheet))[0] === 'cage-front', wordsOf(sheet));
    },
  },
  {
    id: '15 follows',
    asked: 'buggy, who follows',
    expected: 'rear tube or rear of the cage in the first two',
    find() {
      const sheet = sheetFor('buggy', 'who-follows');
      return outcome(
        spotsOf(open(sheet), 2).some((id) => ['rear-tube', 'cage-rear'].includes(id)),
        wordsOf(sheet),
      );
    },
  },
  {
    id: '15 wound up',
    asked: 'buggy, tether on a bar of the cage',
    expected: 'no warning that the steering wheel winds it up',
    find() {
      const words = findingsOf(checkOf(shotAt('buggy', 'cage-front', 'clear-ahead'), 'clear')).map((f) => f.because);
      return outcome(
        !words.some((w) => /steering wheel turns .*wound/.test(w)),
        words.find((w) => /tether|turns/.test(w)) ?? 'none',
      );
    },
  },
  {
    id: '17',
    asked: 'coupé, the face of the driver',
    expected: 'never from behind the head; windscreen or dash first',
    find() {
      const sheet = sheetFor('coupe', 'look-back-at-the-face');
      const first = spotsOf(open(sheet));
      return outcome(
        ['dash', 'screen-inside', 'screen-outside'].includes(first[0] ?? '') &&
          !first.some((id) => ['headrest', 'rear-window'].includes(id)),
        wordsOf(sheet),
      );
    },
  },
  {
    id: '18',
    asked: 'coupé, full-size camera of 1.1 kg on the door at 130 km/h',
    expected: 'one cup stops, three pass',
    find() {
      const on = (baseId: string) =>
        verdictAt(
          shotAt('coupe', 'door', 'low-and-fast', {
            setUp: { cameraId: 'cage-camera', modeId: 'wide', stabiliserId: 'body', baseId },
            ride: { speedMps: 36 },
          }),
          'hold',
        );
      return outcome(
        on('suction-single') === 'stop' && on('suction-triple') !== 'stop',
        `one ${on('suction-single')}, three ${on('suction-triple')}`,
      );
    },
  },
  {
    id: '18 arms',
    asked: '4×4 on rough ground, full-size camera on a cup and one arm on the bonnet',
    expected: 'a second and third arm are proposed, steadier in at least 90 of 100, and bear more',
    find() {
      const one = shotAt('four-by-four', 'bonnet', 'low-and-fast', {
        setUp: {
          cameraId: 'cage-camera',
          modeId: 'wide',
          stabiliserId: 'body',
          baseId: 'suction-single',
          links: [{ linkId: 'stiff-arm', lengthM: 0.15, bendDeg: 10, turnDeg: 0 }],
        },
        ride: { speedMps: 8 },
      });
      const mend = advisedReport(one, { only: ['steady'] }).mends.find((m) => m.setUp?.furtherArms?.length === 2);
      const steadier = Number(/steadier in (\d+) of 100/.exec(mend?.text ?? '')?.[1] ?? 0);
      const least = (setUp: SetUp) => holdAt({ ...one, setUp }).weakest.margin;
      const [before, after] = [least(one.setUp), mend?.setUp ? least(mend.setUp) : 0];
      return outcome(
        steadier >= 90 && after > 1.5 * before,
        `${mend?.text ?? 'no further arms'}; bears ${before.toFixed(2)}, then ${after.toFixed(2)} times the worst load`,
      );
    },
  },
  ...['coupe', 'four-by-four'].map((machineId): OutcomeCase => ({
    id: `19 ${machineId}`,
    asked: `${machineId}, the way ahead over a strip of the bonnet`,
    expected: 'bonnet or outside of the windscreen first',
    find() {
      const sheet = sheetFor(machineId, 'strip-ahead');
      const [first] = spotsOf(open(sheet));
      return outcome(['bonnet', 'screen-outside'].includes(first ?? ''), wordsOf(sheet));
    },
  })),
  {
    id: '20',
    asked: '4×4, who follows',
    expected: 'beside the spare wheel first',
    find() {
      const sheet = sheetFor('four-by-four', 'who-follows');
      return outcome(spotsOf(open(sheet))[0] === 'spare-wheel', wordsOf(sheet));
    },
  },
  {
    id: '20 rocks',
    asked: '4×4 crawling over rocks, full-size camera: on three cups on the bonnet, and in the passenger’s hand',
    expected: 'the bonnet some four times as steady (3 to 6)',
    find() {
      const shaken = (spotId: string, setUp: Partial<SetUp>) => {
        const { px } = steadyAt(
          shotAt('four-by-four', spotId, 'clear-ahead', {
            setUp: { cameraId: 'cage-camera', modeId: 'wide', stabiliserId: 'body', ...setUp },
            ride: { groundId: 'rock-garden', speedMps: 0.7 },
          }),
        );
        return Math.hypot(px.jump / 14, px.jelly / 2.5, px.blur / 4);
      };
      const times = shaken('passenger-hand', {}) / shaken('bonnet', { baseId: 'suction-triple' });
      return outcome(times >= 3 && times <= 6, `${times.toFixed(1)} times`);
    },
  },
  talkingOn('mountain-bike'),
  talkingOn('longboard'),
];
