import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ask, type Docket, type Item, type Proof } from '../api/client';
import { useDocketChange } from '../api/queries';
import { labelOf, useVocabulary } from '../api/vocabulary';
import { filmsOf, ProofDrawing } from '../drawing/ProofDrawing';
import { Caution, Facts, FilmName, Move, NextMove, Scroll, Section, Trouble, useShown } from '../parts/basics';
import { ReasonDialog } from '../parts/dialog';
import { asDay, asMoment, until, useNow } from '../parts/time';
import { ChangeAsked } from '../stations/ChangeAsked';
import { InvoiceMove } from '../stations/Quote';
import { inHandAt } from '../stations/useInHand';
import { InHand, nextMove } from './DrawerInHand';
import { stationName, workAt } from './stations';

export function Content({ docket, onClose }: { docket: Docket; onClose: () => void }) {
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
    ...(page && page.art.films.length > 1
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
