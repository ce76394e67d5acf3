import { at, onHead, open, sheetFor, spotsOf, wordsOf } from '../ask';
import { outcome, type OutcomeCase } from '../case';
import { pieces } from '../../testing/asking';
import { stopWords } from '../sheet';

/** What an onlooker would laugh at, over many carriers. */
export const PLAIN_SENSE_CASES: readonly OutcomeCase[] = [
  {
    id: 'plain sense: face',
    asked: 'every carrier, look back at the face',
    expected: 'no first answer shows the back of a head',
    find() {
      const carriers = ['coupe', 'buggy', 'powerboat', 'light-aircraft', 'glider', 'kayak'];
      const faces = carriers.map((id) => {
        const [best] = open(sheetFor(id, 'look-back-at-the-face'));
        return { id, share: best?.candidate.facts.shares.face ?? 0, spot: best?.spotId ?? 'nothing' };
      });
      return outcome(
        faces.every((f) => f.share > 0.003),
        faces.map((f) => `${f.id} ${f.spot} ${(f.share * 100).toFixed(1)} %`).join(', '),
      );
    },
  },
  {
    id: 'plain sense: low',
    asked: 'aircraft, low and fast',
    expected: 'not on this carrier, with the height',
    find() {
      const reasons = ['glider', 'light-aircraft'].map(
        (id) => sheetFor(id, 'low-and-fast').spots[0]?.rejections[0]?.because ?? '',
      );
      return outcome(
        reasons.every((r) => /not on this carrier, because it goes \d+ m over the ground/.test(r)),
        reasons.join(' | '),
      );
    },
  },
  {
    id: 'plain sense: nobody',
    asked: 'multirotor, the face; mountain bike alone, somebody else',
    expected: 'nobody is on board; nobody else is framed',
    find() {
      const face = sheetFor('multirotor', 'look-back-at-the-face').spots[0]?.rejections[0]?.because ?? '';
      const other = sheetFor('mountain-bike', 'far-subject').spots[0]?.rejections[0]?.because ?? '';
      return outcome(/nobody is on board/.test(face) && /nobody else is framed/.test(other), `${face} | ${other}`);
    },
  },
  {
    id: 'plain sense: first answers',
    asked: 'clear ahead on bikes and boards',
    expected: 'the first place has no stop',
    find() {
      const carriers = ['mountain-bike', 'road-bike', 'motorcycle', 'longboard', 'snowboard'];
      const firsts = carriers.map((id) => sheetFor(id, 'clear-ahead'));
      return outcome(
        firsts.every((s) => s.places[0] && !s.places[0].stopped),
        firsts.map((s, i) => `${carriers[i]} ${spotsOf(s.places, 1).join()}`).join(', '),
      );
    },
  },
  {
    id: 'plain sense: whole',
    asked: 'paramotor, whole craft',
    expected: 'engine and pilot from the top of the cage first; from hip, boot and chest no whole figure is offered',
    find() {
      const spots = spotsOf(open(sheetFor('paramotor', 'whole-craft')), 6);
      return outcome(
        spots[0] === 'cage-top' && !spots.some((id) => ['hip', 'boot', 'chest', 'chest-side'].includes(id)),
        spots.join(', '),
      );
    },
  },
  {
    id: 'plain sense: boards',
    asked: 'skis, snowboard, over the shoulder',
    expected: 'not on this carrier: it is steered with the feet',
    find() {
      const reasons = ['skis', 'snowboard'].map(
        (id) => sheetFor(id, 'over-the-shoulder').spots[0]?.rejections[0]?.because ?? '',
      );
      return outcome(
        reasons.every((reason) => /steered with the feet/.test(reason)),
        reasons.join(' | '),
      );
    },
  },
  {
    id: 'plain sense: bars',
    asked: 'gravel and mountain bike, over the shoulder; gravel bike, ahead over a strip of it',
    expected:
      'bars are no cockpit, with what to ask for instead; the strip is there on the hoods, not only in the crouch',
    find() {
      const reasons = ['road-bike', 'mountain-bike'].map(
        (id) => sheetFor(id, 'over-the-shoulder').spots[0]?.rejections[0]?.because ?? '',
      );
      const [first] = open(sheetFor('road-bike', 'strip-ahead'));
      const frame = first?.exact.checks.find(({ check }) => check === 'frame');
      const strip = frame && 'findings' in frame ? frame.findings.find(({ id }) => id === 'machine') : undefined;
      return outcome(
        reasons.every((reason) => /no cockpit to look into: take “Hands and trail”/.test(reason)) &&
          strip?.verdict === 'good',
        `${reasons.join(' | ')}; ${first?.spotId}: ${strip?.because}`,
      );
    },
  },
  {
    id: 'plain sense: pedals',
    asked: 'aircraft, cars, kayak: a camera on the boot that works a pedal',
    expected: 'never, with the reason',
    find() {
      const carriers = ['glider', 'light-aircraft', 'coupe', 'four-by-four', 'kayak'];
      const reasons = carriers.map((id) => {
        const sheet = sheetFor(id, 'look-back-at-the-face', { only: ['boot'] });
        return sheet.places.length > 0 ? 'offered' : (sheet.spots[0]?.rejections[0]?.because ?? '');
      });
      return outcome(
        reasons.every((r) => /works a pedal/.test(r)),
        reasons.join(' | '),
      );
    },
  },
  {
    id: 'plain sense: drilled',
    asked: 'bikes, boards, hulls and cars, low and fast',
    expected: 'no place through which somebody would have to drill a bar, a deck, a hull or a panel',
    find() {
      const carriers = ['motorcycle', 'longboard', 'kayak', 'coupe'];
      const drilled = carriers.flatMap((id) =>
        sheetFor(id, 'low-and-fast')
          .places.filter((p) => p.candidate.setUp.baseId === 'bolted-plate')
          .map((p) => `${id} ${p.spotId}`),
      );
      return outcome(
        drilled.every((where) => where === 'motorcycle rear-fender'),
        drilled.join(', ') || 'none',
      );
    },
  },
  {
    id: 'plain sense: whole box',
    asked: 'everything in the box: car, kayak, glider, motorcycle, surfboard',
    expected:
      'no gimbal in the wind of a road or the air, no phone in spray, nothing soft at the end of a pole, no pole of metres in the hands',
    find() {
      const whole = (machineId: string, intentId: string, only: readonly string[]) =>
        open(sheetFor(machineId, intentId, { everything: true, only })).map(({ candidate: { setUp } }) => ({
          ...setUp,
          at: `${machineId} ${setUp.spotId}`,
        }));
      const windy = [
        ...whole('coupe', 'strip-ahead', ['bonnet', 'roof', 'screen-outside']),
        ...whole('glider', 'who-follows', ['wing-left']),
      ];
      const wet = whole('kayak', 'low-and-fast', ['bow-deck', 'fore-deck', 'stern-deck']);
      const poles = [
        ...whole('motorcycle', 'whole-craft', ['pack-top']),
        ...whole('surfboard', 'low-and-fast', ['both-hands']),
      ];
      const soft = ['soft-grommets', 'stiff-grommets', 'damper-plate', 'felt-pad'];
      const laughed = [
        ...windy.filter(({ cameraId }) => cameraId === 'pocket-gimbal'),
        ...wet.filter(({ cameraId }) => cameraId === 'phone' || cameraId === 'pocket-gimbal'),
        ...poles.filter(({ links }) => links.some(({ linkId, lengthM }) => soft.includes(linkId) || lengthM > 1.2)),
      ];
      return outcome(
        windy.length > 2 && wet.length > 1 && poles.length > 1 && laughed.length === 0,
        laughed.map(({ at, cameraId }) => `${at} ${cameraId}`).join(', ') ||
          `none of ${windy.length + wet.length + poles.length} places`,
      );
    },
  },
  {
    id: 'plain sense: phone alone',
    asked: 'a phone and no other camera: mountain bike, clear ahead; coupé at night; kayak',
    expected:
      'the body first, never head or pole over it; no night streaks, as it takes none; on the water all stopped by spray',
    find() {
      const pieceIds = pieces({ cameras: ['phone'], links: ['short-arm', 'long-arm', 'medium-pole'] });
      const bike = sheetFor('mountain-bike', 'clear-ahead', { pieceIds });
      const night = sheetFor('coupe', 'night-streaks', { pieceIds, only: ['bonnet'] }).spots[0]?.rejections[0]?.because;
      const wet = sheetFor('kayak', 'clear-ahead', { pieceIds, only: ['bow-deck', 'chest'] }).places;
      const laughed = open(bike).filter(({ spotId }) => spotId === 'pack-top' || onHead(spotId));
      return outcome(
        laughed.length === 0 &&
          ['chest', 'pack-strap'].includes(bike.places[0]?.spotId ?? '') &&
          /never takes stills at intervals/.test(night ?? '') &&
          wet.length === 2 &&
          wet.every(({ stopped }) => stopped),
        `${wordsOf(bike)} | ${night} | ${wet.map(({ exact }) => stopWords(exact)).join(', ')}`,
      );
    },
  },
  {
    id: 'plain sense: cabin',
    asked: 'coupé, clear ahead; the same while talking',
    expected:
      'outside first, inside offered with the bonnet in it; who talks begins inside; no arm through glass or roof',
    find() {
      const inside = ['screen-inside', 'dash', 'side-window', 'headrest', 'chest', 'chest-side'];
      const [quiet, talking] = [false, true].map((on) => sheetFor('coupe', 'clear-ahead', { ask: { talking: on } }));
      const [first, said] = [spotsOf(open(quiet!)), spotsOf(open(talking!))];
      // Whatever is offered with its place inside looks through glass.
      const through = open(quiet!).filter(
        ({ spotId, candidate }) =>
          [...inside, 'passenger-hand'].includes(spotId) &&
          candidate.terms.some((t) => t.id === 'glass' && t.value > 0.9),
      );
      return outcome(
        first.length > 0 &&
          !inside.includes(first[0]!) &&
          first.includes('screen-inside') &&
          inside.includes(said[0]!) &&
          through.length === 0,
        `${wordsOf(quiet!)} | ${wordsOf(talking!)}`,
      );
    },
  },
  {
    id: 'plain sense: rain',
    asked: 'coupé and 4×4, clear ahead, in the rain',
    expected: 'behind the windscreen first, which is wiped; outside the lens is to be wiped every minute or two',
    find() {
      const only = ['screen-inside', 'screen-outside', 'bonnet', 'roof'];
      const sheets = ['coupe', 'four-by-four'].map((id) =>
        sheetFor(id, 'clear-ahead', { only, ride: { weatherId: 'rain', lightId: 'rain' } }),
      );
      return outcome(
        sheets.every((sheet) => {
          const glass = at(sheet, 'bonnet')?.candidate.terms.find(({ id }) => id === 'glass')?.text ?? '';
          return spotsOf(open(sheet))[0] === 'screen-inside' && /to be wiped about every/.test(glass);
        }),
        sheets.map(wordsOf).join(' | '),
      );
    },
  },
  {
    id: 'plain sense: knees',
    asked: 'gravel bike, hands and trail, the thumb camera on hip or chest',
    expected: 'the chest before the hip, where a thigh comes up before the lens at each turn of the cranks',
    find() {
      const pieceIds = pieces({ cameras: ['thumb-camera'], links: ['riser', 'short-arm'] });
      const sheet = sheetFor('road-bike', 'hands-and-trail', { pieceIds, only: ['hip', 'chest'] });
      const frame = at(sheet, 'hip')?.exact.checks.find(({ check }) => check === 'frame');
      const legs = frame && 'findings' in frame ? frame.findings.find(({ id }) => id === 'legs') : undefined;
      return outcome(
        spotsOf(open(sheet))[0] === 'chest' && legs !== undefined && legs.verdict !== 'good',
        `${wordsOf(sheet)}; ${legs?.because}`,
      );
    },
  },
  {
    id: 'plain sense: scraped off',
    asked: 'buggy, 4×4 and coupé, low and fast',
    expected: 'nothing hangs so low that roots and springs get at it',
    find() {
      const low = ['buggy', 'four-by-four', 'coupe'].flatMap((id) =>
        open(sheetFor(id, 'low-and-fast')).flatMap(({ spotId, exact }) => {
          const clear = exact.checks.find(({ check }) => check === 'clear');
          const ground = clear && 'findings' in clear ? clear.findings.find((f) => f.id === 'ground') : undefined;
          return ground ? [{ at: `${id} ${spotId}`, ground }] : [];
        }),
      );
      const least = low.reduce((a, b) => (b.ground.margin < a.ground.margin ? b : a));
      return outcome(
        low.length > 5 && low.every(({ ground }) => ground.verdict !== 'stop'),
        `${least.at}: ${least.ground.because}`,
      );
    },
  },
  {
    id: 'plain sense: sizes',
    asked: 'mountain bike, riders of 1.55 and 1.95 m, hands and trail',
    expected: 'on a bike of their size the chest is among the first three, as for everybody',
    find() {
      const firsts = [1.55, 1.95].map((statureM) => ({
        statureM,
        spots: spotsOf(open(sheetFor('mountain-bike', 'hands-and-trail', { rig: { statureM } })), 3),
      }));
      return outcome(
        firsts.every(({ spots }) => spots.includes('chest')),
        firsts.map(({ statureM, spots }) => `${statureM} m: ${spots.join(', ')}`).join('; '),
      );
    },
  },
  {
    id: 'plain sense: too heavy',
    asked: 'mountain bike, only a full-size camera, clear ahead',
    expected: 'bars, pack strap and helmet say first that they do not bear the camera, not that an arm is too long',
    find() {
      const pieceIds = pieces({ cameras: ['cage-camera'], links: ['short-arm', 'long-arm', 'medium-pole'] });
      const only = ['handlebar', 'pack-strap', 'helmet-top', 'under-visor'];
      const { spots } = sheetFor('mountain-bike', 'clear-ahead', { pieceIds, only });
      const firsts = spots.map(({ rejections: [first] }) => first?.because ?? 'nothing');
      return outcome(
        firsts.length === only.length && firsts.every((because) => /cage camera (weighs|\()/.test(because)),
        firsts.join(' | '),
      );
    },
  },
  {
    id: 'plain sense: shut in',
    asked: 'coupé, only a gimbal camera, low and fast: the wind keeps it from every place outside',
    expected: 'no place inside the cabin is offered in their stead',
    find() {
      const pieceIds = pieces({ cameras: ['pocket-gimbal'], links: ['short-arm'] });
      const only = ['dash', 'headrest', 'screen-inside', 'side-window', 'passenger-hand', 'sill'];
      const sheet = sheetFor('coupe', 'low-and-fast', { pieceIds, only });
      const shutIn = sheet.spots.filter(({ rejections }) => rejections.some((r) => /closed cabin/.test(r.because)));
      return outcome(
        open(sheet).every(({ spotId }) => spotId === 'sill') && shutIn.length >= 4,
        `${wordsOf(sheet)}; shut in: ${shutIn.map(({ spotId }) => spotId).join(', ')}`,
      );
    },
  },
];
