import type { Answers } from '../../api/client';

/** The items of the order, the one that is being asked marked; a mark where the last try found something wrong. */
export function ItemTabs({
  items,
  at,
  wrong,
  onChoose,
  onLeaveOut,
}: {
  items: Answers[];
  at: number;
  wrong: (nth: number) => boolean;
  onChoose: (nth: number) => void;
  onLeaveOut: () => void;
}) {
  return (
    <div className="col-span-6 flex flex-wrap items-stretch gap-1 border-b border-ink">
      <ol className="contents" aria-label="Items of this order">
        {items.map((one, nth) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: items have no other name than their place until they are kept
          <li key={nth} className="contents">
            <button
              type="button"
              aria-current={nth === at ? 'true' : undefined}
              className={`flex min-h-10 max-w-56 items-center gap-2 border border-b-0 px-3 text-note ${nth === at ? 'border-ink bg-ink font-semibold text-paper' : 'border-rule bg-ground'}`}
              onClick={() => onChoose(nth)}
            >
              <span>{nth + 1}</span>
              <span className="truncate">{one.words.split('\n')[0] || one.object || 'not asked yet'}</span>
              {wrong(nth) && nth !== at && <b className="text-signal-ink">look again</b>}
            </button>
          </li>
        ))}
      </ol>
      <button type="button" className="flex min-h-10 items-center px-3 text-note underline" onClick={onLeaveOut}>
        Leave this one out
      </button>
    </div>
  );
}
