import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Answers, Schemas } from '../../api/client';
import { objects, stock } from '../../api/queries';
import { useVocabulary } from '../../api/vocabulary';
import { SelectField, TextField } from '../../parts/fields';
import { useSettled } from '../../parts/time';
import { type Change, OF_OBJECT, type Wrong } from '../object/answers';
import { ObjectFields } from '../object/ObjectFields';
import { RosterDialog } from '../object/RosterDialog';
import { useMotifs } from '../size/MotifPanel';
import { UseFields } from './OrderFields';

/** All that is asked of one item: the words, what they go on, where it is used, of which film, how many. */
export function ItemFields({
  answers,
  names,
  rows,
  change,
  wrong,
}: {
  answers: Answers;
  /** How many names the roster holds. */
  names: number;
  /** What there is to be said of its rows. */
  rows: Schemas['ListNoteView'][];
  change: Change;
  wrong: Wrong;
}) {
  const { answers: empty } = useVocabulary();
  const films = useQuery(stock);
  const known = useQuery(objects(useSettled(answers.object, 150))).data?.objects ?? [];
  const [listing, setListing] = useState(false);
  const motifs = useMotifs();
  const isWordless = answers.roster === '' && answers.words.trim() === '' && answers.motif !== '';
  const setObject = (name: string) => {
    const found = known.find((one) => one.name === name);
    change(
      found
        ? {
            object: name,
            ...Object.fromEntries(
              OF_OBJECT.map((field) => [field, (found.answers as Partial<Answers>)[field] ?? empty[field]]),
            ),
          }
        : { object: name },
    );
  };
  return (
    <>
      <div className="col-span-6">
        {isWordless ? (
          <SelectField
            label="In the place of words"
            value={answers.motif}
            onChange={(motif) => change({ motif })}
            says={wrong('motif')}
            options={motifs.options}
          />
        ) : answers.roster === '' ? (
          <TextField
            label="What words"
            hint="a new line for each line of the decal"
            value={answers.words}
            onChange={(words) => change({ words })}
            says={wrong('words')}
            lines={2}
          />
        ) : (
          <TextField
            label={`${names || '…'} names, one decal each`}
            hint="a stroke | parts the lines of one decal"
            value={answers.roster}
            onChange={(roster) => change({ roster })}
            says={wrong('roster')}
            lines={5}
          />
        )}
        {answers.roster !== '' && rows.length > 0 && <RowNotes rows={rows} />}
        <p className="mt-1">
          {isWordless ? (
            <button type="button" className="text-sm underline" onClick={() => change({ motif: '' })}>
              Words after all
            </button>
          ) : (
            <button type="button" className="text-sm underline" onClick={() => setListing(true)}>
              {answers.roster === '' ? 'A list of names instead: paste or drop a CSV' : 'Take another list'}
            </button>
          )}
          {!isWordless && answers.roster === '' && (
            <button
              type="button"
              className="ml-4 text-sm underline"
              onClick={() => change({ words: '', motif: motifs.options[0]?.value ?? '' })}
            >
              No words: a shape, a pattern or a drawing
            </button>
          )}
          {answers.roster !== '' && (
            <button type="button" className="ml-4 text-sm underline" onClick={() => change({ roster: '' })}>
              No list, the same words on each
            </button>
          )}
        </p>
      </div>
      <div className="col-span-6">
        <TextField
          label="On what"
          hint={
            known.some((one) => one.name === answers.object)
              ? 'one of the shop’s objects'
              : 'completes from the shop’s objects'
          }
          value={answers.object}
          onChange={setObject}
          says={wrong('object')}
          list={known.map((one) => one.name)}
        />
      </div>
      <ObjectFields answers={answers} set={change} wrong={wrong} />
      <UseFields
        answers={answers}
        change={change}
        wrong={wrong}
        films={films.data?.films ?? []}
        blanks={films.data?.supplies.filter((one) => one.kind === 'blank') ?? []}
      />
      {listing && (
        <RosterDialog
          onClose={() => setListing(false)}
          onTake={(roster) => {
            change({ roster });
            setListing(false);
          }}
        />
      )}
    </>
  );
}

/** A field nobody has touched is not wrong yet. */
export function touched(answers: Answers, field: string): boolean {
  const typed = answers[field as keyof Answers];
  if (field.startsWith('keepOuts')) {
    const [, nth, name] = field.split('.');
    return name === undefined || answers.keepOuts[Number(nth)]?.[name as 'x'] !== '';
  }
  return typeof typed === 'string' && typed !== '' && field !== 'surface'
    ? true
    : field === 'surface' && answers.width + answers.diameter + answers.circumference + answers.upper !== '';
}

/** What is wrong, or odd, in a list of names: at its row, at once. */
function RowNotes({ rows }: { rows: Schemas['ListNoteView'][] }) {
  return (
    <ul aria-label="Rows to look at" className="mt-1 max-h-40 overflow-auto border-l-4 border-ink bg-shade px-3 py-1">
      {rows.map((note) => (
        <li key={`${note.row} ${note.says}`} className="flex gap-3 py-0.5 text-note">
          <span className="w-14 shrink-0 text-ink2">row {note.row}</span>
          <span className="w-36 shrink-0 truncate font-medium">{note.name}</span>
          <span className={note.stops ? 'font-medium text-signal-ink' : undefined}>{note.says}</span>
        </li>
      ))}
    </ul>
  );
}
