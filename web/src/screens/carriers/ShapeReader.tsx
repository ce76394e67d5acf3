import { WORLD_IDS, type OwnShape, type WorldId } from '@strut-spot/core';
import { FileBox } from 'lucide-react';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { newId } from '../../state/newId';
import { saveShape } from '../../storage/shapes';
import { trouble } from '../../storage/trouble';
import { ChoiceField } from '../../ui/ChoiceField';
import { GLB_LIMITS } from '../../formats/glb/inspectGltf';
import type { Axis, GlbReading, GlbResult } from '../../formats/glb/parseGlb';
import { readGlb } from '../../workers/readGlb';

const UNITS = [
  { id: '1', name: 'metres' },
  { id: '0.01', name: 'centimetres' },
  { id: '0.001', name: 'millimetres' },
  { id: '0.0254', name: 'inches' },
];
const AXES: readonly Axis[] = ['+x', '-x', '+y', '-y', '+z', '-z'];
const WORLD_NAMES: Record<WorldId, string> = { trail: 'trail', road: 'road', snow: 'snow', water: 'water', air: 'air' };

/** Reads a carrier's shape from a GLB file: asks for its unit and axes, says what came of it, keeps it. */
export function ShapeReader() {
  const file = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const [bytes, setBytes] = useState<ArrayBuffer | null>(null);
  const [name, setName] = useState('');
  const [world, setWorld] = useState<WorldId>('road');
  const [reading, setReading] = useState<GlbReading>({ metresPerUnit: 1, up: '+y', ahead: '+z' });
  const asked = useRef(0);
  const [result, setResult] = useState<GlbResult | null>(null);

  const read = async (from: ArrayBuffer, as: GlbReading) => {
    const mine = ++asked.current;
    setResult(null);
    const read = await readGlb(from, as);
    // Another unit or file may have been chosen meanwhile.
    if (mine === asked.current) setResult(read);
  };
  const choose = async (chosen: File) => {
    if (chosen.size > GLB_LIMITS.bytes) {
      setBytes(new ArrayBuffer(0));
      setResult({
        ok: false,
        problem: `${chosen.name} has ${(chosen.size / 1e6).toFixed(1)} MB; at most ${GLB_LIMITS.bytes / 1e6} MB are read.`,
      });
      return;
    }
    const content = await chosen.arrayBuffer();
    setBytes(content);
    setName(chosen.name.replace(/\.[^.]*$/, '').slice(0, 80));
    await read(content, reading);
  };
  const change = (edit: Partial<GlbReading>) => {
    const next = { ...reading, ...edit };
    setReading(next);
    if (bytes) void read(bytes, next);
  };
  const keep = async () => {
    if (!result?.ok) return;
    const shape: OwnShape = { id: `own-${newId()}`, name: name.trim() || 'Own shape', world, parts: result.parts };
    try {
      await saveShape(shape);
    } catch (error) {
      setResult({ ok: false, problem: `The shape was not kept: ${trouble(error)}.` });
      return;
    }
    await navigate(`/carriers/${shape.id}`);
  };

  return (
    <section aria-labelledby="own-shape" className="mt-8 max-w-xl">
      <h2 id="own-shape" className="caption mb-2 border-b-2 border-ink pb-1">
        A shape of your own
      </h2>
      <p className="mb-2 text-ink-2">
        Reads a GLB file (binary glTF 2). It comes without stances and spots: add it to an outing and put spots on it
        there.
      </p>
      <input
        ref={file}
        type="file"
        accept=".glb,model/gltf-binary"
        className="sr-only"
        aria-label="GLB file"
        onChange={(event) => {
          const [chosen] = event.target.files ?? [];
          if (chosen) void choose(chosen);
          event.target.value = '';
        }}
      />
      <button type="button" className="action" onClick={() => file.current?.click()}>
        <FileBox size={15} aria-hidden /> Choose a GLB file
      </button>
      {bytes && (
        <div className="mt-3 space-y-1 border-2 border-ink bg-sheet p-3">
          <div className="flex items-baseline gap-2">
            <label htmlFor="shape-name" className="label w-20 shrink-0 text-ink-2">
              Name
            </label>
            <input
              id="shape-name"
              className="field min-w-0 flex-1"
              maxLength={80}
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
          </div>
          <ChoiceField
            label="Unit"
            value={String(reading.metresPerUnit)}
            choices={UNITS}
            onChange={(id) => change({ metresPerUnit: Number(id) })}
          />
          <ChoiceField
            label="Up is"
            value={reading.up}
            choices={AXES.map((id) => ({ id, name: id }))}
            onChange={(id) => change({ up: id as Axis })}
          />
          <ChoiceField
            label="Ahead is"
            value={reading.ahead}
            choices={AXES.map((id) => ({ id, name: id }))}
            onChange={(id) => change({ ahead: id as Axis })}
          />
          <ChoiceField
            label="Moves on"
            value={world}
            choices={WORLD_IDS.map((id) => ({ id, name: WORLD_NAMES[id] }))}
            onChange={(id) => setWorld(id as WorldId)}
          />
          <div aria-live="polite" className="pt-1">
            {!result && <p>Reading…</p>}
            {result?.ok === false && <p role="alert">{result.problem} Nothing is changed.</p>}
            {result?.ok && (
              <p>
                {result.parts.length} {result.parts.length === 1 ? 'part' : 'parts'}, {result.sizeM[0]!.toFixed(2)} m
                long, {result.sizeM[1]!.toFixed(2)} m high, {result.sizeM[2]!.toFixed(2)} m wide.
                {result.open > 0 &&
                  ` ${result.open} of them ${result.open === 1 ? 'is' : 'are'} not closed: thin edges may be looked through.`}
              </p>
            )}
          </div>
          <button type="button" className="action action-main" disabled={!result?.ok} onClick={() => void keep()}>
            Keep this shape
          </button>
        </div>
      )}
    </section>
  );
}
