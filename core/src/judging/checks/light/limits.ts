/** Of the picture in one's own shadow, and in the camera's. Common practice, no source. */
export const SHADOW = { share: 0.02, ofCamera: 0.002 } as const;
