import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Docket, type Schemas } from '../../api/client';
import { RECORD } from '../../api/keys';
import { useChange } from '../../api/queries';
import { Move, Section, Trouble } from '../../parts/basics';
import { Box } from '../../parts/dialog';
import { TextField } from '../../parts/fields';
import { asMoment } from '../../parts/time';
import { isAstray, letterSays } from '../letters';

export const useAnswering = (docket: number) =>
  useQuery({
    queryKey: [RECORD, 'answering', docket],
    queryFn: () => ask(api.GET('/api/dockets/{number}/links', { params: { path: { number: docket } } })),
    refetchInterval: 4000,
  });

/** Letters for what customers pinned, as they stand on the drawing. */
export const pinsOf = (requests: Schemas['ChangeRequestView'][], proof: number, item: number) =>
  requests
    .filter((request) => request.proof === proof && request.item === item)
    .map((request, nth) => ({ ...request, label: String.fromCharCode(65 + (nth % 26)) }));

/** What the customer said by link, the letters as on the drawing. */
export function ChangeRequests({
  requests,
  proof,
  item,
}: {
  requests: Schemas['ChangeRequestView'][];
  proof: number;
  item: number;
}) {
  const mine = pinsOf(requests, proof, item);
  return mine.length === 0 ? null : (
    <Section title="The customer asks for a change" signal>
      <ul className="flex flex-col gap-2">
        {mine.map((request) => (
          <li key={request.id} className="flex gap-2 text-note">
            <span className="flex h-6 w-6 shrink-0 items-center justify-center border-2 border-ink font-semibold">
              {request.label}
            </span>
            <p>
              “{request.note}”
              <span className="block text-sm text-ink2">
                {request.by}, {asMoment(request.at)}
              </span>
            </p>
          </li>
        ))}
      </ul>
    </Section>
  );
}

/** Links to this order's proofs: who has one, whether it was opened, and a way to take it back. */
export function Links({ docket, links }: { docket: Docket; links: Schemas['LinkView'][] }) {
  const [giving, setGiving] = useState(false);
  const withdraw = useChange((id: number) =>
    ask(api.POST('/api/dockets/{number}/links/{id}/withdraw', { params: { path: { number: docket.number, id } } })),
  );
  const again = useChange((id: number) =>
    ask(api.POST('/api/dockets/{number}/links/{id}/again', { params: { path: { number: docket.number, id } } })),
  );
  return (
    <Section title="Links to look without signing in">
      <ul>
        {links.map((link) => (
          <li key={link.id} className="flex items-center gap-2 border-b border-rule py-1.5 text-note">
            <span className="min-w-0 flex-1">
              <span className="block truncate">
                Proof {link.proof}
                {link.sentTo ? `, to ${link.sentTo}` : ', copied'}
              </span>
              <span className="block text-sm text-ink2">
                {link.state === 'open'
                  ? link.openedAt
                    ? `opened ${asMoment(link.openedAt)}`
                    : 'not opened yet'
                  : link.state}
              </span>
              {link.state !== 'withdrawn' && <Letter letter={link.letter} />}
            </span>
            {link.state !== 'withdrawn' && isAstray(link.letter) && (
              <Move onClick={() => again.mutate(link.id)} disabled={again.isPending}>
                Send again
              </Move>
            )}
            {link.state === 'open' && (
              <Move onClick={() => withdraw.mutate(link.id)} disabled={withdraw.isPending}>
                Withdraw
              </Move>
            )}
          </li>
        ))}
      </ul>
      <Trouble says={withdraw.error?.message ?? again.error?.message} />
      <Move className="mt-2 w-full" onClick={() => setGiving(true)}>
        {links.length === 0 ? 'Send the proof, or copy a link …' : 'Another link …'}
      </Move>
      {giving && <Give docket={docket} onClose={() => setGiving(false)} />}
    </Section>
  );
}

/** Where the letter is that a link was sent by; nothing where it went out as it should. */
function Letter({ letter }: { letter: Schemas['LetterRunView'] | null }) {
  const says = letter && letterSays(letter);
  return says ? (
    <span className={`block text-sm ${isAstray(letter) ? 'text-signal-ink' : 'text-ink2'}`}>{says}</span>
  ) : null;
}

function Give({ docket, onClose }: { docket: Docket; onClose: () => void }) {
  const [to, setTo] = useState(docket.contact.includes('@') ? docket.contact : '');
  const [copied, setCopied] = useState(false);
  const give = useChange(() =>
    ask(api.POST('/api/dockets/{number}/links', { params: { path: { number: docket.number } }, body: { to } })),
  );
  const url = give.data?.url ?? '';
  return (
    <Box
      open
      onClose={onClose}
      title={give.data ? 'Here is the link' : 'A link for the customer'}
      what={
        give.data
          ? 'It is shown this once. Whoever has it sees this order’s proof and nothing else.'
          : 'It opens this order’s newest proof on any phone, without signing in, and can be taken back.'
      }
    >
      {give.data ? (
        <div className="mt-3 flex flex-col gap-3">
          <p className="border border-rule bg-paper p-2 text-note break-all select-all">{url}</p>
          <p role="status" className="text-ink2">
            {give.data.link.sentTo && `Sent to ${give.data.link.sentTo}. `}
            {copied && 'Copied.'}
          </p>
          <div className="flex gap-3">
            {/* Without a safe connection browsers give no clipboard; the link can be marked as a whole. */}
            {navigator.clipboard && (
              <Move
                tall
                className="flex-1"
                onClick={() => navigator.clipboard.writeText(url).then(() => setCopied(true))}
              >
                Copy it
              </Move>
            )}
            <Move tall className="flex-1" onClick={onClose} keys="Esc">
              Done
            </Move>
          </div>
        </div>
      ) : (
        <form
          className="mt-3 flex flex-col gap-3"
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            give.mutate(undefined);
          }}
        >
          <TextField
            label="Send it to"
            hint="empty: copy it only"
            value={to}
            onChange={setTo}
            says={give.error?.fields.to}
            autoFocus
          />
          <Trouble says={give.error && !give.error.fields.to ? give.error.message : null} />
          <Move tall type="submit" disabled={give.isPending}>
            {to.trim() === '' ? 'Make the link' : 'Send it'}
          </Move>
        </form>
      )}
    </Box>
  );
}
