import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Schemas } from '../../api/client';
import { stepsKey } from '../../api/keys';
import { useChange } from '../../api/queries';
import { useKey } from '../../frame/keys';
import { stationName } from '../../frame/stations';
import { Caution, Move, NextMove, Scroll, Trouble, useShown } from '../../parts/basics';
import { ReasonDialog } from '../../parts/dialog';
import { SelectField } from '../../parts/fields';
import { asDay, asMoment, until, useNow } from '../../parts/time';
import { useInSight } from '../../parts/useInSight';
import { Minded } from '../Minded';
import { Papers } from '../Papers';
import { SpoilThing } from '../SpoilThing';
import { Together } from '../Together';
import { useThingMove } from '../useThingMove';
import { LevelByPhoto } from './LevelByPhoto';
import { StepPicture } from './StepPicture';

type Step = Schemas['StepView'];

/** One step at a time, large; what is needed for all of them, what comes next, and what to do when it goes wrong. */
export function WorkBench({ steps }: { steps: Schemas['StepsView'] }) {
  const shown = useShown();
  const { thing } = steps;
  const [together, setTogether] = useState(true);
  const alike = together && steps.alike > 0;
  const { tick, done, backTo, cutShort, setCutShort } = useTicks(steps, alike);
  const now = useNow(5000);
  const { current, blocked } = atStep(steps);
  const dries = steps.driesUntil && current ? until(steps.driesUntil, now) : null;
  const before = steps.steps.filter((step) => step.done).at(-1);
  const back = () => before && backTo(before);
  useKey('Backspace', back, before !== undefined && !tick.isPending);
  return (
    <div className="grid min-h-0 grid-cols-[1fr_332px] max-lg:grid-cols-[1fr_280px]">
      <Scroll label="The step" className="flex min-h-0 flex-col bg-paper px-7 py-4">
        <p className="label">
          {thing.tag}
          {thing.films.length > 1 && `, ${thing.films.length} films`},{' '}
          {thing.appliedHere ? 'applied here' : 'the customer applies it'}
        </p>
        <h2 className="title">
          {thing.label} <span className="text-ink2">on {thing.object}</span>
        </h2>
        <p className="mb-2 text-ink2">
          {shown.size(thing.size)} over all. Laid ready: {steps.needs.join(' · ')}.
        </p>
        <Minded of={thing} />
        {current ? (
          dries ? (
            <Drying until={steps.driesUntil ?? ''} left={dries} next={current} onNow={() => setCutShort(true)} />
          ) : (
            <Current steps={steps} step={current} nth={steps.steps.indexOf(current)} alike={alike} />
          )
        ) : blocked ? (
          <div className="flex flex-1 flex-col justify-center">
            <p className="label">Waits for</p>
            <p className="text-mark leading-8">{blocked}</p>
          </div>
        ) : (
          <div className="flex flex-1 flex-col justify-center">
            <p className="label">All {steps.steps.length} steps done</p>
            <p className="text-mark leading-8">{steps.after || 'It is ready to go out with the rest of its order.'}</p>
          </div>
        )}
      </Scroll>
      <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="The plan of work">
        <Scroll label="All steps" className="min-h-0 flex-1 px-5 py-3">
          <p className="label mb-1">
            {minutes(steps.minutes)} of hands{steps.waits > 0 && `, ${wait(steps.waits)} of waiting`}
          </p>
          <ol>
            {steps.steps.map((step, nth) => (
              <PlanLine
                key={step.name}
                step={step}
                nth={nth}
                current={step === current}
                disabled={tick.isPending}
                // Of several films it is said whose steps these are, where that changes.
                of={thing.films.length > 1 && step.film !== steps.steps[nth - 1]?.film ? whose(step) : undefined}
                onBack={() => backTo(step)}
              />
            ))}
          </ol>
          <p className="mt-2 text-sm text-ink2">{steps.after}</p>
          <Papers thing={thing} />
          {steps.alike > 0 && (
            <div className="mt-2 border-t border-rule">
              <Together
                says={
                  steps.alike === 1
                    ? 'The other one alike: done together'
                    : `The other ${steps.alike} alike: done together`
                }
                together={together}
                onTurn={setTogether}
              />
            </div>
          )}
        </Scroll>
        <Moves
          steps={steps}
          current={current}
          waiting={dries !== null}
          alike={alike}
          pending={tick.isPending}
          trouble={cutShort ? undefined : tick.error?.message}
          onDone={() => current && done(current)}
          onBack={before && back}
          blocked={blocked}
        />
      </aside>
      <ReasonDialog
        open={cutShort}
        onClose={() => setCutShort(false)}
        title="Go on before it is dry?"
        what="The wait is there so that nothing smears or lifts. The reason goes into the book."
        label="Why it is not waited for"
        button="Go on"
        suggestions={['dry to the touch, warmed', 'the customer takes the risk']}
        onReason={(reason) => current && done(current, reason)}
        says={tick.error?.fields.reason ?? tick.error?.message}
      />
    </div>
  );
}

