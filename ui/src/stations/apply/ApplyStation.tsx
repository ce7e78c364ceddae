import { useQuery } from '@tanstack/react-query';
import { api, ask, type Thing } from '../../api/client';
import { stepsKey } from '../../api/keys';
import { NextMove, Nothing, Ready, Trouble } from '../../parts/basics';
import { asMoment, until, useNow } from '../../parts/time';
import { More, PieceList, useThings } from '../PieceList';
import { SpoilThing } from '../SpoilThing';
import { useInHand } from '../useInHand';
import { useThingMove } from '../useThingMove';
import { WorkBench } from './WorkBench';

export function ApplyStation() {
  const [chosen, setChosen] = useInHand('thing');
  const { query, more } = useThings('apply', chosen);
  const now = useNow();
  return (
    <Ready query={query} what="what is in hand">
      {({ things, many }) => {
        const resting = things.filter((one) => one.state === 'curing');
        const open = things.filter((one) => one.state !== 'curing');
        const thing =
          things.find((one) => one.id === chosen) ??
          open.find((one) => one.missing.length === 0) ??
          open[0] ??
          things[0];
        return thing ? (
          <div className="grid h-full grid-cols-[232px_1fr] max-lg:grid-cols-[196px_1fr]">
            <div className="min-h-0 overflow-auto border-r border-rule">
              <PieceList
                title="To apply or pack"
                pieces={open}
                current={thing.id}
                onChoose={(next) => setChosen(next.id)}
                extra={(one) =>
                  one.driesUntil && until(one.driesUntil, now)
                    ? `dries, ${until(one.driesUntil, now)} left`
                    : one.missing.length > 0
                      ? `waits for ${one.missing.join(', ')}`
                      : undefined
                }
              />
              {resting.length > 0 && (
                <PieceList
                  title="Resting on their object"
                  pieces={resting}
                  current={thing.id}
                  onChoose={(next) => setChosen(next.id)}
                  extra={(one) =>
                    one.restsUntil && until(one.restsUntil, now) ? `${until(one.restsUntil, now)} left` : 'rested'
                  }
                />
              )}
              <More shown={things.length} many={many} onMore={more} />
            </div>
            {thing.state === 'curing' ? (
              <Resting key={thing.id} thing={thing} />
            ) : (
              <Steps key={thing.id} thing={thing} />
            )}
          </div>
        ) : (
          <Nothing title="Nothing to apply or pack">What has been weeded comes here.</Nothing>
        );
      }}
    </Ready>
  );
}

function Steps({ thing }: { thing: Thing }) {
  const query = useQuery({
    queryKey: stepsKey(thing.id),
    queryFn: () => ask(api.GET('/api/things/{id}/steps', { params: { path: { id: thing.id } } })),
  });
  return (
    <Ready query={query} what="the steps">
      {(steps) => <WorkBench steps={steps} />}
    </Ready>
  );
}

function Resting({ thing }: { thing: Thing }) {
  const now = useNow(5000);
  const move = useThingMove();
  const left = thing.restsUntil ? until(thing.restsUntil, now) : null;
  return (
    <div className="grid min-h-0 grid-cols-[1fr_380px] max-lg:grid-cols-[1fr_300px]">
      <section
        className="flex min-h-0 flex-col items-center justify-center gap-2 bg-paper p-8 text-center"
        aria-label="The wait"
      >
        <p className="label">
          {thing.tag} on {thing.object}
        </p>
        <h2 className="title">{thing.label}</h2>
        <p className="font-label text-numeral leading-none font-semibold" role="timer">
          {left ?? 'Rested'}
        </p>
        {thing.restsUntil && (
          <p className="text-lg">
            {left ? `not used or washed before ${asMoment(thing.restsUntil)}` : `since ${asMoment(thing.restsUntil)}`}
          </p>
        )}
      </section>
      <aside
        className="flex min-h-0 flex-col justify-end gap-3 border-l border-rule bg-ground p-5"
        aria-label="After the wait"
      >
        <p className="text-ink2">Waiting is not work: leave it flat, warm and dry. The glue takes its time.</p>
        <Trouble says={move.error?.message} />
        <SpoilThing thing={thing} reasons={['an edge lifted', 'touched too early']} />
        <NextMove
          className="min-h-16"
          keys={left ? 'waits' : 'Enter'}
          disabled={left !== null || move.isPending}
          onClick={() => move.mutate({ thing, move: 'rested', alike: true })}
        >
          Rested: ready to send
        </NextMove>
      </aside>
    </div>
  );
}
