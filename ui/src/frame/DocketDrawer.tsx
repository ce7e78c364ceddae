import { useQuery } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, ask, type Docket, type Item, type Proof } from '../api/client';
import { docket as docketQuery, useDocketChange } from '../api/queries';
import { labelOf, useVocabulary } from '../api/vocabulary';
import { filmsOf, ProofDrawing } from '../drawing/ProofDrawing';
import { Caution, Facts, FilmName, Move, NextMove, Ready, Scroll, Section, Trouble, useShown } from '../parts/basics';
import { ReasonDialog } from '../parts/dialog';
import { asDay, asMoment, until, useNow } from '../parts/time';
import { ChangeAsked } from '../stations/ChangeAsked';
import { InvoiceMove } from '../stations/Quote';
import { Spoil } from '../stations/Spoil';
import { filmAt, inHandAt } from '../stations/useInHand';
import { stationName, workAt } from './stations';

/** The docket, the same at every station. */
export function DocketDrawer({ number, onClose }: { number: number | null; onClose: () => void }) {
  return (
    <Dialog.Root open={number !== null} onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/25" />
        <Dialog.Content
          aria-describedby={undefined}
          className="slide-in outline-none fixed inset-y-0 right-0 z-30 flex w-[min(440px,100vw)] flex-col border-l-2 border-ink bg-ground"
        >
          {number !== null && <Inside number={number} onClose={onClose} />}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Inside({ number, onClose }: { number: number; onClose: () => void }) {
  const query = useQuery(docketQuery(number));
  return (
    <>
      {query.data === undefined && (
        <Dialog.Title className="p-4 title">Docket Y-{String(number).padStart(4, '0')}</Dialog.Title>
      )}
      <Ready query={query} what="the docket">
        {(docket) => <Content docket={docket} onClose={onClose} />}
      </Ready>
    </>
  );
}

function Content({ docket, onClose }: { docket: Docket; onClose: () => void }) {
  const navigate = useNavigate();
  const pageOf = (item: number) => docket.proofs.at(-1)?.pages.find((page) => page.item === item);
  const [cancelling, setCancelling] = useState(false);
  const [opening, setOpening] = useState(false);
  // What is in a batch or further on stays as it was said yes to.
  const stuck = new Set(docket.pieces.filter((piece) => piece.state !== 'waiting').map((piece) => piece.item));
  const openable = docket.items.filter((item) => item.beingMade && !stuck.has(item.nth));
  const now = useNow();
  const move = useDocketChange(
    docket,
    (version, { move, detail, items = [] }: { move: string; detail: string; items?: number[] }) =>
      ask(
        api.POST('/api/dockets/{number}/moves', {
          params: { path: { number: docket.number } },
          body: { move, version, detail, items },
        }),
      ),
    () => {
      setCancelling(false);
      setOpening(false);
    },
  );
  const words = useVocabulary();
  const waits = docket.things.filter((thing) => thing.state === 'curing' && thing.restsUntil);
  const facts: [string, React.ReactNode][] = [
    [
      'needed',
      <span key="needed" className={docket.late ? 'font-semibold text-signal-ink' : undefined}>
        {asDay(docket.neededAt)}
        {docket.late && ', late'}
      </span>,
    ],
    [docket.delivery === 'posted' ? 'on its way by' : 'on its object by', asDay(docket.onBy)],
    ['comes to them', labelOf(words.handovers, docket.delivery).toLowerCase()],
  ];
  return (
    <>
      <div className="flex items-start justify-between gap-3 border-b border-rule px-5 py-3">
        <div>
          <p className="label">
            Docket {docket.tag} · {docket.station ? stationName(docket.station) : docket.state}
          </p>
          <Dialog.Title className="title break-words">{docket.label}</Dialog.Title>
          <p className="text-ink2">
            {docket.customer || 'nobody named yet'}
            {docket.contact && ` · ${docket.contact}`}
          </p>
        </div>
        <Move onClick={onClose} keys="Esc">
          Close
        </Move>
      </div>
      <Scroll label="Docket contents" className="min-h-0 flex-1 px-5 py-4">
        <Section title="The order">
          <Facts rows={facts} />
          {['sizing', 'proofing', 'making'].includes(docket.state) && (
            <p className="mt-2">
              <ChangeAsked docket={docket.number} onGo={onClose} />
            </p>
          )}
          {docket.note && <p className="mt-2">“{docket.note}”</p>}
        </Section>
        <InvoiceMove docket={docket} />
        {docket.items.map((item) => (
          <OneItem key={item.nth} item={item} many={docket.items.length} page={pageOf(item.nth)} />
        ))}
        {docket.cautions.map((caution) => (
          <div key={caution} className="mb-3">
            <Caution>{caution}</Caution>
          </div>
        ))}
        {waits.length > 0 && (
          <Section title="Waits running">
            {waits.map((thing) => (
              <p key={thing.id}>
                {thing.tag} rests {until(thing.restsUntil ?? '', now) ?? 'no longer'}
              </p>
            ))}
          </Section>
        )}
        {docket.things.length > 0 && <InHand docket={docket} onClose={onClose} />}
        <Section title="What happened">
          <ol className="text-note">
            {docket.log.map((entry) => (
              <li key={entry.id} className="border-b border-rule py-1.5">
                {entry.says}
                <span className="block text-sm text-ink2">
                  {entry.who}, {asMoment(entry.at)}
                </span>
              </li>
            ))}
          </ol>
        </Section>
        {docket.moves.some((next) => next.move === 'reopen') && openable.length > 0 && (
          <Move onClick={() => setOpening(true)}>Open it again, to change it</Move>
        )}
        {docket.moves.some((next) => next.move === 'cancel') && (
          <Move onClick={() => setCancelling(true)}>Cancel the order</Move>
        )}
        <Trouble says={cancelling || opening ? null : move.error?.message} />
      </Scroll>
      {docket.station && (
        <div className="border-t border-rule p-4">
          <NextMove
            onClick={() => {
              onClose();
              navigate(
                docket.station === 'ask' || docket.station === 'size' || docket.station === 'proof'
                  ? workAt(docket.station, docket.number)
                  : docket.due
                    ? inHandAt(docket.due)
                    : `/${docket.station}`,
              );
            }}
          >
            {`${docket.due?.says ?? nextMove(docket)}, at ${stationName(docket.station)}`}
          </NextMove>
        </div>
      )}
      <ReasonDialog
        open={opening}
        onClose={() => setOpening(false)}
        title={`Open ${docket.tag} again?`}
        what={
          docket.items.length > 1
            ? `Nothing is cut yet of ${openable.map((item) => item.label).join(', ')}: back to Size, for a new proof and a new yes. What was said yes to elsewhere stays.`
            : 'It was approved and nothing is cut yet. It goes back to Size; what is drawn next becomes a new proof that needs a new yes.'
        }
        label="Why"
        button="Open it again"
        suggestions={['the customer changed the words', 'another size']}
        onReason={(detail) => move.mutate({ move: 'reopen', detail, items: openable.map((item) => item.nth) })}
        says={move.error?.fields.reason ?? move.error?.message}
      />
      <ReasonDialog
        open={cancelling}
        onClose={() => setCancelling(false)}
        title={`Cancel ${docket.tag}?`}
        what="It leaves the line and cannot be brought back. The book keeps it."
        label="Why"
        button="Cancel the order"
        onReason={(detail) => move.mutate({ move: 'cancel', detail })}
        says={move.error?.fields.reason ?? move.error?.message}
      />
    </>
  );
}

/** One item: what goes on what, of which film, for what use. */
function OneItem({ item, many, page }: { item: Item; many: number; page: Proof | undefined }) {
  const words = useVocabulary();
  const shown = useShown();
  const rows: [string, React.ReactNode][] = [
    ['on', item.object ? `${item.object.name}, ${shown.size(item.object.size)}` : 'not measured yet'],
    ...(page && page.films.length > 1
      ? filmsOf(page).map((film, nth): [string, React.ReactNode] => [
          nth === 0 ? 'films' : '',
          <FilmName key={film.id} film={film} />,
        ])
      : [['film', item.film ? <FilmName film={item.film} /> : 'not chosen yet'] as [string, React.ReactNode]]),
    ['how many', item.quantity],
    ['used', labelOf(words.usesInWords, item.useOf)],
    ['applied by', item.appliedHere ? 'the shop' : 'the customer'],
  ];
  return (
    <Section title={many > 1 ? `Item ${item.nth}: ${item.label}` : 'The decal'}>
      {item.object && page && (
        <div className={`mb-3 border border-rule ${many > 1 ? 'h-36' : 'h-52'}`}>
          <ProofDrawing proof={page} rulers={false} />
        </div>
      )}
      <Facts rows={rows} />
    </Section>
  );
}

/** What comes next, in the table's own words: of the docket, or of its piece furthest behind. */
const nextMove = (docket: Docket) => docket.moves[0]?.label ?? 'Go on';

/** What is in hand of an order: each thing with its films, and the way to it. */
function InHand({ docket, onClose }: { docket: Docket; onClose: () => void }) {
  return (
    <Section title="In hand">
      {docket.manyPieces > docket.pieces.length && (
        <p className="pb-1 text-note text-ink2">The first {docket.things.length}, of many.</p>
      )}
      <ul>
        {docket.things.map((thing) => (
          <li key={thing.id} className="border-b border-rule py-1.5">
            {thing.films.map((film) => {
              const piece = docket.pieces.find((one) => one.id === film.piece);
              const at = filmAt(thing, film);
              return (
                <div key={film.piece} className="flex min-h-10 items-center gap-3">
                  {at ? (
                    <Link to={inHandAt(at)} className="font-medium underline" onClick={onClose}>
                      {film.tag}
                    </Link>
                  ) : (
                    <span className="font-medium">{film.tag}</span>
                  )}
                  <span className="flex-1 text-ink2">
                    {film.state.replaceAll('-', ' ')}
                    {thing.films.length > 1 && `, ${film.film.colour}`}
                    {piece && piece.recuts > 0 && `, recut ${piece.recuts}`}
                  </span>
                  {piece?.moves.some((next) => next.move === 'spoil') && (
                    <Spoil piece={piece} reasons={['scratched', 'a letter tore', 'lost']} small />
                  )}
                </div>
              );
            })}
          </li>
        ))}
      </ul>
    </Section>
  );
}
