import cvModule from '@techstark/opencv-js';

interface Camera {
  /** Row-major, OpenCV axes. */
  rotation: number[];
  translation: number[];
  focalPx: number;
  centre: [number, number];
}

/* eslint-disable @typescript-eslint/no-explicit-any -- the package types lack the fisheye model */
const cv = cvModule as any;

/** OpenCV's own projections; the module object is a thenable, so it is never returned or awaited itself. */
export async function openCv() {
  if (!cv.Mat) await new Promise<void>((ready) => (cv.onRuntimeInitialized = () => ready()));
  const matrix = (rows: number, columns: number, values: number[]) => cv.matFromArray(rows, columns, cv.CV_64F, values);
  return {
    /** Where points of one grey picture lie in the next, by pyramids of Lucas and Kanade. */
    follow(
      before: ArrayLike<number>,
      after: ArrayLike<number>,
      [width, height]: readonly [number, number],
      points: readonly (readonly [number, number])[],
    ): [number, number][] {
      const picture = (grey: ArrayLike<number>) =>
        cv.matFromArray(
          height,
          width,
          cv.CV_8U,
          Array.from(grey, (shade) => Math.round(Math.min(255, Math.max(0, shade)))),
        );
      const [a, b] = [picture(before), picture(after)];
      const from = cv.matFromArray(points.length, 1, cv.CV_32FC2, points.flat());
      const [to, found, error] = [new cv.Mat(), new cv.Mat(), new cv.Mat()];
      cv.calcOpticalFlowPyrLK(a, b, from, to, found, error, new cv.Size(31, 31), 3);
      const result = points.map((_, i): [number, number] =>
        found.data[i] ? [to.data32F[2 * i], to.data32F[2 * i + 1]] : [NaN, NaN],
      );
      for (const mat of [a, b, from, to, found, error]) mat.delete();
      return result;
    },
    project(fisheye: boolean, point: readonly number[], camera: Camera): [number, number] {
      const { focalPx: f, centre } = camera;
      const points = cv.matFromArray(1, 1, cv.CV_64FC3, [...point]);
      const rotation = matrix(3, 3, camera.rotation);
      const turn = new cv.Mat();
      cv.Rodrigues(rotation, turn);
      const shift = matrix(3, 1, camera.translation);
      const k = matrix(3, 3, [f, 0, centre[0], 0, f, centre[1], 0, 0, 1]);
      const none = matrix(4, 1, [0, 0, 0, 0]);
      const out = new cv.Mat();
      const jacobian = new cv.Mat();
      if (fisheye) cv.fisheye_projectPoints(points, out, turn, shift, k, none, 0, jacobian);
      else cv.projectPoints(points, turn, shift, k, none, out, jacobian, 0);
      const result: [number, number] = [out.data64F[0], out.data64F[1]];
      for (const mat of [points, rotation, turn, shift, k, none, out, jacobian]) mat.delete();
      return result;
    },
  };
}
