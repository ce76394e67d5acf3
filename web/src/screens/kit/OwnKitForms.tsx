import { yupResolver } from '@hookform/resolvers/yup';
import {
  angleFromFocal,
  BASE_KINDS,
  PICTURE_SIDES_LIMIT,
  PROJECTIONS,
  RADIAL_PROJECTION_IDS,
  SURFACE_SHAPES,
  WIDEST_STRAIGHT_DEG,
  type OwnBase,
  type OwnCamera,
  type OwnLink,
} from '@strut-spot/core';
import { useForm, type FieldErrors, type UseFormRegisterReturn } from 'react-hook-form';
import { toast } from 'sonner';
import { number, object, string } from 'yup';
import { newId } from '../../state/newId';
import { changeKitBox } from '../../storage/kitBox';

const name = () => string().trim().required('It needs a name').max(120, 'At most 120 characters');
const within = (low: number, high: number, unit: string) =>
  number()
    .typeError(`A number from ${low} to ${high} ${unit}`)
    .required(`A number from ${low} to ${high} ${unit}`)
    .min(low, `From ${low} ${unit}`)
    .max(high, `Up to ${high} ${unit}`);

const cameraSchema = object({
  name: name(),
  projection: string().oneOf(RADIAL_PROJECTION_IDS).required(),
  fovDeg: within(3, 220, '°').test(
    'straight',
    `A picture of straight lines is below ${WIDEST_STRAIGHT_DEG}°`,
    (fov, { parent }) => (parent as { projection: string }).projection !== 'rectilinear' || fov < WIDEST_STRAIGHT_DEG,
  ),
  fovAcross: string().oneOf(['horizontal', 'vertical', 'diagonal']).required(),
  widthPx: within(160, 20000, 'pixels'),
  heightPx: within(120, 20000, 'pixels').test(
    'sides',
    `At most ${PICTURE_SIDES_LIMIT} times one side to the other`,
    (height, { parent }) => {
      const sides = (parent as { widthPx: number }).widthPx / height;
      return Number.isNaN(sides) || (sides <= PICTURE_SIDES_LIMIT && sides >= 1 / PICTURE_SIDES_LIMIT);
    },
  ),
  framesPerSecond: within(1, 1000, 'a second'),
  depthMm: within(5, 500, 'mm'),
  heightMm: within(5, 500, 'mm'),
  widthMm: within(5, 500, 'mm'),
  massG: within(5, 8000, 'g'),
  closestFocusM: within(0.005, 10, 'm'),
  /** For whoever knows these in place of the angle. */
  sensorMm: string().defined(),
  focalMm: string().defined(),
});
const linkSchema = object({
  name: name(),
  lowMm: within(5, 4000, 'mm'),
  highMm: within(5, 4000, 'mm').test(
    'order',
    'Not shorter than its shortest',
    (high, { parent }) => high >= (parent as { lowMm: number }).lowMm,
  ),
  thicknessMm: within(2, 100, 'mm'),
  massG: within(1, 5000, 'g'),
});
const baseSchema = object({
  name: name(),
  kind: string().oneOf(BASE_KINDS).required(),
  shape: string().oneOf(SURFACE_SHAPES).required(),
  tubeLowMm: within(1, 1000, 'mm'),
  tubeHighMm: within(1, 1000, 'mm'),
  heightMm: within(2, 400, 'mm'),
  massG: within(1, 5000, 'g'),
});

/** Cameras, arms and bases of one's own: what the manual prints and a ruler and scales give. */
export function OwnKitForms() {
  return (
    <section aria-labelledby="own" className="mt-8">
      <h2 id="own" className="caption mb-2 border-b-2 border-ink pb-1">
        Add your own
      </h2>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-3">
        <CameraForm />
        <LinkForm />
        <BaseForm />
      </div>
    </section>
  );
}

