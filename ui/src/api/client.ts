import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from '../../generated/schema';

export type Schemas = components['schemas'];
export type Docket = Schemas['DocketView'];
export type DocketRow = Schemas['DocketRow'];
export type Piece = Schemas['PieceView'];
export type Fit = Schemas['FitView'];
export type Film = Schemas['FilmView'];
export type Length = Schemas['LengthView'];
export type Size = Schemas['SizeView'];
export type Proof = Schemas['ProofView'];
export type Batch = Schemas['BatchView'];
export type Answers = Required<Schemas['Answers']>;

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
