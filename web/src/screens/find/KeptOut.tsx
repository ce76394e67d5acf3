import { OWN_THINGS, type Ask, type LightWish, type SunPlace } from '@strut-spot/core';
import { ChoiceField } from '../../ui/ChoiceField';
import { NumberField } from '../../ui/NumberField';
import { Tick } from '../../ui/Tick';

/** Ways that the sun can stand, from the way of travel. */
const BEARINGS = [
  { id: '0', name: 'Ahead' },
  { id: '45', name: 'Ahead, right' },
  { id: '90', name: 'Right' },
  { id: '135', name: 'Behind, right' },
  { id: '180', name: 'Behind' },
  { id: '-135', name: 'Behind, left' },
  { id: '-90', name: 'Left' },
  { id: '-45', name: 'Ahead, left' },
] as const;
const bearingWords = (bearingDeg: number): string =>
  [
    'ahead',
    'ahead to the right',
    'to the right',
    'behind to the right',
    'behind',
    'behind to the left',
    'to the left',
    'ahead to the left',
  ][Math.round((((bearingDeg % 360) + 360) % 360) / 45) % 8]!;
/** A low sun, ahead: the one that spoils most. */
const LOW_AHEAD = { bearingDeg: 0, heightDeg: 15 } as const;

const WISHES: readonly { id: LightWish | 'any'; name: string }[] = [
  { id: 'any', name: 'As it comes' },
  { id: 'out', name: 'Sun out of the picture' },
  { id: 'in', name: 'Sun in the picture' },
  { id: 'front', name: 'Sun at the camera’s back' },
  { id: 'side', name: 'Light from the side' },
  { id: 'behind', name: 'Back light' },
  { id: 'silhouette', name: 'Silhouette against the sky' },
  { id: 'no-shadow', name: 'No shadow of my own' },
];

interface KeptOutProps {
  readonly ask: Ask;
  /** Where the sun stands at the shot's hour, from the way of travel; null where place or way is not known. */
  readonly stands: SunPlace | null;
  readonly onChange: (ask: Ask, mergeKey?: string) => void;
}

/** What must not come into the picture: things of one's own, and the sun: by the clock where place and way are known, else as it is told to stand. */
export function KeptOut({ ask, stands, onChange }: KeptOutProps) {
  const without = ask.without ?? [];
  const { sun } = ask;
  return (
    <section aria-labelledby="kept-out">
      <h2 id="kept-out" className="caption mb-1 border-b border-hair-strong pb-0.5">
        What it must not show
      </h2>
      {OWN_THINGS.map(({ id, name }) => (
        <Tick
          key={id}
          label={name}
          checked={without.includes(id)}
          onChange={(on) => onChange({ ...ask, without: on ? [...without, id] : without.filter((o) => o !== id) })}
        />
      ))}
      {stands && (
        <>
          <ChoiceField
            label="Light"
            value={ask.light ?? (sun ? 'out' : 'any')}
            choices={WISHES}
            onChange={(id) => {
              const { light, sun: told, ...kept } = ask;
              void [light, told];
              onChange(id === 'any' ? kept : { ...kept, light: id as LightWish });
            }}
          />
          <p className="text-[0.9rem] text-ink-2">
            The sun stands {Math.round(stands.heightDeg)}° high, {bearingWords(stands.bearingDeg)}.
          </p>
        </>
      )}
      {!stands && (
        <Tick
          label="the sun"
          checked={sun !== undefined}
          onChange={(on) => {
            const { sun: was, ...kept } = ask;
            void was;
            onChange(on ? { ...kept, sun: LOW_AHEAD } : kept);
          }}
        />
      )}
      {!stands && sun && (
        <>
          <ChoiceField
            label="Sun stands"
            value={String(sun.bearingDeg)}
            choices={BEARINGS}
            onChange={(bearing) => onChange({ ...ask, sun: { ...sun, bearingDeg: Number(bearing) } })}
          />
          <NumberField
            label="Its height"
            value={sun.heightDeg}
            unit="°"
            step={5}
            min={0}
            max={90}
            digits={0}
            onChange={(heightDeg) => onChange({ ...ask, sun: { ...sun, heightDeg } }, 'ask-sun')}
          />
        </>
      )}
    </section>
  );
}
