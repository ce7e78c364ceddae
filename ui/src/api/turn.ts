/** What Yelbo works out at the counter, one thing at a time for each who is signed in (config/server/nginx.conf). */
export const WORKED_OUT =
  /^\/api\/(answers|box|cases|check|cures|fit|place|roster|samples|set|simplify|set\/check|size|art\/trace|photos|photos\/[^/]+|dockets\/[0-9]+\/(art|backing))$/;
/** What only lies beside the drawing waits until the drawing is there. */
const LATER = /^\/api\/(samples|cases|cures)$/;
/** Another page of the same person has its turn: asked again after so many ms, for so long. */
const AGAIN = 200;
const PATIENCE = 15_000;

type Waiting = { begin: () => void; later: boolean };

/** Sends requests that are worked out one after the other; all others at once. */
export class Turns {
  private readonly waiting: Waiting[] = [];
  private busy = false;

  async send(request: Request, send: (request: Request) => Promise<Response>): Promise<Response> {
    const { pathname } = new URL(request.url);
    if (request.method === 'GET' || !WORKED_OUT.test(pathname)) {
      return send(request);
    }
    await this.turn(LATER.test(pathname), request.signal);
    try {
      return await this.sent(request, send);
    } finally {
      this.busy = false;
      this.next();
    }
  }

  private async sent(request: Request, send: (request: Request) => Promise<Response>): Promise<Response> {
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
    return new Promise((begin, giveUp) => {
      const mine: Waiting = { begin, later };
      this.waiting.push(mine);
      signal.addEventListener('abort', () => {
        const at = this.waiting.indexOf(mine);
        if (at >= 0) {
          this.waiting.splice(at, 1);
          giveUp(signal.reason);
        }
      });
      this.next();
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
