import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Piece } from '../../api/client';
import { stepsKey } from '../../api/keys';
import { NextMove, Nothing, Ready, Trouble } from '../../parts/basics';
import { asMoment, until, useNow } from '../../parts/time';
import { More, PieceList, usePieces } from '../PieceList';
import { Spoil } from '../Spoil';
import { usePieceMove } from '../usePieceMove';
import { WorkBench } from './WorkBench';

export function ApplyStation() {
  const { query, more } = usePieces('apply');
  const [chosen, setChosen] = useState<number | null>(null);
  const now = useNow();
  return (
    <Ready query={query} what="the pieces">
      {({ pieces, many }) => {
        const piece =
          pieces.find((one) => one.id === chosen) ?? pieces.find((one) => one.state === 'applying') ?? pieces[0];
        const resting = pieces.filter((one) => one.state === 'curing');
        return piece ? (
          <div className="grid h-full grid-cols-[232px_1fr] max-lg:grid-cols-[196px_1fr]">
            <div className="min-h-0 overflow-auto border-r border-rule">
              <PieceList
                title="To apply or pack"
                pieces={pieces.filter((one) => one.state === 'applying')}
                current={piece.id}
                onChoose={(next) => setChosen(next.id)}
                extra={(one) =>
                  one.driesUntil && until(one.driesUntil, now) ? `dries, ${until(one.driesUntil, now)} left` : undefined
                }
              />
              {resting.length > 0 && (
                <PieceList
                  title="Resting on their object"
                  pieces={resting}
                  current={piece.id}
                  onChoose={(next) => setChosen(next.id)}
                  extra={(one) =>
                    one.restsUntil && until(one.restsUntil, now) ? `${until(one.restsUntil, now)} left` : 'rested'
                  }
                />
              )}
              <More shown={pieces.length} many={many} onMore={more} />
            </div>
            {piece.state === 'curing' ? (
              <Resting key={piece.id} piece={piece} />
            ) : (
              <Steps key={piece.id} piece={piece} />
            )}
          </div>
        ) : (
          <Nothing title="Nothing to apply or pack">What has been weeded comes here.</Nothing>
        );
      }}
    </Ready>
  );
}

function Steps({ piece }: { piece: Piece }) {
  const query = useQuery({
    queryKey: stepsKey(piece.id),
    queryFn: () => ask(api.GET('/api/pieces/{id}/steps', { params: { path: { id: piece.id } } })),
  });
  return (
    <Ready query={query} what="the steps">
      {(steps) => <WorkBench steps={steps} />}
    </Ready>
  );
}

function Resting({ piece }: { piece: Piece }) {
  const now = useNow(5000);
  const move = usePieceMove();
  const left = piece.restsUntil ? until(piece.restsUntil, now) : null;
  return (
    <div className="grid min-h-0 grid-cols-[1fr_380px] max-lg:grid-cols-[1fr_300px]">
      <section
        className="flex min-h-0 flex-col items-center justify-center gap-2 bg-paper p-8 text-center"
        aria-label="The wait"
      >
        <p className="label">
          {piece.tag} on {piece.object}
        </p>
        <h2 className="title">{piece.label}</h2>
        <p className="font-label text-numeral leading-none font-semibold" role="timer">
          {left ?? 'Rested'}
        </p>
        {piece.restsUntil && (
          <p className="text-lg">
            {left ? `not used or washed before ${asMoment(piece.restsUntil)}` : `since ${asMoment(piece.restsUntil)}`}
          </p>
        )}
      </section>
      <aside
        className="flex min-h-0 flex-col justify-end gap-3 border-l border-rule bg-ground p-5"
        aria-label="After the wait"
      >
        <p className="text-ink2">Waiting is not work: leave it flat, warm and dry. The glue takes its time.</p>
        <Trouble says={move.error?.message} />
        <Spoil piece={piece} reasons={['an edge lifted', 'touched too early']} />
        <NextMove
          className="min-h-16"
          keys={left ? 'waits' : 'Enter'}
          disabled={left !== null || move.isPending}
          onClick={() => move.mutate({ piece, move: 'rested', alike: true })}
        >
          Rested: ready to send
        </NextMove>
      </aside>
    </div>
  );
}
