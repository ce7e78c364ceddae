import { useQueryClient } from '@tanstack/react-query';
import { api, ask, type Schemas } from '../../api/client';
import { stepsKey } from '../../api/keys';
import { useChange } from '../../api/queries';
import { useKey } from '../../frame/keys';
import { Caution, Move, Trouble } from '../../parts/basics';
import { aboutMinutes } from '../../parts/duration';
import { SelectField } from '../../parts/fields';
import { asMoment } from '../../parts/time';
import { LevelByPhoto } from './LevelByPhoto';
import { StepPicture } from './StepPicture';
import { lower, NONE, type Step } from './stepWords';

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

export function Current({
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
          {step.minutes > 0 && `, about ${aboutMinutes(step.minutes)}`}
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

export function Drying({
  until: moment,
  left,
  next,
  onNow,
}: {
  until: string;
  left: string;
  next: Step;
  onNow: () => void;
}) {
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
