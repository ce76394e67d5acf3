/** Where a picture begins to miss what is asked. */

/** Below this part of a wanted least share (or above its inverse of a greatest) the shot is missed, not just poor. Estimate 0.4 to 0.6. */
export const MISSED = 0.5;
/** A want of this weight or more is what the shot is about. */
export const MAIN_WEIGHT = 5;
