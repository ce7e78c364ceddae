import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Schemas } from '../../api/client';
import { stepsKey } from '../../api/keys';
import { useChange } from '../../api/queries';
import { useKey } from '../../frame/keys';
import { stationName } from '../../frame/stations';
import { Scroll, useShown } from '../../parts/basics';
import { ReasonDialog } from '../../parts/dialog';
import { aboutMinutes, inWaits } from '../../parts/duration';
import { until, useNow } from '../../parts/time';
import { Minded } from '../Minded';
import { Papers } from '../Papers';
import { Together } from '../Together';
import { Moves } from './BenchMoves';
import { PlanLine } from './PlanLine';
import { Current, Drying } from './StepInHand';
import { type Step, whose } from './stepWords';

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
            {aboutMinutes(steps.minutes)} of hands{steps.waits > 0 && `, ${inWaits(steps.waits)} of waiting`}
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
