import { cross, distance, dot, length, subtract } from '../../../src/mathematics/geometry/vec3';
import { frameTriangle } from './frameTriangle';

const figures = {
  wheelRadiusM: 0.34,
  wheelbaseM: 1.03,
  chainstayM: 0.43,
  bottomBracketDropM: 0.07,
  headAngleDeg: 71,
  seatAngleDeg: 73.5,
  forkOffsetM: 0.05,
  axleToCrownM: 0.395,
};

describe('a bicycle frame', () => {
  it('has the lengths that it is laid out by', () => {
    const f = frameTriangle(figures);
    expect(distance(f.rearAxle, f.bottomBracket)).toBeCloseTo(figures.chainstayM, 12);
    expect(distance(f.rearAxle, f.frontAxle)).toBeCloseTo(figures.wheelbaseM, 12);
    expect(distance(f.frontAxle, f.crown)).toBeCloseTo(figures.axleToCrownM, 12);
    expect(f.frontAxle[1] - f.bottomBracket[1]).toBeCloseTo(figures.bottomBracketDropM, 12);
    expect(length(cross(subtract(f.frontAxle, f.crown), f.steerUp))).toBeCloseTo(figures.forkOffsetM, 12);
    expect(length(f.steerUp)).toBeCloseTo(1, 12);
    expect(dot(f.steerUp, f.steerAhead)).toBeCloseTo(0, 12);
  });

  // Trail = (R·cos θ − offset) / sin θ: the usual formula of bicycle geometry, from memory.
  it.each([
    [71, 0.05, 0.34],
    [65, 0.044, 0.37],
    [73, 0.043, 0.33],
  ])(
    'trails as its head angle, fork and wheel say: %d°, offset %d m, radius %d m',
    (headAngleDeg, forkOffsetM, wheelRadiusM) => {
      const { crown, steerUp, frontAxle } = frameTriangle({ ...figures, headAngleDeg, forkOffsetM, wheelRadiusM });
      const meetsGround = crown[0] - (steerUp[0] / steerUp[1]) * crown[1];
      const theta = (headAngleDeg * Math.PI) / 180;
      const trail = (wheelRadiusM * Math.cos(theta) - forkOffsetM) / Math.sin(theta);
      expect(meetsGround - frontAxle[0]).toBeCloseTo(trail, 10);
    },
  );
});
