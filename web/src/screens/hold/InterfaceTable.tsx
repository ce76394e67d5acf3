import type { HoldReport } from '@strut-spot/core';

const figure = (value: number) => (value < 9.95 ? value.toFixed(1) : String(Math.round(value)));

/** Every interface of the chain under its worst load; the weakest is marked. */
export function InterfaceTable({ hold }: { hold: HoldReport }) {
  return (
    <table className="w-full text-[0.93rem]">
      <caption className="caption text-left">From the surface to the camera, worst moment</caption>
      <thead>
        <tr className="text-[0.8rem] text-ink-2">
          <th scope="col" className="text-left font-normal">
            piece
          </th>
          <th scope="col" className="pl-2 text-right font-normal">
            load
          </th>
          <th scope="col" className="pl-2 text-right font-normal">
            bears
          </th>
          <th scope="col" className="w-12 text-right font-normal">
            times
          </th>
        </tr>
      </thead>
      <tbody>
        {hold.interfaces.map((face) => (
          <tr key={face.name} className="border-b border-hair align-baseline leading-tight">
            <th scope="row" className="py-0.5 text-left font-normal">
              {face.name}
              {face === hold.weakest && <b> (weakest)</b>}
              <span className="block text-[0.84rem] text-ink-2">
                {face.id === 'surface'
                  ? `pull ${figure(Math.max(0, face.parts.pullN))} N, shear ${figure(face.parts.shearN)} N, tips ${figure(face.parts.tipNm)} N·m; ${face.worst.mode}`
                  : face.worst.mode}
              </span>
            </th>
            <td className="reading text-right whitespace-nowrap">
              {figure(face.worst.demand)} {face.worst.unit}
            </td>
            <td className="reading pl-2 text-right">{figure(face.worst.limit)}</td>
            <td className="reading text-right">{face.margin >= 100 ? '>100' : figure(face.margin)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
