import type { Sketch } from './spotted';

/** Straight on its base, or with a riser between. */
export const isPlain = ({ resolved }: Pick<Sketch, 'resolved'>): boolean =>
  resolved.links.every(({ definition }) => definition.kind === 'riser');

/** By more than the camera itself does with all of that switched off. */
export const isSteadied = ({ resolved: { camera, stabiliser } }: Pick<Sketch, 'resolved'>): boolean =>
  stabiliser.id !== camera.stabilisers[0]?.id;
