import { shotAt } from '../../../../outcomes/ask';
import { link } from '../../../../testing/shakes';
import type { SetUp } from '../../../words/setUp/setUp';
import { shotScene } from '../../scene/shotScene';
import { frameTerm } from './frameTerm';
import { sunkFinding } from './sunkFinding';
import { throughPane } from './throughPane';

const paneBefore = (machineId: string, spotId: string, setUp: Partial<SetUp>): string | null =>
  throughPane(shotScene(shotAt(machineId, spotId, 'clear-ahead', { setUp }), { columns: 16 }))?.because ?? null;

const phone = { cameraId: 'phone', modeId: 'main', baseId: 'adhesive-pad' };

it('a camera on the inside of a windscreen does not stand through it: on a short arm that leans forward there is no room', () => {
  expect(paneBefore('coupe', 'screen-inside', { ...phone, links: [link('short-arm', 0.06, 55)] })).toMatch(
    /^the camera would stand through the windscreen/,
  );
  expect(paneBefore('coupe', 'screen-inside', { ...phone, links: [link('long-arm', 0.2)] })).toBeNull();
  expect(paneBefore('coupe', 'screen-outside', phone)).toBeNull();
});

it('a pole does not reach out through the windscreen from the dash; what stays behind it may', () => {
  expect(paneBefore('coupe', 'dash', { ...phone, links: [link('medium-pole', 0.9, 0)] })).toMatch(/windscreen/);
  expect(paneBefore('coupe', 'dash', phone)).toBeNull();
});

it('a pole in the passenger’s hand does not go through the roof of a closed car; a short one stays inside, and in a buggy there is none', () => {
  const held = (machineId: string, spotId: string, lengthM: number) =>
    paneBefore(machineId, spotId, { baseId: 'hand-grip', links: [link('medium-pole', lengthM)] });
  expect(held('coupe', 'passenger-hand', 0.9)).toMatch(/roof|windscreen|side windows/);
  expect(paneBefore('coupe', 'passenger-hand', { baseId: 'hand-grip' })).toBeNull();
  expect(held('buggy', 'hand', 0.9)).toBeNull();
});

it('an open boat has no cabin, though the place over its T-frame lies inside a tube', () => {
  expect(paneBefore('powerboat', 't-frame', { baseId: 'tube-clamp' })).toBeNull();
});

it('where there is no glass there is no pane, and goggles are none', () => {
  expect(paneBefore('mountain-bike', 'chin-bar', {})).toBeNull();
});

it('a camera does not stand inside an arm, wherever its lens is: from the cage of a paramotor, turned to the pilot', () => {
  const at = (bendDeg: number) => {
    const setUp = { baseId: 'tube-clamp', links: [link('short-arm', 0.06, bendDeg)] };
    return shotScene(shotAt('paramotor', 'harness-arm', 'clear-ahead', { setUp }), { columns: 16 });
  };
  expect(sunkFinding(at(55))).toMatchObject({ id: 'sunk', verdict: 'stop', unit: 'm' });
  expect(sunkFinding(at(55))!.because).toMatch(/^(a corner of the camera|the lens) would lie \d+ mm inside the/);
  expect(sunkFinding(at(-55))).toBeNull();
  // In a search it is no answer at all, not even where nothing else is one.
  expect(frameTerm.judge(at(55)).rejection?.because).toMatch(/no room for the camera/);
  expect(frameTerm.judge(at(-55)).rejection).toBeNull();
});
