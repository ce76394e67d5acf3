import {
  METERING_WORDS,
  MPS_PER_KMH,
  type AddOnDefinition,
  type BaseDefinition,
  type CameraDefinition,
  type FilterDefinition,
  type HeadDefinition,
  type KitKind,
  type LinkDefinition,
  type Sourced,
  type TetherDefinition,
} from '@strut-spot/core';

export type KitPiece =
  | CameraDefinition
  | BaseDefinition
  | LinkDefinition
  | HeadDefinition
  | FilterDefinition
  | AddOnDefinition
  | TetherDefinition;

interface Fact {
  readonly label: string;
  readonly value: string;
  /** Where the figure comes from, in words. */
  readonly source?: string;
}

const grams = (kg: number) => (kg < 1 ? `${Math.round(kg * 1000)} g` : `${kg.toFixed(2)} kg`);
const mm = (m: number) => `${Math.round(m * 1000)} mm`;

const sourceOf = ({ source }: Sourced, show: (v: number) => string): string =>
  source.kind === 'estimate'
    ? `estimate, ${show(source.low)} to ${show(source.high)}`
    : source.kind === 'published'
      ? source.text
      : 'as told, or common practice';

const figure = (label: string, sourced: Sourced, show: (v: number) => string): Fact => ({
  label,
  value: show(sourced.value),
  source: sourceOf(sourced, show),
});

const cameraFacts = (c: CameraDefinition): Fact[] => [
  figure('Mass', c.massKg, grams),
  { label: 'Size', value: c.bodyM.map((v) => Math.round(v * 1000)).join(' × ') + ' mm' },
  figure('Sharp from', c.closestFocusM, (v) => `${v.toFixed(2)} m`),
  figure('Battery', c.batteryWh, (v) => `${v.toFixed(1)} Wh`),
  { label: 'Modes', value: c.modes.map((m) => `${m.name} ${Math.round(m.lens.fovDeg)}°`).join(', ') },
  ...(c.stabilisers.length > 1
    ? [
        {
          label: 'Stabiliser',
          value: c.stabilisers.map((s) => `${s.name} ${Math.round(s.crop.value * 100)} %`).join(', '),
        },
      ]
    : []),
  ...(c.gimbal
    ? [
        {
          label: 'Gimbal',
          value: `pan ${c.gimbal.pan.join('…')}°, tilt ${c.gimbal.tilt.join('…')}°, roll ${c.gimbal.roll.join('…')}°`,
        },
        figure('Holds in wind up to', c.gimbal.airMps, (v) => `${Math.round(v / MPS_PER_KMH)} km/h`),
      ]
    : []),
  ...(c.stitch ? [figure('Lenses apart', c.stitch.pupilsM, mm)] : []),
  {
    label: 'Opening',
    value: `f/${c.apertureN.value}${c.apertureToN === undefined ? '' : ` to f/${c.apertureToN}`}`,
  },
  figure('Good up to', c.poorIso, (v) => `ISO ${v}`),
  { label: 'Exposes by', value: METERING_WORDS[c.metering] },
  { label: 'Filters', value: c.filterFittings.length > 0 ? c.filterFittings.join(', ') : 'none fits' },
  { label: 'Weather', value: c.weather },
  { label: 'Fed while running', value: c.port },
];

const baseFacts = (b: BaseDefinition): Fact[] => [
  { label: 'Holds by', value: b.kind },
  { label: 'Goes on', value: b.fits.shapes.join(', ') },
  ...(b.fits.tubeM
    ? [{ label: 'Tubes', value: `${Math.round(b.fits.tubeM.low * 1000)} to ${mm(b.fits.tubeM.high)}` }]
    : []),
  figure('Mass', b.massKg, grams),
  figure('Height', b.heightM, mm),
  figure('Stiffness', b.stiffnessNmRad, (v) => `${Math.round(v)} N·m/rad`),
];

