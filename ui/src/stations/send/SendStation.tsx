import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Piece } from '../../api/client';
import { RECORD } from '../../api/keys';
import { labelOf, useVocabulary } from '../../api/vocabulary';
import {
  Facts,
  FilmName,
  Move,
  NextMove,
  Nothing,
  Ready,
  Scroll,
  Section,
  Trouble,
  useShown,
} from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { asDay, asMoment } from '../../parts/time';
import { Minded } from '../Minded';
import { Papers } from '../Papers';
import { More, PieceList, usePieces } from '../PieceList';
import { Spoil } from '../Spoil';
import { Together } from '../Together';
import { usePieceMove } from '../usePieceMove';

export function SendStation() {
  const { query, more } = usePieces('send');
  const [chosen, setChosen] = useState<number | null>(null);
  return (
    <Ready query={query} what="the pieces">
      {({ pieces, many }) => {
        const piece =
          pieces.find((one) => one.id === chosen) ?? pieces.find((one) => one.state === 'ready') ?? pieces[0];
        const away = pieces.filter((one) => one.state === 'on-its-way');
        return piece ? (
          <div className="grid h-full grid-cols-[264px_1fr] max-lg:grid-cols-[212px_1fr]">
            <div className="min-h-0 overflow-auto border-r border-rule">
              <PieceList
                title="Ready"
                pieces={pieces.filter((one) => one.state === 'ready')}
                current={piece.id}
                onChoose={(next) => setChosen(next.id)}
              />
              {away.length > 0 && (
                <PieceList
                  title="On its way"
                  pieces={away}
                  current={piece.id}
                  onChoose={(next) => setChosen(next.id)}
                  extra={(one) => one.tracking ?? 'no tracking number'}
                />
              )}
              <More shown={pieces.length} many={many} onMore={more} />
            </div>
            <Parcel key={piece.id} piece={piece} />
          </div>
        ) : (
          <Nothing title="Nothing to send">What is packed or has rested comes here.</Nothing>
        );
      }}
    </Ready>
  );
}

function Parcel({ piece }: { piece: Piece }) {
  const shown = useShown();
  const [tracking, setTracking] = useState('');
  const move = usePieceMove();
  const parcel = useQuery({
    queryKey: [RECORD, 'parcel', piece.id],
    queryFn: () => ask(api.GET('/api/pieces/{id}/parcel', { params: { path: { id: piece.id } } })),
  });
  const away = piece.state === 'on-its-way';
  const [together, setTogether] = useState(true);
  const others = parcel.data?.too ?? [];
  const alike = together && others.length > 0;
  const words = useVocabulary();
  // What was agreed is the large one.
  const posts = piece.delivery === 'posted';
  const post = () => move.mutate({ piece, move: 'post', detail: tracking, alike });
  const handOver = () => move.mutate({ piece, move: 'hand-over', alike });
  return (
    <div className="grid min-h-0 grid-cols-[1fr_380px] max-lg:grid-cols-[1fr_320px]">
      <Scroll label="Packing" className="min-h-0 bg-paper px-8 py-5">
        <p className="label">Piece {piece.tag}</p>
        <h2 className="title mb-3">
          {piece.label} <span className="text-ink2">for {piece.customer}</span>
        </h2>
        <div className="max-w-xl">
          <Minded piece={piece} />
          <Facts
            rows={[
              ['on', piece.object],
              ['decal', shown.size(piece.size)],
              ['film', piece.film && <FilmName film={piece.film} />],
              ['needed', asDay(piece.neededAt)],
              ['comes to them', labelOf(words.handovers, piece.delivery).toLowerCase()],
              ['here since', asMoment(piece.since)],
            ]}
          />
          {parcel.data && (
            <div className="mt-5">
              <Section title="In the parcel">
                <ul className="list-disc pl-5">
                  {parcel.data.contents.map((item) => (
                    <li key={item} className="py-1">
                      {item}
                    </li>
                  ))}
                </ul>
              </Section>
              <Section title="Care card says">
                <p>{parcel.data.care.join(' ')}</p>
              </Section>
              <Papers piece={piece} />
            </div>
          )}
        </div>
      </Scroll>
      <aside
        className="flex min-h-0 flex-col justify-end gap-3 border-l border-rule bg-ground p-5"
        aria-label="Hand over or post"
      >
        <Trouble says={move.error?.message} />
        {others.length > 0 && (
          <Together
            says={`The other ${others.length} of this order ${away ? 'arrived too' : 'go too, in one parcel'}`}
            together={together}
            onTurn={setTogether}
          />
        )}
        <Spoil piece={piece} reasons={['damaged in packing', 'lost on its way']} />
        {away ? (
          <>
            <p>
              Posted {asMoment(piece.since)}
              {piece.tracking && `, ${piece.tracking}`}.
            </p>
            <NextMove
              className="min-h-16"
              disabled={move.isPending}
              onClick={() => move.mutate({ piece, move: 'deliver', alike })}
            >
              Delivered
            </NextMove>
          </>
        ) : (
          <>
            <TextField
              label="Tracking number"
              hint={posts ? undefined : 'if posted'}
              value={tracking}
              onChange={setTracking}
            />
            {posts ? (
              <>
                <Move tall className="min-h-14" disabled={move.isPending} onClick={handOver}>
                  Handed over
                </Move>
                <NextMove className="min-h-16" disabled={move.isPending} onClick={post}>
                  Posted
                </NextMove>
              </>
            ) : (
              <>
                <Move tall className="min-h-14" disabled={move.isPending} onClick={post}>
                  Posted
                </Move>
                <NextMove className="min-h-16" disabled={move.isPending} onClick={handOver}>
                  Handed over
                </NextMove>
              </>
            )}
          </>
        )}
      </aside>
    </div>
  );
}
