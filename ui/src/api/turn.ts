import { KEY, newKey } from './key';

/** What Yelbo works out at the counter, one thing at a time for each who is signed in (config/server/nginx.conf). */
export const WORKED_OUT =
  /^\/api\/(answers|box|cases|check|cures|fit|place|roster|samples|set|simplify|set\/check|size|art\/trace|photos|photos\/[^/]+|dockets\/[0-9]+\/(art|backing))$/;
/** What only lies beside the drawing waits until the drawing is there. */
const LATER = /^\/api\/(samples|cases|cures)$/;
/** Another page of the same person has its turn: asked again after so many ms, for so long. */
const AGAIN = 200;
const PATIENCE = 15_000;

/** Where Yelbo is told that nobody waits for something any more, and what that is answered with then. */
const GIVEN_UP = '/api/given-up';
const ENDED = 409;

type Send = (request: Request) => Promise<Response>;
type Waiting = { begin: () => void; later: boolean };
/** What is being worked out and may be put off: for something else, or because nobody waits for it any more. */
type Running = { request: Request; send: Send; putOff: boolean };

/**
 * Sends requests that are worked out one after the other; all others at once. What only lies beside the drawing makes
 * room for what is waited for, and has its turn again after it.
 */
export class Turns {
  private readonly waiting: Waiting[] = [];
  private busy = false;
  private running: Running | null = null;

  async send(request: Request, send: Send): Promise<Response> {
    const { pathname } = new URL(request.url);
    if (request.method === 'GET' || !WORKED_OUT.test(pathname)) {
      return send(request);
    }
    const later = LATER.test(pathname);
    for (let mine = request; ; mine = anew(request)) {
      await this.turn(later, request.signal);
      if (later && this.waiting.some((other) => !other.later)) {
        this.busy = false;
        continue;
      }
      const running = { request: mine, send, putOff: false };
      this.running = later ? running : null;
      const stop = () => running.putOff || giveUp(running);
      later && request.signal.addEventListener('abort', stop, { once: true });
      try {
        const response = await this.sent(mine, send);
        if (!running.putOff || response.status !== ENDED) {
          return response;
        }
      } finally {
        request.signal.removeEventListener('abort', stop);
        this.running = null;
        this.busy = false;
        this.next();
      }
    }
  }

  private async sent(request: Request, send: Send): Promise<Response> {
    const until = Date.now() + PATIENCE;
    for (;;) {
      const response = await send(request.clone());
      if (response.status !== 429 || Date.now() > until) {
        return response;
      }
      await new Promise((wake) => setTimeout(wake, AGAIN));
      request.signal.throwIfAborted();
    }
  }

  /** Resolves when it is its turn; what was called off meanwhile gives its place up. */
  private turn(later: boolean, signal: AbortSignal): Promise<void> {
    return new Promise((begin, giveUpWaiting) => {
      const mine: Waiting = { begin, later };
      this.waiting.push(mine);
      signal.addEventListener('abort', () => {
        const at = this.waiting.indexOf(mine);
        if (at >= 0) {
          this.waiting.splice(at, 1);
          giveUpWaiting(signal.reason);
        }
      });
      this.next();
      if (!later && this.running && !this.running.putOff) {
        this.running.putOff = true;
        giveUp(this.running);
      }
    });
  }

  private next(): void {
    if (this.busy || this.waiting.length === 0) {
      return;
    }
    const first = this.waiting.findIndex(({ later }) => !later);
    const [mine] = this.waiting.splice(Math.max(first, 0), 1);
    this.busy = true;
    mine?.begin();
  }
}

/** The same request with a key of its own. */
function anew(request: Request): Request {
  const again = request.clone();
  again.headers.set(KEY, newKey());
  return again;
}

/** Lets Yelbo know; where that does not arrive it is worked out to its end, as it would have been. */
function giveUp({ request, send }: Running): void {
  const headers = new Headers(request.headers);
  const key = headers.get(KEY);
  headers.delete(KEY);
  headers.set('Content-Type', 'application/json');
  send(new Request(new URL(GIVEN_UP, request.url), { method: 'POST', headers, body: JSON.stringify({ key }) })).catch(
    () => undefined,
  );
}
