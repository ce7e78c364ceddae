import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, ask, type Docket, type Proof } from '../../api/client';
import { docket as docketQuery, dockets, stock, useChange } from '../../api/queries';
import { ObjectDrawing } from '../../drawing/ObjectDrawing';
import { PartsDrawing } from '../../drawing/SetDrawing';
import {
  Both,
  Caution,
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
import { Elsewhere } from '../Elsewhere';
import { StationList } from '../StationList';

export function ProofStation() {
  const { number } = useParams();
  const list = useQuery(dockets('proof'));
  const opened = useQuery({ ...docketQuery(Number(number)), enabled: Boolean(number) });
  return (
    <div className="grid h-full grid-cols-[232px_1fr]">
      <StationList
        title="Waiting for a yes"
        query={list}
        current={Number(number)}
        to={(row) => `/proof/${row.number}`}
      />
      {number === undefined ? (
        <Nothing title={list.data?.dockets.length === 0 ? 'No proof waits' : 'Choose a proof'}>
          <p>] opens the first one.</p>
        </Nothing>
      ) : (
        <Ready query={opened} what="the proof">
          {(docket) => {
            const latest = docket.proofs.at(-1);
            return latest && docket.state === 'proofing' ? (
              <Sheet key={docket.number} docket={docket} latest={latest} />
            ) : (
              <Elsewhere docket={docket} says="is not waiting for a yes" />
            );
          }}
        </Ready>
      )}
    </div>
  );
}

const ORDER: Record<string, string> = {
  'family-centre': 'given, FAMILY, middle name',
  equal: 'given, middle, family name',
  couple: 'given, shared FAMILY, given name',
};

function Sheet({ docket, latest }: { docket: Docket; latest: Proof }) {
  const navigate = useNavigate();
  const [nth, setNth] = useState(latest.nth);
  const proof = docket.proofs.find((one) => one.nth === nth) ?? latest;
  const [by, setBy] = useState(docket.customer);
  const shown = useShown();
  const films = useQuery(stock).data?.films ?? [];
  const set = docket.design.setting;
  const approve = useChange(
    () =>
      ask(
        api.POST('/api/dockets/{number}/approve', {
          params: { path: { number: docket.number } },
          body: { version: docket.version, proof: proof.nth, by },
        }),
      ),
    () => navigate('/batch'),
  );
  const back = useChange(
    () =>
      ask(
        api.POST('/api/dockets/{number}/moves', {
          params: { path: { number: docket.number } },
          body: { move: 'change', version: docket.version, detail: '' },
        }),
      ),
    () => navigate(`/size/${docket.number}`),
  );
  return (
    <div className="grid min-h-0 grid-cols-[1fr_340px]">
      <div className="flex min-h-0 flex-col border-r border-rule">
        <div className="min-h-0 flex-1">
          {docket.thing && proof.parts.length > 1 && (
            <Scroll label="Every decal of the set" className="h-full bg-ground">
              <PartsDrawing
                parts={proof.parts}
                thing={docket.thing}
                swatch={docket.film?.swatch ?? '#12201f'}
                films={films}
              />
            </Scroll>
          )}
          {docket.thing && proof.parts.length === 1 && (
            <ObjectDrawing
              films={films}
              art={{
                ...proof,
                layers: proof.parts[0]?.layers ?? [],
                object: docket.thing.size,
                outline: docket.thing.outline,
              }}
              swatch={docket.film?.swatch ?? '#12201f'}
              label={`Proof ${proof.nth}: ${proof.words.join(' ')} on ${docket.thing.name}, to scale`}
            />
          )}
        </div>
        <section
          className="max-h-44 overflow-auto border-t border-rule bg-ground px-6 py-4"
          aria-label="Spelling, letter by letter"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: arrow keys scroll what has the focus
          tabIndex={0}
        >
          <h2 className="label mb-1">Read it out, letter by letter</h2>
          {(proof.parts.length > 1 ? proof.parts.flatMap((part) => part.lines) : proof.words).map((word) => (
            <p key={word} className="font-label text-[34px] leading-10 font-medium tracking-[0.34em] break-all">
              {word.replaceAll(' ', '␣')}
            </p>
          ))}
        </section>
      </div>
      <aside className="flex min-h-0 flex-col bg-ground" aria-label="The proof">
        <Scroll label="What is proofed" className="min-h-0 flex-1 p-5">
          <p className="label">
            {docket.tag}, proof {proof.nth} of {docket.proofs.length}
          </p>
          <h2 className="title mb-3">{docket.customer}</h2>
          <p className="mb-3">
            Letters <Both length={proof.capHeight} figure />
          </p>
          <Facts
            rows={[
              ['over all', shown.size(proof.size)],
              ['from left', <Both key="l" length={proof.left} />],
              ['from top', <Both key="t" length={proof.top} />],
              ['on', docket.thing ? `${docket.thing.name}, ${shown.size(docket.thing.size)}` : ''],
              ['film', docket.film && <FilmName film={docket.film} />],
              [
                'how many',
                proof.parts.length > 1 ? `${proof.parts.length} names, ${docket.quantity} of each` : docket.quantity,
              ],
              ...(proof.parts[0]?.layers ?? [])
                .slice(1)
                .map((layer): [string, ReactNode] => [
                  'underneath',
                  films.find((film) => film.id === layer.film)?.name ?? '',
                ]),
              ...(set.arrangement === 'monogram'
                ? [['order', ORDER[set.order || 'family-centre']] as [string, ReactNode]]
                : []),
              ...(Number(set.condense) ? [['condensed', `${set.condense} %`] as [string, ReactNode]] : []),
              ['used', `${docket.useOf}, ${asDay(docket.neededAt)}`],
              ['applied by', docket.appliedHere ? 'the shop' : 'the customer'],
            ]}
          />
          <p className="mt-3">{docket.film?.life}</p>
          {docket.cautions.map((caution) => (
            <div key={caution} className="mt-3">
              <Caution>{caution}</Caution>
            </div>
          ))}
          {docket.proofs.length > 1 && (
            <div className="mt-4">
              <Section title="Versions">
                {docket.proofs.map((one) => (
                  <button
                    key={one.nth}
                    type="button"
                    className="row-link on-ink"
                    aria-current={one.nth === nth ? 'true' : undefined}
                    onClick={() => setNth(one.nth)}
                  >
                    Proof {one.nth}, {asMoment(one.madeAt)}
                  </button>
                ))}
              </Section>
            </div>
          )}
        </Scroll>
        <div className="flex flex-col gap-3 border-t border-rule p-5">
          <Trouble says={approve.error?.message ?? back.error?.message} />
          <TextField label="Who says yes" value={by} onChange={setBy} says={approve.error?.fields.by} />
          <Move tall onClick={() => back.mutate(undefined)} disabled={back.isPending}>
            Change it
          </Move>
          <NextMove onClick={() => approve.mutate(undefined)} disabled={approve.isPending || proof.nth !== latest.nth}>
            {proof.nth === latest.nth ? 'Approve' : 'An older proof cannot be approved'}
          </NextMove>
        </div>
      </aside>
    </div>
  );
}
