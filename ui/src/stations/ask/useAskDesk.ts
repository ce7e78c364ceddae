import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { type Answers, api, ask, type Docket } from '../../api/client';
import { answersTo, useDocketChange, useEdit } from '../../api/queries';
import { useVocabulary } from '../../api/vocabulary';
import { useKey } from '../../frame/keys';
import { knownOf } from '../../parts/known';
import { useSettled } from '../../parts/time';
import { useUnits } from '../../parts/units';
import { sent } from '../object/answers';
import { touched } from './ItemFields';
import { useKnownCustomers } from './useKnownCustomers';
import { useOrderChange } from './useOrderChange';

/** What was being typed when the page was left or lost, until it is kept on a docket. */
const UNKEPT = 'yelbo.ask';

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

/** What is typed of an order at Ask, item by item, and what the core says to it meanwhile. */
export function useAskDesk(docket: Docket | null) {
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
    const all = Object.assign({}, ...surfaces, empty);
    return (docket ? docket.items.map((item) => item.answers) : unkept().map((left) => knownOf(all, left))).map(
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
  const submit = () => {
    setTried(true);
    if (taken) {
      anew.look({ items: items.map(typed), numbers });
    } else {
      save.mutate(true);
    }
  };
  useKey('a', add);

  return {
    docket,
    taken,
    items,
    at,
    setAt,
    answers,
    live: live.data,
    customers,
    namesakes,
    change,
    set,
    setCustomer,
    add,
    leaveOut,
    submit,
    save,
    anew,
    fault,
    refusedOf,
    wrong,
    /** What the last try, or the core, says of whom it is from. */
    knownSays: tried ? (said.known ?? refused.known) : undefined,
  };
}

export type AskDesk = ReturnType<typeof useAskDesk>;
