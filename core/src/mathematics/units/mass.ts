/** 1 oz = 0.028349523125 kg, international avoirdupois. */
export const OUNCES_PER_KG = 1 / 0.028349523125;
