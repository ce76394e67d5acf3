import { ARM_KINDS, kitWith, metresToInches, smallLength, type FurtherArm } from '@strut-spot/core';
import { Plus, X } from 'lucide-react';
import { toast } from 'sonner';
import { useShot } from '../../state/useShot';
import { useSettings } from '../../storage/settings';
import { ChoiceField, type Choice } from '../../ui/ChoiceField';
import { NumberField } from '../../ui/NumberField';
import { computing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { useInUnits } from '../../ui/useInUnits';

const NAMES = ['Second arm', 'Third arm'] as const;
/** A base stands within this of the first. Metres. */
const APART_M = 1;
/** Stands for the first base among the spots. */
const BESIDE = '';

interface FurtherArmsProps {
  readonly bases: readonly Choice[];
  /** Those that can be an arm are taken of them. */
  readonly links: readonly Choice[];
}

/** Arms beside the first to a camera in a cage, each from a base of its own. */
export function FurtherArms({ bases, links }: FurtherArmsProps) {
  const { shot, changeSetUp, rig, outing } = useShot();
  const { units } = useSettings();
  const inUnits = useInUnits();
  const { setUp } = shot;
  const arms = setUp.furtherArms ?? [];
  const kit = kitWith(outing.ownKit);
  const camera = kit.cameras.find((c) => c.id === setUp.cameraId);
  const room = (camera?.screwPoints ?? 1) - 1;
  const asked = arms.length > 0 ? JSON.stringify([rig, setUp]) : null;
  const { value: standing } = useLatest(asked, () => computing.furtherArms(rig, setUp));
  if (room === 0 && arms.length === 0) return null;

  const metric = units === 'metric';
  const perUnit = metric ? 1000 : metresToInches(1);
  const set = (index: number, edit: Partial<FurtherArm>) =>
    changeSetUp(
      { furtherArms: arms.map((arm, i) => (i === index ? { ...arm, ...edit } : arm)) },
      `arm-${index}-${Object.keys(edit).join()}`,
    );
  const add = () =>
    void computing.steadiestArm(rig, setUp).then(
      (arm) => {
        if (arm) changeSetUp({ furtherArms: [...arms, arm] });
        else toast('No arm of the kit reaches the camera from beside its base.');
      },
      (error: Error) => toast(`No arm was added: ${error.message}`),
    );
  const armLinks = links.filter(({ id }) => kit.links.some((link) => link.id === id && ARM_KINDS.includes(link.kind)));
  const next = NAMES[arms.length];
  return (
    <>
      {arms.map((arm, index) => (
        <fieldset key={index} className="min-w-0 border-l-2 border-hair-strong pl-2">
          <legend className="sr-only">{NAMES[index]}</legend>
          <div className="flex items-center">
            <div className="flex-1">
              <ChoiceField
                label={NAMES[index]!}
                value={arm.linkId}
                choices={armLinks}
                onChange={(linkId) => set(index, { linkId })}
              />
            </div>
            <button
              type="button"
              className="action action-quiet"
              aria-label={`Take the ${NAMES[index]!.toLowerCase()} off`}
              onClick={() => changeSetUp({ furtherArms: arms.filter((_, i) => i !== index) })}
            >
              <X size={15} aria-hidden />
            </button>
          </div>
          {(arm.spotId !== undefined || (standing && standing.feet.length > 0)) && (
            <ChoiceField
              label="Stands by"
              value={arm.spotId ?? BESIDE}
              choices={[
                { id: BESIDE, name: 'The first base' },
                ...(standing?.feet ?? []),
                ...(arm.spotId === undefined || standing?.feet.some(({ id }) => id === arm.spotId)
                  ? []
                  : [{ id: arm.spotId, name: 'Another spot' }]),
              ]}
              onChange={(id) => set(index, { spotId: id === BESIDE ? undefined : id, alongM: 0, acrossM: 0 })}
            />
          )}
          <ChoiceField
            label="Its base"
            value={arm.baseId}
            choices={bases.map((base) => ({ ...base, refused: standing?.baseRefusals[index]?.[base.id] }))}
            onChange={(baseId) => set(index, { baseId })}
          />
          <div className="grid grid-cols-2 gap-x-2">
            {(['along', 'across'] as const).map((way) => (
              <NumberField
                key={way}
                stacked
                label={standing?.ways[index] ? `Base ${standing.ways[index][way][0]}` : 'Base'}
                value={arm[`${way}M`] * perUnit}
                unit={metric ? 'mm' : 'in'}
                step={metric ? 10 : 0.5}
                digits={metric ? 0 : 1}
                min={-APART_M * perUnit}
                max={APART_M * perUnit}
                onChange={(v) => set(index, { [`${way}M`]: Number((v / perUnit).toFixed(4)) })}
              />
            ))}
          </div>
          {standing?.lengthsM[index] != null && (
            <p className="text-[0.86rem] text-ink-2">
              Measured from {arm.spotId === undefined ? 'the first base' : 'that spot'}. The arm comes out{' '}
              <span className="reading">{smallLength(standing.lengthsM[index], units)}</span> long.
            </p>
          )}
        </fieldset>
      ))}
      {standing?.refusal && (
        <p role="status" className="text-[0.9rem] font-[600]">
          It does not go like this: {inUnits(standing.refusal)}.
        </p>
      )}
      {next && arms.length < room && (
        <button type="button" className="action action-quiet text-ink-2" onClick={add}>
          <Plus size={15} aria-hidden /> Add a {next.toLowerCase()} where it steadies most
        </button>
      )}
    </>
  );
}
