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

/** Millimetres of a length in metres. */
function Size({
  label,
  value,
  most,
  digits = 0,
  onTell,
}: {
  readonly label: string;
  readonly value: number;
  readonly most: number;
  readonly digits?: number;
  readonly onTell: (m: number) => void;
}) {
  return (
    <NumberField
      label={label}
      value={value * 1000}
      unit="mm"
      step={1}
      digits={digits}
      min={0}
      max={most * 1000}
      onChange={(mm) => onTell(mm / 1000)}
    />
  );
}

const USUAL_TUBE_M = 0.032;
const FLAT_M = 2;
const isRound = (shape: Surface['shape']): boolean => shape === 'tube' || shape === 'bar' || shape === 'line';

/** What it says of itself: a tube its diameter, anything else area, curve and wall; what is not known is left out. */
function sound({
  material,
  shape,
  tubeDiameterM = USUAL_TUBE_M,
  flatAreaM2,
  curvatureRadiusM,
  wallM,
}: Surface): Surface {
  if (isRound(shape)) return { material, shape, tubeDiameterM: Math.max(0.001, tubeDiameterM) };
  return {
    material,
    shape,
    ...(flatAreaM2 ? { flatAreaM2 } : {}),
    ...(shape === 'curved' && curvatureRadiusM ? { curvatureRadiusM: Math.max(0.005, curvatureRadiusM) } : {}),
    ...(wallM ? { wallM } : {}),
  };
}

/** The surface as the model has it at a place, and what was told of it there; of a spot that is put anew, as it was told before. */
function useSurface(rig: RigSpec, at: SurfacePlace | null, anew: OwnSpot | null) {
  const key = at ? JSON.stringify([at.partId, at.point]) : '';
  const [told, setTold] = useState<{ readonly key: string | null; readonly values: Partial<Surface> }>({
    key: null,
    values: anew?.surface ?? {},
  });
  const readAt = (place: SurfacePlace) => computing.surfaceAt(rig, place.partId, place.point, place.normal);
  const read = useLatest(at ? JSON.stringify([rig, at]) : null, async () => ({ key, surface: await readAt(at!) }));
  const mine = told.key === null || told.key === key ? told.values : {};
  const as = (surface: Surface | null | undefined): Surface => ({
    material: 'plastic',
    shape: 'flat',
    ...surface,
    ...mine,
  });
  // What was read at the place before says nothing of this one.
  const here = read.value?.key === key ? read.value : null;
  return {
    surface: as(here?.surface),
    /** The same, waited for where it is not read yet. */
    settled: async (place: SurfacePlace) => as(here ? here.surface : await readAt(place).catch(() => null)),
    tell: (values: Partial<Surface>) => setTold({ key, values: { ...mine, ...values } }),
  };
}

/** A spot of one's own: click on the mesh (or give the middle of a part), say what the surface is. */
export function OwnSpotForm({ rig, anew, placing, place, onPlacing, onAdd }: OwnSpotFormProps) {
  const nameId = useId();
  const [name, setName] = useState(anew?.name ?? '');
  const [partId, setPartId] = useState('');
  const parts = useLatest(placing ? JSON.stringify(rig) : null, () => computing.partTops(rig));
  const chosen = place ?? parts.value?.find((p) => p.partId === partId) ?? null;
  const { surface, settled, tell } = useSurface(rig, chosen, anew);
  const { material, shape } = surface;
  const round = isRound(shape);
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
        const { partId: on, point, normal } = chosen;
        const called = name.trim();
        void settled(chosen).then((as) => onAdd({ name: called, partId: on, point, normal, surface: sound(as) }));
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
        onChange={(m) => tell({ material: m as SurfaceMaterial })}
      />
      <ChoiceField
        label="Shape"
        value={shape}
        choices={SURFACE_SHAPES.map((s) => ({ id: s, name: s }))}
        onChange={(s) => tell({ shape: s as Surface['shape'] })}
      />
      {round ? (
        <Size
          label="Diameter"
          value={surface.tubeDiameterM ?? USUAL_TUBE_M}
          onTell={(tubeDiameterM) => tell({ tubeDiameterM })}
          most={0.4}
        />
      ) : (
        <>
          <NumberField
            label="Even area"
            value={(surface.flatAreaM2 ?? 0) * 1e4}
            unit="cm²"
            step={5}
            digits={0}
            min={0}
            max={10_000}
            onChange={(cm2) => tell({ flatAreaM2: cm2 / 1e4 })}
          />
          {shape === 'curved' && (
            <Size
              label="Radius of its curve"
              value={surface.curvatureRadiusM ?? FLAT_M}
              onTell={(curvatureRadiusM) => tell({ curvatureRadiusM })}
              most={10}
            />
          )}
          <Size
            label="Wall, 0 = not known"
            value={surface.wallM ?? 0}
            onTell={(wallM) => tell({ wallM })}
            most={0.2}
            digits={1}
          />
        </>
      )}
      {chosen && <p className="text-[0.9rem] text-ink-2">Read from the model: change what is not so.</p>}
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
