import { SURFACE_SHAPES, type OwnSpot, type RigSpec, type Surface, type SurfaceMaterial } from '@strut-spot/core';
import { MapPinPlus } from 'lucide-react';
import { useId, useState } from 'react';
import type { SurfacePlace } from '../../scene/CarrierScene';
import { computing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { ChoiceField } from '../../ui/ChoiceField';
import { NumberField } from '../../ui/NumberField';

const MATERIALS: readonly SurfaceMaterial[] = [
  'plastic',
  'painted metal',
  'alloy',
  'alloy tube',
  'steel tube',
  'carbon',
  'gelcoat',
  'foam core',
  'glass',
  'acrylic canopy',
  'shell',
  'fabric',
  'webbing',
  'rubber',
  'wood',
];

interface OwnSpotFormProps {
  readonly rig: RigSpec;
  /** The spot that is put anew; null = a new one. */
  readonly anew: OwnSpot | null;
  readonly placing: boolean;
  readonly place: SurfacePlace | null;
  readonly onPlacing: (placing: boolean) => void;
  readonly onAdd: (spot: Omit<OwnSpot, 'id'>) => void;
}

/** A spot of one's own: click on the mesh (or give the middle of a part), say what the surface is. */
export function OwnSpotForm({ rig, anew, placing, place, onPlacing, onAdd }: OwnSpotFormProps) {
  const nameId = useId();
  const [name, setName] = useState(anew?.name ?? '');
  const [material, setMaterial] = useState<SurfaceMaterial>(anew?.surface.material ?? 'plastic');
  const [shape, setShape] = useState<Surface['shape']>(anew?.surface.shape ?? 'flat');
  const [sizeMm, setSizeMm] = useState((anew?.surface.tubeDiameterM ?? 0.032) * 1000);
  const [partId, setPartId] = useState('');
  const parts = useLatest(placing ? JSON.stringify(rig) : null, () => computing.partTops(rig));
  const round = shape === 'tube' || shape === 'bar' || shape === 'line';
  const chosen = place ?? parts.value?.find((p) => p.partId === partId) ?? null;
  const problem = name.trim() === '' ? 'Give it a name.' : chosen ? null : 'Click on the carrier, or choose a part.';

  if (!placing) {
    return (
      <button type="button" className="action mt-3" onClick={() => onPlacing(true)}>
        <MapPinPlus size={15} aria-hidden /> Put a spot of your own
      </button>
    );
  }
  return (
    <form
      className="mt-3 space-y-1 border-2 border-ink p-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (problem || !chosen) return;
        const surface: Surface = { material, shape, ...(round ? { tubeDiameterM: sizeMm / 1000 } : {}) };
        onAdd({ name: name.trim(), partId: chosen.partId, point: chosen.point, normal: chosen.normal, surface });
        setName('');
        setPartId('');
      }}
    >
      <p aria-live="polite" className="font-[600]">
        {place
          ? `On ${parts.value?.find((p) => p.partId === place.partId)?.name ?? 'the carrier'}, where you clicked.`
          : 'Click where the base goes, or choose a part: the spot comes on its top.'}
      </p>
      <ChoiceField
        label="Part"
        value={place ? place.partId : partId}
        choices={[{ id: '', name: '…' }, ...(parts.value ?? []).map((p) => ({ id: p.partId, name: p.name }))]}
        onChange={setPartId}
      />
      <div className="flex items-baseline gap-2">
        <label htmlFor={nameId} className="label w-20 shrink-0 text-ink-2">
          Name
        </label>
        <input
          id={nameId}
          className="field min-w-0 flex-1"
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </div>
      <ChoiceField
        label="Material"
        value={material}
        choices={MATERIALS.map((m) => ({ id: m, name: m }))}
        onChange={(m) => setMaterial(m as SurfaceMaterial)}
      />
      <ChoiceField
        label="Shape"
        value={shape}
        choices={SURFACE_SHAPES.map((s) => ({ id: s, name: s }))}
        onChange={(s) => setShape(s as Surface['shape'])}
      />
      {round && (
        <NumberField
          label="Diameter"
          value={sizeMm}
          unit="mm"
          step={1}
          digits={0}
          min={1}
          max={400}
          onChange={setSizeMm}
        />
      )}
      <div className="flex items-center gap-2 pt-1">
        <button type="submit" className="action action-main" disabled={problem !== null}>
          Put it there
        </button>
        <button type="button" className="action" onClick={() => onPlacing(false)}>
          Cancel
        </button>
        {problem && <span className="text-[0.9rem] text-ink-2">{problem}</span>}
      </div>
    </form>
  );
}
