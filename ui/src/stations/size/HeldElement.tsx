import { useMutation } from '@tanstack/react-query';
import { api, ask, type Element, type Film, type Fit, type Length, type On, type Problem } from '../../api/client';
import { useVocabulary } from '../../api/vocabulary';
import { useShown } from '../../parts/basics';
import { SelectField, TextField } from '../../parts/fields';
import type { Units } from '../../parts/units';
import { useArt } from './ArtPanel';
import { Distance } from './PlacePanel';
import { ElementField, PlainFields } from './PlainFields';
import type { Drawing } from './useDrawing';

/** The figures of the one in hand. */
export function Held({
  on,
  nth,
  element,
  drawing,
  units,
  fit,
  films,
  set,
  onPut,
  says,
}: {
  on: On;
  nth: number;
  element: Element;
  drawing: Drawing;
  units: Units;
  fit: Fit | undefined;
  films: Film[];
  set: (part: Partial<Element>) => void;
  /** Told where it goes, mm. */
  onPut: (left: number, top: number) => void;
  says: (field: string) => string | undefined;
}) {
  const { faces } = useVocabulary();
  const shown = useShown();
  const laid = fit?.film.elements.find((one) => one.nth === nth);
  const place = useMutation<{ left: Length; top: Length }, Problem, { from: string; distance: string }>({
    mutationFn: ({ from, distance }) => {
      const { roster: _, ...single } = drawing;
      return ask(api.POST('/api/place', { body: { ...on, ...single, units, from, distance, element: nth } }));
    },
    onSuccess: (put) => onPut(put.left.mm, put.top.mm),
  });
  const told = { element, set, says };
  const distance = (from: string, label: string, now: Length) => (
    <Distance
      key={from}
      label={label}
      now={now}
      onType={(typed) => place.mutate({ from, distance: typed })}
      says={place.variables?.from === from ? (place.error?.fields.distance ?? place.error?.message) : undefined}
    />
  );
  return (
    <div className="mt-3 grid grid-cols-2 gap-3 border-t border-ink pt-3">
      {element.kind === 'words' ? (
        <>
          <div className="col-span-2">
            <TextField
              label="What words"
              value={element.words}
              onChange={(words) => set({ words })}
              says={says('words')}
              lines={2}
            />
          </div>
          <SelectField
            label="Face"
            value={element.face}
            onChange={(face) => set({ face })}
            says={says('face')}
            options={[
              { value: '', label: 'As the words' },
              ...faces.map((face) => ({ value: face.slug, label: face.name })),
            ]}
          />
          <ElementField {...told} field="high" label="Letter height" usual="usual" />
          <Underneath {...told} width="offset" label="Rim" films={films} />
          {element.offset !== '' && <Underneath {...told} width="base" label="Under the rim" films={films} />}
        </>
      ) : element.art ? (
        <>
          <DrawingFilms art={element.art} films={films} onChange={(art) => set({ art })} />
          <div className="col-span-2">
            <ElementField {...told} field="high" label="Height" usual={laid && shown.one(laid.size.height)} />
          </div>
          {says('art') && <p className="col-span-2 text-sm font-medium text-signal-ink">{says('art')}</p>}
        </>
      ) : (
        <PlainFields element={element} set={set} says={says} size={laid?.size} beside />
      )}
      <div className="col-span-2">
        <SelectField
          label="Film"
          value={element.film}
          onChange={(film) => set({ film })}
          says={says('film')}
          options={[
            { value: '', label: 'That of the words' },
            ...films.map((film) => ({ value: String(film.id), label: film.name })),
          ]}
        />
      </div>
      <label className="col-span-2 flex min-h-10 cursor-pointer items-center gap-3">
        <input
          type="checkbox"
          className="h-6 w-6 accent-ink"
          checked={element.over === 'yes'}
          onChange={(event) => set({ over: event.target.checked ? 'yes' : '' })}
        />
        Lies on other films on purpose
      </label>
      {laid && element.kind !== 'pattern' && (
        <>
          {distance('left', 'From left edge', laid.left)}
          {distance('right', 'From right edge', laid.right)}
          {distance('top', 'From top edge', laid.top)}
          {distance('bottom', 'From bottom edge', laid.bottom)}
          {distance('across', 'Right of the middle', laid.across)}
          {distance('down', 'Below the middle', laid.down)}
          {laid.features.map((feature, part) => [
            distance(`across/${part}`, `Right of: ${feature.label}`, feature.across),
            distance(`down/${part}`, `Below: ${feature.label}`, feature.down),
          ])}
        </>
      )}
    </div>
  );
}

/** A layer underneath the letters: how far it reaches, and of which film it is. */
function Underneath({
  width,
  label,
  films,
  ...told
}: {
  width: 'offset' | 'base';
  label: string;
  films: Film[];
  element: Element;
  set: (part: Partial<Element>) => void;
  says: (field: string) => string | undefined;
}) {
  return (
    <>
      <ElementField {...told} field={width} label={label} usual="none" />
      <SelectField
        label={`${label}, film`}
        value={told.element[`${width}Film`]}
        onChange={(film) => told.set({ [`${width}Film`]: film })}
        says={told.says(`${width}Film`)}
        options={[
          { value: '', label: 'Choose' },
          ...films.map((film) => ({ value: String(film.id), label: film.name })),
        ]}
      />
    </>
  );
}

/** A film for each colour of a drawing. */
function DrawingFilms({
  art,
  films,
  onChange,
}: {
  art: NonNullable<Element['art']>;
  films: Film[];
  onChange: (art: NonNullable<Element['art']>) => void;
}) {
  const brought = useArt(art.id ?? 0).data;
  const filmOf = (colour: string) => art.layers?.find((layer) => layer.colour === colour)?.film ?? '';
  return brought?.layers.map(({ colour, parts }) => (
    <div key={colour} className="col-span-2">
      <SelectField
        label={`Colour ${colour}, ${parts} ${parts === 1 ? 'part' : 'parts'}`}
        value={filmOf(colour)}
        onChange={(film) =>
          onChange({
            id: art.id,
            layers: brought.layers.map((layer) => ({
              colour: layer.colour,
              film: layer.colour === colour ? film : filmOf(layer.colour),
              out: '',
            })),
          })
        }
        options={[
          { value: '', label: 'As below' },
          ...films.map((film) => ({ value: String(film.id), label: film.name })),
          ...(brought.layers.length > 1 ? [{ value: '0', label: 'Leave it out' }] : []),
        ]}
      />
    </div>
  ));
}
