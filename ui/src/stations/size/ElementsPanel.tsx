import { useMutation } from '@tanstack/react-query';
import { api, ask, type Element, type Film, type Fit, type Length, type On, type Problem } from '../../api/client';
import { useVocabulary } from '../../api/vocabulary';
import { Move, Section, Swatch, useShown } from '../../parts/basics';
import { SelectField, TextField } from '../../parts/fields';
import type { Units } from '../../parts/units';
import { Distance } from './PlacePanel';
import type { Change, Drawing } from './useDrawing';

/** What lies on the object beside its words: a short list from top to bottom, and the figures of the one in hand. */
export function ElementsPanel({
  on,
  drawing,
  units,
  fit,
  films,
  inHand,
  onChoose,
  change,
  says,
}: {
  on: On;
  drawing: Drawing;
  units: Units;
  fit: Fit | undefined;
  films: Film[];
  inHand: number | null;
  onChoose: (nth: number | null) => void;
  change: Change;
  says: Record<string, string>;
}) {
  const { element: empty, elementShapes, patterns } = useVocabulary();
  const { elements } = drawing;
  const held = inHand === null ? undefined : elements[inHand];
  const add = (part: Partial<Element>) => {
    change((now) => ({ elements: [...now.elements, { ...empty, ...part } as Element] }));
    onChoose(elements.length);
  };
  const set = (part: Partial<Element>) =>
    change((now) => ({ elements: now.elements.map((one, nth) => (nth === inHand ? { ...one, ...part } : one)) }));
  return (
    <Section title="Beside the words">
      <Order drawing={drawing} fit={fit} films={films} inHand={inHand} onChoose={onChoose} change={change} />
      <div className="mt-2 flex gap-1">
        <Move onClick={() => add({ kind: 'words', words: 'Words' })}>Words</Move>
        <Move onClick={() => add({ kind: 'shape', what: elementShapes[0]?.value ?? '' })}>Shape</Move>
        <Move onClick={() => add({ kind: 'pattern', what: patterns[0]?.value ?? '' })}>Pattern</Move>
      </div>
      {says.elements && <p className="mt-1 text-sm font-medium text-signal-ink">{says.elements}</p>}
      {held && inHand !== null && (
        <Held
          key={inHand}
          on={on}
          nth={inHand}
          element={held}
          drawing={drawing}
          units={units}
          fit={fit}
          films={films}
          set={set}
          says={(field) => says[`elements.${inHand}.${field}`]}
        />
      )}
    </Section>
  );
}

/** From top to bottom, the words among them; one is taken in hand, moved up or down, doubled, taken out. */
function Order({
  drawing,
  fit,
  films,
  inHand,
  onChoose,
  change,
}: {
  drawing: Drawing;
  fit: Fit | undefined;
  films: Film[];
  inHand: number | null;
  onChoose: (nth: number | null) => void;
  change: Change;
}) {
  const shown = useShown();
  const { elements } = drawing;
  const film = (id: string) => films.find((one) => String(one.id) === (id || drawing.film));
  const label = (one: Element) => (one.kind === 'words' ? `“${one.words.replaceAll('\n', ' ')}”` : one.what);
  const row = (one: Element, nth: number) => {
    const laid = fit?.elements.find((each) => each.nth === nth);
    const swatch = film(one.film);
    return (
      <li key={nth}>
        <button
          type="button"
          className="row-link on-ink flex w-full items-center gap-2 py-1 text-left text-note"
          aria-current={nth === inHand ? 'true' : undefined}
          onClick={() => onChoose(nth === inHand ? null : nth)}
        >
          {swatch && <Swatch film={swatch} size={16} />}
          <span className="min-w-0 flex-1 truncate">{laid?.label ?? label(one)}</span>
          <span className="whitespace-nowrap">{laid && shown.size(laid.size)}</span>
        </button>
      </li>
    );
  };
  const rows = elements.map((one, nth) => ({ one, nth }));
  const over = rows.filter(({ one }) => one.under !== 'yes').reverse();
  const under = rows.filter(({ one }) => one.under === 'yes').reverse();
  const words = film(drawing.film);
  const swap = (to: number) => {
    const next = [...elements];
    const moved = next.splice(inHand ?? 0, 1);
    next.splice(to, 0, ...moved);
    change({ elements: next });
    onChoose(to);
  };
  const held = inHand === null ? undefined : elements[inHand];
  return (
    <>
      <ol className="border-t border-rule" aria-label="From top to bottom">
        {over.map(({ one, nth }) => row(one, nth))}
        <li>
          <button
            type="button"
            className="row-link on-ink flex w-full items-center gap-2 py-1 text-left text-note"
            aria-current={inHand === null ? 'true' : undefined}
            onClick={() => onChoose(null)}
          >
            {words && <Swatch film={words} size={16} />}
            <span className="min-w-0 flex-1 truncate font-semibold">{drawing.words.replaceAll('\n', ' ')}</span>
            <span className="whitespace-nowrap">{fit && shown.size(fit.size)}</span>
          </button>
        </li>
        {under.map(({ one, nth }) => row(one, nth))}
      </ol>
      {held && inHand !== null && (
        <div className="mt-1 flex gap-1">
          <Move
            aria-label="Further up"
            title="Further up"
            onClick={() =>
              inHand + 1 < elements.length
                ? swap(inHand + 1)
                : change({ elements: elements.map((one, nth) => (nth === inHand ? { ...one, under: '' } : one)) })
            }
          >
            ↑
          </Move>
          <Move
            aria-label="Further down"
            title="Further down"
            onClick={() =>
              inHand > 0
                ? swap(inHand - 1)
                : change({ elements: elements.map((one, nth) => (nth === inHand ? { ...one, under: 'yes' } : one)) })
            }
          >
            ↓
          </Move>
          <Move
            onClick={() => {
              change({ elements: [...elements, { ...held, left: '', top: '' }] });
              onChoose(elements.length);
            }}
          >
            Double
          </Move>
          <Move
            onClick={() => {
              change({ elements: elements.filter((_, nth) => nth !== inHand) });
              onChoose(null);
            }}
          >
            Take out
          </Move>
        </div>
      )}
    </>
  );
}

