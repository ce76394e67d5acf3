import {
  askedIntent,
  feelOf,
  INTENTS,
  resolveRig,
  TERM_IDS,
  WEIGHT_LIMIT,
  weightsOf,
  type Ask,
  type Outing,
  type SunPlace,
  type TermId,
} from '@strut-spot/core';
import { Slider } from 'radix-ui';
import { ChoiceField } from '../../ui/ChoiceField';
import { NumberField } from '../../ui/NumberField';
import { termName } from '../../searching/candidateWords';
import { KeptOut } from './KeptOut';
import { Tick } from '../../ui/Tick';

interface AskPanelProps {
  readonly outing: Outing;
  readonly ask: Ask;
  /** Where the sun stands at the shot's hour; null where place or way is not known. */
  readonly stands: SunPlace | null;
  readonly onChange: (ask: Ask, mergeKey?: string) => void;
}

/** What the shot must show and how it should feel; every number of the intent can be changed. */
export function AskPanel({ outing, ask, stands, onChange }: AskPanelProps) {
  const intent = askedIntent(ask);
  const own = INTENTS.find((i) => i.id === ask.intentId)!;
  const feel = feelOf(ask);
  const weights = weightsOf(ask);
  const set = (edit: Partial<Ask>, mergeKey?: string) => onChange({ ...ask, ...edit }, mergeKey);
  return (
    <div className="space-y-3">
      <section aria-labelledby="ask">
        <h2 id="ask" className="caption mb-1 border-b-2 border-ink pb-0.5">
          What it must show
        </h2>
        <ChoiceField
          label="Shot"
          value={ask.intentId}
          choices={INTENTS}
          onChange={(intentId) => {
            const { shares, horizonBand, feel: felt, ...kept } = ask;
            void [shares, horizonBand, felt];
            onChange({ ...kept, intentId });
          }}
        />
        <p className="py-1 text-[0.9rem] text-ink-2">{own.purpose}</p>
        {intent.wants.map((want) => (
          <RangeRow
            key={want.id}
            label={want.whereHeld ? `${want.label}, if held` : want.label}
            value={want.share}
            note={want.shareInside ? `in a cabin to ${Math.round(want.shareInside[1] * 100)} %` : null}
            onChange={(share) => set({ shares: { ...ask.shares, [want.id]: share } }, `ask-${want.id}`)}
          />
        ))}
        {intent.horizonBand && (
          <RangeRow
            label="horizon, from the top"
            value={intent.horizonBand}
            onChange={(horizonBand) => set({ horizonBand }, 'ask-horizon')}
          />
        )}
        {(ask.shares || ask.horizonBand !== undefined) && (
          <button
            type="button"
            className="min-h-[24px] text-[0.9rem] font-[620] underline underline-offset-2"
            onClick={() => {
              const { shares, horizonBand, ...kept } = ask;
              void [shares, horizonBand];
              onChange(kept);
            }}
          >
            as the intent has it
          </button>
        )}
      </section>
      <section aria-labelledby="feel" className="space-y-0.5">
        <h2 id="feel" className="caption mb-1 border-b border-hair-strong pb-0.5">
          How it should be
        </h2>
        <div className="flex items-center gap-2">
          <span className="label w-20 shrink-0 text-ink-2">Feel</span>
          <OneSlider
            label="Feel, from calm to fast"
            value={feel ?? 0.5}
            most={1}
            step={0.05}
            disabled={feel === null}
            onChange={(value) => set({ feel: value }, 'ask-feel')}
          />
          <span className="w-14 text-right text-[0.9rem]">
            {feel === null ? 'any' : feel < 0.34 ? 'calm' : feel > 0.66 ? 'fast' : 'between'}
          </span>
        </div>
        <Tick
          label="the feel does not matter"
          checked={feel === null}
          onChange={(on) => set({ feel: on ? null : 0.5 })}
        />
        <ChoiceField
          label="Format"
          value={ask.format}
          choices={[
            { id: 'wide', name: 'Wide' },
            { id: 'upright', name: 'Upright 9:16' },
          ]}
          onChange={(format) => set({ format: format as Ask['format'] })}
        />
        <ChoiceField
          label="Hands"
          value={ask.hands}
          choices={[
            { id: 'as the intent', name: 'As the shot has it' },
            { id: 'with', name: 'In the picture' },
            { id: 'without', name: 'Not in it' },
          ]}
          onChange={(hands) => set({ hands: hands as Ask['hands'] })}
        />
        <Tick label="I talk while riding" checked={ask.talking} onChange={(talking) => set({ talking })} />
        <Tick
          label="its button must be in reach"
          checked={ask.reachable}
          onChange={(reachable) => set({ reachable })}
        />
        <ChoiceField
          label="Kit"
          value={ask.kit}
          choices={[
            { id: 'box', name: 'What is in the box' },
            { id: 'left', name: 'What other shots leave in it' },
            { id: 'anything', name: 'Anything there is' },
          ]}
          onChange={(kit) => set({ kit: kit as Ask['kit'] })}
        />
      </section>
      <KeptOut ask={ask} stands={stands} onChange={onChange} />
      {outing.carriers.length > 1 && (
        <section aria-labelledby="from">
          <h2 id="from" className="caption mb-1 border-b border-hair-strong pb-0.5">
            Filmed from
          </h2>
          {outing.carriers.map((carrier) => (
            <Tick
              key={carrier.id}
              label={resolveRig(carrier.rig).machine.name}
              checked={ask.carrierIds.includes(carrier.id)}
              disabled={ask.carrierIds.length === 1 && ask.carrierIds.includes(carrier.id)}
              onChange={(on) =>
                set({
                  carrierIds: outing.carriers
                    .map((c) => c.id)
                    .filter((id) => (id === carrier.id ? on : ask.carrierIds.includes(id))),
                })
              }
            />
          ))}
        </section>
      )}
      <section aria-labelledby="weights">
        <h2 id="weights" className="caption mb-1 border-b border-hair-strong pb-0.5">
          What counts, and how much
        </h2>
        {TERM_IDS.map((term: TermId) => (
          <div key={term} className="flex items-center gap-2">
            <span className="label w-20 shrink-0 text-ink-2">{termName(term)}</span>
            <OneSlider
              label={`Weight of ${termName(term).toLowerCase()}`}
              value={weights[term]}
              most={WEIGHT_LIMIT}
              step={1}
              onChange={(weight) => set({ weights: { ...ask.weights, [term]: weight } }, `ask-weight-${term}`)}
            />
            <span className="reading w-6 text-right">{weights[term]}</span>
          </div>
        ))}
      </section>
    </div>
  );
}

