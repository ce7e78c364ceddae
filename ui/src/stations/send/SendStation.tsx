import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { api, ask, type Thing } from '../../api/client';
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
import { More, PieceList, useThings } from '../PieceList';
import { SpoilThing } from '../SpoilThing';
import { Together } from '../Together';
import { useInHand } from '../useInHand';
import { useThingMove } from '../useThingMove';

export function SendStation() {
  const [chosen, setChosen] = useInHand('thing');
  const { query, more } = useThings('send', chosen);
  return (
    <Ready query={query} what="what is ready">
      {({ things: all, many }) => {
        // A thing that waits for a film of its own is not ready.
        const things = all.filter((one) => one.state === 'ready' || one.state === 'on-its-way');
        const thing =
          things.find((one) => one.id === chosen) ?? things.find((one) => one.state === 'ready') ?? things[0];
        const away = things.filter((one) => one.state === 'on-its-way');
        return thing ? (
          <div className="grid h-full grid-cols-[264px_1fr] max-lg:grid-cols-[212px_1fr]">
            <div className="min-h-0 overflow-auto border-r border-rule">
              <PieceList
                title="Ready"
                pieces={things.filter((one) => one.state === 'ready')}
                current={thing.id}
                onChoose={(next) => setChosen(next.id)}
              />
              {away.length > 0 && (
                <PieceList
                  title="On its way"
                  pieces={away}
                  current={thing.id}
                  onChoose={(next) => setChosen(next.id)}
                  extra={(one) => one.tracking ?? 'no tracking number'}
                />
              )}
              <More shown={all.length} many={many} onMore={more} />
            </div>
            <Parcel key={thing.id} thing={thing} />
          </div>
        ) : (
          <Nothing title="Nothing to send">What is packed or has rested comes here.</Nothing>
        );
      }}
    </Ready>
  );
}

function Parcel({ thing }: { thing: Thing }) {
  const shown = useShown();
  const [tracking, setTracking] = useState('');
  const move = useThingMove();
  const parcel = useQuery({
    queryKey: [RECORD, 'parcel', thing.id],
    queryFn: () => ask(api.GET('/api/things/{id}/parcel', { params: { path: { id: thing.id } } })),
  });
  const away = thing.state === 'on-its-way';
  const [together, setTogether] = useState(true);
  const others = parcel.data?.too ?? [];
  const alike = together && others.length > 0;
  const words = useVocabulary();
  // What was agreed is the large one.
  const posts = thing.delivery === 'posted';
  const post = () => move.mutate({ thing, move: 'post', detail: tracking, alike });
  const handOver = () => move.mutate({ thing, move: 'hand-over', alike });
  return (
    <div className="grid min-h-0 grid-cols-[1fr_380px] max-lg:grid-cols-[1fr_320px]">
      <Scroll label="Packing" className="min-h-0 bg-paper px-8 py-5">
        <p className="label">{thing.tag}</p>
        <h2 className="title mb-3">
          {thing.label} <span className="text-ink2">for {thing.customer}</span>
        </h2>
        <div className="max-w-xl">
          <Minded of={thing} />
          <Facts
            rows={[
              ['on', thing.object],
              ['decal', shown.size(thing.size)],
              ...thing.films
                .filter((one, nth, all) => all.findIndex((other) => other.film.id === one.film.id) === nth)
                .map((one, nth): [string, ReactNode] => [
                  nth === 0 ? 'film' : `film ${nth + 1}`,
                  <FilmName key={one.piece} film={one.film} />,
                ]),
              ['needed', asDay(thing.neededAt)],
              ['comes to them', labelOf(words.handovers, thing.delivery).toLowerCase()],
              ['here since', asMoment(thing.since)],
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
              <Papers thing={thing} />
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
        <SpoilThing thing={thing} reasons={['damaged in packing', 'lost on its way']} />
        {away ? (
          <>
            <p>
              Posted {asMoment(thing.since)}
              {thing.tracking && `, ${thing.tracking}`}.
            </p>
            <NextMove
              className="min-h-16"
              disabled={move.isPending}
              onClick={() => move.mutate({ thing, move: 'deliver', alike })}
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