/** The figures of the one in hand. */
function Held({
  on,
  nth,
  element,
  drawing,
  units,
  fit,
  films,
  set,
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
  says: (field: string) => string | undefined;
}) {
  const { faces, elementShapes, patterns } = useVocabulary();
  const shown = useShown();
  const laid = fit?.elements.find((one) => one.nth === nth);
  const place = useMutation<{ left: Length; top: Length }, Problem, { from: string; distance: string }>({
    mutationFn: ({ from, distance }) => {
      const { roster: _, ...single } = drawing;
      return ask(api.POST('/api/place', { body: { ...on, ...single, units, from, distance, element: nth } }));
    },
    onSuccess: (put) => set({ left: `${put.left.mm}mm`, top: `${put.top.mm}mm` }),
  });
  const text = (field: keyof Element & string, label: string, usual: string | undefined) => (
    <TextField
      label={label}
      placeholder={usual}
      value={element[field]}
      onChange={(value) => set({ [field]: value })}
      says={says(field)}
    />
  );
  const distance = (from: string, label: string, now: Length) => (
    <Distance
      key={from}
      label={label}
      now={now}
      onType={(typed) => place.mutate({ from, distance: typed })}
      says={place.variables?.from === from ? (place.error?.fields.distance ?? place.error?.message) : undefined}
    />
  );
  const hollow = element.what === 'ring' || element.what === 'band';
  const cornered = element.what === 'polygon' || element.what === 'star';
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
          {text('high', 'Letter height', 'usual')}
        </>
      ) : (
        <div className="col-span-2">
          <SelectField
            label={element.kind === 'shape' ? 'Shape' : 'Pattern'}
            value={element.what}
            onChange={(what) => set({ what })}
            says={says('what')}
            options={element.kind === 'shape' ? elementShapes : patterns}
          />
        </div>
      )}
      {element.kind === 'shape' && (
        <>
          {text('wide', 'Width', laid && shown.one(laid.size.width))}
          {text('high', 'Height', laid && shown.one(laid.size.height))}
          {hollow && text('innerWide', 'Inside, width', 'usual')}
          {hollow && text('innerHigh', 'Inside, height', 'usual')}
          {cornered && text('sides', element.what === 'star' ? 'Points' : 'Sides', element.what === 'star' ? '5' : '6')}
        </>
      )}
      {element.kind === 'pattern' && (
        <>
          {text('pitch', 'From middle to middle', 'usual')}
          {text('spot', 'Across one', 'usual')}
          {text('border', 'Clear of the edge', 'none')}
          {text('gap', 'Clear of the rest', 'usual')}
        </>
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
