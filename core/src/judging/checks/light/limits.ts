/** Where light begins to spoil a picture. All of them common practice, no source. */

/** Of the picture in one's own shadow, and in the camera's. */
export const SHADOW = { share: 0.02, ofCamera: 0.002 } as const;
/** Of the ride with the sun in the picture: any of it is told; over the second, where it was to stay out, the shot is spoilt. */
export const MET = { watch: 0, stop: 0.5 } as const;
/** Nearer the picture's edge than that the sun on the glass is worth a hood, degrees. */
export const VEIL_DEG = 15;
/** Stops of gain over what still looks good, and of a picture that comes out dark: beyond the second noise, or black, is all that is left. */
export const DARK_STOPS = { watch: 0, stop: 2 } as const;
/** Stops too much where exposure goes no shorter: beyond the second the picture is white. */
export const BRIGHT_STOPS = { watch: 0.5, stop: 2 } as const;
/** Stops by which the ground may come out too dark beside the sky. */
export const GROUND_STOPS = 0.9;
/** A sky of this share of the picture may lie so many stops over white. */
export const SKY_WHITE = { share: 0.1, stops: 0.5 } as const;
/** Stops by which light may jump on the way before it shows. */
export const CHANGES_STOPS = 1;
/** Sliced or bent blades show from about half a pass on, until a blade is blurred over a good part of the way to the next. */
export const SLICES = { from: 0.5, blurredBy: 0.8 } as const;
/** Bands of a lamp's flicker are seen from this swing of the light on. */
export const FLICKER_SWING = 0.05;
/** Of the picture veiled by what glass mirrors. */
export const MIRROR_SHARE = 0.1;
/** End of civil twilight: street lamps are lit, the sky is dark (U.S. Naval Observatory's definition; from memory). */
export const DARK_BELOW_DEG = -6;
