import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from '../../generated/schema';

export type Schemas = components['schemas'];
export type Docket = Schemas['DocketView'];
export type DocketRow = Schemas['DocketRow'];
export type Piece = Schemas['PieceView'];
export type Fit = Schemas['FitView'];
export type Film = Schemas['FilmView'];
/** What of a film is drawn. */
export type FilmShown = Pick<Film, 'id' | 'name' | 'swatch'>;
export type Length = Schemas['LengthView'];
export type Size = Schemas['SizeView'];
export type Proof = Schemas['ProofView'];
export type Batch = Schemas['BatchView'];
export type KeepOut = Required<Schemas['KeepOutAnswer']>;
export type Answers = Required<Omit<Schemas['Answers'], 'keepOuts'>> & { keepOuts: KeepOut[] };
export type Setting = Required<Schemas['SettingAsk']>;
export type Trace = Schemas['TraceView'];
export type KnownObject = Schemas['KnownObjectView'];

/** What the server says when it does not do something: a sentence, and where it belongs. */
export class Problem extends Error {
  readonly status: number;
  readonly fields: Record<string, string>;

  constructor(status: number, says: string, fields: Schemas['FieldView'][] = []) {
    super(says);
    this.status = status;
    this.fields = Object.fromEntries(fields.map((field) => [field.field, field.says]));
  }
}

let token = '';

/** Every change carries the session's token. */
export function carry(csrf: string): void {
  token = csrf;
}

const withToken: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET') {
      request.headers.set('X-Yelbo-Token', token);
    }
    return request;
  },
};

export const api = createClient<paths>({ baseUrl: '/' });
api.use(withToken);

/** Sends a file as it is; its kind is found out from its content. */
export async function send<T>(path: string, file: Blob): Promise<T> {
  const call = fetch(path, {
    method: 'POST',
    body: file,
    headers: { 'X-Yelbo-Token': token, 'Content-Type': 'application/octet-stream' },
  });
  return ask<T>(
    call.then(async (response) => {
      const body = await response.json().catch(() => undefined);
      return response.ok ? { data: body as T, response } : { error: body, response };
    }),
  );
}

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
  );
}
