import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { type Answers, api, ask, type Docket } from '../../api/client';
import { answersTo, docket as docketQuery, stock, useDocketChange, useEdit } from '../../api/queries';
import { useVocabulary } from '../../api/vocabulary';
import { useKey } from '../../frame/keys';
import { Move, NextMove, Nothing, Ready, Trouble } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { asDay, useSettled } from '../../parts/time';
import { useUnits } from '../../parts/units';
import { Deciding } from '../Deciding';
import { Elsewhere } from '../Elsewhere';
import { sent } from '../object/answers';
import { StationList } from '../StationList';
import { ItemFields, touched } from './ItemFields';
import { ItemTabs } from './ItemTabs';
import { LiveAnswers } from './LiveAnswers';
import { OrderFields } from './OrderFields';
import { useKnownCustomers } from './useKnownCustomers';
import { useOrderChange } from './useOrderChange';
import { WhichCustomer } from './WhichCustomer';

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
            docket.state === 'cancelled' || docket.state === 'done' ? (
              <Elsewhere docket={docket} says="is over" />
            ) : (
              <Form key={`${docket.number} ${docket.state === 'asking'}`} docket={docket} />
            )
          }
        </Ready>
      )}
    </div>
  );
}

/** What was typed of every item, the first one first. */
function unkept(): Partial<Answers>[] {
  try {
    const left = JSON.parse(localStorage.getItem(UNKEPT) ?? '[]');
    return Array.isArray(left) && left.length > 0 ? left : [{}];
  } catch {
    return [{}];
  }
}

/** Where the server says that something is wrong with another item than the first: `others.0.words`. */
const OTHER = /^others\.(\d+)\.(.*)$/;