function CameraForm() {
  const form = useForm({
    resolver: yupResolver(cameraSchema),
    defaultValues: {
      name: '',
      projection: 'equidistant' as const,
      fovDeg: 120,
      fovAcross: 'horizontal' as const,
      widthPx: 3840,
      heightPx: 2160,
      framesPerSecond: 30,
      depthMm: 34,
      heightMm: 50,
      widthMm: 70,
      massG: 150,
      closestFocusM: 0.3,
      sensorMm: '',
      focalMm: '',
    },
  });
  const { register, handleSubmit, formState, reset, getValues, setValue, setError } = form;
  const workOut = () => {
    const { sensorMm, focalMm, projection } = getValues();
    const angle = angleFromFocal(projection, Number(sensorMm), Number(focalMm));
    if (angle === null) setError('focalMm', { message: 'No such lens shows as much: both in mm, above 0' });
    else setValue('fovDeg', Number(angle.toFixed(1)), { shouldValidate: true });
  };
  const add = handleSubmit(async ({ depthMm, heightMm, widthMm, massG, sensorMm, focalMm, ...values }) => {
    void [sensorMm, focalMm];
    const camera = {
      ...values,
      id: `own-${newId()}`,
      depthM: depthMm / 1000,
      heightM: heightMm / 1000,
      widthM: widthMm / 1000,
      massKg: massG / 1000,
    } as OwnCamera;
    await changeKitBox((b) => ({
      ...b,
      inBox: b.inBox && [...b.inBox, camera.id],
      own: { ...b.own, cameras: [...b.own.cameras, camera] },
    }));
    toast(`${camera.name} is in the box.`);
    reset();
  });
  const field = fieldsOf(formState.errors);
  return (
    <form className="space-y-1" onSubmit={(e) => void add(e)} noValidate>
      <h3 className="font-[640]">Camera</h3>
      {field('Camera name', register('name'), 'name')}
      {field('Angle of view, °', register('fovDeg'), 'fovDeg')}
      <Select
        label="Measured"
        field={register('fovAcross')}
        options={['horizontal', 'vertical', 'diagonal'].map((v) => [v, v])}
      />
      <Select
        label="Lens"
        field={register('projection')}
        options={RADIAL_PROJECTION_IDS.map((id) => [id, PROJECTIONS[id].name])}
      />
      <details>
        <summary className="label cursor-pointer py-1 text-ink-2">I know sensor and focal length instead</summary>
        {field('Sensor, mm, measured the same way', register('sensorMm'), 'sensorMm')}
        {field('Focal length, mm (the lens’s own)', register('focalMm'), 'focalMm')}
        <button type="button" className="action action-quiet" onClick={workOut}>
          Work the angle out
        </button>
      </details>
      {field('Pixels across', register('widthPx'), 'widthPx')}
      {field('Pixels down', register('heightPx'), 'heightPx')}
      {field('Pictures a second', register('framesPerSecond'), 'framesPerSecond')}
      {field('Deep, mm', register('depthMm'), 'depthMm')}
      {field('High, mm', register('heightMm'), 'heightMm')}
      {field('Wide, mm', register('widthMm'), 'widthMm')}
      {field('Camera mass, g', register('massG'), 'massG')}
      {field('Sharp from, m', register('closestFocusM'), 'closestFocusM')}
      <button type="submit" className="action action-main mt-1">
        Add the camera
      </button>
    </form>
  );
}

function LinkForm() {
  const { register, handleSubmit, formState, reset } = useForm({
    resolver: yupResolver(linkSchema),
    defaultValues: { name: '', lowMm: 60, highMm: 60, thicknessMm: 14, massG: 30 },
  });
  const add = handleSubmit(async ({ name: called, lowMm, highMm, thicknessMm, massG }) => {
    const link: OwnLink = {
      id: `own-${newId()}`,
      name: called,
      lowM: lowMm / 1000,
      highM: highMm / 1000,
      thicknessM: thicknessMm / 1000,
      massKg: massG / 1000,
    };
    await changeKitBox((b) => ({
      ...b,
      inBox: b.inBox && [...b.inBox, link.id],
      own: { ...b.own, links: [...b.own.links, link] },
    }));
    toast(`${link.name} is in the box.`);
    reset();
  });
  const field = fieldsOf(formState.errors);
  return (
    <form className="space-y-1" onSubmit={(e) => void add(e)} noValidate>
      <h3 className="font-[640]">Arm or pole</h3>
      {field('Arm name', register('name'), 'name')}
      {field('Shortest, mm', register('lowMm'), 'lowMm')}
      {field('Longest, mm', register('highMm'), 'highMm')}
      {field('Thick, mm', register('thicknessMm'), 'thicknessMm')}
      {field('Arm mass, g', register('massG'), 'massG')}
      <button type="submit" className="action action-main mt-1">
        Add the arm
      </button>
    </form>
  );
}

