import { useQuery } from '@tanstack/react-query';
import type { Problem } from '../../api/client';
import { underWay } from '../../api/queries';
import { Move, NextMove, ProgressBar, Trouble } from '../../parts/basics';
import { STEPS } from './MendPanel';
import type { SizeDesk } from './useSizeDesk';

/** Where a field is to be seen: always, or in one of the tabs. */
const SHOWN: Record<string, true | string> = {
  words: true,
  roster: true,
  setWide: true,
  setHigh: true,
  capHeight: true,
  arrangement: 'setting',
  radius: 'setting',
  tracking: 'setting',
  condense: 'setting',
  signs: true,
  lineSpacing: 'setting',
  offset: 'layers',
  art: 'faces',
  offsetFilm: 'layers',
  base: 'layers',
  baseFilm: 'layers',
  ...Object.fromEntries(STEPS.map((step) => [step, 'mend'])),
};

/** What stands in the place of words is always in sight, what lies beside them in a tab of its own. */
const shownAt = (field: string) =>
  /^motif(\.|$)/.test(field) ? true : field.startsWith('elements.') ? 'elements' : SHOWN[field];

/** What stands in the way of a proof, and the button that makes it. */
export function ProofFoot({ desk }: { desk: SizeDesk }) {
  const { docket, problem, keep, error, conflict, says, tab, proofing, isReady, isSet, set } = desk;
  return (
    <div className="flex flex-col gap-2 border-t border-rule p-4">
      <Trouble
        says={
          (problem
            ? null
            : (error?.fields.snags ?? error?.fields.items ?? (conflict ? yours(conflict) : error?.message))) ??
          (problem && !Object.keys(says).some((field) => shownAt(field) === true || shownAt(field) === tab)
            ? problem.message
            : null)
        }
      />
      {conflict && (
        <div className="grid grid-cols-2 gap-2">
          <Move onClick={desk.keepMine}>Keep mine</Move>
          <Move onClick={desk.takeTheirs}>Take theirs</Move>
        </div>
      )}
      {desk.making && <Making key={desk.making.key} making={desk.making} onStop={desk.stop} />}
      <NextMove
        onClick={desk.prove}
        // What is only being kept does not stand in the way: one goes after the other.
        disabled={
          proofing || (keep.isPending && keep.variables === true) || conflict !== null || Boolean(problem) || !isReady
        }
      >
        {docket.items.length > 1
          ? `Make the proof of ${docket.items.length} items`
          : isSet
            ? `Make the proof of ${set.data?.members.length ?? '…'}`
            : 'Make the proof'}
      </NextMove>
    </div>
  );
}

/** How far a proof of many names has come; nothing of what is made at once. */
function Making({ making, onStop }: { making: { key: string; stopped: boolean }; onStop: () => void }) {
  const { data } = useQuery(underWay(making.key));
  const says = making.stopped
    ? 'Stopping: nothing of it is kept.'
    : data?.what
      ? `${data.what.replace(/^./, (first) => first.toUpperCase())}: ${data.done} of ${data.of}`
      : '';
  return (
    <div className="flex items-center gap-3" hidden={says === ''}>
      <div className="grow">
        <p className="figures">{says}</p>
        <ProgressBar label="Making the proof" share={data?.of ? data.done / data.of : 0} className="mt-1 h-3" />
      </div>
      <Move onClick={onStop} disabled={making.stopped}>
        Stop
      </Move>
    </div>
  );
}

/** Who has changed it; what is seen here is not that. */
const yours = ({ conflict, message }: Problem) =>
  conflict
    ? `${conflict.record} was changed meanwhile by ${conflict.by}${conflict.did && ` (${conflict.did})`}. What you see is yours, and not kept yet.`
    : message;
