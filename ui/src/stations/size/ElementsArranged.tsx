import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type On, type Problem, type Schemas } from '../../api/client';
import { Move, Section } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import type { Units } from '../../parts/units';
import { type Hand, newName, WORDS } from './elements';
import type { Change, Drawing } from './useDrawing';

const LINES = [
  ['left', 'Left edges'],
  ['across', 'Middles'],
  ['right', 'Right edges'],
  ['top', 'Top edges'],
  ['down', 'Middles, in a row'],
  ['bottom', 'Bottom edges'],
] as const;

/** What was picked: brought into line with the first of it, set at equal gaps, kept together. */
export function ElementsArranged({
  on,
  drawing,
  units,
  hand,
  change,
}: {
  on: On;
  drawing: Drawing;
  units: Units;
  hand: Hand;
  change: Change;
}) {
  const { picked } = hand;
  const [gap, setGap] = useState('');
  const arrange = useMutation<Schemas['ArrangedView'], Problem, string>({
    mutationFn: (how) => {
      const { roster: _, ...single } = drawing;
      return ask(api.POST('/api/arrange', { body: { ...on, ...single, units, picked, how, gap } }));
    },
    onSuccess: ({ things }) =>
      change((now) => {
        const words = things.find((one) => one.nth === WORDS);
        const put = (nth: number) => {
          const at = things.find((one) => one.nth === nth);
          return at ? { left: `${at.left.mm}mm`, top: `${at.top.mm}mm` } : {};
        };
        return {
          elements: now.elements.map((one, nth) => ({ ...one, ...put(nth) })),
          ...(words ? put(WORDS) : {}),
        };
      }),
  });
  if (picked.length < 2) {
    return null;
  }
  const elements = picked.filter((nth) => nth !== WORDS);
  const together = elements.every(
    (nth) =>
      (drawing.elements[nth]?.together ?? '') !== '' &&
      drawing.elements[nth]?.together === drawing.elements[elements[0] ?? 0]?.together,
  );
  const name = (value: string) =>
    change((now) => ({
      elements: now.elements.map((one, nth) => (elements.includes(nth) ? { ...one, together: value } : one)),
    }));
  return (
    <Section title={`${picked.length} picked: they follow the first`}>
      <div className="grid grid-cols-2 gap-1">
        {LINES.map(([how, label]) => (
          <Move key={how} onClick={() => arrange.mutate(how)} disabled={arrange.isPending}>
            {label}
          </Move>
        ))}
      </div>
      <div className="mt-2 grid grid-cols-[1fr_1fr_1fr] items-end gap-1">
        <TextField label="Gap" placeholder="equal" value={gap} onChange={setGap} says={arrange.error?.fields.gap} />
        <Move onClick={() => arrange.mutate('gaps-across')}>Across</Move>
        <Move onClick={() => arrange.mutate('gaps-down')}>Down</Move>
      </div>
      {arrange.error && !arrange.error.fields.gap && (
        <p role="alert" className="mt-1 text-sm font-medium text-signal-ink">
          {arrange.error.fields.how ?? arrange.error.message}
        </p>
      )}
      {elements.length > 1 && (
        <Move className="mt-2 w-full" onClick={() => name(together ? '' : newName(drawing.elements))}>
          {together ? 'Move each by itself again' : 'Move them together'}
        </Move>
      )}
    </Section>
  );
}
