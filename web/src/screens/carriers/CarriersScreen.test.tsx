import { CARRIERS } from '@strut-spot/core';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { BoxGeometry, Mesh, MeshBasicMaterial, Scene } from 'three';
import { GLTFExporter } from 'three/addons/exporters/GLTFExporter.js';
import { MemoryRouter, Route, Routes } from 'react-router';
import { settle } from '../../../testing/openSheet';
import { database } from '../../storage/database';
import { removeShape } from '../../storage/shapes';
import { CarrierPage } from './CarrierPage';
import { CarriersScreen } from './CarriersScreen';

const MACHINES = CARRIERS.filter((c) => c.kind === 'machine');
const open = (path = '/carriers') =>
  render(
    <MemoryRouter initialEntries={[path]}>
      <Routes>
        <Route path="/carriers" element={<CarriersScreen />} />
        <Route path="/carriers/:machineId" element={<CarrierPage />} />
      </Routes>
    </MemoryRouter>,
  );
afterEach(() => settle(30));

const links = () => screen.getAllByRole('link');

it('every machine of the catalogue is there, found by words and by family', async () => {
  open();
  await waitFor(() => expect(links()).toHaveLength(MACHINES.length));
  fireEvent.click(screen.getByRole('radio', { name: 'Boats' }));
  expect(links().length).toBeGreaterThan(1);
  expect(links().length).toBeLessThan(MACHINES.length);
  fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'kayak' } });
  expect(links()).toHaveLength(1);
  fireEvent.click(screen.getByRole('radio', { name: 'Aircraft' }));
  expect(screen.getByText('Nothing has that in its name.')).toBeTruthy();
});

it.each(MACHINES.map((m) => m.id))('the page of %s lists spots, and measures with where they come from', async (id) => {
  open(`/carriers/${id}`);
  const spots = await waitFor(() => {
    const found = screen.getAllByRole('button', { expanded: false });
    expect(found.length).toBeGreaterThan(0);
    return found;
  });
  await act(async () => fireEvent.click(spots[0]!));
  expect(spots[0]!.getAttribute('aria-expanded')).toBe('true');
  const rows = screen.getAllByRole('rowheader');
  expect(rows.every((row) => /estimate, |no source|\w{4}/.test(row.textContent))).toBe(true);
  expect(document.body.textContent).not.toMatch(/NaN|undefined|\[object/);
});

it('a carrier nobody knows is said to be missing', () => {
  open('/carriers/velocipede');
  expect(screen.getByText(/carrier/)).toBeTruthy();
});

describe('a shape of one’s own', () => {
  const choose = async (bytes: ArrayBuffer, name: string) => {
    const file = new File([bytes], name);
    file.arrayBuffer = () => Promise.resolve(bytes);
    await act(async () => fireEvent.change(screen.getByLabelText('GLB file'), { target: { files: [file] } }));
  };
  const crate = async (): Promise<ArrayBuffer> => {
    const scene = new Scene();
    scene.add(new Mesh(new BoxGeometry(1, 2, 4), new MeshBasicMaterial()));
    return (await new GLTFExporter().parseAsync(scene, { binary: true })) as ArrayBuffer;
  };

  it('is read in the unit that is told, kept, opened, and taken away', async () => {
    open();
    await choose(await crate(), 'crate.glb');
    expect(await screen.findByText(/1 part, 4.00 m long, 2.00 m high, 1.00 m wide/)).toBeTruthy();
    fireEvent.change(screen.getByLabelText('Unit'), { target: { value: '0.01' } });
    expect(await screen.findByText(/0.04 m long/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Keep this shape' }));
    expect(await screen.findByRole('heading', { name: 'crate' })).toBeTruthy();
    const [shape] = await database.shapes.toArray();
    fireEvent.click(screen.getByRole('button', { name: 'Delete this shape' }));
    await waitFor(async () => expect(await database.shapes.get(shape!.id)).toBeUndefined());
    await removeShape(shape!.id);
  });

  it('that is none is refused, and cannot be kept', async () => {
    open();
    await choose(new TextEncoder().encode('not a model at all').buffer as ArrayBuffer, 'notes.glb');
    expect((await screen.findByRole('alert')).textContent).toMatch(/Nothing is changed/);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Keep this shape' }).disabled).toBe(true);
    expect(await database.shapes.count()).toBe(0);
  });
});
