import { link, shakeAt } from '../../../../testing/shakes';
import { unsteadiness } from '../figures/figures';
import { shakeOf } from '../whole/shakeOf';

const CAGE = { cameraId: 'cage-camera', modeId: 'wide', stabiliserId: 'off' };
const PHONE = { cameraId: 'phone', modeId: 'wide', stabiliserId: 'off' };
const on = (machineId: string, spotId: string, links: ReturnType<typeof link>[], camera = CAGE) =>
  shakeOf(shakeAt(machineId, spotId, { ...camera, links }));
const spoilt = (...question: Parameters<typeof on>) => unsteadiness(on(...question));
const level = link('spring-arm', 0.3, 85);

describe('a spring arm', () => {
  it('swings a little slower than its frequency under what it can be turned to carry, and takes up what is faster', () => {
    const { spring, mount } = on('coupe', 'bonnet', [level]);
    expect(spring).toMatchObject({ stuck: null, frequencyHz: 1.6 });
    // In a row with cups and sheet, which give as well.
    const [slowest] = mount.nod.modes;
    expect(slowest!.frequencyHz).toBeLessThan(1.6);
    expect(slowest!.frequencyHz).toBeGreaterThan(0.9);
    expect(mount.nod.modes[0]!.softest.kind).toBe('spring');
  });

  it('is a plain arm under a camera that is too light for it, and where it stands up', () => {
    expect(on('coupe', 'bonnet', [level], PHONE).spring!.stuck).toBe('too light');
    expect(on('coupe', 'bonnet', [link('spring-arm', 0.3)]).spring!.stuck).toBe('too steep');
    expect(on('coupe', 'bonnet', [link('stiff-arm', 0.2)]).spring).toBeNull();
  });

  it('meets its stops where the ground asks for more than its travel, and does worse than none', () => {
    const rough = on('four-by-four', 'bonnet', [level]);
    expect(rough.spring!.swingM).toBeGreaterThan(rough.spring!.travelM);
    expect(unsteadiness(rough)).toBeGreaterThan(spoilt('four-by-four', 'bonnet', []));
  });
});

describe('each school wins somewhere (common practice, no source)', () => {
  const damper = [link('damper-plate', 0.04)];
  const rubber = [link('stiff-grommets', 0.02)];

  it('screwed on solid where the base is quiet: a bonnet on asphalt', () => {
    for (const links of [damper, rubber, [level]]) {
      expect(spoilt('coupe', 'bonnet', links)).toBeGreaterThan(spoilt('coupe', 'bonnet', []));
    }
  });

  it('rubber that fits where the base shakes faster than the camera swings on it: a phone over an engine', () => {
    const solid = spoilt('light-aircraft', 'panel-top', [], PHONE);
    expect(spoilt('light-aircraft', 'panel-top', rubber, PHONE)).toBeLessThan(0.8 * solid);
    expect(spoilt('light-aircraft', 'panel-top', [link('soft-grommets', 0.02)], PHONE)).toBeGreaterThan(solid);
  });

  it('a spring arm under a heavy camera that is thrown up and down: a boat in chop', () => {
    const solid = spoilt('powerboat', 't-frame', []);
    expect(spoilt('powerboat', 't-frame', [link('spring-arm', 0.3)])).toBeLessThan(0.4 * solid);
  });
});
