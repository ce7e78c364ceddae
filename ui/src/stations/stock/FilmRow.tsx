import type { Film, StockItem as Item } from '../../api/client';
import { Swatch, useShown } from '../../parts/basics';
import { Outline } from './Outline';

/** A film by its name; of two that are called the same by its number too. */
export const calledIn = (films: Film[], film: Film) =>
  films.some((one) => one.id !== film.id && one.name === film.name) ? `${film.name}, no. ${film.id}` : film.name;

export function FilmRow({
  film,
  name,
  low,
  items,
  chosen,
  onChoose,
  onFilm,
}: {
  film: Film;
  name: string;
  low: boolean;
  items: Item[];
  chosen: string | null;
  onChoose: (number: string) => void;
  onFilm: () => void;
}) {
  const shown = useShown();
  const area = items.reduce((sum, item) => sum + item.area, 0);
  return (
    <section aria-label={name} className="mb-3 grid grid-cols-[204px_1fr] gap-5 border-t border-ink pt-2">
      <div>
        <div className="flex gap-3">
          <Swatch film={film} size={34} />
          <div className="min-w-0">
            <h3 className="font-semibold">{name}</h3>
            <p className="text-note">
              {area.toFixed(2)} m²
              {low && (
                <b className="label ml-2 bg-signal px-1" style={{ color: 'var(--color-white)' }}>
                  low
                </b>
              )}
            </p>
          </div>
        </div>
        <p className="mt-1 text-sm text-ink2">
          {[
            film.finish,
            film.thickness !== null && `${film.thickness} µm`,
            `${film.liner} liner`,
            film.price !== null && `${(film.price / 100).toFixed(2)} a m²`,
            film.oneWay && 'runs one way',
            film.thinnest !== null && `lines from ${film.thinnest / 1000} mm`,
            film.outdoors !== null && (film.outdoors === 0 ? 'indoors only' : `${film.outdoors} years outdoors`),
          ]
            .filter(Boolean)
            .join(', ')}
          {' · '}
          <button type="button" className="underline" onClick={onFilm}>
            change<span className="sr-only"> {film.name}</span>
          </button>
        </p>
      </div>
      <ul className="flex flex-wrap gap-x-2 gap-y-2">
        {items.map((item) => (
          <li key={item.id}>
            <button
              type="button"
              aria-pressed={item.number === chosen}
              onClick={() => onChoose(item.number)}
              className={`on-ink flex min-h-12 items-end gap-2.5 border px-2 py-1.5 text-left ${item.number === chosen ? 'border-ink bg-ink text-paper' : 'border-transparent hover:border-rule hover:bg-ground'}`}
            >
              <Outline item={item} />
              <span className="text-note leading-snug">
                <b className="font-semibold">{item.number}</b>{' '}
                <span className="opacity-80">
                  {item.kind === 'sheet' ? `${item.count} ${item.count === 1 ? 'sheet' : 'sheets'}` : item.kind}
                </span>
                <span className="block whitespace-nowrap opacity-80">{shown.size(item.size)}</span>
                <span className="block opacity-80">bin {item.bin}</span>
              </span>
            </button>
          </li>
        ))}
        {items.length === 0 && <li className="py-2 font-medium text-signal-ink">None left.</li>}
      </ul>
    </section>
  );
}
