import { useMutation, useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import {
  type Answers,
  api,
  asFile,
  ask,
  type KnownObject,
  type Problem,
  type Schemas,
  type Trace,
} from '../../api/client';
import { answersTo, designs, objects, stock, useChange } from '../../api/queries';
import { useVocabulary } from '../../api/vocabulary';
import { ObjectDrawing } from '../../drawing/ObjectDrawing';
import { Move, NextMove, Ready, Scroll, Trouble, useShown } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { useSettled } from '../../parts/time';
import { Meanwhile, useTyped } from '../../parts/typed';
import { useUnits } from '../../parts/units';
import { sent } from '../object/answers';
import { ObjectFields } from '../object/ObjectFields';
import { Glance } from '../size/Designs';

/** The shop's own objects: what comes in again and again, measured once. */
export function Objects() {
  const [find, setFind] = useState('');
  const known = useQuery(designs(useSettled(find, 150)));
  const [open, setOpen] = useState<KnownObject | 'new' | null>(null);
  const query = useQuery(objects(useSettled(find, 150)));
  // The newest state of what is open, as soon as the list has it.
  const current =
    open === null || open === 'new' ? open : (query.data?.objects.find((one) => one.id === open.id) ?? open);
  return (
    <div className="grid h-full grid-cols-[320px_1fr] grid-rows-[minmax(0,1fr)]">
      <div className="flex min-h-0 flex-col border-r border-rule bg-paper">
        <div className="border-b border-rule p-4">
          <TextField label="Find an object or a design" value={find} onChange={setFind} />
          <div className="mt-3 flex gap-2">
            <Move className="flex-1" onClick={() => setOpen('new')}>
              Measure a new one
            </Move>
            <Move onClick={() => setOpen(null)} disabled={open === null}>
              Designs
            </Move>
          </div>
        </div>
        <Scroll label="The shop’s objects" className="min-h-0 flex-1">
          <Ready query={query} what="the objects">
            {({ objects: found }) =>
              found.length === 0 ? (
                <p className="p-4 text-ink2">{find ? 'None by that name.' : 'None measured yet.'}</p>
              ) : (
                <ul>
                  {found.map((object) => (
                    <li key={object.id}>
                      <Row
                        object={object}
                        current={open !== 'new' && open?.id === object.id}
                        onOpen={() => setOpen(object)}
                      />
                    </li>
                  ))}
                </ul>
              )
            }
          </Ready>
        </Scroll>
      </div>
      {current === null ? (
        <KnownDesigns designs={known.data?.designs ?? []} />
      ) : (
        <Form
          key={current === 'new' ? 'new' : current.id}
          object={current === 'new' ? null : current}
          onDone={setOpen}
        />
      )}
    </div>
  );
}

/** The shop's own designs, to be looked at and taken off the list; they are drawn at Size. */
function KnownDesigns({ designs: found }: { designs: Schemas['KnownDesignView'][] }) {
  const shown = useShown();
  const films = useQuery(stock).data?.films ?? [];
  const drop = useChange(({ id, version }: { id: number; version: number }) =>
    ask(api.POST('/api/designs/{id}/drop', { params: { path: { id } }, body: { version } })),
  );
  return (
    <Scroll label="The shop’s designs" className="min-h-0 p-6">
      <h2 className="title">The shop’s designs</h2>
      <p className="mb-4 text-ink2">
        Drawn once, taken at Size by L, as large as the object there. Objects, measured once, are found while typing at
        Ask. Changing either changes no order.
      </p>
      <Trouble says={drop.error?.message} />
      {found.length === 0 ? (
        <p className="text-ink2">None kept yet: draw one at Size, and keep it there.</p>
      ) : (
        <ul className="grid grid-cols-3 gap-4">
          {found.map((design) => (
            <li key={design.id} className="flex flex-col gap-2 border border-rule bg-paper p-3">
              <Glance design={design} films={films} swatch="var(--color-ink)" />
              <p>
                <b className="font-semibold">{design.name}</b>
                <span className="block text-note text-ink2">
                  “{design.words}”, drawn on {shown.size(design.on)}
                </span>
              </p>
              <Move onClick={() => drop.mutate({ id: design.id, version: design.version })} disabled={drop.isPending}>
                Take it from the list
              </Move>
            </li>
          ))}
        </ul>
      )}
    </Scroll>
  );
}

function Row({ object, current, onOpen }: { object: KnownObject; current: boolean; onOpen: () => void }) {
  const shown = useShown();
  return (
    <button
      type="button"
      className="row-link on-ink flex items-center gap-3"
      aria-current={current ? 'true' : undefined}
      onClick={onOpen}
    >
      <svg width="46" height="40" viewBox={viewBox(object)} aria-hidden="true" className="shrink-0">
        <path
          d={object.outline}
          fill="none"
          stroke="currentColor"
          strokeWidth="1.4"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <span>
        <b className="font-semibold">{object.name}</b>
        <span className="block text-sm">
          {object.kind}, {shown.size(object.size)}
        </span>
      </span>
    </button>
  );
}

function viewBox(object: KnownObject): string {
  const numbers = object.outline.match(/-?\d+(\.\d+)?/g)?.map(Number) ?? [0];
  const xs = numbers.filter((_, nth) => nth % 2 === 0);
  const ys = numbers.filter((_, nth) => nth % 2 === 1);
  return `0 0 ${Math.max(1, ...xs)} ${Math.max(1, ...ys)}`;
}

function Form({ object, onDone }: { object: KnownObject | null; onDone: (object: KnownObject | null) => void }) {
  const { units } = useUnits();
  const { answers: empty, surfaces } = useVocabulary();
  const over = useTyped(object?.version ?? 0, {
    ...empty,
    words: 'Abc',
    ...(object?.answers as Partial<Answers> | undefined),
    object: object?.name ?? '',
  } as Answers);
  const { typed: answers, set: setAnswers } = over;
  const [tried, setTried] = useState(false);
  const [photo, setPhoto] = useState('');
  const id = useId();
  const picture = useMutation<Trace, Problem, File>({
    mutationFn: (file) =>
      ask(api.POST('/api/photos', { params: { query: { picture: true } }, body: file as never, ...asFile })),
    onSuccess: (taken) => setPhoto(taken.photo),
  });
  const full = sent({ ...answers, words: answers.words || 'Abc', units }, surfaces);
  const live = useQuery(answersTo(useSettled(full, 220)));
  const save = useChange(
    () =>
      over.keeping(
        ask(
          object
            ? api.PUT('/api/objects/{id}', {
                params: { path: { id: object.id } },
                body: { answers: full, version: over.version, picture: photo },
              })
            : api.POST('/api/objects', { body: { answers: full, version: 0, picture: photo } }),
        ),
      ),
    (saved) => onDone(saved as KnownObject),
  );
  const drop = useChange(
    () =>
      ask(
        api.POST('/api/objects/{id}/drop', {
          params: { path: { id: object?.id ?? 0 } },
          body: { version: over.version },
        }),
      ),
    () => onDone(null),
  );
  const wrong = (field: string) => {
    const says = save.error?.fields[field] ?? live.data?.wrong.find((one) => one.field === field)?.says;
    const typed = answers[field as keyof Answers];
    return tried || (typeof typed === 'string' && typed !== '' && field !== 'object') || field.startsWith('keepOuts')
      ? says
      : undefined;
  };
  const fit = live.data?.fit;
  return (
    <div className="grid min-h-0 grid-cols-[1fr_360px] grid-rows-[minmax(0,1fr)]">
      <form
        id="object"
        className="relative min-h-0 overflow-auto bg-paper px-7 py-4"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          setTried(true);
          save.mutate(undefined);
        }}
      >
        <h2 className="title mb-3">{object ? object.name : 'A new object'}</h2>
        <div className="grid max-w-[760px] grid-cols-6 gap-x-4 gap-y-3">
          <div className="col-span-6">
            <TextField
              label="What it is called"
              value={answers.object}
              onChange={(name) => setAnswers({ object: name })}
              says={tried ? wrong('object') : save.error?.fields.object}
            />
          </div>
          <ObjectFields answers={answers} set={setAnswers} wrong={wrong} onPhoto={setPhoto} />
          <div className="col-span-6">
            <label htmlFor={id} className="label mb-1 block">
              Picture
            </label>
            <div className="flex items-center gap-4">
              {(photo || object?.hasPicture) && (
                <img
                  src={photo ? `/api/photos/${photo}` : `/api/objects/${object?.id}/picture?v=${object?.version}`}
                  alt={answers.object}
                  className="h-24 border border-rule"
                />
              )}
              <input
                id={id}
                type="file"
                accept="image/jpeg,image/png,image/webp"
                onChange={(event) => {
                  const file = event.target.files?.[0];
                  if (file) {
                    picture.mutate(file);
                  }
                }}
              />
            </div>
            <Trouble says={picture.error?.fields.photo ?? picture.error?.message} />
          </div>
        </div>
      </form>
      <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="The object, to scale">
        <div className="min-h-0 flex-1">
          {fit ? (
            <ObjectDrawing
              art={fit}
              ground={answers}
              swatch="var(--color-rule)"
              rulers={false}
              label="The object with its safe area, to scale"
            />
          ) : (
            <p className="p-5 text-ink2">Drawn as soon as its measures are known.</p>
          )}
        </div>
        <div className="flex flex-col gap-3 border-t border-rule p-5">
          <Meanwhile over={over} />
          <Trouble says={over.isNewer ? null : (save.error?.message ?? drop.error?.message)} />
          {object && (
            <Move tall onClick={() => drop.mutate(undefined)} disabled={drop.isPending || save.isPending}>
              Take it from the list
            </Move>
          )}
          <NextMove type="submit" form="object" disabled={save.isPending || drop.isPending || over.isNewer}>
            {object ? 'Keep the measures' : 'Add it'}
          </NextMove>
        </div>
      </aside>
    </div>
  );
}
