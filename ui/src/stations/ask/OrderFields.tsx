import type { Answers, FilmShown, Supply } from '../../api/client';
import { useVocabulary } from '../../api/vocabulary';
import { Choice } from '../../parts/choice';
import { SelectField, TextField } from '../../parts/fields';

/** Where it is used, of what it is cut, how many, by whom it is applied. */
export function UseFields({
  answers,
  change,
  wrong,
  films,
  blanks,
}: {
  answers: Answers;
  change: (part: Partial<Answers>) => void;
  wrong: (field: string) => string | undefined;
  films: FilmShown[];
  blanks: Supply[];
}) {
  const words = useVocabulary();
  return (
    <>
      <div className="col-span-6">
        <Choice
          label="Used where"
          value={answers.useOf}
          onChange={(useOf) => change({ useOf })}
          says={wrong('useOf')}
          options={words.uses}
        />
      </div>
      {answers.useOf === 'washed' && (
        <div className="col-span-6">
          <Choice
            label="Washed how"
            value={answers.dishwasher || 'no'}
            onChange={(dishwasher) => change({ dishwasher: dishwasher === 'no' ? '' : dishwasher })}
            says={wrong('dishwasher')}
            options={[
              { value: 'no', label: 'By hand' },
              { value: 'yes', label: 'In a dishwasher' },
            ]}
          />
        </div>
      )}
      <div className="col-span-3">
        <SelectField
          label="Film"
          value={answers.film}
          onChange={(film) => change({ film })}
          says={wrong('film')}
          options={[
            { value: '', label: 'Choose film and colour' },
            ...films.map((film) => ({ value: String(film.id), label: film.name })),
          ]}
        />
      </div>
      <div className="col-span-3">
        <TextField
          label="How many"
          value={answers.quantity}
          onChange={(quantity) => change({ quantity })}
          says={wrong('quantity')}
        />
      </div>
      <div className="col-span-3">
        <Choice
          label="Who applies it"
          value={answers.appliedBy}
          onChange={(appliedBy) => change(appliedBy === 'customer' ? { appliedBy, finish: 'none' } : { appliedBy })}
          options={[
            { value: 'shop', label: 'The shop' },
            { value: 'customer', label: 'The customer' },
          ]}
        />
      </div>
      {answers.appliedBy === 'shop' && (
        <div className="col-span-3">
          <SelectField
            label="What goes over it"
            value={answers.finish}
            onChange={(finish) => change({ finish })}
            says={wrong('finish')}
            options={words.finishes}
          />
          {answers.finish !== 'none' && !wrong('finish') && (
            <p className="mt-1 text-sm text-ink2">{words.finishes.find((one) => one.value === answers.finish)?.says}</p>
          )}
        </div>
      )}
      {blanks.length > 0 && (
        <div className="col-span-3">
          <SelectField
            label="On a blank of the shop’s"
            value={answers.blank}
            onChange={(blank) => change({ blank })}
            options={[
              { value: '', label: 'No, the customer brings it' },
              ...blanks.map((blank) => ({ value: String(blank.id), label: blank.name })),
            ]}
          />
        </div>
      )}
    </>
  );
}

/** What is asked once, however many items there are: by when, and what else was said. */
export function OrderFields({
  answers,
  change,
  wrong,
}: {
  answers: Answers;
  change: (part: Partial<Answers>) => void;
  wrong: (field: string) => string | undefined;
}) {
  const words = useVocabulary();
  return (
    <>
      <div className="col-span-2">
        <TextField
          label="Used on"
          type="date"
          value={answers.neededOn}
          onChange={(neededOn) => change({ neededOn })}
          says={wrong('neededOn')}
        />
      </div>
      <div className="col-span-4">
        <SelectField
          label="How it comes to them"
          value={answers.delivery || 'collected'}
          onChange={(delivery) => change({ delivery })}
          options={words.handovers}
        />
      </div>
      <div className="col-span-6">
        <TextField label="Note" value={answers.note} onChange={(note) => change({ note })} says={wrong('note')} />
      </div>
    </>
  );
}
