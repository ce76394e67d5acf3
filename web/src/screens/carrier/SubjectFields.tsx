import { resolveRig, type OutingCarrier, type SubjectSpec } from '@strut-spot/core';
import { useKnownMachines } from '../../storage/shapes';
import { ChoiceField } from '../../ui/ChoiceField';
import { NumberField } from '../../ui/NumberField';

type Rig = OutingCarrier['rig'];

const NOBODY = 'nobody';
/** Riding alongside, close enough to be more than a dot. */
const FIRST: Omit<SubjectSpec, 'machineId'> = { distanceM: 8, bearingDeg: 30, headingDeg: 0, aboveM: 0 };

/** Somebody or something else to be framed, where it is seen from the carrier. */
export function SubjectFields({
  rig,
  onChange,
}: {
  readonly rig: Rig;
  readonly onChange: (edit: Partial<Rig>, key: string) => void;
}) {
  const { machine } = resolveRig(rig);
  const passing = machine.passing !== undefined;
  const { subject } = rig;
  const machines = useKnownMachines().filter((c) => c.family !== 'beside');
  const set = (edit: Partial<SubjectSpec>) =>
    subject && onChange({ subject: { ...subject, ...edit } }, `subject-${Object.keys(edit).join()}`);
  const choose = (id: string) => {
    if (id !== NOBODY) {
      onChange({ subject: { ...FIRST, ...subject, machineId: id } }, 'subject');
      return;
    }
    onChange({ subject: undefined }, 'subject');
  };
  return (
    <fieldset className="mt-3">
      <legend className="caption mb-0.5">{passing ? 'Who passes' : 'Somebody else in the frame'}</legend>
      <ChoiceField
        label="Who"
        value={subject?.machineId ?? NOBODY}
        choices={[{ id: NOBODY, name: 'Nobody' }, ...machines]}
        onChange={choose}
      />
      {subject && (
        <>
          <NumberField
            label={passing ? 'Line passes at' : 'Distance'}
            value={subject.distanceM}
            unit="m"
            step={1}
            digits={1}
            min={0.5}
            max={3000}
            onChange={(distanceM) => set({ distanceM })}
          />
          {!passing && (
            <>
              <NumberField
                label="Bearing (0 ahead, 90 right)"
                value={subject.bearingDeg}
                unit="°"
                step={5}
                digits={0}
                min={-360}
                max={360}
                onChange={(bearingDeg) => set({ bearingDeg })}
              />
              <NumberField
                label="Heading against ours"
                value={subject.headingDeg}
                unit="°"
                step={5}
                digits={0}
                min={-360}
                max={360}
                onChange={(headingDeg) => set({ headingDeg })}
              />
              <NumberField
                label="Above us"
                value={subject.aboveM}
                unit="m"
                step={1}
                digits={1}
                min={-1000}
                max={1000}
                onChange={(aboveM) => set({ aboveM })}
              />
            </>
          )}
        </>
      )}
    </fieldset>
  );
}
