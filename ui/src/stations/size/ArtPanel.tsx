import { useQuery } from '@tanstack/react-query';
import { api, ask, type Film, type Length, type On, type Schemas } from '../../api/client';
import { RECORD } from '../../api/keys';
import { Move, Section, useShown } from '../../parts/basics';
import { SelectField } from '../../parts/fields';
import { BringArt } from './BringArt';
import type { Drawing } from './useDrawing';

export type Art = Schemas['ArtView'];

export const useArt = (id: number) =>
  useQuery({
    queryKey: [RECORD, 'art', id],
    queryFn: () => ask(api.GET('/api/art/{id}', { params: { path: { id } } })),
    enabled: id > 0,
    staleTime: Number.POSITIVE_INFINITY,
  });

/** The drawing that was brought: what was put right or left out, its true size, a film for each colour. */
export function ArtPanel({
  on,
  art,
  drawing,
  trueHeight,
  films,
  change,
  says,
}: {
  on: On;
  art: Art;
  /** How high it truly is, less what is left out; none where its file does not say. */
  trueHeight: Length | null | undefined;
  drawing: Drawing;
  films: Film[];
  change: (part: Partial<Drawing>) => void;
  says?: string;
}) {
  const shown = useShown();
  const own = films.find((film) => String(film.id) === drawing.film);
  const layers = drawing.art?.layers ?? [];
  const filmOf = (colour: string) => layers.find((layer) => layer.colour === colour)?.film ?? '';
  const outOf = (colour: string) =>
    (layers.find((layer) => layer.colour === colour)?.out ?? '').split(',').filter((part) => part !== '');
  // What is left out makes the rest another size: its true one is a press away.
  const set = (colour: string, part: { film?: string; out?: string }) =>
    change({
      art: {
        id: art.id,
        layers: art.layers.map((layer) => ({
          colour: layer.colour,
          film: filmOf(layer.colour),
          out: outOf(layer.colour).join(','),
          ...(layer.colour === colour ? part : {}),
        })),
      },
      ...(part.film === undefined || part.film === '0' ? { capHeight: '' } : {}),
      left: '',
      top: '',
    });
  const turn = (colour: string, part: string) => {
    const out = outOf(colour);
    set(colour, { out: (out.includes(part) ? out.filter((one) => one !== part) : [...out, part]).join(',') });
  };
  const left = art.notes.filter((note) => note.kind === 'left-out');
  const right = art.notes.filter((note) => note.kind === 'put-right');
  return (
    <Section title={art.printed ? 'Their picture, printed' : 'Their own drawing'}>
      <p className="mb-1 font-semibold break-words">{art.name}</p>
      <p className="text-note text-ink2">
        {art.sized
          ? `The file says ${shown.size(art.size)}.`
          : 'The file does not say how large it is. Type the height it truly has, or leave it the largest that fits.'}
      </p>
      {trueHeight && (
        <Move className="mt-2 w-full" onClick={() => change({ capHeight: `${trueHeight.mm}mm`, left: '', top: '' })}>
          Its true size, {shown.one(trueHeight)} high
        </Move>
      )}
      {says && <p className="mt-2 text-sm font-medium text-signal-ink">{says}</p>}
      <div className="mt-4 flex flex-col gap-3">
        {art.layers.map((layer) => (
          <div key={layer.colour} className="flex items-end gap-3">
            <svg
              width="52"
              height="52"
              viewBox={`0 0 ${art.size.width.mm} ${art.size.height.mm}`}
              className="shrink-0 border border-rule bg-paper p-0.5"
              role="img"
              aria-label={`What is drawn in ${layer.colour}`}
            >
              <path d={layer.path} fill="var(--color-ink)" fillRule="evenodd" />
            </svg>
            <div className="min-w-0 flex-1">
              <SelectField
                label={`Colour ${layer.colour}, ${layer.parts} ${layer.parts === 1 ? 'part' : 'parts'}`}
                value={filmOf(layer.colour)}
                onChange={(film) => set(layer.colour, { film })}
                options={[
                  { value: '', label: own ? `${own.name}, the order’s film` : 'the order’s film' },
                  ...films
                    .filter((film) => film.id !== own?.id)
                    .map((film) => ({ value: String(film.id), label: film.name })),
                  ...(art.layers.length > 1 ? [{ value: '0', label: 'Leave it out' }] : []),
                ]}
              />
              {layer.pieces.length > 0 && (
                <details className="mt-1">
                  <summary className="min-h-8 cursor-pointer text-sm underline">
                    {outOf(layer.colour).length === 0
                      ? 'Leave parts of it out'
                      : `${outOf(layer.colour).length} of ${layer.parts} parts left out`}
                  </summary>
                  <ul className="mt-1 flex max-h-56 flex-col gap-1 overflow-auto">
                    {layer.pieces.map((piece, nth) => (
                      // biome-ignore lint/suspicious/noArrayIndexKey: a part is known by its place in the drawing
                      <li key={nth}>
                        <label className="flex min-h-9 cursor-pointer items-center gap-2 text-sm">
                          <input
                            type="checkbox"
                            className="h-5 w-5 accent-ink"
                            checked={!outOf(layer.colour).includes(String(nth + 1))}
                            onChange={() => turn(layer.colour, String(nth + 1))}
                          />
                          <svg
                            width="34"
                            height="34"
                            viewBox={`0 0 ${art.size.width.mm} ${art.size.height.mm}`}
                            className="shrink-0 border border-rule bg-paper"
                            aria-hidden="true"
                          >
                            <path d={piece.path} fill="var(--color-ink)" fillRule="evenodd" />
                          </svg>
                          Part {nth + 1}, {shown.size(piece.size)}
                        </label>
                      </li>
                    ))}
                  </ul>
                </details>
              )}
            </div>
          </div>
        ))}
      </div>
      {left.length > 0 && (
        <div className="mt-4">
          <h3 className="label mb-1" style={{ color: 'var(--color-signal-ink)' }}>
            Cannot be cut
          </h3>
          <ul className="flex flex-col gap-1 text-note">
            {left.map((note) => (
              <li key={note.says}>{note.says}</li>
            ))}
          </ul>
        </div>
      )}
      {right.length > 0 && (
        <div className="mt-4">
          <h3 className="label mb-1">Put right</h3>
          <ul className="flex flex-col gap-1 text-note">
            {right.map((note) => (
              <li key={note.says}>{note.says}</li>
            ))}
          </ul>
        </div>
      )}
      <div className="mt-4 flex flex-col gap-2">
        <BringArt on={on} onBrought={(other) => change(artOf(other))} />
        <Move className="w-full" onClick={() => change({ art: null, capHeight: '', left: '', top: '' })}>
          The words instead
        </Move>
      </div>
    </Section>
  );
}

/** A drawing put in the place of the words: as large as fits, every colour in the order's film until one is chosen. */
export const artOf = (art: Art): Partial<Drawing> => ({
  art: { id: art.id, layers: art.layers.map((layer) => ({ colour: layer.colour, film: '', out: '' })) },
  // A picture is printed at the size it was asked for.
  capHeight: art.printed ? `${art.size.height.mm}mm` : '',
  left: '',
  top: '',
});
