/** What a picture consists of: the part groups and the three kinds of background. */
export const FRAME_GROUPS = ['way', 'ground', 'sky', 'hands', 'machine', 'rider', 'face', 'subject', 'own'] as const;
export type FrameGroup = (typeof FRAME_GROUPS)[number];
export type FrameShares = Readonly<Record<FrameGroup, number>>;
