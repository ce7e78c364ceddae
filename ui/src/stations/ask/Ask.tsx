import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { type Answers, api, ask, type Docket } from '../../api/client';
import { answersTo, docket as docketQuery, dockets, stock, useChange } from '../../api/queries';
import { Move, NextMove, Nothing, Ready, Trouble } from '../../parts/basics';
import { Choice, SelectField, TextField } from '../../parts/fields';
import { asDay, useSettled } from '../../parts/time';
import { useUnits } from '../../parts/units';
import { Elsewhere } from '../Elsewhere';
import { StationList } from '../StationList';
import { LiveAnswers } from './LiveAnswers';
import { useKnownCustomers } from './useKnownCustomers';

const EMPTY: Answers = {
  customer: '',
  contact: '',
  words: '',
  object: '',
  surface: 'rectangle',
  width: '',
  height: '',
  corner: '',
  useOf: 'outdoor',
  film: '',
  quantity: '1',
  neededOn: '',
  appliedBy: 'shop',
  note: '',
  units: 'metric',
};

/** What was being typed when the page was left or lost, until it is kept on a docket. */
const UNKEPT = 'yelbo.ask';

export function Ask() {
  const { number } = useParams();
  const list = useQuery(dockets('ask'));
  const opened = useQuery({ ...docketQuery(Number(number)), enabled: Boolean(number) && number !== 'new' });
  return (
    <div className="grid h-full grid-cols-[232px_1fr]">
      <StationList
        title="Begun, not taken yet"
        query={list}
        current={Number(number)}
        to={(row) => `/ask/${row.number}`}
      >
        <Link to="/ask/new" className="row-link font-semibold" aria-current={number === 'new' ? 'true' : undefined}>
          New order <kbd>N</kbd>
        </Link>
      </StationList>
      {number === undefined ? (
        <Nothing title="Who is at the counter?">
          <p>Begin a new order with N, or go on with one that was begun.</p>
        </Nothing>
      ) : number === 'new' ? (
        <Form key="new" docket={null} />
      ) : (
        <Ready query={opened} what="the docket">
          {(docket) =>
            docket.state === 'asking' ? (
              <Form key={docket.number} docket={docket} />
            ) : (
              <Elsewhere docket={docket} says="has been taken" />
            )
          }
        </Ready>
      )}
    </div>
  );
}

function unkept(): Answers {
  try {
    return { ...EMPTY, ...JSON.parse(localStorage.getItem(UNKEPT) ?? '{}') };
  } catch {
    return EMPTY;
  }
}

