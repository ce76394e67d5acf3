import { kitWith, metresToInches, tetherLengthM, type SetUp, type TetherAnchor } from '@strut-spot/core';
import { useShot } from '../../state/useShot';
import { useSettings } from '../../storage/settings';
import { ChoiceField, type Choice } from '../../ui/ChoiceField';
import { NumberField } from '../../ui/NumberField';
import { computing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';

const NONE = 'none';
/** Stands for the pad that is stuck on beside the base. */
const PAD = '';

const title = (name: string) => name.charAt(0).toUpperCase() + name.slice(1);

/** What keeps the camera if it comes off: which tether, what it is tied to, how long. */
export function TetherFields({ tethers }: { readonly tethers: readonly Choice[] }) {
  const { shot, rig, change, changeSetUp } = useShot();
  const { units } = useSettings();
  const { setUp } = shot;
  const { tether } = setUp;
  const kit = kitWith(rig.ownKit);
  const { value: anchors } = useLatest(JSON.stringify([rig, setUp]), () => computing.tetherAnchors(rig, setUp));
  const definition = kit.tethers.find(({ id }) => id === tether?.tetherId);
  const perUnit = units === 'metric' ? 1000 : metresToInches(1);

  const tied = (tetherId: string, anchor: TetherAnchor | undefined) => {
    const piece = kit.tethers.find(({ id }) => id === tetherId)!;
    const farM = anchor?.farM ?? 0;
    changeSetUp({
      tether: {
        tetherId,
        ...(anchor?.partId === undefined ? {} : { partId: anchor.partId }),
        lengthM: tetherLengthM(piece, { name: '', farM }),
      },
    });
  };
  const now = anchors?.find(({ partId }) => partId === tether?.partId);
  return (
    <>
      <ChoiceField
        label="Tether"
        value={tether?.tetherId ?? NONE}
        choices={[{ id: NONE, name: 'Not chosen' }, ...tethers]}
        onChange={(id) => {
          if (id === NONE) change((s) => ({ ...s, setUp: untied(s.setUp) }));
          else if (now) tied(id, now);
          else void computing.tetherAnchors(rig, setUp).then((found) => tied(id, found[0]));
        }}
      />
      {tether && definition && (
        <fieldset className="min-w-0 border-l-2 border-hair-strong pl-2">
          <legend className="sr-only">Tether</legend>
          <ChoiceField
            label="Tied to"
            value={tether.partId ?? PAD}
            choices={[
              ...(anchors ?? []).map(({ partId = PAD, name }) => ({ id: partId, name: title(name) })),
              ...(anchors && !now ? [{ id: tether.partId ?? PAD, name: 'Something out of reach' }] : []),
            ]}
            onChange={(id) =>
              tied(
                tether.tetherId,
                anchors?.find(({ partId = PAD }) => partId === id),
              )
            }
          />
          <NumberField
            label="Long"
            value={tether.lengthM * perUnit}
            unit={units === 'metric' ? 'mm' : 'in'}
            step={units === 'metric' ? 10 : 0.5}
            digits={units === 'metric' ? 0 : 1}
            min={Number((definition.lengthM.low * perUnit).toFixed(2))}
            max={Number((definition.lengthM.high * perUnit).toFixed(2))}
            onChange={(v) =>
              changeSetUp({ tether: { ...tether, lengthM: Number((v / perUnit).toFixed(4)) } }, 'tether')
            }
          />
        </fieldset>
      )}
    </>
  );
}

/** The set-up with no tether chosen; the field is left out. */
function untied(setUp: SetUp): SetUp {
  const { tether, ...rest } = setUp;
  void tether;
  return rest;
}
