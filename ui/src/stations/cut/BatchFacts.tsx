import type { Batch } from '../../api/client';
import { Facts, useShown } from '../../parts/basics';
import { inMinutes } from '../../parts/duration';

/** What is to be cut, from what, and the files for it. */
export function BatchFacts({ batch, together }: { batch: Batch; together: number[] }) {
  const shown = useShown();
  return (
    <Facts
      rows={[
        [
          'pieces',
          batch.places.length > 4
            ? batch.places.length
            : batch.places.map((place) => (
                <span key={place.tag} className="block">
                  {place.tag}, {shown.size(place.cut)}
                </span>
              )),
        ],
        ['on', `${batch.stock.number}, ${shown.size(batch.size)}`],
        ...(together.length > 1
          ? [['released with', together.filter((id) => id !== batch.id).join(', ')] as [string, string]]
          : []),
        ...(batch.machine ? [['machine', batch.machine] as [string, string]] : []),
        ['to cut', `${batch.metres.toFixed(1)} m, about ${inMinutes(batch.minutes)}`],
        ['reaches down', shown.one(batch.length)],
        [
          'cut file',
          <span key="files" className="-my-1.5 flex justify-end gap-1">
            {(['svg', 'hpgl', 'dxf'] as const).map((format) => (
              <a
                key={format}
                className="inline-flex min-h-12 min-w-12 items-center justify-center underline"
                href={`/api/batches/${batch.id}/sheet.${format}`}
                download
              >
                {format.toUpperCase()}
              </a>
            ))}
            <a
              className="inline-flex min-h-12 min-w-12 items-center justify-center underline"
              href={`/api/batches/${batch.id}/map.pdf`}
              download
            >
              Map
            </a>
          </span>,
        ],
      ]}
    />
  );
}
