import { slides, type RuleDefinition } from '@strut-spot/core';
import { Fragment } from 'react';
import { useShot } from '../../state/useShot';
import { Cautions } from '../../ui/Cautions';
import { computing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { SpotStretch } from './SpotStretch';

/** What is worn is on the rider too. */
const whereOf = (group: string): string => (group === 'machine' ? 'On the machine' : 'On the rider');

interface SpotListProps {
  readonly chosen: string;
  /** What has to be minded with the chosen one and what stands on it. */
  readonly rules: readonly RuleDefinition[];
  readonly onChoose: (spotId: string) => void;
}

/** Every spot of the rig by number and name, the same as the pins in the view above; and what the chosen one asks of the filmer. */
export function SpotList({ chosen, rules, onChoose }: SpotListProps) {
  const { rig } = useShot();
  const places = useLatest(JSON.stringify(rig), () => computing.spotPlaces(rig, 'set-up'));
  const { cautions = [], zone } = places.value?.find(({ id }) => id === chosen) ?? {};
  return (
    <>
      <fieldset className="max-h-[33%] shrink-0 overflow-y-auto border-t border-hair px-3 pt-1.5 pb-2">
        <legend className="caption float-left mb-0.5 w-full">Spot</legend>
        <div className="clear-both">
          {(places.value ?? []).map(({ id, name, note, group }, i, all) => (
            <Fragment key={id}>
              {(i === 0 || whereOf(group) !== whereOf(all[i - 1]!.group)) && (
                <p className="caption pt-1">{whereOf(group)}</p>
              )}
              <label
                title={note}
                className="relative flex min-h-6 items-center gap-2 px-1 hover:bg-paper-2 has-checked:font-[660] has-focus-visible:outline-2 has-focus-visible:outline-hivis-ink max-lg:min-h-touch"
              >
                <input
                  type="radio"
                  name="spot"
                  value={id}
                  checked={id === chosen}
                  onChange={() => onChoose(id)}
                  className="peer absolute inset-0 size-full cursor-pointer opacity-0"
                />
                <span className="reading w-6 border border-transparent text-center text-[0.85rem] leading-[1.3] text-ink-2 peer-checked:border-ink peer-checked:bg-hivis peer-checked:text-on-hivis">
                  {i + 1}
                </span>
                <span className="leading-snug">{name}</span>
              </label>
            </Fragment>
          ))}
        </div>
      </fieldset>
      {zone && slides(zone) && <SpotStretch zone={zone} />}
      <div
        className="max-h-32 shrink-0 overflow-y-auto border-t border-hair px-3 py-1.5"
        role="region"
        aria-label="Mind this"
        tabIndex={0}
      >
        <Cautions rules={rules} also={cautions} />
      </div>
    </>
  );
}
