import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, ask, type Docket, type Proof, type Version } from '../../api/client';
import { docket as docketQuery, dockets, useDocketChange } from '../../api/queries';
import { useKey } from '../../frame/keys';
import { Move, NextMove, Nothing, Ready, Scroll, Section, Trouble } from '../../parts/basics';
import { Choice } from '../../parts/choice';
import { Box } from '../../parts/dialog';
import { TextField } from '../../parts/fields';
import { asDay, asMoment } from '../../parts/time';
import { ChangeAsked } from '../ChangeAsked';
import { Deciding } from '../Deciding';
import { Elsewhere } from '../Elsewhere';
import { useCharged } from '../Quote';
import { StationList } from '../StationList';
import { Price } from './AgreedPrice';
import { ChangeRequests, Links, useAnswering } from './Answering';
import { asPrice, ProofFacts } from './ProofFacts';
import { OneVersion, Pages, Paper } from './ProofPages';
import { ReadBack } from './ReadBack';

/** How a yes is heard in the shop; by link it comes by itself. */
const SAID = [
  { value: 'shop', label: 'Here' },
  { value: 'phone', label: 'By phone' },
  { value: 'letter', label: 'By letter' },
];

export function ProofStation() {
  const { number } = useParams();
  const list = useQuery(dockets('proof'));
  const opened = useQuery({ ...docketQuery(Number(number)), enabled: Boolean(number), refetchInterval: 4000 });
  return (
    <div className="grid h-full grid-cols-[232px_1fr]">
      <StationList
        title="Waiting for a yes"
        station="proof"
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

function Sheet({ docket, latest }: { docket: Docket; latest: Version }) {
  const navigate = useNavigate();
  const [nth, setNth] = useState(latest.nth);
  const [beside, setBeside] = useState<number | null>(null);
  const [reading, setReading] = useState(false);
  const version = docket.proofs.find((one) => one.nth === nth) ?? latest;
  const [item, setItem] = useState(latest.pages[0]?.item ?? 1);
  const pageOf = (of: Version) => of.pages.find((one) => one.item === item) ?? (of.pages[0] as Proof);
  const proof = pageOf(version);
  const turn = (by: number) => {
    const next = version.pages[version.pages.indexOf(proof) + by];
    if (next) {
      setItem(next.item);
    }
  };
  useKey('.', () => turn(1));
  useKey(',', () => turn(-1));
  useKey('r', () => setReading(proof.heard.readOut.length > 0));
  const older = docket.proofs.find((one) => one.nth === beside);
  const other = older && pageOf(older);
  const [by, setBy] = useState(docket.customer);
  const [how, setHow] = useState('');
  const answering = useAnswering(docket.number).data;
  const charged = useCharged(docket);
  const approve = useDocketChange(
    docket,
    (version, asItIs: boolean) =>
      ask(
        api.POST('/api/dockets/{number}/approve', {
          params: { path: { number: docket.number } },
          body: { version, proof: proof.nth, by, how, asItIs },
        }),
      ),
    () => navigate('/batch'),
  );
  const back = useDocketChange(
    docket,
    (version) =>
      ask(
        api.POST('/api/dockets/{number}/moves', {
          params: { path: { number: docket.number } },
          body: { move: 'change', version, detail: '' },
        }),
      ),
    () => navigate(`/size/${docket.number}`),
  );
  // What is wrong with a field is said there.
  const trouble = [approve.error, back.error].find((one) => one && Object.keys(one.fields).length === 0)?.message;
  return (
    <div className="grid min-h-0 grid-cols-[1fr_340px]">
      <div className="flex min-h-0 flex-col border-r border-rule">
        <div className={`grid min-h-0 flex-1 ${other ? 'grid-cols-2' : 'grid-cols-1'}`}>
          {other && (
            <OneVersion docket={docket.number} proof={other} requests={answering?.changeRequests ?? []} named />
          )}
          <OneVersion
            docket={docket.number}
            proof={proof}
            requests={answering?.changeRequests ?? []}
            named={other !== undefined}
          />
        </div>
        {proof.heard.readOut.length > 0 && (
          <section className="flex items-start gap-4 border-t border-rule bg-ground px-6 py-3">
            <Scroll label="Spelling, letter by letter" className="max-h-32 min-w-0 flex-1">
              <h2 className="label mb-1">Read it out, letter by letter</h2>
              {proof.heard.readOut.map((line, at) => (
                <p
                  // biome-ignore lint/suspicious/noArrayIndexKey: a line may stand twice; its place tells them apart
                  key={at}
                  className="font-label text-count leading-10 font-medium tracking-[0.34em] break-all"
                >
                  {line.line.replaceAll(' ', '␣')}
                </p>
              ))}
              {proof.heard.spelling.map((says) => (
                <p key={says} className="font-medium text-signal-ink">
                  {says}
                </p>
              ))}
            </Scroll>
            <Move onClick={() => setReading(true)} keys="R">
              Large
            </Move>
          </section>
        )}
      </div>
      <aside className="flex min-h-0 flex-col bg-ground" aria-label="The proof">
        <Scroll label="What is proofed" className="min-h-0 flex-1 p-5">
          <p className="label">
            {docket.tag}, proof {proof.nth} of {docket.proofs.length}
          </p>
          <h2 className="title">{docket.customer}</h2>
          <p className="mb-3">
            <ChangeAsked docket={docket.number} />
          </p>
          <Pages version={version} current={proof.item} requests={answering?.changeRequests ?? []} onTurn={setItem} />
          <ChangeRequests requests={answering?.changeRequests ?? []} proof={proof.nth} item={proof.item} />
          <ProofFacts proof={proof} />
          <div className="mt-4">
            <Section title="On paper, and out of the house">
              <p className="flex gap-2">
                <Paper docket={docket} proof={proof} ending="pdf" says="PDF to scale" />
                {proof.art.parts.length === 1 && (
                  <Paper docket={docket} proof={proof} ending="svg" says="SVG, true size" />
                )}
              </p>
            </Section>
            <Price docket={docket} proof={pageOf(latest)} />
            <Links docket={docket} links={answering?.links ?? []} />
          </div>
          {docket.proofs.length > 1 && (
            <Section title="Versions">
              {docket.proofs.map((one) => (
                <div key={one.nth} className="flex items-stretch gap-1">
                  <button
                    type="button"
                    className="row-link on-ink flex-1"
                    aria-current={one.nth === nth ? 'true' : undefined}
                    onClick={() => setNth(one.nth)}
                  >
                    Proof {one.nth}, {asMoment(one.madeAt)}
                  </button>
                  {one.nth !== nth && (
                    <Move onClick={() => setBeside(beside === one.nth ? null : one.nth)}>
                      {beside === one.nth ? 'Away' : 'Beside'}
                    </Move>
                  )}
                </div>
              ))}
            </Section>
          )}
        </Scroll>
        <div className="flex flex-col gap-3 border-t border-rule p-5">
          <Deciding
            dayLabel={docket.delivery === 'posted' ? 'On its way by' : 'On its object by'}
            day={docket.onBy ? asDay(docket.onBy) : 'no day said'}
            price={proof.terms.price === null ? 'left open' : asPrice(proof.terms.price)}
            without={charged.data?.quote?.unpriced}
          />
          <Trouble says={trouble} />
          <TextField label="Who says yes" value={by} onChange={setBy} says={approve.error?.fields.by} />
          <Choice
            label="How they say it"
            value={how}
            onChange={setHow}
            options={SAID}
            says={approve.error?.fields.how}
          />
          {approve.error?.fields.asItIs && (
            <div role="alert" className="border-l-4 border-signal pl-2">
              <p className="mb-2 text-note">{approve.error.fields.asItIs}</p>
              <Move tall onClick={() => approve.mutate(true)} disabled={approve.isPending}>
                As it is, without that
              </Move>
            </div>
          )}
          <Move tall onClick={() => back.mutate(undefined)} disabled={back.isPending}>
            Change it
          </Move>
          <NextMove onClick={() => approve.mutate(false)} disabled={approve.isPending || proof.nth !== latest.nth}>
            {proof.nth !== latest.nth
              ? 'An older proof cannot be approved'
              : version.pages.length > 1
                ? `Approve all ${version.pages.length} items`
                : 'Approve'}
          </NextMove>
        </div>
      </aside>
      <Box
        open={reading}
        onClose={() => setReading(false)}
        title="Read it out"
        what="Letter by letter, as it will be cut."
        wide
      >
        <Scroll label="Every letter" className="mt-3 max-h-[64vh]">
          <ReadBack lines={proof.heard.readOut} />
        </Scroll>
      </Box>
    </div>
  );
}
