import { useQuery } from '@tanstack/react-query';
import { stock } from '../../api/queries';
import { Move, NextMove, Trouble } from '../../parts/basics';
import { asDay } from '../../parts/time';
import { Deciding } from '../Deciding';
import { LiveAnswers } from './LiveAnswers';
import type { AskDesk } from './useAskDesk';

/** What was being typed when the page was left or lost, until it is kept on a docket. */
/** What can be said to the answers so far, price and day, and the buttons that keep or take the order. */
export function AskAside({ desk }: { desk: AskDesk }) {
  const { answers, live, set, fault, taken, anew, save, items } = desk;
  const films = useQuery(stock);
  return (
    <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="Answers">
      <LiveAnswers
        answers={live}
        film={films.data?.films.find((film) => String(film.id) === answers.film)}
        needed={asDay(answers.neededOn || null)}
        ground={answers}
        comes={answers.motif === 'drawing'}
        onFilm={set('film')}
      />
      <div className="flex flex-col gap-3 border-t border-rule p-5">
        <Deciding
          dayLabel="Ready"
          day={live?.promised ? asDay(live.promised.readyAt) : null}
          isLate={live?.promised?.inTime === false}
          price={live?.quote?.total.text ?? null}
          without={live?.quote?.unpriced}
        />
        <Trouble says={fault?.message} />
        {taken ? (
          <>
            <p className="text-sm text-ink2">It says first what that sets back.</p>
            <NextMove type="submit" form="ask" disabled={anew.send.isPending}>
              Change the order …
            </NextMove>
          </>
        ) : (
          <>
            <Move tall onClick={() => save.mutate(false)} disabled={save.isPending}>
              Keep it for later
            </Move>
            <NextMove type="submit" form="ask" disabled={save.isPending}>
              {items.length > 1 ? `Take the order of ${items.length} items` : 'Take the order'}
            </NextMove>
          </>
        )}
      </div>
    </aside>
  );
}
