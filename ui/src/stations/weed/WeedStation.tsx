import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, ask, Problem, type Schemas } from '../../api/client';
import { weedingKey } from '../../api/keys';
import { refresh } from '../../api/queries';
import { Caution, NextMove, Nothing, Ready, Scroll, Section, Trouble, useShown } from '../../parts/basics';
import { inMinutes } from '../../parts/duration';
import { Minded } from '../Minded';
import { More, PieceList, usePieces } from '../PieceList';
import { Spoil } from '../Spoil';
import { useInHand } from '../useInHand';
import { usePieceMove } from '../usePieceMove';
import { WeedDrawing } from './WeedDrawing';

export function WeedStation() {
  const [chosen, setChosen] = useInHand('piece');
  const { query, more } = usePieces('weed', chosen);
  return (
    <Ready query={query} what="the pieces">
      {({ pieces, many }) => {
        const piece = pieces.find((one) => one.id === chosen) ?? pieces[0];
        return piece ? (
          <div className="grid h-full grid-cols-[212px_1fr] max-lg:grid-cols-[168px_1fr]">
            <div className="min-h-0 overflow-auto border-r border-rule">
              <PieceList
                title="To be weeded"
                pieces={pieces}
                current={piece.id}
                onChoose={(next) => setChosen(next.id)}
              />
              <More shown={pieces.length} many={many} onMore={more} />
            </div>
            <Open key={piece.id} id={piece.id} />
          </div>
        ) : (
          <Nothing title="Nothing to weed">What the cutter has done comes here.</Nothing>
        );
      }}
    </Ready>
  );
}

function Open({ id }: { id: number }) {
  const query = useQuery({
    queryKey: weedingKey(id),
    queryFn: () => ask(api.GET('/api/pieces/{id}/weeding', { params: { path: { id } } })),
  });
  return (
    <Ready query={query} what="the piece">
      {(weeding) => <Bench weeding={weeding} />}
    </Ready>
  );
}

function Bench({ weeding }: { weeding: Schemas['WeedingView'] }) {
  const shown = useShown();
  const client = useQueryClient();
  const { piece } = weeding;
  const { out, tap, says, written } = useTaps(weeding);
  const done = usePieceMove();
  const total = weeding.insides.length;
  const left = total - out.size;
  const reverse = weeding.insides.filter((part) => part.reverse);
  return (
    <div className="grid min-h-0 grid-cols-[1fr_332px] max-lg:grid-cols-[1fr_290px]">
      <WeedDrawing weeding={weeding} out={out} onTap={tap} />
      <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="The piece">
        <Scroll label="About this piece" className="min-h-0 flex-1 p-5">
          <p className="label">
            Piece {piece.tag}
            {piece.batch && `, batch ${piece.batch}`}
          </p>
          <h2 className="title break-words">{piece.label}</h2>
          <p className="mb-4 text-ink2">
            {piece.film?.name}, {shown.size(piece.cut)}
            {piece.recuts > 0 && `, recut: ${piece.spoiledBecause}`}
          </p>
          <Minded of={piece} />
          <div className="mb-4 flex items-end gap-4" aria-live="polite">
            <span className="font-label text-numeral-large leading-[76px] font-semibold">{left}</span>
            <span className="text-lg leading-6">
              of {total} inside {total === 1 ? 'piece' : 'pieces'}
              <br />
              still to come out
            </span>
          </div>
          {weeding.parts.length > 0 && (
            <Section title={`Cut in ${weeding.parts.length} parts`}>
              <ul className="text-ink2">
                {weeding.parts.map((part) => (
                  <li key={part.number}>
                    part {part.number}: {shown.size(part.size)}
                  </li>
                ))}
              </ul>
            </Section>
          )}
          <Section title="How">
            <p>
              <b className="font-semibold">
                {weeding.school === 'surround-first'
                  ? 'Surround first, then the insides.'
                  : 'Insides first, then the surround.'}
              </b>{' '}
              <span className="text-ink2">{weeding.why}</span>
            </p>
          </Section>
          <Section title="Watch">
            <p>
              {reverse.length > 0 && (
                <>
                  {reverse.length === 1 ? 'Piece' : 'Pieces'} {reverse.map((part) => part.nth + 1).join(', ')}{' '}
                  {reverse.length === 1 ? 'is' : 'are'} small: pick {reverse.length === 1 ? 'it' : 'them'} out after
                  taping.{' '}
                </>
              )}
              {weeding.keeps} {weeding.keeps === 1 ? 'part stays' : 'parts stay'}: count them, dots and accents too.{' '}
              <span className="text-ink2">
                Burnish before you start. If a letter comes up, lay it back, burnish, peel from the other side.
              </span>
            </p>
          </Section>
          <p className="text-ink2">About {inMinutes(weeding.minutes)}.</p>
        </Scroll>
        <div className="flex flex-col gap-3 border-t border-rule p-5">
          <Caution>Knives and hooks: cut away from yourself, cap them.</Caution>
          <Trouble says={says ?? done.error?.message} />
          <Spoil piece={piece} reasons={['a letter tore', 'cut too deep', 'a dot was lost']} />
          <NextMove
            className="min-h-16"
            keys={left > 0 ? `${left} left` : 'Enter'}
            disabled={left > 0 || !written || done.isPending}
            onClick={() =>
              done.mutate(
                { piece, move: 'weeded' },
                { onSettled: () => client.removeQueries({ queryKey: weedingKey(piece.id) }) },
              )
            }
          >
            All out: to the tape
          </NextMove>
        </div>
      </aside>
    </div>
  );
}

/** Taps show at once; they are written down one after the other, each on the version the last one left. */
function useTaps(weeding: Schemas['WeedingView']) {
  const client = useQueryClient();
  const [out, setOut] = useState(() => new Set(weeding.out));
  const [says, setSays] = useState<string | null>(null);
  const [writing, setWriting] = useState(false);
  const same = weeding.out.length === out.size && weeding.out.every((nth) => out.has(nth));

  useEffect(() => {
    if (same || writing) {
      return;
    }
    setWriting(true);
    const key = weedingKey(weeding.piece.id);
    // What the last tap left stands in the cache a moment before it is drawn.
    const latest = () => client.getQueryData<Schemas['WeedingView']>(key) ?? weeding;
    // What was asked for before a tap was written down must not come after it and undo it.
    client
      .cancelQueries({ queryKey: key })
      .then(() =>
        ask(
          api.PUT('/api/pieces/{id}/out', {
            params: { path: { id: weeding.piece.id } },
            body: { version: latest().piece.version, numbers: [...out] },
          }),
        ),
      )
      .then((fresh) => {
        setSays(null);
        client.setQueryData(key, fresh);
      })
      .catch(async (fault) => {
        setSays(fault instanceof Problem ? fault.message : String(fault));
        await refresh(client);
        setOut(new Set(latest().out));
      })
      .finally(() => setWriting(false));
  }, [same, writing, out, weeding, client]);

  const tap = (nth: number) =>
    setOut((now) => {
      const next = new Set(now);
      next.delete(nth) || next.add(nth);
      return next;
    });

  return { out, tap, says, written: same && !writing };
}