/**
 * The step that is due: the first that is not done, less what waits for film that is not weeded yet. Each film is
 * readied for itself; nothing goes on before all are there.
 */
function atStep({ steps, thing }: Schemas['StepsView']): { current: Step | undefined; blocked: string | null } {
  const left = steps.filter((step) => !step.done);
  const current = left.find((step) => step.waitsFor.length === 0);
  const away = thing.films
    .filter((film) => thing.missing.includes(film.tag))
    .map((film) => (film.station ? `${film.tag}, at ${stationName(film.station)}` : film.tag));
  return {
    current,
    blocked: current || left.length === 0 ? null : `${away.join('; ')}. Nothing goes on before all of it is weeded.`,
  };
}

/** Steps are done in order: to be at one is to have done those before it. */
function useTicks(steps: Schemas['StepsView'], alike: boolean) {
  const client = useQueryClient();
  const [cutShort, setCutShort] = useState(false);
  const { thing } = steps;
  const tick = useChange(
    ({ done, reason }: { done: string[]; reason: string }) =>
      ask(
        api.PUT('/api/things/{id}/steps', {
          params: { path: { id: thing.id } },
          body: { version: thing.version, done, alike, reason },
        }),
      ),
    (fresh) => {
      client.setQueryData(stepsKey(thing.id), fresh);
      setCutShort(false);
    },
  );
  const were = steps.steps.filter((step) => step.done);
  const send = (done: Step[], reason: string) =>
    tick.mutate(
      { done: done.map((step) => step.name), reason },
      // What dries, or cures, asks why it is not waited for.
      { onError: (fault) => fault.fields.reason && setCutShort(true) },
    );
  return {
    tick,
    done: (step: Step, reason = '') => send([...were, step], reason),
    /** It is to be done again, and all after it. */
    backTo: (step: Step) =>
      send(
        were.filter((one) => steps.steps.indexOf(one) < steps.steps.indexOf(step)),
        '',
      ),
    cutShort,
    setCutShort,
  };
}

/** Two schools do it differently: this decal the other way, one key away. */
function OtherSchool({
  steps,
  step,
  other,
  alike,
}: {
  steps: Schemas['StepsView'];
  step: Step;
  other: Schemas['OtherWayView'];
  alike: boolean;
}) {
  const client = useQueryClient();
  const { thing } = steps;
  const turn = useChange(
    () =>
      ask(
        api.PUT('/api/things/{id}/school', {
          params: { path: { id: thing.id } },
          body: { version: thing.version, step: step.name, alike },
        }),
      ),
    (fresh) => client.setQueryData(stepsKey(thing.id), fresh),
  );
  const go = () => turn.mutate(undefined);
  useKey('o', go, !turn.isPending);
  return (
    <div className="mt-2 flex items-center gap-4 border-l-2 border-rule pl-3">
      <div className="flex-1">
        <p>
          <span className="label mr-2">The other school</span>
          <b className="font-semibold">{other.title}.</b> {other.why}
        </p>
        <Trouble says={turn.error?.message} />
      </div>
      <Move tall keys="O" onClick={go} disabled={turn.isPending}>
        Do it so
      </Move>
    </div>
  );
}

