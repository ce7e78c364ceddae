import type { Element, Film, Fit, On } from '../../api/client';
import { useVocabulary } from '../../api/vocabulary';
import { Move, Section } from '../../parts/basics';
import type { Units } from '../../parts/units';
import { artOf } from './ArtPanel';
import { BringDrawing } from './BringArt';
import { ElementsArranged } from './ElementsArranged';
import { ElementsList } from './ElementsList';
import type { Hand } from './elements';
import { moved } from './elements';
import { Held } from './HeldElement';
import type { Change, Drawing } from './useDrawing';

/** What lies on the object beside its words: a short list from top to bottom, and the figures of the one in hand. */
export function ElementsPanel({
  on,
  drawing,
  units,
  fit,
  films,
  hand,
  change,
  says,
}: {
  on: On;
  drawing: Drawing;
  units: Units;
  fit: Fit | undefined;
  films: Film[];
  hand: Hand;
  change: Change;
  says: Record<string, string>;
}) {
  const { element: empty, elementShapes, patterns } = useVocabulary();
  const { elements } = drawing;
  const inHand = hand.nth;
  const held = inHand === null ? undefined : elements[inHand];
  const add = (part: Partial<Element>) => {
    change((now) => ({ elements: [...now.elements, { ...empty, ...part } as Element] }));
    hand.take(elements.length);
  };
  const set = (part: Partial<Element>) =>
    change((now) => ({ elements: now.elements.map((one, nth) => (nth === inHand ? { ...one, ...part } : one)) }));
  return (
    <Section title="Beside the words">
      <ElementsList drawing={drawing} fit={fit} films={films} hand={hand} change={change} />
      <div className="mt-2 mb-3 grid grid-cols-2 gap-1">
        <Move onClick={() => add({ kind: 'words', words: 'Words' })}>Words</Move>
        <Move onClick={() => add({ kind: 'shape', what: elementShapes[0]?.value ?? '' })}>Shape</Move>
        <Move onClick={() => add({ kind: 'pattern', what: patterns[0]?.value ?? '' })}>Pattern</Move>
        <BringDrawing
          on={on}
          onBrought={(art) => add({ kind: 'drawing', art: { id: art.id, layers: artOf(art).art?.layers ?? [] } })}
        />
      </div>
      <ElementsArranged on={on} drawing={drawing} units={units} hand={hand} change={change} />
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
          onPut={(left, top) => {
            const laid = fit?.film.elements.find((one) => one.nth === inHand);
            if (laid) {
              change((now) => ({
                elements: moved(now.elements, fit?.film.elements ?? [], inHand, left - laid.left.mm, top - laid.top.mm),
              }));
            }
          }}
          says={(field) => says[`elements.${inHand}.${field}`]}
        />
      )}
    </Section>
  );
}
