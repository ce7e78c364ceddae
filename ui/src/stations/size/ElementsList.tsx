import type { Element, Film, Fit } from '../../api/client';
import { Move, Swatch, useShown } from '../../parts/basics';
import { doubled, type Hand, reordered, WORDS } from './elements';
import { motifOf } from './MotifPanel';
import type { Change, Drawing } from './useDrawing';

/** What lies on the object from top to bottom, the words among it; one is in hand, more can be picked along. */
export function ElementsList({
  drawing,
  fit,
  films,
  hand,
  change,
}: {
  drawing: Drawing;
  fit: Fit | undefined;
  films: Film[];
  hand: Hand;
  change: Change;
}) {
  const shown = useShown();
  const { elements } = drawing;
  const film = (id: string) => films.find((one) => String(one.id) === (id || drawing.film));
  const row = (nth: number, label: string, size: string | undefined, swatch: Film | undefined) => {
    const held = (hand.nth ?? WORDS) === nth;
    return (
      <li key={nth} className="flex items-center">
        <label className="flex min-h-10 w-9 shrink-0 cursor-pointer items-center justify-center">
          <input
            type="checkbox"
            className="h-5 w-5 accent-ink"
            aria-label={`Pick ${label}`}
            checked={hand.picked.includes(nth)}
            onChange={() => hand.pick(nth)}
          />
        </label>
        <button
          type="button"
          className="row-link on-ink flex min-w-0 flex-1 items-center gap-2 py-1 text-left text-note"
          aria-current={held ? 'true' : undefined}
          onClick={(event) => {
            if (event.shiftKey) {
              hand.pick(nth);
            } else {
              hand.take(nth === WORDS || held ? null : nth);
            }
          }}
        >
          {swatch && <Swatch film={swatch} size={16} />}
          <span className={`min-w-0 flex-1 truncate ${nth === WORDS ? 'font-semibold' : ''}`}>{label}</span>
          {(elements[nth]?.together ?? '') !== '' && (
            <span className="text-sm" title="Moved together">
              ⌐{elements[nth]?.together}
            </span>
          )}
          <span className="whitespace-nowrap">{size}</span>
        </button>
      </li>
    );
  };
  const rows = (under: boolean) =>
    elements
      .map((one, nth) => ({ one, nth }))
      .filter(({ one }) => (one.under === 'yes') === under)
      .reverse()
      .map(({ one, nth }) => {
        const laid = fit?.film.elements.find((each) => each.nth === nth);
        return row(nth, laid?.label ?? labelOf(one), laid && shown.size(laid.size), filmOf(one, film));
      });
  const held = hand.nth === null ? undefined : elements[hand.nth];
  const order = (by: 1 | -1) => {
    if (hand.nth !== null) {
      const next = reordered(elements, hand.nth, by);
      change({ elements: next.elements });
      hand.take(next.nth);
    }
  };
  return (
    <>
      <ol className="border-t border-rule" aria-label="From top to bottom">
        {rows(false)}
        {row(
          WORDS,
          drawing.words.replaceAll('\n', ' ') || motifOf(drawing)?.what || 'drawing',
          fit && shown.size(fit.place.size),
          film(drawing.film),
        )}
        {rows(true)}
      </ol>
      {held && hand.nth !== null && (
        <div className="mt-1 flex gap-1">
          <Move aria-label="Further up" title="Further up, key Page up" onClick={() => order(1)}>
            ↑
          </Move>
          <Move aria-label="Further down" title="Further down, key Page down" onClick={() => order(-1)}>
            ↓
          </Move>
          <Move
            keys="D"
            onClick={() => {
              change({ elements: doubled(elements, fit?.film.elements ?? [], hand.nth ?? 0) });
              hand.take(elements.length);
            }}
          >
            Double
          </Move>
          <Move
            title="Key Delete"
            onClick={() => {
              change({ elements: elements.filter((_, nth) => nth !== hand.nth) });
              hand.take(null);
            }}
          >
            Take out
          </Move>
        </div>
      )}
    </>
  );
}

const labelOf = (one: Element) =>
  one.kind === 'words' ? `“${one.words.replaceAll('\n', ' ')}”` : one.kind === 'drawing' ? 'drawing' : one.what;

/** Of a drawing that of its first colour that is cut. */
const filmOf = (one: Element, film: (id: string) => Film | undefined) =>
  film(one.art?.layers?.find((layer) => layer.film !== '0')?.film || one.film);
