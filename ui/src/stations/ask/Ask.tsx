import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { type Answers, api, ask, type Docket } from '../../api/client';
import { answersTo, docket as docketQuery, objects, stock, useDocketChange, useEdit } from '../../api/queries';
import { useVocabulary } from '../../api/vocabulary';
import { Move, NextMove, Nothing, Ready, Trouble } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { asDay, useSettled } from '../../parts/time';
import { useUnits } from '../../parts/units';
import { Elsewhere } from '../Elsewhere';
import { OF_OBJECT } from '../object/answers';
import { ObjectFields } from '../object/ObjectFields';
import { RosterDialog } from '../object/RosterDialog';
import { StationList } from '../StationList';
import { LiveAnswers } from './LiveAnswers';
import { OrderFields } from './OrderFields';
import { useKnownCustomers } from './useKnownCustomers';

/** What was being typed when the page was left or lost, until it is kept on a docket. */
const UNKEPT = 'yelbo.ask';

export function Ask() {
  const { number } = useParams();
  const opened = useQuery({ ...docketQuery(Number(number)), enabled: Boolean(number) && number !== 'new' });
  return (
    <div className="grid h-full grid-cols-[232px_1fr] grid-rows-[minmax(0,1fr)]">
      <StationList
        title="Begun, not taken yet"
        station="ask"
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

function unkept(): Partial<Answers> {
  try {
    return JSON.parse(localStorage.getItem(UNKEPT) ?? '{}');
  } catch {
    return {};
  }
}

/** A field nobody has touched is not wrong yet. */
function touched(answers: Answers, field: string): boolean {
  const typed = answers[field as keyof Answers];
  if (field.startsWith('keepOuts')) {
    const [, nth, name] = field.split('.');
    return name === undefined || answers.keepOuts[Number(nth)]?.[name as 'x'] !== '';
  }
  return typeof typed === 'string' && typed !== '' && field !== 'surface'
    ? true
    : field === 'surface' && answers.width + answers.diameter + answers.circumference + answers.upper !== '';
}

function Form({ docket }: { docket: Docket | null }) {
  const navigate = useNavigate();
  const { units } = useUnits();
  const { answers: empty } = useVocabulary();
  const edit = useEdit(docket);
  const [answers, setAnswers] = useState<Answers>(() => {
    if (docket) {
      edit.begin(docket);
    }
    return { ...empty, ...(docket?.answers ?? unkept()) } as Answers;
  });
  const [tried, setTried] = useState(false);
  const films = useQuery(stock);
  const full = { ...answers, units };
  const live = useQuery(answersTo(useSettled(full, 220)));
  const customers = useKnownCustomers(answers.customer);
  const library = useQuery(objects(useSettled(answers.object, 150)));
  const [listing, setListing] = useState(false);
  const change = (part: Partial<Answers>) => setAnswers((now) => ({ ...now, ...part }));
  const set = (field: keyof Answers) => (value: string) => change({ [field]: value });

  useEffect(() => {
    if (!docket) {
      localStorage.setItem(UNKEPT, JSON.stringify(answers));
    }
  }, [answers, docket]);

  const save = useDocketChange(
    docket,
    (version, take: boolean) =>
      ask(
        docket
          ? api.PUT('/api/dockets/{number}/answers', {
              params: { path: { number: docket.number } },
              body: { version, answers: full, take },
            })
          : api.POST('/api/dockets', { body: { answers: full, take } }),
      ),
    (saved) => {
      localStorage.removeItem(UNKEPT);
      navigate(saved.state === 'sizing' ? `/size/${saved.number}` : `/ask/${saved.number}`);
    },
    'when told',
  );

  const said: Record<string, string> = tried
    ? Object.fromEntries((live.data?.wrong ?? []).map((field) => [field.field, field.says]))
    : {};
  const wrong = (field: string) =>
    said[field] ?? (touched(answers, field) ? live.data?.wrong.find((one) => one.field === field)?.says : undefined);
  const known = library.data?.objects ?? [];
  const setObject = (name: string) => {
    const found = known.find((one) => one.name === name);
    change(
      found
        ? {
            object: name,
            ...Object.fromEntries(OF_OBJECT.map((field) => [field, found.answers[field] ?? empty[field]])),
          }
        : { object: name },
    );
  };

  const names = live.data?.names ?? 0;
  const contactOf = (name: string) => customers.find((one) => one.name === name)?.contact;
  const setCustomer = (name: string) =>
    setAnswers((now) => ({ ...now, customer: name, contact: now.contact || contactOf(name) || '' }));

  return (
    <div className="grid min-h-0 grid-cols-[1fr_330px] grid-rows-[minmax(0,1fr)]">
      <form
        id="ask"
        className="relative min-h-0 overflow-auto bg-paper px-7 py-4"
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
              list={customers.map((one) => one.name)}
              autoFocus
            />
          </div>
          <div className="col-span-3">
            <TextField label="Reached at" value={answers.contact} onChange={set('contact')} says={wrong('contact')} />
          </div>
          <div className="col-span-6">
            {answers.roster === '' ? (
              <TextField
                label="What words"
                hint="a new line for each line of the decal"
                value={answers.words}
                onChange={set('words')}
                says={wrong('words')}
                lines={2}
              />
            ) : (
              <TextField
                label={`${names || '…'} names, one decal each`}
                hint="a stroke | parts the lines of one decal"
                value={answers.roster}
                onChange={set('roster')}
                says={wrong('roster')}
                lines={5}
              />
            )}
            <p className="mt-1">
              <button type="button" className="text-sm underline" onClick={() => setListing(true)}>
                {answers.roster === '' ? 'A list of names instead: paste or drop a CSV' : 'Take another list'}
              </button>
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
          <OrderFields
            answers={answers}
            change={change}
            wrong={wrong}
            films={films.data?.films ?? []}
            blanks={films.data?.supplies.filter((one) => one.kind === 'blank') ?? []}
          />
        </div>
      </form>
      {listing && (
        <RosterDialog
          onClose={() => setListing(false)}
          onTake={(roster) => {
            change({ roster });
            setListing(false);
          }}
        />
      )}
      <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="Answers">
        <LiveAnswers
          answers={live.data}
          film={films.data?.films.find((film) => String(film.id) === answers.film)}
          needed={asDay(answers.neededOn || null)}
          onFilm={set('film')}
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