function Current({
  steps,
  step,
  nth,
  alike,
}: {
  steps: Schemas['StepsView'];
  step: Step;
  nth: number;
  alike: boolean;
}) {
  const next = steps.steps[nth + 1];
  return (
    <>
      <div aria-live="polite">
        <p className="label mt-1">
          Step {nth + 1} of {steps.steps.length}
          {step.minutes > 0 && `, about ${minutes(step.minutes)}`}
          {step.film && steps.thing.films.length > 1 && ` · film ${step.film}`}
        </p>
        <h3 className="font-label text-count leading-10 font-semibold">{step.title}</h3>
        <p className="mt-1 max-w-[46em] text-mark leading-8">{step.how}</p>
      </div>
      {step.drawing && (
        <div className="my-3 min-h-44 flex-1 border border-rule bg-ground">
          <StepPicture art={steps.arts[step.art] ?? NONE} drawing={step.drawing} />
        </div>
      )}
      {step.kind === 'tape' && <TapeAgain steps={steps} piece={step.piece} />}
      {step.kind === 'look-over' && steps.thing.films[0] && <LevelByPhoto piece={steps.thing.films[0].piece} />}
      {step.reason && <p className="mt-1 text-ink2">{step.reason}</p>}
      {step.other && <OtherSchool steps={steps} step={step} other={step.other} alike={alike} />}
      {step.caution && (
        <div className="mt-2">
          <Caution>{step.caution}</Caution>
        </div>
      )}
      {step.troubles.length > 0 && (
        <dl className="mt-3 grid grid-cols-[minmax(9rem,auto)_1fr] gap-x-4 border-t border-rule pt-2 text-note">
          {step.troubles.map((trouble) => (
            <div key={trouble.seen} className="contents">
              <dt className="font-semibold">{trouble.seen}?</dt>
              <dd>{trouble.answer}</dd>
            </div>
          ))}
        </dl>
      )}
      <p className="mt-3 text-ink2">
        {next ? `Then: ${lower(next.title)}.` : steps.after && `Then: ${lower(steps.after)}`}
      </p>
    </>
  );
}

/** A piece of tape serves several times: which one lifts this. */
function TapeAgain({ steps, piece }: { steps: Schemas['StepsView']; piece: number | null }) {
  const client = useQueryClient();
  const { thing } = steps;
  const film = thing.films.find((one) => one.piece === piece);
  const take = useChange(
    (from: number | null) =>
      ask(
        api.PUT('/api/things/{id}/tape', {
          params: { path: { id: thing.id } },
          body: { version: thing.version, piece: piece ?? 0, from },
        }),
      ),
    (fresh) => client.setQueryData(stepsKey(thing.id), fresh),
  );
  return film && film.tapes.length > 0 ? (
    <div className="mt-1 max-w-[26em]">
      <SelectField
        label="Which piece of tape"
        value={String(film.tapeFrom ?? '')}
        onChange={(from) => take.mutate(from === '' ? null : Number(from))}
        says={take.error?.message}
        options={[
          { value: '', label: 'A new one' },
          ...film.tapes.map((tape) => ({
            value: String(tape.from),
            label: `again, that of ${tape.tag}, used ${tape.uses === 1 ? 'once' : `${tape.uses} times`}`,
          })),
        ]}
      />
    </div>
  ) : null;
}

function Drying({ until: moment, left, next, onNow }: { until: string; left: string; next: Step; onNow: () => void }) {
  return (
    <div className="flex flex-1 flex-col items-center justify-center gap-2 text-center">
      <p className="label">It dries</p>
      <p className="font-label text-numeral leading-none font-semibold" role="timer">
        {left}
      </p>
      <p className="text-lg">until {asMoment(moment)}</p>
      <p className="text-ink2">Then: {lower(next.title)}. It stands on the drying shelf meanwhile.</p>
      <Move tall className="mt-2" onClick={onNow}>
        Go on now, and say why
      </Move>
    </div>
  );
}

