import { ADD_ON_PLACES, addOnsFor, addOnsOf, kitWith, wearing, type AddOnPlace, type SetUp } from '@strut-spot/core';
import { useShot } from '../../state/useShot';
import { ChoiceField } from '../../ui/ChoiceField';

const LABELS: Readonly<Record<AddOnPlace, string>> = {
  'round the body': 'Case, cradle',
  'before the lens': 'On the lens',
};
const NONE = 'none';

/** What goes on the camera besides filters: a housing or cradle, a hood or a lens. */
export function AddOnFields() {
  const { shot, rig, change } = useShot();
  const kit = kitWith(rig.ownKit);
  const camera = kit.cameras.find((c) => c.id === shot.setUp.cameraId)!;
  const worn = addOnsOf(kit, shot.setUp);
  return ADD_ON_PLACES.map((place) => {
    const others = worn.filter((addOn) => addOn.place !== place);
    const now = worn.find((addOn) => addOn.place === place);
    // What goes before a lens depends on what is round the body.
    const under = place === 'before the lens' ? others : [];
    const fitting = addOnsFor(kit, wearing(camera, under)).filter((addOn) => addOn.place === place);
    if (fitting.length === 0 && !now) return null;
    return (
      <ChoiceField
        key={place}
        label={LABELS[place]}
        value={now?.id ?? NONE}
        choices={[
          { id: NONE, name: 'Nothing' },
          ...fitting,
          ...(now && !fitting.includes(now) ? [{ id: now.id, name: `${now.name}, does not fit` }] : []),
        ].map(({ id, name }) => ({ id, name }))}
        onChange={(id) =>
          change((s) => ({
            ...s,
            setUp: withWorn(s.setUp, [...others.map((addOn) => addOn.id), ...(id === NONE ? [] : [id])]),
          }))
        }
      />
    );
  });
}

/** The set-up with these on its camera; the field is left out where nothing is. */
function withWorn(setUp: SetUp, ids: readonly string[]): SetUp {
  const { addOnIds, ...rest } = setUp;
  void addOnIds;
  return ids.length === 0 ? rest : { ...rest, addOnIds: ids };
}
