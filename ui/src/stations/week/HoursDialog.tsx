import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Schemas } from '../../api/client';
import { hours as hoursQuery, me, useChange } from '../../api/queries';
import { Move, NextMove, Trouble } from '../../parts/basics';
import { Box } from '../../parts/dialog';
import { SelectField, TextField } from '../../parts/fields';
import { asDay } from '../../parts/time';

type Stretch = { day: number; from: string; to: string };
const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

/** When the shop works: hours of every week, longer hours of single dates, days off. */
export function HoursDialog({
  open,
  onClose,
  hands,
}: {
  open: boolean;
  onClose: () => void;
  hands: Schemas['WeekHandView'][];
}) {
  return (
    <Box
      open={open}
      onClose={onClose}
      title="Hours and days off"
      what="The plan of the week, and what is promised at Ask, keep to them."
      wide
    >
      {open && <Hours hands={hands} onClose={onClose} />}
    </Box>
  );
}

function Hours({ hands, onClose }: { hands: Schemas['WeekHandView'][]; onClose: () => void }) {
  const { data } = useQuery(hoursQuery);
  const { data: who } = useQuery(me);
  const owner = who?.role === 'owner';
  // Until something is typed the hours are what is kept.
  const [changed, setTyped] = useState<Stretch[] | null>(null);
  const typed = changed ?? data?.hours.map(({ day, from, to }) => ({ day, from, to }));
  const save = useChange((all: Stretch[]) => ask(api.PUT('/api/hours', { body: { hours: all } })), onClose);
  const dropExtra = useChange((id: number) => ask(api.POST('/api/hours/{id}/drop', { params: { path: { id } } })));
  if (!data || !typed) {
    return null;
  }
  const set = (nth: number, part: Partial<Stretch>) =>
    setTyped(typed.map((one, at) => (at === nth ? { ...one, ...part } : one)));
  const says = (nth: number, field: string) => save.error?.fields[`hours.${nth}.${field}`];
  return (
    <div className="flex flex-col gap-4">
      {!owner && <p className="text-ink2">The owner sets them.</p>}
      <fieldset disabled={!owner}>
        <legend className="label mb-1">Every week</legend>
        {DAYS.map((name, at) => {
          const day = at + 1;
          const rows = typed.flatMap((one, nth) => (one.day === day ? [nth] : []));
          return (
            <div key={name} className="flex items-center gap-3 border-b border-rule py-1">
              <span className="w-28">{name}</span>
              {rows.length === 0 && <span className="text-ink2">closed</span>}
              {rows.map((nth) => (
                <span key={nth} className="flex items-center gap-1">
                  <Time
                    label={`${name}, from`}
                    value={typed[nth]?.from ?? ''}
                    says={says(nth, 'from')}
                    onChange={(from) => set(nth, { from })}
                  />
                  to
                  <Time
                    label={`${name}, to`}
                    value={typed[nth]?.to ?? ''}
                    says={says(nth, 'to')}
                    onChange={(to) => set(nth, { to })}
                  />
                  <button
                    type="button"
                    className="min-h-10 px-2 text-ink2 hover:text-ink"
                    aria-label={`${name}: without these hours`}
                    onClick={() => setTyped(typed.filter((_, other) => other !== nth))}
                  >
                    ×
                  </button>
                </span>
              ))}
              <button
                type="button"
                className="ml-auto min-h-10 px-2 text-note underline"
                onClick={() => setTyped([...typed, { day, from: '', to: '' }])}
              >
                more hours
              </button>
            </div>
          );
        })}
        {Object.values(save.error?.fields ?? {}).map((sentence) => (
          <p key={sentence} className="mt-1 text-sm font-medium text-signal-ink">
            {sentence}
          </p>
        ))}
      </fieldset>
      {data.extra.length > 0 && (
        <section aria-label="Longer on one day">
          <h3 className="label mb-1">Longer on one day</h3>
          {data.extra.map((one) => (
            <p key={one.id} className="flex items-center gap-3">
              {asDay(one.date)}, {one.from} to {one.to}
              {owner && <Move onClick={() => dropExtra.mutate(one.id)}>Take it back</Move>}
            </p>
          ))}
        </section>
      )}
      <DaysOff days={data.daysOff} hands={hands} owner={owner} />
      <Trouble says={save.error && Object.keys(save.error.fields).length === 0 ? save.error.message : undefined} />
      <div className="flex gap-3">
        <Move tall className="flex-1" onClick={onClose} keys="Esc">
          Leave it
        </Move>
        {owner && (
          <NextMove className="flex-1" tall={false} onClick={() => save.mutate(typed)} disabled={save.isPending}>
            Keep the hours
          </NextMove>
        )}
      </div>
    </div>
  );
}

function Time({
  label,
  value,
  says,
  onChange,
}: {
  label: string;
  value: string;
  says: string | undefined;
  onChange: (value: string) => void;
}) {
  return (
    <input
      aria-label={label}
      aria-invalid={says !== undefined}
      className={`min-h-10 w-20 border bg-paper text-center ${says ? 'border-signal' : 'border-ink2'}`}
      value={value}
      onChange={(event) => onChange(event.target.value)}
    />
  );
}

function DaysOff({
  days,
  hands,
  owner,
}: {
  days: Schemas['DayOffView'][];
  hands: Schemas['WeekHandView'][];
  owner: boolean;
}) {
  const none = { who: '', first: '', last: '', why: '' };
  const [typed, setTyped] = useState(none);
  const add = useChange(
    () =>
      ask(
        api.POST('/api/days-off', {
          body: { ...typed, who: typed.who === '' ? null : Number(typed.who) },
        }),
      ),
    () => setTyped(none),
  );
  const drop = useChange((id: number) => ask(api.POST('/api/days-off/{id}/drop', { params: { path: { id } } })));
  const set = (part: Partial<typeof none>) => setTyped({ ...typed, ...part });
  return (
    <section aria-label="Days off">
      <h3 className="label mb-1">Days off</h3>
      {days.length === 0 && <p className="text-ink2">None to come.</p>}
      {days.map((one) => (
        <p key={one.id} className="flex items-center gap-3">
          <span className="flex-1">
            {one.who ?? 'The shop'}, {asDay(one.first)}
            {one.last !== one.first && ` to ${asDay(one.last)}`}
            {one.why && `: ${one.why}`}
          </span>
          {owner && <Move onClick={() => drop.mutate(one.id)}>Take it back</Move>}
        </p>
      ))}
      {owner && (
        <div className="mt-2 grid grid-cols-[1fr_1fr_1fr_1.4fr_auto] items-end gap-2">
          <SelectField
            label="Who"
            value={typed.who}
            onChange={(who) => set({ who })}
            options={[
              { value: '', label: 'The shop' },
              ...hands.map((one) => ({ value: String(one.id), label: one.name })),
            ]}
          />
          <TextField
            label="From"
            type="date"
            value={typed.first}
            onChange={(first) => set({ first })}
            says={add.error?.fields.first}
          />
          <TextField
            label="To"
            type="date"
            value={typed.last}
            onChange={(last) => set({ last })}
            says={add.error?.fields.last}
          />
          <TextField label="Why" value={typed.why} onChange={(why) => set({ why })} says={add.error?.fields.why} />
          <Move onClick={() => add.mutate(undefined)} disabled={add.isPending}>
            Add
          </Move>
        </div>
      )}
    </section>
  );
}
