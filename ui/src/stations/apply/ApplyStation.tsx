import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Piece, type Schemas } from '../../api/client';
import { stepsKey } from '../../api/keys';
import { useChange } from '../../api/queries';
import { ObjectDrawing } from '../../drawing/ObjectDrawing';
import { Caution, NextMove, Nothing, Ready, Scroll, Trouble, useShown } from '../../parts/basics';
import { asDay, asMoment, until, useNow } from '../../parts/time';
import { Minded } from '../Minded';
import { More, PieceList, usePieces } from '../PieceList';
import { Spoil } from '../Spoil';
import { Together } from '../Together';
import { usePieceMove } from '../usePieceMove';

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
      {(steps) => <Bench steps={steps} />}
    </Ready>
  );
}

function Bench({ steps }: { steps: Schemas['StepsView'] }) {
  const shown = useShown();
  const client = useQueryClient();
  const { piece } = steps;
  const done = steps.steps.filter((step) => step.done).map((step) => step.nth);
  const [together, setTogether] = useState(true);
  const alike = together && steps.alike > 0;
  const tick = useChange(
    (numbers: number[]) =>
      ask(
        api.PUT('/api/pieces/{id}/steps', {
          params: { path: { id: piece.id } },
          body: { version: piece.version, numbers, alike },
        }),
      ),
    (fresh) => client.setQueryData(stepsKey(piece.id), fresh),
  );
  const move = usePieceMove();
  const left = steps.steps.length - done.length;
  return (
    <div className="grid min-h-0 grid-cols-[1fr_380px] max-lg:grid-cols-[1fr_300px]">
      <Scroll label="Steps" className="min-h-0 bg-paper px-7 py-4">
        <p className="label">
          Piece {piece.tag}, {piece.appliedHere ? 'applied here' : 'the customer applies it'}
        </p>
        <h2 className="title mb-2">
          {piece.label} <span className="text-ink2">on {piece.object}</span>
        </h2>
        <p className="mb-2 text-lg">{shown.size(piece.cut)} over all</p>
        <Minded piece={piece} />
        {steps.alike > 0 && (
          <Together
            says={`The other ${steps.alike} of this item stand alike: done together`}
            together={together}
            onTurn={setTogether}
          />
        )}
        <ol>
          {steps.steps.map((step) => (
            <li key={step.nth} className="border-b border-rule py-2">
              <label className="flex min-h-12 cursor-pointer gap-4">
                <input
                  type="checkbox"
                  className="mt-1 h-7 w-7 shrink-0 accent-ink"
                  checked={step.done}
                  disabled={tick.isPending}
                  onChange={() => tick.mutate(step.done ? done.filter((nth) => nth !== step.nth) : [...done, step.nth])}
                />
                <span>
                  <b className="font-semibold">
                    {step.nth + 1}. {step.title}
                  </b>
                  <span className="block">{step.how}</span>
                </span>
              </label>
              {step.caution && (
                <div className="mt-1 ml-11">
                  <Caution>{step.caution}</Caution>
                </div>
              )}
            </li>
          ))}
        </ol>
      </Scroll>
      <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="Placing">
        <div className="min-h-0 flex-1">
          {steps.object && (
            <ObjectDrawing
              art={{ ...steps.proof, object: steps.object.size, outline: steps.object.outline }}
              swatch={piece.film?.swatch ?? 'var(--color-ink)'}
              rulers={false}
              label={`Where ${piece.label} goes on ${piece.object}`}
            />
          )}
        </div>
        <div className="flex flex-col gap-3 border-t border-rule p-5">
          <p>
            {piece.appliedHere
              ? `Then it rests ${steps.cureHours} h before it is used or washed.`
              : `The customer lets it rest ${steps.cureHours} h: it stands on the care card.`}{' '}
            <span className="text-ink2">Used {asDay(piece.neededAt)}.</span>
          </p>
          <Trouble says={move.error?.message ?? tick.error?.message} />
          <Spoil piece={piece} reasons={['wrinkled in the tape', 'went on crooked', 'paint came off']} />
          <NextMove
            className="min-h-16"
            keys={left > 0 ? `${left} left` : 'Enter'}
            disabled={left > 0 || move.isPending}
            onClick={() => move.mutate({ piece, move: piece.appliedHere ? 'applied' : 'packed', alike })}
          >
            {alike
              ? piece.appliedHere
                ? `All ${steps.alike + 1} applied: start the wait`
                : `All ${steps.alike + 1} packed`
              : piece.appliedHere
                ? 'Applied: start the wait'
                : 'Packed'}
          </NextMove>
        </div>
      </aside>
    </div>
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
