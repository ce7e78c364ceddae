import { useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useEffect, useRef } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { useLocation, useNavigate } from 'react-router';
import { CALCULATED, RECORD } from '../api/keys';
import { Move, NextMove } from '../parts/basics';

/** Holds what breaks within it until another place is gone to. */
export function Guarded({ children }: { children: ReactNode }) {
  const { key } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={Fault} resetKeys={[key]}>
      {children}
    </ErrorBoundary>
  );
}

/**
 * A page that broke: a sentence, and ways on. What was typed is kept where it was kept before, and the rest of the shop
 * goes on working. The stack goes to the console, for who mends it.
 */
function Fault({ error: fault }: FallbackProps) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const { pathname } = useLocation();
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    heading.current?.focus();
  }, []);
  // A page of an older build asks for parts that are not there any more: a fresh one has them.
  const outdated = fault instanceof TypeError && /dynamically imported module|module script/i.test(fault.message);
  // What it broke on may be an answer that was kept.
  const again = () => {
    client.removeQueries({ queryKey: [RECORD] });
    client.removeQueries({ queryKey: [CALCULATED] });
    navigate(pathname, { replace: true });
  };
  return (
    <div role="alert" className="mx-auto max-w-xl p-10">
      <h2 ref={heading} tabIndex={-1} className="title mb-3 outline-none">
        {outdated ? 'Yelbo has been renewed' : 'This page broke'}
      </h2>
      <p className="mb-5">
        {outdated
          ? 'Load the page again to get the new one. What you typed is kept.'
          : 'It is not your fault, and what you typed is kept. Open it again; if it breaks again, tell the owner the time.'}
      </p>
      <div className="flex gap-3">
        <NextMove tall={false} onClick={() => (outdated ? window.location.reload() : again())}>
          {outdated ? 'Load it again' : 'Open it again'}
        </NextMove>
        <Move onClick={() => navigate('/ask')}>To Ask</Move>
      </div>
    </div>
  );
}
