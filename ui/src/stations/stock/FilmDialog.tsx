import { useState } from 'react';
import { api, ask, type Film, type Schemas } from '../../api/client';
import { useChange } from '../../api/queries';
import { useVocabulary } from '../../api/vocabulary';
import { Trouble } from '../../parts/basics';
import { FormBox } from '../../parts/dialog';
import { SelectField, TextField } from '../../parts/fields';
import { Meanwhile, useTyped } from '../../parts/typed';

const start = (usual: Schemas['TypedFilm'], film?: Film) => ({
  grade: film?.grade ?? usual.grade ?? '',
  colour: film?.colour ?? '',
  swatch: film?.swatch ?? usual.swatch ?? '',
  finish: film?.finish ?? '',
  thickness: film?.thickness != null ? `${film.thickness / 1000}mm` : '',
  liner: film?.liner ?? usual.liner ?? '',
  runsOneWay: film?.oneWay ?? false,
  maker: film?.maker ?? '',
  thinnest: film?.thinnest != null ? `${film.thinnest / 1000}mm` : '',
  outdoors: film?.outdoors != null ? String(film.outdoors) : '',
  price: film?.price != null ? (film.price / 100).toFixed(2) : '',
  lowAt: film?.lowAt != null ? String(film.lowAt / 1e6) : '',
});

/** A film the shop keeps, and what its maker says of it. */
export function FilmDialog({ open, film, onClose }: { open: boolean; film?: Film; onClose: () => void }) {
  const { grades, film: usual } = useVocabulary();
  const over = useTyped(film?.version ?? 0, start(usual, film));
  const [another, setAnother] = useState(false);
  const { typed } = over;
  const set = (name: keyof typeof typed) => (value: string) => over.set({ [name]: value });
  const save = useChange(
    () =>
      film
        ? over.keeping(
            ask(
              api.PUT('/api/stock/films/{id}', {
                params: { path: { id: film.id } },
                body: { ...typed, version: over.version },
              }),
            ),
          )
        : ask(api.POST('/api/stock/films', { body: { ...typed, version: 0, another } })),
    () => {
      over.takeTheirs();
      onClose();
    },
  );
  const says = save.error?.fields ?? {};
  return (
    <FormBox
      open={open}
      onClose={onClose}
      title={film ? film.name : 'A new film'}
      what="What it is decides what can be cut of it, where it lasts, and what it costs."
      button={film ? 'Change it' : 'Keep it'}
      pending={save.isPending}
      onSubmit={() => save.mutate(undefined)}
    >
      <div className="grid grid-cols-[1fr_1fr_76px] gap-3">
        <SelectField label="Film" value={typed.grade} onChange={set('grade')} says={says.grade} options={grades} />
        <TextField label="Colour" value={typed.colour} onChange={set('colour')} says={says.colour} autoFocus />
        <div>
          <label className="label mb-1 block" htmlFor="film-swatch">
            On screen
          </label>
          <input
            id="film-swatch"
            type="color"
            className="input p-1"
            value={typed.swatch}
            onChange={(event) => set('swatch')(event.target.value)}
            aria-invalid={says.swatch !== undefined}
            aria-describedby={says.swatch && 'film-swatch-says'}
          />
          {says.swatch && (
            <p id="film-swatch-says" className="mt-1 text-sm text-signal-ink">
              {says.swatch}
            </p>
          )}
        </div>
      </div>
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label="Thickness"
          value={typed.thickness}
          onChange={set('thickness')}
          says={says.thickness}
          placeholder="0.075mm"
        />
        <TextField
          label="Finish"
          value={typed.finish}
          onChange={set('finish')}
          says={says.finish}
          placeholder="matt, gloss"
          list={['matt', 'gloss', 'brushed']}
        />
        <TextField label="Colour of the liner" value={typed.liner} onChange={set('liner')} says={says.liner} />
        <TextField label="Price of a m²" value={typed.price} onChange={set('price')} says={says.price} />
        <TextField label="Low under, m²" value={typed.lowAt} onChange={set('lowAt')} says={says.lowAt} />
      </div>
      <label className="flex min-h-10 items-center gap-3">
        <input
          type="checkbox"
          className="h-5 w-5 accent-ink"
          checked={typed.runsOneWay}
          onChange={(event) => over.set({ runsOneWay: event.target.checked })}
        />
        It runs one way: pieces are not turned on it.
      </label>
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label="Thinnest line, by its maker"
          value={typed.thinnest}
          onChange={set('thinnest')}
          says={says.thinnest}
          placeholder="2.5mm"
        />
        <TextField
          label="Years outdoors, by its maker"
          value={typed.outdoors}
          onChange={set('outdoors')}
          says={says.outdoors}
          placeholder="0 for indoors only"
        />
      </div>
      <TextField
        label="What else the maker says"
        value={typed.maker}
        onChange={set('maker')}
        says={says.maker}
        lines={2}
      />
      {says.another && (
        <label className="flex min-h-10 items-center gap-3 border-l-4 border-signal bg-paper px-3 py-2">
          <input
            type="checkbox"
            className="h-5 w-5 shrink-0 accent-ink"
            checked={another}
            onChange={(event) => setAnother(event.target.checked)}
          />
          <span>
            <span className="block text-signal-ink">{says.another}</span>
            It is another: keep both.
          </span>
        </label>
      )}
      <Meanwhile over={over} />
      <Trouble says={over.isNewer ? null : save.error && Object.keys(says).length === 0 ? save.error.message : null} />
    </FormBox>
  );
}