const linkFacts = (l: LinkDefinition): Fact[] => [
  { label: 'Length', value: `${Math.round(l.lengthM.low * 1000)} to ${mm(l.lengthM.high)}` },
  {
    label: 'Bends',
    value:
      l.kind === 'slide'
        ? 'lies along the surface, turns on its base'
        : l.bendLimitDeg === 0
          ? 'not at all'
          : `up to ${l.bendLimitDeg}° either way`,
  },
  figure('Mass', l.massKg, grams),
  figure(
    'Tip stiffness',
    l.stiffnessNM,
    (v) => `${v >= 1000 ? `${(v / 1000).toFixed(1)} kN` : `${Math.round(v)} N`}/m`,
  ),
  ...(l.spring
    ? [
        { label: 'Carries', value: `${l.spring.carriesKg.low} to ${l.spring.carriesKg.high} kg` },
        figure('Springs at', l.spring.frequencyHz, (v) => `${v.toFixed(1)} Hz`),
        { label: 'Travel', value: `${mm(l.spring.travelM)} up and down` },
      ]
    : []),
];

const headFacts = (h: HeadDefinition): Fact[] => [
  figure('Holds', h.notchDeg, (v) => (v === 0 ? 'anywhere' : `every ${v}°`)),
  { label: 'Turns', value: ['tilt', ...(h.turns.pan ? ['pan'] : []), ...(h.turns.roll ? ['roll'] : [])].join(', ') },
  figure('Mass', h.massKg, grams),
  figure('Stiffness', h.stiffnessNmRad, (v) => `${Math.round(v)} N·m/rad`),
];

const filterFacts = (f: FilterDefinition): Fact[] => [
  { label: 'Takes', value: `${f.stops} stops of light` },
  { label: 'Looks', value: f.colour },
  ...(f.mirrorLeft ? [figure('Mirrored light', f.mirrorLeft, (v) => `${Math.round(v * 100)} % left`)] : []),
  { label: 'Fits', value: f.fittings.join(', ') },
  figure('Mass', f.massKg, grams),
];

const addOnFacts = (a: AddOnDefinition): Fact[] => [
  {
    label: 'Goes',
    value: a.fittings
      ? `before the lens, ${a.fittings.join(', ')}`
      : a.cradleN
        ? 'round a phone'
        : `round cameras up to ${mm(a.upToM ?? 0)} long`,
  },
  figure('Mass', a.massKg, grams),
  ...(a.tube ? [{ label: 'Stands out', value: mm(a.tube.reachM) }] : []),
  ...(a.housing
    ? [
        { label: 'Bears', value: 'rain, mud and dips; no cable goes in' },
        figure('Wall', a.housing.wallM, mm),
        figure('Muffles', a.housing.mufflesDb, (v) => `${Math.round(v)} dB`),
      ]
    : []),
  ...(a.lens && a.lens.dioptres > 0 ? [{ label: 'Sharp', value: `up to ${(1 / a.lens.dioptres).toFixed(2)} m` }] : []),
  ...(a.lens && a.lens.shortens !== 1 ? [{ label: 'Focal length', value: `${a.lens.shortens} times` }] : []),
  ...(a.shadesFromDeg ? [figure('Keeps off', a.shadesFromDeg, (v) => `sun from ${Math.round(v)}° outside on`)] : []),
  ...(a.cradleN ? [figure('Pulled out at', a.cradleN, (v) => `${Math.round(v)} N`)] : []),
];

const tetherFacts = (t: TetherDefinition): Fact[] => [
  { label: 'Length', value: `${mm(t.lengthM.low)} to ${mm(t.lengthM.high)}` },
  figure(t.kind === 'weak link' ? 'Lets go at' : 'Bears', t.breaksN, (v) => `${Math.round(v)} N`),
  figure('Mass', t.massKg, grams),
];

/** What is known of a piece of kit, one line a fact. */
export function kitFacts(kind: KitKind, piece: KitPiece): readonly Fact[] {
  if (kind === 'cameras') return cameraFacts(piece as CameraDefinition);
  if (kind === 'bases') return baseFacts(piece as BaseDefinition);
  if (kind === 'links') return linkFacts(piece as LinkDefinition);
  if (kind === 'filters') return filterFacts(piece as FilterDefinition);
  if (kind === 'addOns') return addOnFacts(piece as AddOnDefinition);
  if (kind === 'tethers') return tetherFacts(piece as TetherDefinition);
  return headFacts(piece as HeadDefinition);
}
