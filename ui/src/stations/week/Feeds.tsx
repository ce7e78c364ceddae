import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Schemas } from '../../api/client';
import { me, useChange } from '../../api/queries';
import { Move, Trouble } from '../../parts/basics';
import { Box } from '../../parts/dialog';
import { asMoment } from '../../parts/time';

/** For each person a link their own calendar reads their part of the week by; it can be withdrawn. */
export function Feeds({
  open,
  onClose,
  hands,
}: {
  open: boolean;
  onClose: () => void;
  hands: Schemas['WeekHandView'][];
}) {
  const [made, setMade] = useState<{ id: number; url: string } | null>(null);
  const make = useChange(
    async (id: number) => ({ id, ...(await ask(api.POST('/api/week/feeds/{id}', { params: { path: { id } } }))) }),
    setMade,
  );
  const drop = useChange(
    (id: number) => ask(api.POST('/api/week/feeds/{id}/drop', { params: { path: { id } } })),
    () => setMade(null),
  );
  const { data: who } = useQuery(me);
  const isTheirs = (name: string) => who?.role === 'owner' || who?.name === name;
  return (
    <Box
      open={open}
      onClose={onClose}
      title="The week in your own calendar"
      what="A link shows one person’s part of the week to any calendar that reads iCalendar. Whoever has it can read it: it is told once, and a new one ends the old."
    >
      <ul className="flex flex-col gap-3">
        {hands.map((one) => (
          <li key={one.id} className="border-t border-rule pt-2">
            <div className="flex items-center gap-3">
              <span className="flex-1">
                <b className="font-semibold">{one.name}</b>
                <span className="block text-sm text-ink2">
                  {one.feedSince ? `a link since ${asMoment(one.feedSince)}` : 'no link'}
                </span>
              </span>
              {isTheirs(one.name) && (
                <Move onClick={() => make.mutate(one.id)} disabled={make.isPending}>
                  {one.feedSince ? 'A new link' : 'Make a link'}
                </Move>
              )}
              {one.feedSince && isTheirs(one.name) && (
                <Move onClick={() => drop.mutate(one.id)} disabled={drop.isPending}>
                  Withdraw it
                </Move>
              )}
            </div>
            {made?.id === one.id && (
              <p className="mt-2 border border-ink bg-paper p-2 break-all select-all">{made.url}</p>
            )}
          </li>
        ))}
      </ul>
      <Trouble says={make.error?.message ?? drop.error?.message} />
      <div className="mt-4">
        <Move tall className="w-full" onClick={onClose} keys="Esc">
          Close it
        </Move>
      </div>
    </Box>
  );
}
