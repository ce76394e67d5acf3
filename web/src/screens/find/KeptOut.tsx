import { OWN_THINGS, type Ask } from '@strut-spot/core';
import { ChoiceField } from '../../ui/ChoiceField';
import { NumberField } from '../../ui/NumberField';
import { Tick } from './Tick';

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
/** A low sun, ahead: the one that spoils most. */
const LOW_AHEAD = { bearingDeg: 0, heightDeg: 15 } as const;

interface KeptOutProps {
  readonly ask: Ask;
  readonly onChange: (ask: Ask, mergeKey?: string) => void;
}

/** What must not come into the picture: things of one's own, and the sun where it is told how it stands. */
export function KeptOut({ ask, onChange }: KeptOutProps) {
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
      <Tick
        label="the sun"
        checked={sun !== undefined}
        onChange={(on) => {
          const { sun: was, ...kept } = ask;
          void was;
          onChange(on ? { ...kept, sun: LOW_AHEAD } : kept);
        }}
      />
      {sun && (
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