function Form({ docket }: { docket: Docket | null }) {
  const navigate = useNavigate();
  const { units } = useUnits();
  const { answers: empty, askedOnce, surfaces } = useVocabulary();
  // What is asked once for the whole order is kept with the first item.
  const once = (of: Answers): Partial<Answers> =>
    Object.fromEntries(askedOnce.map((field) => [field, of[field as keyof Answers]]));
  const edit = useEdit(docket);
  const [items, setItems] = useState<Answers[]>(() => {
    if (docket) {
      edit.begin(docket);
    }
    return (docket ? docket.items.map((item) => item.answers) : unkept()).map(
      (answers) => ({ ...empty, ...answers }) as Answers,
    );
  });
  // Which item of the docket each is; 0 of one that is added.
  const [numbers, setNumbers] = useState(() => docket?.items.map((item) => item.nth) ?? [0]);
  const taken = docket !== null && docket.state !== 'asking';
  const [at, setAt] = useState(0);
  const [tried, setTried] = useState(false);
  const first = items[0] as Answers;
  const answers = { ...(items[at] ?? first), ...once(first) } as Answers;
  const films = useQuery(stock);
  const typed = (one: Answers) => sent({ ...one, units }, surfaces);
  const others = items.filter((_, nth) => nth !== at).map(typed);
  const live = useQuery(answersTo(useSettled({ ...typed(answers), ...(others.length > 0 ? { others } : {}) }, 220)));
  const customers = useKnownCustomers(answers.customer);
  const change = (part: Partial<Answers>) =>
    setItems((now) =>
      now.map((one, nth) => {
        const mine = Object.entries(part).filter(([field]) => (askedOnce.includes(field) ? nth === 0 : nth === at));
        return mine.length > 0 ? { ...one, ...Object.fromEntries(mine) } : one;
      }),
    );
  const set = (field: keyof Answers) => (value: string) => change({ [field]: value });

  useEffect(() => {
    if (!docket) {
      localStorage.setItem(UNKEPT, JSON.stringify(items));
    }
  }, [items, docket]);

  const save = useDocketChange(
    docket,
    (version, take: boolean) => {
      const body = { answers: typed(first), others: items.slice(1).map(typed), take };
      return ask(
        docket
          ? api.PUT('/api/dockets/{number}/answers', {
              params: { path: { number: docket.number } },
              body: { version, ...body },
            })
          : api.POST('/api/dockets', { body }),
      );
    },
    (saved) => {
      localStorage.removeItem(UNKEPT);
      navigate(saved.state === 'sizing' ? `/size/${saved.number}` : `/ask/${saved.number}`);
    },
    'when told',
  );

  const anew = useOrderChange(taken ? docket : null);
  const fault = taken ? anew.send.error : save.error;
  const refused = fault?.fields ?? {};
  /** What the last try said of one item, by its fields. */
  const refusedOf = (nth: number): Record<string, string> =>
    Object.fromEntries(
      Object.entries(refused).flatMap(([field, says]) => {
        const [, other, own] = OTHER.exec(field) ?? [];
        return (other === undefined ? 0 : Number(other) + 1) === nth ? [[own ?? field, says]] : [];
      }),
    );
  const said: Record<string, string> = tried
    ? {
        ...(at > 0 ? refusedOf(at) : {}),
        ...Object.fromEntries((live.data?.wrong ?? []).map((field) => [field.field, field.says])),
      }
    : {};
  const wrong = (field: string) =>
    said[field] ?? (touched(answers, field) ? live.data?.wrong.find((one) => one.field === field)?.says : undefined);

  const plain = (name: string) => name.trim().toLowerCase();
  const namesakes = customers.filter((one) => plain(one.name) === plain(answers.customer));
  // Said of one name it says nothing of another.
  const setCustomer = (name: string) => change({ customer: name, known: '' });

  // The next item is often like the last: its words are its own.
  const add = () => {
    setNumbers((now) => [...now, 0]);
    setItems((now) => [...now, { ...(now.at(-1) ?? first), words: '', roster: '', motif: '' }]);
    setAt(items.length);
  };
  const leaveOut = () => {
    setNumbers((now) => now.filter((_, nth) => nth !== at));
    setItems((now) => {
      const left = now.filter((_, nth) => nth !== at);
      return left.map((one, nth) => (nth === 0 ? { ...one, ...once(first) } : one));
    });
    setAt(Math.max(0, at - 1));
  };
  useKey('a', add);

  return (
    <div className="grid min-h-0 grid-cols-[1fr_330px] grid-rows-[minmax(0,1fr)]">
      <form
        id="ask"
        className="relative min-h-0 overflow-auto bg-paper px-7 py-4"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          setTried(true);
          if (taken) {
            anew.look({ items: items.map(typed), numbers });
          } else {
            save.mutate(true);
          }
        }}
      >
        <h2 className="title mb-3">{taken ? `Change ${docket.tag}` : docket ? `Order ${docket.tag}` : 'New order'}</h2>
        <div className="grid max-w-[760px] grid-cols-6 gap-x-4 gap-y-3">
          <div className="col-span-3">
            <TextField
              label="Who"
              value={answers.customer}
              onChange={setCustomer}
              says={wrong('customer')}
              list={[...new Set(customers.map((one) => one.name))]}
              autoFocus
            />
          </div>
          <div className="col-span-3">
            <TextField label="Reached at" value={answers.contact} onChange={set('contact')} says={wrong('contact')} />
          </div>
          {namesakes.length > 0 && !(taken && answers.customer === docket.customer) && (
            <WhichCustomer
              name={answers.customer.trim()}
              namesakes={namesakes}
              known={answers.known}
              onKnown={(known, contact) => change({ known, contact: answers.contact || contact })}
              says={tried ? (said.known ?? refused.known) : undefined}
            />
          )}
          {items.length > 1 && (
            <ItemTabs
              items={items}
              at={at}
              wrong={(nth) => Object.keys(refusedOf(nth)).length > 0}
              onChoose={setAt}
              onLeaveOut={leaveOut}
            />
          )}
          <ItemFields
            key={at}
            answers={answers}
            names={live.data?.names ?? 0}
            rows={live.data?.rows ?? []}
            change={change}
            wrong={wrong}
          />
          <div className="col-span-6 border-t border-ink pt-3">
            <Move onClick={add} keys="A">
              Add an item to this order
            </Move>
          </div>
          <OrderFields answers={answers} change={change} wrong={wrong} />
        </div>
      </form>
      <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="Answers">
        <LiveAnswers
          answers={live.data}
          film={films.data?.films.find((film) => String(film.id) === answers.film)}
          needed={asDay(answers.neededOn || null)}
          ground={answers}
          comes={answers.motif === 'drawing'}
          onFilm={set('film')}
        />
        <div className="flex flex-col gap-3 border-t border-rule p-5">
          <Deciding
            dayLabel="Ready"
            day={live.data?.promised ? asDay(live.data.promised.readyAt) : null}
            isLate={live.data?.promised?.inTime === false}
            price={live.data?.quote?.total.text ?? null}
            without={live.data?.quote?.unpriced}
          />
          <Trouble says={fault?.message} />
          {taken ? (
            <>
              <p className="text-sm text-ink2">It says first what that sets back.</p>
              <NextMove type="submit" form="ask" disabled={anew.send.isPending}>
                Change the order …
              </NextMove>
            </>
          ) : (
            <>
              <Move tall onClick={() => save.mutate(false)} disabled={save.isPending}>
                Keep it for later
              </Move>
              <NextMove type="submit" form="ask" disabled={save.isPending}>
                {items.length > 1 ? `Take the order of ${items.length} items` : 'Take the order'}
              </NextMove>
            </>
          )}
        </div>
      </aside>
      {anew.dialog}
    </div>
  );
}
