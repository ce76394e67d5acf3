export interface OutsideValue {
  readonly about:
    | 'Lens'
    | 'Roads and waves'
    | 'Through the carrier'
    | 'Through the mount'
    | 'Air and water'
    | 'Grips'
    | 'Light'
    | 'Last'
    | 'Chance';
  readonly quantity: string;
  readonly unit: string;
  /** What is said outside: a value, or between what it lies. */
  readonly outside: number | readonly [low: number, high: number];
  readonly source: string;
  readonly ours: () => number;
  /** Furthest that ours may lie from it, as a share; nothing beyond a range. */
  readonly within: number;
  /** Why they differ, where they do. */
  readonly because?: string;
}