function BaseForm() {
  const { register, handleSubmit, formState, reset } = useForm({
    resolver: yupResolver(baseSchema),
    defaultValues: {
      name: '',
      kind: 'clamp' as const,
      shape: 'tube' as const,
      tubeLowMm: 20,
      tubeHighMm: 40,
      heightMm: 25,
      massG: 60,
    },
  });
  const add = handleSubmit(async ({ name: called, kind, shape, tubeLowMm, tubeHighMm, heightMm, massG }) => {
    const base = {
      id: `own-${newId()}`,
      name: called,
      kind,
      shapes: [shape],
      tubeLowM: tubeLowMm / 1000,
      tubeHighM: tubeHighMm / 1000,
      heightM: heightMm / 1000,
      massKg: massG / 1000,
    } as OwnBase;
    await changeKitBox((b) => ({
      ...b,
      inBox: b.inBox && [...b.inBox, base.id],
      own: { ...b.own, bases: [...b.own.bases, base] },
    }));
    toast(`${base.name} is in the box.`);
    reset();
  });
  const field = fieldsOf(formState.errors);
  return (
    <form className="space-y-1" onSubmit={(e) => void add(e)} noValidate>
      <h3 className="font-[640]">Base</h3>
      {field('Base name', register('name'), 'name')}
      <Select label="Holds by" field={register('kind')} options={BASE_KINDS.map((k) => [k, k])} />
      <Select label="Goes on" field={register('shape')} options={SURFACE_SHAPES.map((s) => [s, s])} />
      {field('Tubes from, mm', register('tubeLowMm'), 'tubeLowMm')}
      {field('Tubes to, mm', register('tubeHighMm'), 'tubeHighMm')}
      {field('Joint over surface, mm', register('heightMm'), 'heightMm')}
      {field('Base mass, g', register('massG'), 'massG')}
      <button type="submit" className="action action-main mt-1">
        Add the base
      </button>
    </form>
  );
}

/** A labelled field that says what is wrong with it. */
const fieldsOf = (errors: FieldErrors) =>
  function labelled(label: string, field: UseFormRegisterReturn, key: string) {
    const problem = errors[key]?.message;
    const id = `own-${label.replace(/\W+/g, '-').toLowerCase()}`;
    return (
      <div>
        <div className="flex items-baseline gap-2">
          <label htmlFor={id} className="label w-40 shrink-0 text-ink-2">
            {label}
          </label>
          <input id={id} className="field min-w-0 flex-1" aria-invalid={Boolean(problem)} {...field} />
        </div>
        {typeof problem === 'string' && (
          <p role="alert" className="text-right text-[0.85rem] font-[600]">
            {problem}
          </p>
        )}
      </div>
    );
  };

function Select({
  label,
  field,
  options,
}: {
  readonly label: string;
  readonly field: UseFormRegisterReturn;
  readonly options: readonly (readonly string[])[];
}) {
  return (
    <label className="flex items-baseline gap-2">
      <span className="label w-40 shrink-0 text-ink-2">{label}</span>
      <select className="field min-w-0 flex-1 truncate" {...field}>
        {options.map(([value, said]) => (
          <option key={value} value={value} className="bg-sheet text-ink">
            {said}
          </option>
        ))}
      </select>
    </label>
  );
}
