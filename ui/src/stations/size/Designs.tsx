import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type DesignBody, type FilmShown, type On, type Problem, type Schemas } from '../../api/client';
import { designs, useChange } from '../../api/queries';
import { Move, Ready, Trouble, useShown } from '../../parts/basics';
import { Box } from '../../parts/dialog';
import { TextField } from '../../parts/fields';
import { useSettled } from '../../parts/time';
import type { Drawing } from './useDrawing';

type Known = Schemas['KnownDesignView'];

/** The shop's own designs: one is taken for the object in hand, or what is drawn is kept as one. */
export function Designs({
  on,
  body,
  films,
  swatch,
  onTake,
  onClose,
}: {
  on: On;
  /** What is drawn, as it is asked for. */
  body: DesignBody;
  films: FilmShown[];
  swatch: string;
  onTake: (drawing: Partial<Drawing>) => void;
  onClose: () => void;
}) {
  const shown = useShown();
  const [find, setFind] = useState('');
  const [name, setName] = useState('');
  const query = useQuery(designs(useSettled(find, 150)));
  const keep = useChange<undefined, Known>(
    () => ask(api.POST('/api/designs', { body: { ...body, name } })),
    () => setName(''),
  );
  const take = useMutation<Schemas['TakenDesignView'], Problem, { id: number; words: boolean }>({
    mutationFn: ({ id }) =>
      ask(
        api.GET('/api/designs/{id}/taken', { params: { path: { id }, query: { docket: on.docket, item: on.item } } }),
      ),
    onSuccess: ({ design }, { words }) => {
      const { roster: _, units: __, words: own, ...rest } = design as Required<Schemas['TypedDesign']>;
      onTake({ ...(rest as Partial<Drawing>), ...(words ? { words: own } : {}) });
      onClose();
    },
  });
  return (
    <Box open onClose={onClose} title="The shop’s designs" what="As large as this object is; nothing is cut of it yet.">
      <div className="mt-3 grid grid-cols-[1fr_1fr_auto] items-end gap-3">
        <TextField label="Find" value={find} onChange={setFind} autoFocus />
        <TextField
          label="Keep what is drawn as"
          value={name}
          onChange={setName}
          says={keep.error?.fields.name ?? keep.error?.message}
        />
        <Move onClick={() => keep.mutate(undefined)} disabled={name.trim() === '' || keep.isPending}>
          Keep
        </Move>
      </div>
      <p role="status" className="mt-1 min-h-5 text-sm text-ink2">
        {keep.data && `Kept as “${keep.data.name}”.`}
      </p>
      <Ready query={query} what="the designs">
        {({ designs: found }) =>
          found.length === 0 ? (
            <p className="text-ink2">{find ? 'None by that name.' : 'None kept yet.'}</p>
          ) : (
            <ul className="mt-2 grid max-h-[52vh] grid-cols-2 gap-3 overflow-auto">
              {found.map((design) => (
                <li key={design.id} className="flex flex-col gap-2 border border-rule p-2">
                  <Glance design={design} films={films} swatch={swatch} />
                  <p className="text-note">
                    <b className="font-semibold">{design.name}</b>
                    <span className="block text-ink2">drawn on {shown.size(design.on)}</span>
                  </p>
                  <div className="mt-auto flex flex-col gap-1">
                    <Move onClick={() => take.mutate({ id: design.id, words: true })}>Take it with its words</Move>
                    <Move onClick={() => take.mutate({ id: design.id, words: false })}>Take it with these words</Move>
                  </div>
                </li>
              ))}
            </ul>
          )
        }
      </Ready>
      <Trouble says={take.error?.message} />
    </Box>
  );
}

/** A design as it lies on the object it was drawn on. */
export function Glance({ design, films, swatch }: { design: Known; films: FilmShown[]; swatch: string }) {
  const { width, height } = design.on;
  const colour = (film: number | null) => films.find((one) => one.id === (film ?? design.film))?.swatch ?? swatch;
  return (
    <svg
      viewBox={`0 0 ${width.mm} ${height.mm}`}
      className="h-28 w-full bg-ground"
      role="img"
      aria-label={`${design.name}: ${design.words}`}
    >
      <rect width={width.mm} height={height.mm} fill="var(--color-paper)" />
      {design.films.map(({ film, path }) => (
        <path
          key={path}
          d={path}
          fill={colour(film)}
          stroke="var(--color-ink)"
          strokeWidth="0.6"
          vectorEffect="non-scaling-stroke"
          fillRule="evenodd"
        />
      ))}
    </svg>
  );
}