function PlanLine({
  step,
  nth,
  current,
  disabled,
  of,
  onBack,
}: {
  step: Step;
  nth: number;
  current: boolean;
  disabled: boolean;
  of: string | undefined;
  onBack: () => void;
}) {
  const line = (
    <>
      <span className="w-5 shrink-0 text-right text-sm text-ink2">{step.done ? '✓' : nth + 1}</span>
      <span className="flex-1">{step.title}</span>
      {step.wait > 0 && <span className="text-sm text-ink2">dries {wait(step.wait)}</span>}
    </>
  );
  return (
    <li
      ref={useInSight<HTMLLIElement>(current)}
      className={`border-b border-rule ${current ? 'bg-shade font-semibold' : ''}`}
      aria-current={current ? 'step' : undefined}
    >
      {of && <p className="label pt-3 pb-1 font-medium">{of}</p>}
      {step.done ? (
        <button
          type="button"
          className="flex w-full items-center gap-2 py-1 text-left text-ink2 hover:bg-shade max-xl:min-h-12"
          disabled={disabled}
          onClick={onBack}
          title="Back to this step"
        >
          {line}
        </button>
      ) : (
        <span className="flex items-center gap-2 py-1 max-xl:min-h-12">{line}</span>
      )}
    </li>
  );
}

function Moves({
  steps,
  current,
  waiting,
  alike,
  pending,
  trouble,
  onDone,
  onBack,
  blocked,
}: {
  steps: Schemas['StepsView'];
  current: Step | undefined;
  waiting: boolean;
  alike: boolean;
  pending: boolean;
  trouble: string | undefined;
  onDone: () => void;
  onBack: (() => void) | undefined;
  blocked: string | null;
}) {
  const move = useThingMove();
  const { thing } = steps;
  const all = alike ? `All ${steps.alike + 1} ` : '';
  const last = thing.appliedHere
    ? `${all || 'It is '}applied: ${steps.waits > 0 ? 'start the wait' : 'to the hand-over'}`
    : `${all || 'It is '}packed`;
  return (
    <div className="flex flex-col gap-3 border-t border-rule p-5">
      <p className="text-sm text-ink2">Used {asDay(thing.neededAt)}.</p>
      <Trouble says={move.error?.message ?? trouble} />
      <div className="flex gap-3">
        <Move tall className="flex-1" keys="⌫" disabled={!onBack || pending} onClick={onBack}>
          Back
        </Move>
        <div className="flex-1">
          <SpoilThing thing={thing} reasons={['wrinkled in the tape', 'went on crooked', 'paint came off']} small />
        </div>
      </div>
      {current ? (
        <NextMove
          className="min-h-16"
          disabled={pending || waiting}
          keys={waiting ? 'dries' : 'Enter'}
          onClick={onDone}
        >
          {`Done: ${lower(current.title)}`}
        </NextMove>
      ) : (
        <NextMove
          className="min-h-16"
          disabled={move.isPending || blocked !== null}
          onClick={() => move.mutate({ thing, move: thing.appliedHere ? 'applied' : 'packed', alike })}
        >
          {last}
        </NextMove>
      )}
    </div>
  );
}

/** Whose steps follow: a film’s, or those of the thing as a whole. */
const whose = (step: Step) => step.film || 'The whole';
const NONE: Schemas['StepFilmsView'] = { films: [], from: { x: 0, y: 0 } };
const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
const minutes = (many: number) => (many < 1.5 ? 'a minute' : `${Math.round(many)} min`);
const wait = (many: number) =>
  many < 120 ? `${many} min` : many <= 5 * 1440 ? `${Math.round(many / 60)} h` : `${Math.round(many / 1440)} days`;
