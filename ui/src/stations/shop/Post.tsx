import { useQuery } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { RECORD } from '../../api/keys';
import { Nothing, Ready, Scroll } from '../../parts/basics';
import { asMoment } from '../../parts/time';

/** Letters to customers. With the post that ships they are kept here instead of leaving the house. */
export function Post() {
  const query = useQuery({
    queryKey: [RECORD, 'outbox'],
    queryFn: () => ask(api.GET('/api/outbox')),
    refetchInterval: 4000,
  });
  return (
    <Ready query={query} what="the post">
      {({ letters, simulated }) =>
        letters.length === 0 ? (
          <Nothing title="No letters yet">
            {simulated
              ? 'A proof sent by link is a letter. It is kept here and does not leave the house.'
              : 'Letters leave by the mail server that was set; nothing is kept here.'}
          </Nothing>
        ) : (
          <Scroll label="Letters" className="h-full p-6">
            <p className="mb-4 max-w-[760px] text-ink2">
              {simulated
                ? 'The post that ships with Yelbo keeps letters here instead of sending them. A real mail server is set by its address.'
                : 'Letters now leave by the mail server that was set. These were kept before.'}
            </p>
            <ul className="flex max-w-[760px] flex-col gap-3">
              {letters.map((letter) => (
                <li key={letter.id} className="border border-rule bg-paper px-5 py-4">
                  <div className="flex items-baseline justify-between gap-4">
                    <h2 className="font-semibold">{letter.subject}</h2>
                    <span className="text-sm whitespace-nowrap text-ink2">{asMoment(letter.at)}</span>
                  </div>
                  <p className="mb-2 text-sm text-ink2">
                    to {letter.to}, from {letter.from}
                  </p>
                  <p className="text-note break-words whitespace-pre-line">{letter.body}</p>
                </li>
              ))}
            </ul>
          </Scroll>
        )
      }
    </Ready>
  );
}
