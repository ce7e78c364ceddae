import { useIsMutating, useMutation } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ask, type Docket, type Item } from '../../api/client';
import { KEY, newKey } from '../../api/key';
import { useDocketChange } from '../../api/queries';
import type { Units } from '../../parts/units';
import { PLACING } from './PlacePanel';
import type { Drawing } from './useDrawing';

/**
 * Keeps what is drawn, and makes the proof of it: of what is chosen, never of a drawing older than that. It waits until
 * that is worked out.
 */
export function useProofing(
  docket: Docket,
  item: Item,
  drawing: Drawing,
  units: Units,
  fit: { isCurrent: boolean; isRefused: boolean },
  onKept: () => void,
) {
  const navigate = useNavigate();
  /** What the proof that is being made was asked for with, and whether somebody said that it is not wanted. */
  const [making, setMaking] = useState<{ key: string; stopped: boolean } | null>(null);
  const keep = useDocketChange(
    docket,
    async (version, proof: boolean) => {
      const key = newKey();
      proof && setMaking({ key, stopped: false });
      return ask(
        api.PUT('/api/dockets/{number}/design', {
          params: { path: { number: docket.number } },
          headers: { [KEY]: key },
          body: { version, item: item.nth, ...drawing, units, proof },
        }),
      );
    },
    (saved) => {
      setMaking(null);
      onKept();
      if (saved.state === 'proofing') {
        navigate(`/proof/${saved.number}`);
      }
    },
    'by itself',
  );
  const isStopped = making?.stopped === true;
  const conflict = keep.error?.status === 409 && !isStopped ? keep.error : null;
  const stop = useMutation({
    mutationFn: (key: string) => ask(api.POST('/api/given-up', { body: { key } })),
    onMutate: (key) => setMaking({ key, stopped: true }),
  });
  const [proofing, setProofing] = useState(false);
  const placing = useIsMutating({ mutationKey: PLACING });
  const prove = useRef(() => keep.mutate(true));
  prove.current = () => keep.mutate(true);
  useEffect(() => {
    if (proofing && fit.isRefused) {
      setProofing(false);
    } else if (proofing && fit.isCurrent && placing === 0) {
      setProofing(false);
      prove.current();
    }
  }, [proofing, fit.isCurrent, placing, fit.isRefused]);
  useEffect(() => {
    if (isStopped && keep.isError) {
      keep.reset();
      setMaking(null);
    }
  }, [isStopped, keep.isError, keep.reset]);
  return {
    keep,
    conflict,
    /** Why it was not kept; not where somebody stopped it. */
    error: isStopped ? null : keep.error,
    proofing,
    prove: () => setProofing(true),
    making: keep.isPending && keep.variables === true ? making : null,
    stop: () => making && stop.mutate(making.key),
  };
}
