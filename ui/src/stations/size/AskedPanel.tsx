import { labelOf, useVocabulary } from '../../api/vocabulary';
import { FilmName, Section, useShown } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { asDay } from '../../parts/time';
import { ChangeAsked } from '../ChangeAsked';
import { ChangeRequests, useAnswering } from '../proof/Answering';
import { Items } from './Items';
import { MotifPanel } from './MotifPanel';
import { Signs } from './Signs';
import type { SizeDesk } from './useSizeDesk';

/** Whose order it is, what it goes on, what the customer wants changed, and the words themselves. */
export function AskedPanel({ desk }: { desk: SizeDesk }) {
  const { docket, item, film } = desk;
  const vocabulary = useVocabulary();
  const shown = useShown();
  const answering = useAnswering(docket.number).data;
  return (
    <>
      <Section title="The order">
        <p className="mb-1 font-label text-xl leading-6 font-semibold">{docket.customer}</p>
        <Items docket={docket} current={item.nth} />
        <p className="text-note">
          {item.object && `${item.object.name}, ${shown.size(item.object.wall)}`}
          {item.quantity > 1 && `, ${item.quantity} of it`}
          {item.object && item.object.panes > 1 && `, ${item.object.panes} panes, one decal each`}
        </p>
        <div className="mt-1 flex flex-wrap items-center gap-x-3 text-note">
          {film && <FilmName film={film} />}
          <span className="text-ink2">
            {labelOf(vocabulary.usesInWords, item.useOf)}, {asDay(docket.neededAt)}
          </span>
          <ChangeAsked docket={docket.number} />
        </div>
      </Section>
      <ChangeRequests
        requests={answering?.changeRequests ?? []}
        proof={docket.proofs.at(-1)?.nth ?? 0}
        item={item.nth}
      />
      <WordsPanel desk={desk} />
    </>
  );
}

function WordsPanel({ desk }: { desk: SizeDesk }) {
  const { isSet, drawing, drawn, motif, change, says } = desk;
  return (
    <div className="mb-4">
      {isSet ? (
        <TextField
          label="Names, one decal each"
          hint="| parts lines"
          value={drawing.roster}
          onChange={(value) => change({ roster: value })}
          lines={6}
          says={says.roster}
        />
      ) : motif ? (
        <MotifPanel motif={motif} fit={drawn} change={change} says={says} />
      ) : (
        <TextField
          label={drawing.art ? 'Called' : 'Words'}
          value={drawing.words}
          onChange={(value) => change({ words: value })}
          lines={2}
          says={says.words ?? drawn?.tooLong ?? undefined}
        />
      )}
      {!motif && !drawing.art && <Signs drawing={drawing} change={change} says={says} />}
    </div>
  );
}
