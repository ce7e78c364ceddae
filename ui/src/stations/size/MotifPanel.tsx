import type { Element, Fit } from '../../api/client';
import { useVocabulary } from '../../api/vocabulary';
import { Move } from '../../parts/basics';
import { SelectField } from '../../parts/fields';
import { PlainFields } from './PlainFields';
import type { Drawing } from './useDrawing';

/** What stands in the place of words as it is chosen by its name: a shape, a pattern, a drawing that is still to come. */
export function useMotifs(): { options: { value: string; label: string }[]; of: (name: string) => Element } {
  const { element, elementShapes, patterns } = useVocabulary();
  return {
    options: [
      ...elementShapes.map(({ value, label }) => ({ value, label })),
      ...patterns.map(({ value, label }) => ({ value, label: `Pattern: ${label.toLowerCase()}` })),
      { value: DRAWING, label: 'A drawing, brought later' },
    ],
    of: (name) => ({
      ...(element as Element),
      kind: name === DRAWING ? DRAWING : patterns.some((one) => one.value === name) ? 'pattern' : 'shape',
      what: name === DRAWING ? '' : name,
    }),
  };
}

const DRAWING = 'drawing';

/** Whether something else stands in the place of words, as long as nobody writes any. */
export const motifOf = (drawing: Drawing): Element | null =>
  drawing.roster.trim() === '' && drawing.words.trim() === '' && drawing.art === null ? drawing.motif : null;

/** The figures of what stands in the place of words. */
export function MotifPanel({
  motif,
  fit,
  change,
  says,
}: {
  motif: Element;
  fit: Fit | undefined;
  change: (part: Partial<Drawing>) => void;
  says: Record<string, string>;
}) {
  const { options, of } = useMotifs();
  const set = (part: Partial<Element>) =>
    change({ motif: { ...motif, ...part }, ...('wide' in part || 'high' in part ? { capHeight: '' } : {}) });
  return (
    <div className="mb-4 grid grid-cols-2 gap-3">
      <div className="col-span-2">
        <SelectField
          label="In the place of words"
          value={motif.kind === DRAWING ? DRAWING : motif.what}
          onChange={(name) => change({ motif: of(name), capHeight: '', left: '', top: '' })}
          says={says.motif}
          options={options}
        />
      </div>
      {motif.kind !== DRAWING && (
        <PlainFields
          element={motif}
          set={set}
          says={(field) => says[`motif.${field}`]}
          size={fit?.place.size}
          beside={false}
          chosen
        />
      )}
      <div className="col-span-2">
        <Move onClick={() => change({ motif: null, capHeight: '', left: '', top: '' })}>Words after all</Move>
      </div>
    </div>
  );
}
