import type { Schemas } from '../../api/client';
import { Move, NextMove, Trouble } from '../../parts/basics';
import { asDay } from '../../parts/time';
import { SpoilThing } from '../SpoilThing';
import { useThingMove } from '../useThingMove';
import { lower, type Step } from './stepWords';

export function Moves({
  steps,
  current,
  waiting,
  alike,
  pending,
  trouble,
  onDone,
  onBack,
  blocked,
}: {
  steps: Schemas['StepsView'];
  current: Step | undefined;
  waiting: boolean;
  alike: boolean;
  pending: boolean;
  trouble: string | undefined;
  onDone: () => void;
  onBack: (() => void) | undefined;
  blocked: string | null;
}) {
  const move = useThingMove();
  const { thing } = steps;
  const all = alike ? `All ${steps.alike + 1} ` : '';
  const last = thing.appliedHere
    ? `${all || 'It is '}applied: ${steps.waits > 0 ? 'start the wait' : 'to the hand-over'}`
    : `${all || 'It is '}packed`;
  return (
    <div className="flex flex-col gap-3 border-t border-rule p-5">
      <p className="text-sm text-ink2">Used {asDay(thing.neededAt)}.</p>
      <Trouble says={move.error?.message ?? trouble} />
      <div className="flex gap-3">
        <Move tall className="flex-1" keys="⌫" disabled={!onBack || pending} onClick={onBack}>
          Back
        </Move>
        <div className="flex-1">
          <SpoilThing thing={thing} reasons={['wrinkled in the tape', 'went on crooked', 'paint came off']} small />
        </div>
      </div>
      {current ? (
        <NextMove
          className="min-h-16"
          disabled={pending || waiting}
          keys={waiting ? 'dries' : 'Enter'}
          onClick={onDone}
        >
          {`Done: ${lower(current.title)}`}
        </NextMove>
      ) : (
        <NextMove
          className="min-h-16"
          disabled={move.isPending || blocked !== null}
          onClick={() => move.mutate({ thing, move: thing.appliedHere ? 'applied' : 'packed', alike })}
        >
          {last}
        </NextMove>
      )}
    </div>
  );
}
