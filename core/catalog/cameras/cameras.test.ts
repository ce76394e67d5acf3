import { calibrateLens, fieldOfViewDeg } from '../../src/mathematics/lens/lens';
import { CAMERAS } from '../index.generated';

const modes = CAMERAS.flatMap((camera) =>
  camera.modes.map((mode) => [`${camera.id} ${mode.id}`, camera, mode] as const),
);
const deg = (rad: number) => (rad * 180) / Math.PI;

it.each(modes.filter(([, , mode]) => mode.lens.projection === 'rectilinear'))(
  '%s sees as high as a straight lens of its angle does: 2 atan(h/w · tan(fov/2))',
  (_, __, { lens }) => {
    if (lens.fovAcross !== 'horizontal') return;
    const seen = calibrateLens({ ...lens, crop: 1 });
    const high = deg(2 * Math.atan((lens.heightPx / lens.widthPx) * Math.tan((lens.fovDeg * Math.PI) / 360)));
    expect(fieldOfViewDeg(seen, 'vertical')).toBeCloseTo(high, 6);
  },
);

it.each(modes.filter(([, , mode]) => mode.lens.projection === 'equidistant'))(
  '%s sees in proportion to its picture: the angle goes with the distance from the middle',
  (_, __, { lens }) => {
    const seen = calibrateLens({ ...lens, crop: 1 });
    const [wide, high] = [fieldOfViewDeg(seen, 'horizontal'), fieldOfViewDeg(seen, 'vertical')];
    expect(wide / high).toBeCloseTo(lens.widthPx / lens.heightPx, 6);
  },
);

it('a crop narrows the angle, the stronger the more, and never turns it round', () => {
  for (const [name, camera, mode] of modes) {
    const angles = [...camera.stabilisers]
      .sort((a, b) => b.crop.value - a.crop.value)
      .map(({ crop }) => fieldOfViewDeg(calibrateLens({ ...mode.lens, crop: crop.value }), 'horizontal'));
    angles.slice(1).forEach((angle, i) => expect([name, angle <= angles[i]! + 1e-9]).toEqual([name, true]));
    expect(angles.at(-1)).toBeGreaterThan(5);
  }
});

it('they weigh as such things do: between 0.4 and 3.5 g to the cubic centimetre of body', () => {
  for (const { id, bodyM, massKg } of CAMERAS) {
    const density = (massKg.value * 1000) / (bodyM[0] * bodyM[1] * bodyM[2] * 1e6);
    expect([id, density > 0.4 && density < 3.5]).toEqual([id, true]);
  }
});

it('a battery lasts between 25 minutes and 5 hours in every mode', () => {
  for (const [name, camera, mode] of modes) {
    const minutes = (camera.batteryWh.value / mode.powerW.value) * 60;
    expect([name, minutes > 25 && minutes < 300]).toEqual([name, true]);
  }
});

it('lines are read out within the time of a frame, and quicker where there are more frames', () => {
  for (const [name, camera, mode] of modes) {
    expect([name, mode.readoutS.value * mode.framesPerSecond <= 1.0001]).toEqual([name, true]);
    for (const other of camera.modes) {
      if (other.framesPerSecond > mode.framesPerSecond * 1.5 && other.lens.heightPx <= mode.lens.heightPx) {
        expect([name, other.readoutS.value <= mode.readoutS.value]).toEqual([name, true]);
      }
    }
  }
});

it('the lens lies in the body or on its face, the mount below it', () => {
  for (const {
    id,
    bodyM,
    lensFromMountM: [ahead, up, aside],
  } of CAMERAS) {
    expect([id, Math.abs(ahead) <= bodyM[0] + 0.08]).toEqual([id, true]);
    expect([id, up > 0 && up <= bodyM[1] + 0.06]).toEqual([id, true]);
    expect([id, Math.abs(aside) <= bodyM[2] / 2 + 1e-9]).toEqual([id, true]);
  }
});
