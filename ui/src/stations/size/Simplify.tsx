import { useMutation } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, ask, type DesignBody, type Problem, type Schemas } from '../../api/client';
import { Move } from '../../parts/basics';
import { applied } from './cures';
import type { Drawing } from './useDrawing';

/** What is too fine to cut is made simpler in steps: all of them are seen before they are taken, and told on the proof. */
export function Simplify({
  stuck,
  body,
  drawing,
  onTake,
}: {
  /** Whether there is a stop that no single cure takes away. */
  stuck: boolean;
  body: DesignBody;
  drawing: Drawing;
  onTake: (part: Partial<Drawing>) => void;
}) {
  const look = useMutation<Schemas['SimplifiedView'], Problem>({
    mutationFn: () => ask(api.POST('/api/simplify', { body })),
  });
  const of = JSON.stringify(body);
  // Steps that were found belong to the drawing they were found for.
  // biome-ignore lint/correctness/useExhaustiveDependencies: another drawing is what it is about.
  useEffect(() => look.reset(), [of]);
  if (!stuck) {
    return null;
  }
  const found = look.data;
  return (
    <div className="mt-3">
      <Move className="w-full" onClick={() => look.mutate()} disabled={look.isPending}>
        {look.isPending ? 'Simplifying …' : 'Simplify it in steps …'}
      </Move>
      <div aria-live="polite">
        {look.error && <p className="mt-1 text-sm font-medium text-signal-ink">{look.error.message}</p>}
        {found && found.steps.length === 0 && (
          <p className="mt-1 text-note text-ink2">No mending helps: make it larger, or ask for a simpler drawing.</p>
        )}
        {found && found.steps.length > 0 && (
          <>
            <ol className="mt-2 border-l-4 border-ink pl-3" aria-label="Steps that make it simpler">
              {found.steps.map((step, nth) => (
                <li key={step.says} className="mb-1.5 text-note">
                  <span className="block font-medium">
                    {nth + 1}. {step.says}
                  </span>
                  <span className="block text-sm text-ink2">
                    {step.before} {step.before === 1 ? 'stop becomes' : 'stops become'} {step.after}; {step.gone} % of
                    the film is gone by now, {step.come} % has come
                  </span>
                </li>
              ))}
            </ol>
            <p className="mt-1 text-note">
              {found.left === 0
                ? 'Then it can be cut. The customer is told so on the proof.'
                : `${found.left} ${found.left === 1 ? 'stop stays' : 'stops stay'}: make it larger as well.`}
            </p>
            <Move
              className="mt-2 w-full"
              onClick={() =>
                onTake(
                  applied(
                    { capHeight: null, face: null, film: null, toTheMiddle: false, setting: found.setting },
                    drawing,
                  ),
                )
              }
            >
              {found.steps.length === 1 ? 'Take this step' : `Take these ${found.steps.length} steps`}
            </Move>
          </>
        )}
      </div>
    </div>
  );
}
