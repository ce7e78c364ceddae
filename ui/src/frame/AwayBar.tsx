import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { away } from '../api/patience';
import { asMoment } from '../parts/time';

/** Across the page while Yelbo does not answer; goes by itself. */
export function AwayBar() {
  const { data: since } = useQuery(away);
  useEffect(() => {
    document.documentElement.toggleAttribute('data-away', Boolean(since));
  }, [since]);
  return (
    <div role="status" aria-live="assertive">
      {since && (
        <p className="bg-signal-ink px-5 py-2 font-semibold text-paper">
          Yelbo has not answered since {asMoment(since)}. What you see is from then. What you typed stays, and what you
          do now is done when it answers.
        </p>
      )}
    </div>
  );
}