function Form({ docket }: { docket: Docket | null }) {
  const navigate = useNavigate();
  const { units } = useUnits();
  const [answers, setAnswers] = useState<Answers>(() => ({ ...EMPTY, ...(docket?.answers ?? unkept()) }));
  const [tried, setTried] = useState(false);
  const films = useQuery(stock);
  const full = { ...answers, units };
  const live = useQuery(answersTo(useSettled(full, 220)));
  const known = useKnownCustomers(answers.customer);
  const set = (field: keyof Answers) => (value: string) => setAnswers((now) => ({ ...now, [field]: value }));

  useEffect(() => {
    if (!docket) {
      localStorage.setItem(UNKEPT, JSON.stringify(answers));
    }
  }, [answers, docket]);

  const save = useChange(
    (take: boolean) =>
      ask(
        docket
          ? api.PUT('/api/dockets/{number}/answers', {
              params: { path: { number: docket.number } },
              body: { version: docket.version, answers: full, take },
            })
          : api.POST('/api/dockets', { body: { answers: full, take } }),
      ),
    (saved) => {
      localStorage.removeItem(UNKEPT);
      navigate(saved.state === 'sizing' ? `/size/${saved.number}` : `/ask/${saved.number}`);
    },
  );

  const said: Record<string, string> = tried
    ? Object.fromEntries((live.data?.wrong ?? []).map((field) => [field.field, field.says]))
    : {};
  const wrong = (field: keyof Answers) =>
    said[field] ?? (answers[field] !== '' ? live.data?.wrong.find((one) => one.field === field)?.says : undefined);

  const contactOf = (name: string) => known.find((one) => one.name === name)?.contact;
  const setCustomer = (name: string) =>
    setAnswers((now) => ({ ...now, customer: name, contact: now.contact || contactOf(name) || '' }));

  return (
    <div className="grid min-h-0 grid-cols-[1fr_330px]">
      <form
        id="ask"
        className="min-h-0 overflow-auto bg-paper px-7 py-4"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          setTried(true);
          save.mutate(true);
        }}
      >
        <h2 className="title mb-3">{docket ? `Order ${docket.tag}` : 'New order'}</h2>
        <div className="grid max-w-[760px] grid-cols-6 gap-x-4 gap-y-3">
          <div className="col-span-3">
            <TextField
              label="Who"
              value={answers.customer}
              onChange={setCustomer}
              says={wrong('customer')}
              list={known.map((one) => one.name)}
              autoFocus
            />
          </div>
          <div className="col-span-3">
            <TextField label="Reached at" value={answers.contact} onChange={set('contact')} says={wrong('contact')} />
          </div>
          <div className="col-span-6">
            <TextField
              label="What words"
              hint="a new line for each line of the decal"
              value={answers.words}
              onChange={set('words')}
              says={wrong('words')}
              lines={2}
            />
          </div>
          <div className="col-span-3">
            <TextField label="On what" value={answers.object} onChange={set('object')} says={wrong('object')} />
          </div>
          <div className="col-span-3">
            <Choice
              label="Its shape"
              value={answers.surface}
              onChange={set('surface')}
              options={[
                { value: 'rectangle', label: 'Rectangle' },
                { value: 'ellipse', label: 'Round or oval' },
              ]}
            />
          </div>
          <div className="col-span-2">
            <TextField
              label="Width"
              hint={units === 'metric' ? 'mm' : 'in'}
              value={answers.width}
              onChange={set('width')}
              says={wrong('width')}
            />
          </div>
          <div className="col-span-2">
            <TextField
              label="Height"
              hint={units === 'metric' ? 'mm' : 'in'}
              value={answers.height}
              onChange={set('height')}
              says={wrong('height')}
            />
          </div>
          <div className="col-span-2">
            {answers.surface === 'rectangle' && (
              <TextField
                label="Corner radius"
                hint="none if empty"
                value={answers.corner}
                onChange={set('corner')}
                says={wrong('corner')}
              />
            )}
          </div>
          <div className="col-span-6">
            <Choice
              label="Used where"
              value={answers.useOf}
              onChange={set('useOf')}
              says={wrong('useOf')}
              options={[
                { value: 'indoor', label: 'Indoors' },
                { value: 'outdoor', label: 'Outdoors' },
                { value: 'washed', label: 'Washed' },
                { value: 'vehicle', label: 'On a vehicle' },
              ]}
            />
          </div>
          <div className="col-span-3">
            <SelectField
              label="Film"
              value={answers.film}
              onChange={set('film')}
              says={wrong('film')}
              options={[
                { value: '', label: 'Choose film and colour' },
                ...(films.data?.films ?? []).map((film) => ({ value: String(film.id), label: film.name })),
              ]}
            />
          </div>
          <div className="col-span-1">
            <TextField label="How many" value={answers.quantity} onChange={set('quantity')} says={wrong('quantity')} />
          </div>
          <div className="col-span-2">
            <TextField
              label="Used on"
              type="date"
              value={answers.neededOn}
              onChange={set('neededOn')}
              says={wrong('neededOn')}
            />
          </div>
          <div className="col-span-3">
            <Choice
              label="Who applies it"
              value={answers.appliedBy}
              onChange={set('appliedBy')}
              options={[
                { value: 'shop', label: 'The shop' },
                { value: 'customer', label: 'The customer' },
              ]}
            />
          </div>
          <div className="col-span-3">
            <TextField label="Note" value={answers.note} onChange={set('note')} says={wrong('note')} />
          </div>
        </div>
      </form>
      <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="Answers">
        <LiveAnswers
          answers={live.data}
          film={films.data?.films.find((film) => String(film.id) === answers.film)}
          needed={asDay(answers.neededOn || null)}
        />
        <div className="flex flex-col gap-3 border-t border-rule p-5">
          <Trouble says={save.error?.message} />
          <Move tall onClick={() => save.mutate(false)} disabled={save.isPending}>
            Keep it for later
          </Move>
          <NextMove type="submit" form="ask" disabled={save.isPending}>
            Take the order
          </NextMove>
        </div>
      </aside>
    </div>
  );
}
