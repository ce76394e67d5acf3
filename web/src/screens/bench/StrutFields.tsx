import {
  BESIDE_KG,
  kitWith,
  metresToInches,
  OUNCES_PER_KG,
  turnedAfterwards,
  type CameraMounting,
  type LinkUse,
  type SetUp,
} from '@strut-spot/core';
import { Plus, X } from 'lucide-react';
import { useShot } from '../../state/useShot';
import { isInBox, mergeOwnKits, STANDARD_BOX, useKitBox } from '../../storage/kitBox';
import { useSettings } from '../../storage/settings';
import { ChoiceField } from '../../ui/ChoiceField';
import { ModeFields } from '../../ui/ModeFields';
import { NumberField } from '../../ui/NumberField';
import { AddOnFields } from './AddOnFields';
import { BodyTiltField } from './BodyTiltField';
import { TetherFields } from './TetherFields';
import { FurtherArms } from './FurtherArms';
import { computing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';

const MOUNTING_NAMES: Record<CameraMounting, string> = {
  upright: 'Right way up',
  inverted: 'Upside down',
  'portrait-left': 'On its left side (9:16)',
  'portrait-right': 'On its right side (9:16)',
};
const MOST_LINKS = 3;

/** Every number and piece of the strut as fields. */
export function StrutFields() {
  const { outing, shot, changeSetUp, rig, changeWithKit } = useShot();
  const { units } = useSettings();
  const { setUp } = shot;
  const { angles } = setUp;
  const box = useKitBox() ?? STANDARD_BOX;
  const ownKit = mergeOwnKits(outing.ownKit, box.own);
  const { cameras, bases, links, heads, tethers } = kitWith(ownKit);
  /** What is in the box first; the rest says so. */
  const offered = <Item extends { readonly id: string; readonly name: string }>(items: readonly Item[]) =>
    [...items]
      .sort((a, b) => Number(isInBox(box, b.id)) - Number(isInBox(box, a.id)))
      .map(({ id, name }) => ({ id, name: isInBox(box, id) ? name : `${name} (not in the box)` }));
  /** Something of the user's own comes along with the outing once it is used. */
  const use = (edit: Partial<SetUp>) => changeWithKit(edit, ownKit);
  const base = bases.find((b) => b.id === setUp.baseId)!;
  const head = heads.find((h) => h.id === setUp.headId)!;
  const camera = cameras.find((c) => c.id === setUp.cameraId)!;
  const mode = camera.modes.find((m) => m.id === setUp.modeId)!;
  // A view out of a whole sphere is turned by the software, whatever the joint does.
  const afterwards = turnedAfterwards({ camera, mode });
  const refusals = useLatest(JSON.stringify([rig, ownKit, setUp.spotId]), () =>
    computing.baseRefusals({ ...rig, ownKit }, setUp.spotId),
  );
  const setAngle = (name: keyof typeof angles, value: number) =>
    changeSetUp({ angles: { ...angles, [name]: value } }, `angle-${name}`);

  const setLink = (index: number, edit: Partial<LinkUse>) =>
    changeSetUp(
      { links: setUp.links.map((link, i) => (i === index ? { ...link, ...edit } : link)) },
      `link-${index}-${Object.keys(edit).join()}`,
    );
  const addLink = () => {
    const [link] = links.filter((l) => l.kind === 'arm').sort((a, b) => a.lengthM.low - b.lengthM.low);
    changeSetUp({ links: [...setUp.links, { linkId: link!.id, lengthM: link!.lengthM.low, bendDeg: 0, turnDeg: 0 }] });
  };
  const metric = units === 'metric';
  const perUnit = metric ? 1000 : metresToInches(1);
  const perKg = metric ? 1000 : OUNCES_PER_KG;

  return (
    <div className="space-y-1 px-3 py-2">
      <div className="grid grid-cols-3 gap-x-3">
        <NumberField
          stacked
          label="Tilt"
          value={angles.tiltDeg}
          unit="°"
          step={1}
          min={-120}
          max={120}
          onChange={(v) => setAngle('tiltDeg', v)}
        />
        <NumberField
          stacked
          label="Pan"
          value={angles.panDeg}
          unit="°"
          step={1}
          min={-180}
          max={180}
          digits={0}
          disabled={!afterwards && !head.turns.pan}
          onChange={(v) => setAngle('panDeg', v)}
        />
        <NumberField
          stacked
          label="Roll"
          value={angles.rollDeg}
          unit="°"
          step={1}
          min={-90}
          max={90}
          disabled={!afterwards && !head.turns.roll}
          onChange={(v) => setAngle('rollDeg', v)}
        />
      </div>
      {camera.gimbal && (
        <NumberField
          label="Gimbal keeps the lens at"
          value={setUp.gimbalTiltDeg ?? 0}
          unit="°"
          step={1}
          min={-90}
          max={90}
          onChange={(gimbalTiltDeg) => changeSetUp({ gimbalTiltDeg }, 'gimbal-tilt')}
        />
      )}
      {afterwards ? (
        <BodyTiltField />
      ) : (
        !head.turns.pan && (
          <p className="text-[0.86rem] text-ink-2">A finger joint tilts only; a ball joint pans and rolls too.</p>
        )
      )}

      <ChoiceField
        label="Base"
        value={setUp.baseId}
        choices={offered(bases).map(({ id, name }) => ({ id, name, refused: refusals.value?.[id] }))}
        onChange={(baseId) => use({ baseId, besideKg: undefined })}
      />
      {base.besideAt && (
        <NumberField
          label="Second device on it"
          value={(setUp.besideKg ?? 0) * perKg}
          unit={metric ? 'g' : 'oz'}
          step={metric ? 10 : 0.5}
          digits={metric ? 0 : 1}
          min={0}
          max={Math.floor(BESIDE_KG.high * perKg)}
          onChange={(v) => changeSetUp({ besideKg: v > 0 ? Math.max(BESIDE_KG.low, v / perKg) : undefined }, 'beside')}
        />
      )}
      {setUp.links.map((link, index) => {
        const definition = links.find((l) => l.id === link.linkId)!;
        return (
          <fieldset key={index} className="border-l-2 border-hair-strong pl-2">
            <legend className="sr-only">Link {index + 1}</legend>
            <div className="flex items-center">
              <div className="flex-1">
                <ChoiceField
                  label={`Link ${index + 1}`}
                  value={link.linkId}
                  choices={offered(links)}
                  onChange={(linkId) => {
                    const next = links.find((l) => l.id === linkId)!;
                    const changed = {
                      linkId,
                      lengthM: Math.min(next.lengthM.high, Math.max(next.lengthM.low, link.lengthM)),
                      bendDeg: next.bendLimitDeg === 0 ? 0 : next.kind === 'slide' ? 90 : link.bendDeg,
                    };
                    use({ links: setUp.links.map((other, i) => (i === index ? { ...other, ...changed } : other)) });
                  }}
                />
              </div>
              <button
                type="button"
                className="action action-quiet"
                aria-label={`Take link ${index + 1} out`}
                onClick={() => changeSetUp({ links: setUp.links.filter((_, i) => i !== index) })}
              >
                <X size={15} aria-hidden />
              </button>
            </div>
            <div className="grid grid-cols-3 gap-x-2">
              <NumberField
                stacked
                label={definition.kind === 'slide' ? 'Slid' : 'Long'}
                value={link.lengthM * perUnit}
                unit={metric ? 'mm' : 'in'}
                step={metric ? 5 : 0.2}
                digits={metric ? 0 : 1}
                min={Number((definition.lengthM.low * perUnit).toFixed(2))}
                max={Number((definition.lengthM.high * perUnit).toFixed(2))}
                onChange={(v) => setLink(index, { lengthM: v / perUnit })}
              />
              <NumberField
                stacked
                label="Bend"
                value={link.bendDeg}
                unit="°"
                step={5}
                digits={0}
                min={-definition.bendLimitDeg}
                max={definition.bendLimitDeg}
                disabled={definition.bendLimitDeg === 0 || definition.kind === 'slide'}
                onChange={(v) => setLink(index, { bendDeg: v })}
              />
              <NumberField
                stacked
                label="Turn"
                value={link.turnDeg}
                unit="°"
                step={5}
                digits={0}
                min={-180}
                max={180}
                disabled={definition.bendLimitDeg === 0}
                onChange={(v) => setLink(index, { turnDeg: v })}
              />
            </div>
          </fieldset>
        );
      })}
      {setUp.links.length < MOST_LINKS && (
        <button type="button" className="action action-quiet text-ink-2" onClick={addLink}>
          <Plus size={15} aria-hidden /> Add a link between base and camera
        </button>
      )}
      <FurtherArms bases={offered(bases).map(({ id, name }) => ({ id, name }))} links={offered(links)} />
      <ChoiceField
        label="Joint"
        value={setUp.headId}
        choices={offered(heads)}
        onChange={(headId) => {
          const next = heads.find((h) => h.id === headId)!;
          changeSetUp({ headId, angles: { ...angles, rollDeg: next.turns.roll ? angles.rollDeg : 0 } });
        }}
      />
      <ChoiceField
        label="Camera"
        value={setUp.cameraId}
        choices={offered(cameras)}
        onChange={(cameraId) => {
          const next = cameras.find((c) => c.id === cameraId)!;
          use({
            cameraId,
            modeId: next.modes.some((m) => m.id === setUp.modeId) ? setUp.modeId : next.modes[0]!.id,
            stabiliserId: next.stabilisers.some((s) => s.id === setUp.stabiliserId)
              ? setUp.stabiliserId
              : next.stabilisers[0]!.id,
            mounting: next.mounting.includes(setUp.mounting) ? setUp.mounting : next.mounting[0]!,
            // One screw point holds one arm.
            ...(setUp.furtherArms && (next.screwPoints ?? 1) <= 1 ? { furtherArms: undefined } : {}),
            // What goes on one camera seldom goes on another.
            ...(setUp.addOnIds ? { addOnIds: undefined } : {}),
          });
        }}
      />
      <AddOnFields />
      <TetherFields tethers={offered(tethers)} />
      <ModeFields />
      <ChoiceField
        label="Mounted"
        value={setUp.mounting}
        choices={camera.mounting.map((id) => ({ id, name: MOUNTING_NAMES[id] }))}
        onChange={(mounting) => changeSetUp({ mounting: mounting as CameraMounting })}
      />
    </div>
  );
}
