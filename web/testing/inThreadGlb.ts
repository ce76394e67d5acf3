/** Stands for the worker that reads shapes: the same, on this thread. */
export { parseGlb as readGlb } from '../src/formats/glb/parseGlb';
