import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from '../../generated/schema';

export type Schemas = components['schemas'];
export type Docket = Schemas['DocketView'];
export type Item = Schemas['ItemView'];
export type Version = Schemas['VersionView'];
/** Which item of which order is meant. */
export type On = { docket: number; item: number };
export type DocketRow = Schemas['DocketRow'];
export type Piece = Schemas['PieceView'];
/** An object with every film on it: what is in hand. */
export type Thing = Schemas['ThingView'];
export type Fit = Schemas['FitView'];
export type Film = Schemas['FilmView'];
/** What of a film is drawn. */
export type FilmShown = Pick<Film, 'id' | 'name' | 'swatch'>;
export type Length = Schemas['LengthView'];
export type Size = Schemas['SizeView'];
export type Proof = Schemas['ProofView'];
export type Batch = Schemas['BatchView'];
export type KeepOut = Required<Schemas['TypedKeepOut']>;
/** Answers as they are sent and kept: of a surface what is asked of its kind. */
export type Sent = Schemas['Answers'];
type Every<Of> = Of extends unknown ? keyof Of : never;
/** Answers as they stand in a form: of every kind of surface, so that nothing typed is lost when another is chosen. */
export type Answers = Required<Omit<Sent, 'keepOuts' | 'surface'>> &
  Record<Exclude<Every<Schemas['TypedSurface']>, 'surface'>, string> & { surface: string; keepOuts: KeepOut[] };
export type Setting = Required<Schemas['TypedSetting']>;
export type Element = Required<Schemas['TypedElement']>;
export type Trace = Schemas['TraceView'];
/** A drawing at Size as it is sent: what was typed, and on whose object. */
export type DesignBody = paths['/api/fit']['post']['requestBody']['content']['application/json'];
export type KnownObject = Schemas['KnownObjectView'];
export type StockItem = Schemas['StockItemView'];
export type Supply = Schemas['SupplyView'];

/** What the server says when it does not do something: a sentence, and where it belongs. */
export class Problem extends Error {
  readonly status: number;
  readonly fields: Record<string, string>;
  /** Where somebody else was quicker: what was changed, by whom, and what they did. */
  readonly conflict: Schemas['ConflictView'] | null;

  constructor(
    status: number,
    says: string,
    fields: Schemas['FieldView'][] = [],
    conflict: Schemas['ConflictView'] | null = null,
  ) {
    super(says);
    this.status = status;
    this.conflict = conflict;
    this.fields = Object.fromEntries(fields.map((field) => [field.field, field.says]));
  }
}

export const api = createClient<paths>({ baseUrl: '/' });

/** Every change carries the session's token. */
export const withToken = (token: () => string): Middleware => ({
  onRequest({ request }) {
    if (request.method !== 'GET') {
      request.headers.set('X-Yelbo-Token', token());
    }
    return request;
  },
});

/** Lists that are asked for again and again: where nothing has changed, what was answered before is the answer. */
export function withMemory(): Middleware {
  const known = new Map<string, { tag: string; body: string }>();
  return {
    onRequest({ request }) {
      const before = request.method === 'GET' ? known.get(request.url) : undefined;
      if (before) {
        request.headers.set('If-None-Match', before.tag);
      }
      return request;
    },
    async onResponse({ request, response }) {
      const before = known.get(request.url);
      if (response.status === 304 && before) {
        return new Response(before.body, { status: 200, headers: { 'Content-Type': 'application/json' } });
      }
      const tag = response.headers.get('ETag');
      if (request.method === 'GET' && response.ok && tag) {
        known.set(request.url, { tag, body: await response.clone().text() });
      }
      return undefined;
    },
  };
}

/** A file goes as it is; its kind is found out from its content. */
export const asFile = {
  bodySerializer: (file: unknown) => file as Blob,
  headers: { 'Content-Type': 'application/octet-stream' },
};

/** The answer, or the problem thrown. */
export async function ask<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let result: { data?: T; error?: unknown; response: Response };
  try {
    result = await call;
  } catch {
    throw new Problem(0, 'Yelbo does not answer. What you typed is still here; try again in a moment.');
  }
  if (result.data !== undefined) {
    return result.data;
  }
  const problem = result.error as Partial<Schemas['ProblemView']> | undefined;
  throw new Problem(
    result.response.status,
    problem?.detail ?? 'Yelbo does not answer. What you typed is still here; try again in a moment.',
    problem?.fields ?? [],
    problem?.conflict ?? null,
  );
}
