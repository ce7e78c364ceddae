import type { ReactNode } from 'react';
import type { Proof } from '../../api/client';
import { Both, Caution, Facts, FilmName, useShown } from '../../parts/basics';
import { asDay } from '../../parts/time';

/** Layers that lie under the one above on purpose; others lie beside it, or where they were put. */
const UNDER = ['offset', 'base'];

export const asPrice = (minor: number) => (minor / 100).toFixed(2);

/** All a proof says beside its drawing, as it was frozen. */
export function ProofFacts({ proof, priced = true }: { proof: Proof; priced?: boolean }) {
  const shown = useShown();
  const rows: [string, ReactNode][] = [
    ...(proof.terms.drawing ? [['drawing', proof.terms.drawing] as [string, ReactNode]] : []),
    ['over all', shown.size(proof.art.size)],
    ['from left', <Both key="l" length={proof.art.left} />],
    ['from top', <Both key="t" length={proof.art.top} />],
    ['on', `${proof.on.object}, ${shown.size(proof.on.wall)}`],
    ...(proof.on.material ? [['made of', proof.on.material.toLowerCase()] as [string, ReactNode]] : []),
    ...proof.art.films.map((film, nth): [string, ReactNode] => [
      nth === 0 ? 'film' : UNDER.includes(proof.art.parts[0]?.layers[nth]?.role ?? '') ? 'underneath' : 'and',
      <span key={film.name} className="flex flex-wrap items-center gap-x-2">
        <FilmName film={film} />
        {proof.art.films.length > 1 && shown.size(film.size)}
      </span>,
    ]),
    [
      'how many',
      proof.art.parts.length > 1
        ? `${proof.art.parts.length} names, ${proof.terms.quantity} of each`
        : proof.on.panes > 1
          ? `${proof.terms.quantity} for each of ${proof.on.panes} panes`
          : proof.terms.quantity,
    ],
    ['used', `${proof.terms.used}, ${asDay(proof.terms.neededOn || null)}`],
    ['applied by', proof.terms.appliedHere ? 'the shop' : 'the customer'],
    ...(proof.terms.price === null || !priced ? [] : [['price', asPrice(proof.terms.price)] as [string, ReactNode]]),
  ];
  return (
    <>
      <p className="mb-2">
        {proof.terms.drawing ? 'Height' : 'Letters'} <Both length={proof.art.capHeight} figure />
        {proof.art.highest.mm > proof.art.capHeight.mm && (
          <>
            {' '}
            to <Both length={proof.art.highest} figure />
          </>
        )}
      </p>
      <Facts rows={rows} />
      {proof.notes.remarks.map((remark) => (
        <p key={remark} className="mt-2 text-note font-medium">
          {remark}
        </p>
      ))}
      {proof.notes.cautions.map((caution) => (
        <div key={caution} className="mt-3">
          <Caution>{caution}</Caution>
        </div>
      ))}
      <ul className="mt-3 text-note text-ink2">
        {proof.notes.care.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </>
  );
}
