import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, ask, type Problem, type Proof, type Schemas } from '../api/client';
import { givenKey } from '../api/keys';
import { ProofDrawing } from '../drawing/ProofDrawing';
import { PhotoSource, PictureSource } from '../drawing/pictures';
import { Loading, Trouble } from '../parts/basics';
import { asMoment } from '../parts/time';
import { pinsOf } from '../stations/proof/Answering';
import { ProofFacts } from '../stations/proof/ProofFacts';
import { ReadBack } from '../stations/proof/ReadBack';
import { Answer } from './GivenAnswer';

export type GivenProof = Schemas['GivenProofView'];

/** A customer's own page: look closely, read the spelling, say yes or what should be different. */
export function Given({ token }: { token: string }) {
  const query = useQuery<GivenProof, Problem>({
    queryKey: givenKey(token),
    queryFn: () => ask(api.GET('/api/given/{token}', { params: { path: { token } } })),
    refetchOnWindowFocus: true,
  });
  useEffect(() => {
    if (query.data) {
      document.title = `Your proof ${query.data.tag}`;
    }
  }, [query.data]);
  if (query.error) {
    return (
      <main className="mx-auto max-w-xl p-5">
        <h1 className="title mb-3">This proof cannot be shown</h1>
        <Trouble says={query.error.message} />
      </main>
    );
  }
  return query.data ? (
    <PictureSource value={(id) => `/api/given/${token}/picture/${id}`}>
      <PhotoSource value={(name) => `/api/given/${token}/photo/${name}`}>
        <Page token={token} given={query.data} />
      </PhotoSource>
    </PictureSource>
  ) : (
    <Loading what="your proof" />
  );
}

export type Pinned = { item: number; spot: Schemas['SpotView'] };

function Page({ token, given }: { token: string; given: GivenProof }) {
  const { proof } = given;
  const [pinned, setPinned] = useState<Pinned | null>(null);
  const waiting = given.state === 'waiting';
  return (
    <div className="min-h-full bg-ground">
      <header className="border-b border-rule bg-paper px-4 py-3">
        <p className="label">{given.shop}</p>
        <h1 className="title">
          Your proof {given.tag}
          <span className="text-ink2">, version {proof.nth}</span>
        </h1>
      </header>
      <main className="mx-auto grid max-w-[1080px] gap-5 p-4 md:grid-cols-[1fr_360px]">
        <div className="min-w-0">
          <p
            role="status"
            className={`mb-3 border-l-4 bg-paper px-3 py-2 ${waiting ? 'border-ink' : 'border-signal font-medium'}`}
          >
            {given.says}
          </p>
          {proof.pages.map((page) => (
            <OneItem
              key={page.item}
              page={page}
              many={proof.pages.length}
              requests={given.changeRequests}
              pinned={pinned}
              onPin={waiting ? (spot) => setPinned({ item: page.item, spot }) : undefined}
            />
          ))}
        </div>
        <div className="min-w-0">
          {waiting && <Answer token={token} given={given} pinned={pinned} onSent={() => setPinned(null)} />}
          <section aria-label="What it will be">
            {proof.pages.map((page) => (
              <div key={page.item} className="mb-5">
                {proof.pages.length > 1 && (
                  <h2 className="label mb-1">{`${page.item}: ${page.art.words.join(' ')}`}</h2>
                )}
                <Asked page={page} requests={given.changeRequests} />
                <ProofFacts proof={page} priced={false} />
              </div>
            ))}
            {given.quote && <Quoted quote={given.quote} token={token} />}
            <a
              href={`/api/given/${token}/proof.pdf`}
              download
              className="mt-4 inline-flex min-h-12 items-center border border-ink bg-paper px-4 font-medium"
            >
              Keep it as PDF, to scale
            </a>
          </section>
        </div>
      </main>
    </div>
  );
}

/** What it costs, thing by thing and in all. */
function Quoted({ quote, token }: { quote: Schemas['GivenQuoteView']; token: string }) {
  return (
    <section className="mb-5 border-t-2 border-ink pt-3" aria-label="What it costs">
      <h2 className="title">What it costs</h2>
      <ul className="my-1 text-note">
        {quote.lines.map((line) => (
          <li key={line} className="border-b border-rule py-1">
            {line}
          </li>
        ))}
      </ul>
      <p className="flex justify-between text-xl font-semibold">
        <span>In all</span>
        <span>{quote.total.text}</span>
      </p>
      {quote.tax && (
        <p className="flex justify-between text-ink2">
          <span>of which tax</span>
          <span>{quote.tax.text}</span>
        </p>
      )}
      <p className="mt-1">{quote.says}</p>
      <a href={`/api/given/${token}/quote.pdf`} download className="inline-flex min-h-6 underline">
        The quote as PDF
      </a>
    </section>
  );
}

/** What the customer asked for on one page, the letters as on its drawing. */
function Asked({ page, requests }: { page: Proof; requests: GivenProof['changeRequests'] }) {
  const mine = pinsOf(requests, page.nth, page.item);
  return mine.length === 0 ? null : (
    <section className="mb-5">
      <h2 className="label mb-1">You asked for</h2>
      <ul className="flex flex-col gap-2">
        {mine.map((request) => (
          <li key={request.id} className="flex gap-2 text-note">
            <span className="flex h-6 w-6 shrink-0 items-center justify-center border-2 border-ink font-semibold">
              {request.label}
            </span>
            <p>
              “{request.note}” <span className="block text-sm text-ink2">{asMoment(request.at)}</span>
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** One item of the order: drawn to scale, and read out letter by letter. */
function OneItem({
  page,
  many,
  requests,
  pinned,
  onPin,
}: {
  page: Proof;
  many: number;
  requests: GivenProof['changeRequests'];
  pinned: Pinned | null;
  onPin: ((spot: Schemas['SpotView']) => void) | undefined;
}) {
  const pins = [
    ...pinsOf(requests, page.nth, page.item).flatMap((request) =>
      request.spot ? [{ spot: request.spot, label: request.label }] : [],
    ),
    ...(pinned && pinned.item === page.item ? [{ spot: pinned.spot, label: '?' }] : []),
  ];
  const named = many > 1 ? `${page.item}: ${page.art.words.join(' ')} on ${page.on.object}` : '';
  return (
    <div className="mb-6">
      {named && <h2 className="title mb-2">{named}</h2>}
      <section aria-label={named ? `The drawing, ${named}` : 'The drawing'} className="border border-rule bg-paper">
        {page.art.parts.length > 1 ? (
          <ProofDrawing proof={page} />
        ) : (
          <div className="h-[62vw] max-h-[430px] min-h-[220px]">
            <ProofDrawing proof={page} pins={pins} onPin={onPin} rulers={false} />
          </div>
        )}
      </section>
      <p className="mt-1 text-sm text-ink2">
        Drawn to scale: every outline here is what the knife will cut.
        {page.art.mirrored && ' It is cut mirrored, for the inside of the glass, and reads as shown.'}
        {page.approvedBy && many > 1 && ` ${page.approvedBy} said yes to this one.`}
      </p>
      {page.heard.readOut.length > 0 && (
        <section className="mt-5" aria-label={named ? `Spelling, ${named}` : 'Spelling'}>
          <h2 className="title mb-2">Is it spelled right?</h2>
          <ReadBack lines={page.heard.readOut} />
          {page.heard.spelling.map((says) => (
            <p key={says} className="mt-2 font-medium text-signal-ink">
              {says}
            </p>
          ))}
        </section>
      )}
    </div>
  );
}