/** As wide as a finger needs, drawn as a narrow mark. */
const THUMB =
  'grid size-[24px] place-items-center focus-visible:outline-2 after:block after:h-5 after:w-2.5 after:border after:border-ink after:bg-hivis data-disabled:after:bg-paper-2';

function OneSlider({
  label,
  value,
  most,
  step,
  disabled = false,
  onChange,
}: {
  label: string;
  value: number;
  most: number;
  step: number;
  disabled?: boolean;
  onChange: (value: number) => void;
}) {
  return (
    <Slider.Root
      className="relative flex h-[26px] flex-1 touch-none items-center select-none"
      value={[value]}
      min={0}
      max={most}
      step={step}
      disabled={disabled}
      onValueChange={([next]) => onChange(next!)}
    >
      <Slider.Track className="h-px flex-1 bg-ink" />
      <Slider.Thumb aria-label={label} className={THUMB} />
    </Slider.Root>
  );
}

/** A range as two numbers in percent; neither passes the other. */
function RangeRow({
  label,
  value: [low, high],
  note = null,
  onChange,
}: {
  label: string;
  value: readonly [number, number];
  note?: string | null;
  onChange: (range: readonly [number, number]) => void;
}) {
  const field = (name: string, value: number, min: number, max: number, set: (share: number) => void) => (
    <NumberField
      label={`${name}: ${label}`}
      hideLabel
      narrow
      value={value * 100}
      unit="%"
      step={1}
      digits={0}
      min={Math.round(min * 100)}
      max={Math.round(max * 100)}
      onChange={(percent) => set(percent / 100)}
    />
  );
  return (
    <div className="flex items-center gap-1 border-b border-hair">
      <span className="min-w-0 flex-1 text-[0.9rem] leading-tight">
        {label}
        {note && <span className="block text-[0.82rem] text-ink-2">{note}</span>}
      </span>
      {field('At least', low, 0, high, (next) => onChange([Math.min(next, high), high]))}
      <span className="text-ink-2">to</span>
      {field('At most', high, low, 1, (next) => onChange([Math.min(low, next), next]))}
    </div>
  );
}
