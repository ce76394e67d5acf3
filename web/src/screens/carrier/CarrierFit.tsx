import {
  CARRIERS,
  fittedValue,
  metresToInches,
  inchesToMetres,
  resolveRig,
  SET_UP_STANCE_ID,
  STATURE_RANGE_M,
  type OutingCarrier,
} from '@strut-spot/core';
import { toast } from 'sonner';
import { useSettings } from '../../storage/settings';
import { ChoiceField } from '../../ui/ChoiceField';
import { dimensionShown } from '../../ui/dimensionShown';
import { NumberField } from '../../ui/NumberField';
import { useLatest } from '../../workers/useLatest';
import { computing } from '../../workers/core';
import { SubjectFields } from './SubjectFields';

/** Stands for nothing worn in a list of choices. */
const NOTHING = 'nothing';

const wornChoices = (place: 'head' | 'body') =>
  CARRIERS.flatMap((c) => (c.kind === 'worn' && c.place === place ? [{ id: c.id, name: c.name }] : []));

type Rig = OutingCarrier['rig'];

interface CarrierFitProps {
  readonly rig: Rig;
  readonly onChange: (edit: Partial<Rig>, key: string) => void;
  /** Names of shots that would lose their spot by a change; nothing is lost silently. */
  readonly stranded: (edit: Partial<Rig>) => readonly string[];
}

/** The machine's measures, the rider's stature, what is worn and who else is framed. Whatever carrier it is, its own dimensions are offered. */
export function CarrierFit({ rig, onChange, stranded }: CarrierFitProps) {
  const { units } = useSettings();
  const { machine, worn, fit } = resolveRig(rig);
  const metric = units === 'metric';
  const manned = machine.wearing.length > 0;

  const wear = (place: 'head' | 'body', id: string) => {
    const others = worn.filter((w) => w.place !== place).map((w) => w.id);
    const next = id === NOTHING ? others : [...others, id];
    const names = stranded({ wornIds: next });
    if (names.length > 0) {
      const name = CARRIERS.find((c) => c.id === id)?.name ?? 'A bare head';
      toast(`${name} lacks a spot in use. Move the camera of ${names.map((n) => `"${n}"`).join(', ')} first.`);
      return;
    }
    onChange({ wornIds: next }, `worn-${place}`);
  };

  const stances = machine.stances.filter((s) => s.id !== SET_UP_STANCE_ID).map((s) => s.id);
  const reach = useLatest(JSON.stringify([rig, stances]), () => computing.reachProblems(rig, stances));

  const others = useLatest(JSON.stringify([rig.machineId, rig.fit]), () => computing.othersAboard(rig));
  const ride = (alone: boolean) => {
    const names = alone ? stranded({ alone }) : [];
    if (names.length > 0) toast(`Others hold a camera. Move that of ${names.map((n) => `"${n}"`).join(', ')} first.`);
    else onChange({ alone: alone ? true : undefined }, 'alone');
  };

  return (
    <section aria-labelledby="rig">
      <h2 id="rig" className="caption mb-1 border-b-2 border-ink pb-1">
        {machine.name}, fitted
      </h2>
      {manned && (
        <>
          <ChoiceField
            label="Helmet"
            value={worn.find((w) => w.place === 'head')?.id ?? NOTHING}
            choices={[...wornChoices('head'), { id: NOTHING, name: 'Bare head' }]}
            onChange={(id) => wear('head', id)}
          />
          <ChoiceField
            label="Body"
            value={worn.find((w) => w.place === 'body')?.id ?? NOTHING}
            choices={wornChoices('body')}
            onChange={(id) => wear('body', id)}
          />
        </>
      )}
      <div className="space-y-0.5">
        <NumberField
          label="Rider's height"
          value={metric ? rig.statureM * 100 : metresToInches(rig.statureM)}
          unit={metric ? 'cm' : 'in'}
          step={metric ? 1 : 0.5}
          digits={metric ? 0 : 1}
          min={metric ? STATURE_RANGE_M.low * 100 : metresToInches(STATURE_RANGE_M.low)}
          max={metric ? STATURE_RANGE_M.high * 100 : metresToInches(STATURE_RANGE_M.high)}
          onChange={(value) => {
            const statureM = metric ? value / 100 : inchesToMetres(value);
            onChange(
              { statureM: Math.min(STATURE_RANGE_M.high, Math.max(STATURE_RANGE_M.low, statureM)) },
              'fit-stature',
            );
          }}
        />
        {machine.dimensions.map((d) => {
          const { unit, scale, digits, step } = dimensionShown(d, metric);
          return (
            <NumberField
              key={d.id}
              label={d.name}
              value={fittedValue(machine.dimensions, fit, d.id) * scale}
              unit={unit}
              step={step}
              min={Number((d.low * scale).toFixed(3))}
              max={Number((d.high * scale).toFixed(3))}
              digits={digits}
              onChange={(value) => onChange({ fit: { ...rig.fit, [d.id]: value / scale } }, `fit-${d.id}`)}
            />
          );
        })}
      </div>
      {others.value !== undefined && others.value > 0 && (
        <label className="mt-1 flex min-h-[24px] items-center gap-2">
          <input type="checkbox" checked={!rig.alone} onChange={(event) => ride(!event.target.checked)} />
          {others.value === 1 ? 'A passenger comes along' : `${others.value} others come along`}
        </label>
      )}
      <SubjectFields rig={rig} onChange={onChange} />
      {reach.value && reach.value.length > 0 && (
        <div role="status" className="mt-2 border-l-4 border-hivis pl-2">
          {reach.value.map(({ stance, limb, shortM }) => (
            <p key={stance + limb}>
              In {stance.toLowerCase()} the {limb} is {Math.round(shortM * 100)} cm out of reach: check the measures.
            </p>
          ))}
        </div>
      )}
    </section>
  );
}
