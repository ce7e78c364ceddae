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
    ...(proof.drawing ? [['drawing', proof.drawing] as [string, ReactNode]] : []),
    ['over all', shown.size(proof.size)],
    ['from left', <Both key="l" length={proof.left} />],
    ['from top', <Both key="t" length={proof.top} />],
    ['on', `${proof.object}, ${shown.size(proof.wall)}`],
    ...(proof.material ? [['made of', proof.material.toLowerCase()] as [string, ReactNode]] : []),
    ...proof.films.map((film, nth): [string, ReactNode] => [
      nth === 0 ? 'film' : UNDER.includes(proof.parts[0]?.layers[nth]?.role ?? '') ? 'underneath' : 'and',
      <span key={film.name} className="flex flex-wrap items-center gap-x-2">
        <FilmName film={film} />
        {proof.films.length > 1 && shown.size(film.size)}
      </span>,
    ]),
    [
      'how many',
      proof.parts.length > 1
        ? `${proof.parts.length} names, ${proof.quantity} of each`
        : proof.panes > 1
          ? `${proof.quantity} for each of ${proof.panes} panes`
          : proof.quantity,
    ],
    ['used', `${proof.used}, ${asDay(proof.neededOn || null)}`],
    ['applied by', proof.appliedHere ? 'the shop' : 'the customer'],
    ...(proof.price === null || !priced ? [] : [['price', asPrice(proof.price)] as [string, ReactNode]]),
  ];
  return (
    <>
      <p className="mb-2">
        {proof.drawing ? 'Height' : 'Letters'} <Both length={proof.capHeight} figure />
        {proof.highest.mm > proof.capHeight.mm && (
          <>
            {' '}
            to <Both length={proof.highest} figure />
          </>
        )}
      </p>
      <Facts rows={rows} />
      {proof.remarks.map((remark) => (
        <p key={remark} className="mt-2 text-note font-medium">
          {remark}
        </p>
      ))}
      {proof.cautions.map((caution) => (
        <div key={caution} className="mt-3">
          <Caution>{caution}</Caution>
        </div>
      ))}
      <ul className="mt-3 text-note text-ink2">
        {proof.care.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </>
  );
}
