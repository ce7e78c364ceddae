import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type DesignBody, type Docket, type Schemas } from '../../api/client';
import { CALCULATED } from '../../api/keys';
import { me, useDocketChange } from '../../api/queries';
import { Section } from '../../parts/basics';
import { ReasonDialog } from '../../parts/dialog';
import { applied } from './cures';
import { Simplify } from './Simplify';
import type { Drawing } from './useDrawing';

type Snag = Schemas['SnagGroupView'];
type Cure = Schemas['CureView'];

const NUMBERS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine'];

/** What will go wrong, numbered as on the drawing, each with cures that were tried. */
export function Snags({
  docket,
  item,
  check,
  isDrawn,
  body,
  drawing,
  onCure,
}: {
  docket: Docket;
  item: number;
  check: Schemas['CheckView'] | undefined;
  /** Else what is chosen cannot be drawn. */
  isDrawn: boolean;
  /** What cures are tried on: of a set they have to help every member. */
  body: DesignBody;
  drawing: Drawing;
  onCure: (part: Partial<Drawing>) => void;
}) {
  const client = useQueryClient();
  const [passing, setPassing] = useState<Snag | null>(null);
  const cures = useQuery({
    queryKey: [CALCULATED, 'cures', body],
    queryFn: ({ signal }) => ask(api.POST('/api/cures', { body, signal })),
    enabled: check?.snags.some((snag) => snag.severity !== 'note'),
    retry: false,
  });
  const owner = useQuery(me).data?.role === 'owner';
  const waive = useDocketChange(
    docket,
    (version, { snag, reason }: { snag: Snag; reason: string }) =>
      ask(
        api.POST('/api/dockets/{number}/waiver', {
          params: { path: { number: docket.number } },
          body: { version, item, code: snag.code, reason },
        }),
      ),
    () => {
      setPassing(null);
      client.invalidateQueries({ queryKey: [CALCULATED, 'check'] });
    },
    'by itself',
  );
  if (check === undefined) {
    return (
      <Section title="Snags">
        <p role="status" className="text-ink2">
          {isDrawn ? 'Checking …' : 'It is checked as soon as it can be drawn.'}
        </p>
      </Section>
    );
  }
  const snags = check.snags.filter((snag) => snag.severity !== 'note');
  const notes = check.snags.filter((snag) => snag.severity === 'note');
  // A drawing has stops of several kinds at once; of words only what no single cure takes away.
  const stuck = snags.some(
    (snag) =>
      snag.severity === 'stop' &&
      (drawing.art !== null ||
        cures.data?.snags.find((one) => one.code === snag.code)?.cures.every((cure) => cure.change === null)),
  );
  const take = (cure: Cure) => cure.change && onCure(applied(cure.change, drawing));
  return (
    <>
      {check.spelling.length > 0 && (
        <Section title="Spelling" signal>
          {check.spelling.map((says) => (
            <p key={says} className="text-note">
              {says}
            </p>
          ))}
        </Section>
      )}
      <Section
        title={
          snags.length === 0
            ? 'No snags'
            : `${NUMBERS[snags.length] ?? snags.length} ${snags.length === 1 ? 'snag' : 'snags'}`
        }
        signal={snags.length > 0}
      >
        {snags.length === 0 && <p className="text-ink2">It can be cut and weeded as it stands.</p>}
        <ol className="flex flex-col gap-3">
          {snags.map((snag, nth) => (
            <li key={`${snag.code}-${snag.message}`} className="flex gap-2">
              <span
                className={`flex h-6 w-6 shrink-0 items-center justify-center font-semibold ${snag.severity === 'stop' && snag.waiver === null ? 'bg-signal text-white' : 'border-2 border-signal text-signal-ink'}`}
              >
                {nth + 1}
              </span>
              <div className="min-w-0 flex-1 text-note">
                <p>
                  <b className="font-semibold">{snag.severity === 'stop' ? 'Stop. ' : 'Mind. '}</b>
                  {snag.message}
                </p>
                {snag.waiver !== null && <p className="mt-1 border-l-4 border-ink pl-2">Let pass by {snag.waiver}</p>}
                {snag.element === null && (
                  <Cures
                    known={
                      cures.data ? (cures.data.snags.find((one) => one.code === snag.code)?.cures ?? []) : undefined
                    }
                    failed={cures.isError}
                    onTake={take}
                  />
                )}
                {snag.severity === 'stop' && snag.waiver === null && owner && (
                  <button type="button" className="mt-1 text-sm underline" onClick={() => setPassing(snag)}>
                    Let it pass, with a reason
                  </button>
                )}
              </div>
            </li>
          ))}
        </ol>
        {drawing.roster.trim() === '' && <Simplify stuck={stuck} body={body} drawing={drawing} onTake={onCure} />}
        {notes.map((note) => (
          <p key={note.code} className="mt-2 text-sm text-ink2">
            {note.message}
          </p>
        ))}
      </Section>
      <ReasonDialog
        open={passing !== null}
        onClose={() => setPassing(null)}
        title="Let this stop pass?"
        what={`${passing?.message ?? ''} Your reason stands on the docket and at the bench.`}
        label="Why it may pass"
        button="Let it pass"
        suggestions={['the customer knows and wants it so', 'for one day only']}
        onReason={(reason) => passing && waive.mutate({ snag: passing, reason })}
        says={waive.error?.fields.reason ?? waive.error?.message}
      />
    </>
  );
}

/** Every one was drawn and checked again: taking it takes the snag away. */
function Cures({ known, failed, onTake }: { known?: Cure[]; failed: boolean; onTake: (cure: Cure) => void }) {
  if (known === undefined) {
    return failed ? null : (
      <p role="status" className="mt-1 text-sm text-ink2">
        Trying cures …
      </p>
    );
  }
  const said = known.filter((cure) => !cure.change);
  const tried = known.filter((cure) => cure.change);
  return (
    <div className="mt-1.5 flex flex-col gap-1.5">
      {tried.map((cure) => (
        <button
          key={cure.do}
          type="button"
          className="w-full border border-ink bg-paper px-2 py-1 text-left hover:bg-shade"
          onClick={() => onTake(cure)}
        >
          <span className="block font-medium">{cure.says}</span>
          <span className="block text-sm text-ink2">{cure.effect}</span>
        </button>
      ))}
      {said.length > 0 && <p className="text-sm text-ink2">Or {said.map((cure) => cure.says).join(', or ')}.</p>}
      {known.length === 0 && (
        <p className="text-sm text-ink2">No single change takes it away: make it larger, or take other words.</p>
      )}
    </div>
  );
}
