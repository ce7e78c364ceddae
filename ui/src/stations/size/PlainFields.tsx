import type { Element, Fit } from '../../api/client';
import { useVocabulary } from '../../api/vocabulary';
import { useShown } from '../../parts/basics';
import { SelectField, TextField } from '../../parts/fields';

type Told = {
  element: Element;
  set: (part: Partial<Element>) => void;
  says: (field: string) => string | undefined;
};

/** One figure of an element, as typed. */
export function ElementField({
  field,
  label,
  usual,
  element,
  set,
  says,
}: Told & { field: Exclude<keyof Element, 'art'>; label: string; usual?: string }) {
  return (
    <TextField
      label={label}
      placeholder={usual}
      value={element[field]}
      onChange={(value) => set({ [field]: value })}
      says={says(field)}
    />
  );
}

/** What a plain shape or a pattern is told by, wherever it lies: which, how large, how often. */
export function PlainFields({
  size,
  beside,
  chosen = false,
  ...told
}: Told & {
  size: Fit['place']['size'] | undefined;
  /** Whether it lies beside something else. */
  beside: boolean;
  /** Whether it was chosen already which it is. */
  chosen?: boolean;
}) {
  const { elementShapes, patterns } = useVocabulary();
  const shown = useShown();
  const { element, set, says } = told;
  const hollow = element.what === 'ring' || element.what === 'band';
  const cornered = element.what === 'polygon' || element.what === 'star';
  const isPattern = element.kind === 'pattern';
  return (
    <>
      {!chosen && (
        <div className="col-span-2">
          <SelectField
            label={isPattern ? 'Pattern' : 'Shape'}
            value={element.what}
            onChange={(what) => set({ what })}
            says={says('what')}
            options={isPattern ? patterns : elementShapes}
          />
        </div>
      )}
      {isPattern ? (
        <>
          <ElementField {...told} field="pitch" label="From middle to middle" usual="usual" />
          <ElementField {...told} field="spot" label="Across one" usual="usual" />
          <ElementField {...told} field="border" label="Clear of the edge" usual="none" />
          <ElementField {...told} field="frame" label="Frame round it" usual="none" />
          {beside && <ElementField {...told} field="gap" label="Clear of the rest" usual="usual" />}
        </>
      ) : (
        <>
          <ElementField {...told} field="wide" label="Width" usual={size && shown.one(size.width)} />
          <ElementField {...told} field="high" label="Height" usual={size && shown.one(size.height)} />
          {hollow && <ElementField {...told} field="innerWide" label="Inside, width" usual="usual" />}
          {hollow && <ElementField {...told} field="innerHigh" label="Inside, height" usual="usual" />}
          {cornered && (
            <ElementField
              {...told}
              field="sides"
              label={element.what === 'star' ? 'Points' : 'Sides'}
              usual={element.what === 'star' ? '5' : '6'}
            />
          )}
        </>
      )}
    </>
  );
}
