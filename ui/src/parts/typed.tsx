import { useState } from 'react';
import { Move } from './basics';

/**
 * What is typed over a record that others may change too. As long as nothing was typed it follows the record; what was
 * typed stays, whatever happens to the record, and is told apart from it.
 */
export function useTyped<T>(version: number, kept: T) {
  const [state, setState] = useState({ version, kept, typed: kept, own: false });
  const same = (one: T, other: T) => JSON.stringify(one) === JSON.stringify(other);
  const isTouched = !same(state.typed, state.kept);
  const isNewer = version !== state.version;
  const takeTheirs = () => setState({ version, kept, typed: kept, own: false });
  if (isNewer && (!isTouched || state.own || same(state.typed, kept))) {
    // Nothing is lost: nobody typed, or what was typed is what was kept.
    takeTheirs();
  }
  return {
    typed: state.typed,
    set: (part: Partial<T> | ((now: T) => Partial<T>)) =>
      setState((now) => ({
        ...now,
        typed: { ...now.typed, ...(typeof part === 'function' ? part(now.typed) : part) },
      })),
    /** The version of the record that what was typed began with. */
    version: state.version,
    /** Whether somebody else changed the record while something was typed. */
    isNewer: isNewer && isTouched,
    keepMine: () => setState((now) => ({ ...now, version, kept })),
    takeTheirs,
    /** Marks what was typed as kept once it is: the next version of the record is one's own. */
    keeping: <R,>(kept: Promise<R>) =>
      kept.then((answer) => {
        setState((now) => ({ ...now, own: true }));
        return answer;
      }),
  };
}

/** Somebody else changed what is being typed over: nothing is lost until it is said which of the two is meant. */
export function Meanwhile({
  over,
}: {
  over: Pick<ReturnType<typeof useTyped>, 'isNewer' | 'keepMine' | 'takeTheirs'>;
}) {
  return over.isNewer ? (
    <div role="alert" className="flex flex-col gap-2 border-l-4 border-signal bg-paper px-3 py-2 text-note">
      <p className="text-signal-ink">Somebody changed this meanwhile. What you see is yours, and not kept yet.</p>
      <div className="flex gap-2">
        <Move onClick={over.keepMine}>Keep mine</Move>
        <Move onClick={over.takeTheirs}>Take theirs</Move>
      </div>
    </div>
  ) : null;
}
