import type { TetherReach } from '../../../../physics/clearance/tetherReach';
import { tetherFinding } from './tetherFinding';

const reach = (over: Partial<TetherReach> = {}): TetherReach => ({
  anchorName: 'seat stay',
  lengthM: 0.2,
  lacksM: -0.05,
  turning: null,
  tight: null,
  ...over,
});
const wheel = (leftM: number) => ({ turning: { partName: 'rear tyre', leftM } });

it('what it was tied to may be gone: that comes before everything else', () => {
  expect(tetherFinding('lost')).toMatchObject({ verdict: 'stop', mend: { text: 'tie it to something else' } });
});

it('one that does not reach is stopped with what it lacks, whatever else would be', () => {
  const short = tetherFinding(reach({ lacksM: 0.03, ...wheel(-0.1) }));
  expect([short.verdict, short.value]).toEqual(['stop', -0.03]);
  expect(short.because).toBe('the tether of 0.20 m to the seat stay is 30 mm too short');
  expect(short.mend!.text).toMatch(/^a longer one, or something nearer/);
});

it('one that lets the camera into what turns is stopped with how far, and shorter is the mend', () => {
  const long = tetherFinding(reach({ lengthM: 0.35, ...wheel(-0.12) }));
  expect([long.verdict, long.label]).toEqual(['stop', 'tether: rear tyre']);
  expect(long.because).toBe(
    'come off, on the tether of 0.35 m to the seat stay the camera gets into the rear tyre, 0.12 m too far',
  );
  expect(long.mend!.text).toMatch(/^shorter/);
});

it('one that pulls tight as the machine moves is watched, with the stance', () => {
  const tight = tetherFinding(
    reach({ tight: { stanceName: 'Crouch', lacksM: 0.015 } as TetherReach['tight'], ...wheel(0.08) }),
  );
  expect([tight.verdict, tight.value]).toEqual(['watch', -0.015]);
  expect(tight.because).toMatch(/pulls tight in crouch, 15 mm too short$/);
});

it('one that stays away from what turns is good by so much, and nothing is to be mended', () => {
  const clear = tetherFinding(reach(wheel(0.08)));
  expect([clear.verdict, clear.value, clear.mend]).toEqual(['good', 0.08, null]);
  expect(clear.because).toMatch(/the camera stays 80 mm away from the rear tyre$/);
  expect(tetherFinding(reach()).because).toBe('the tether of 0.20 m to the seat stay lets it reach nothing that turns');
});

it('its margin is what decides it: below nothing is a stop or a watch, above it is good', () => {
  const all = [
    tetherFinding('lost'),
    tetherFinding(reach({ lacksM: 0.01 })),
    tetherFinding(reach(wheel(-0.001))),
    tetherFinding(reach(wheel(0.001))),
    tetherFinding(reach()),
  ];
  for (const { margin, verdict } of all) expect([margin, margin >= 0]).toEqual([margin, verdict === 'good']);
});
