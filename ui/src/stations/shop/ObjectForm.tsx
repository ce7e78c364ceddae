import { useMutation, useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { type Answers, api, asFile, ask, type KnownObject, type Problem, type Trace } from '../../api/client';
import { answersTo, useChange } from '../../api/queries';
import { useVocabulary } from '../../api/vocabulary';
import { artOf } from '../../drawing/art';
import { ObjectDrawing } from '../../drawing/ObjectDrawing';
import { Move, NextMove, Trouble } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { useSettled } from '../../parts/time';
import { Meanwhile, useTyped } from '../../parts/typed';
import { useUnits } from '../../parts/units';
import { sent } from '../object/answers';
import { ObjectFields } from '../object/ObjectFields';

/** An object of the shop's own as it is measured and named. */
export function Form({ object, onDone }: { object: KnownObject | null; onDone: (object: KnownObject | null) => void }) {
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
              art={artOf(fit)}
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
