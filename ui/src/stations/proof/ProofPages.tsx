import type { Docket, Proof, Version } from '../../api/client';
import { ProofDrawing } from '../../drawing/ProofDrawing';
import { Scroll, Section } from '../../parts/basics';
import { pinsOf } from './Answering';

/** The pages of one version, one for every item: what was said yes to already, and where the customer pinned a wish. */
export function Pages({
  version,
  current,
  requests,
  onTurn,
}: {
  version: Version;
  current: number;
  requests: Parameters<typeof pinsOf>[0];
  onTurn: (item: number) => void;
}) {
  return version.pages.length < 2 ? null : (
    <Section title="Items">
      <nav aria-label="Pages of the proof" className="border-t border-rule">
        {version.pages.map((page) => (
          <button
            key={page.item}
            type="button"
            className="row-link on-ink flex w-full gap-2 py-1 text-left text-note"
            aria-current={page.item === current ? 'true' : undefined}
            onClick={() => onTurn(page.item)}
          >
            <span className="w-5 shrink-0 font-semibold">{page.item}</span>
            <span className="min-w-0 flex-1 truncate">
              {page.art.words.join(' ')} on {page.on.object}
            </span>
            {pinsOf(requests, page.nth, page.item).length > 0 && <b className="text-signal-ink">a wish</b>}
            {page.approvedBy && <span className="text-sm">yes: {page.approvedBy}</span>}
          </button>
        ))}
      </nav>
    </Section>
  );
}

export function OneVersion({
  docket,
  proof,
  requests,
  named,
}: {
  docket: number;
  proof: Proof;
  requests: Parameters<typeof pinsOf>[0];
  named: boolean;
}) {
  const pins = pinsOf(requests, proof.nth, proof.item).flatMap((request) =>
    request.spot ? [{ spot: request.spot, label: request.label }] : [],
  );
  return (
    <div className="relative min-h-0 border-rule not-first:border-l">
      {proof.art.parts.length > 1 ? (
        <Scroll label="Every decal of the set" className="h-full bg-ground">
          <ProofDrawing
            proof={proof}
            fileOf={(nth) => `/api/dockets/${docket}/proofs/${proof.nth}.svg?item=${proof.item}&decal=${nth + 1}`}
          />
        </Scroll>
      ) : (
        <ProofDrawing proof={proof} pins={pins} rulers={!named} />
      )}
      {named && <p className="label absolute top-1 left-3 bg-paper px-1">Proof {proof.nth}</p>}
    </div>
  );
}

export function Paper({ docket, proof, ending, says }: { docket: Docket; proof: Proof; ending: string; says: string }) {
  return (
    <a
      href={`/api/dockets/${docket.number}/proofs/${proof.nth}.${ending}${ending === 'svg' ? `?item=${proof.item}` : ''}`}
      download
      className="flex min-h-10 flex-1 items-center border border-ink bg-paper px-3 font-medium hover:bg-shade"
    >
      {says}
    </a>
  );
}
