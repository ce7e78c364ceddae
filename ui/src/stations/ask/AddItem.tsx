import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type Answers, api, ask, type Docket } from '../../api/client';
import { answersTo, stock, useDocketChange } from '../../api/queries';
import { useVocabulary } from '../../api/vocabulary';
import { Move, NextMove, Trouble } from '../../parts/basics';
import { asDay, useSettled } from '../../parts/time';
import { useUnits } from '../../parts/units';
import { sent } from '../object/answers';
import { ItemFields, touched } from './ItemFields';
import { LiveAnswers } from './LiveAnswers';

/** Another item for an order that was taken already: it begins like the last one, with words of its own. */
export function AddItem({ docket }: { docket: Docket }) {
  const navigate = useNavigate();
  const { units } = useUnits();
  const { answers: empty, surfaces } = useVocabulary();
  const [answers, setAnswers] = useState(
    () => ({ ...empty, ...docket.items.at(-1)?.answers, words: '', roster: '', motif: '' }) as Answers,
  );
  const [tried, setTried] = useState(false);
  const change = (part: Partial<Answers>) => setAnswers((now) => ({ ...now, ...part }));
  const films = useQuery(stock);
  const others = docket.items.map((one) => one.answers);
  const live = useQuery(answersTo(useSettled({ ...sent({ ...answers, units }, surfaces), others }, 220)));
  const add = useDocketChange(
    docket,
    (version) =>
      ask(
        api.POST('/api/dockets/{number}/items', {
          params: { path: { number: docket.number } },
          body: { version, answers: sent({ ...answers, units }, surfaces) },
        }),
      ),
    (saved) => navigate(`/size/${saved.number}/${saved.items.at(-1)?.nth}`),
  );
  const says = live.data?.wrong ?? [];
  const wrong = (field: string) =>
    tried || touched(answers, field)
      ? (says.find((one) => one.field === field)?.says ?? (tried ? add.error?.fields[field] : undefined))
      : undefined;
  return (
    <div className="grid min-h-0 grid-cols-[1fr_330px] grid-rows-[minmax(0,1fr)]">
      <form
        id="add-item"
        className="relative min-h-0 overflow-auto bg-paper px-7 py-4"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          setTried(true);
          add.mutate(undefined);
        }}
      >
        <h2 className="title mb-3">
          Another item for {docket.tag} <span className="text-ink2">{docket.customer}</span>
        </h2>
        <div className="grid max-w-[760px] grid-cols-6 gap-x-4 gap-y-3">
          <ItemFields
            answers={answers}
            names={live.data?.names ?? 0}
            rows={live.data?.rows ?? []}
            change={change}
            wrong={wrong}
          />
        </div>
      </form>
      <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="Answers">
        <LiveAnswers
          answers={live.data}
          film={films.data?.films.find((film) => String(film.id) === answers.film)}
          needed={asDay(answers.neededOn || null)}
          ground={answers}
          comes={answers.motif === 'drawing'}
          onFilm={(film) => change({ film })}
        />
        <div className="flex flex-col gap-3 border-t border-rule p-5">
          <Trouble says={add.error?.message} />
          <Move tall onClick={() => navigate(`/size/${docket.number}`)}>
            Back to Size
          </Move>
          <NextMove type="submit" form="add-item" disabled={add.isPending}>
            Add it to the order
          </NextMove>
        </div>
      </aside>
    </div>
  );
}
