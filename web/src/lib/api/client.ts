import createClient from 'openapi-fetch';
import { fetched } from './early';
import { OURS } from './ours';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type Thing = Schemas['ThingDto'];
export type ThingInput = Schemas['ThingInput'];
export type Kind = Schemas['KindDto'];
export type View = Schemas['ViewDto'];
export type Sum = Schemas['SumDto'];
export type Check = Schemas['CheckDto'];
export type Calculator = Schemas['CalculatorDto'];
export type SumInput = Schemas['InputDto'];
export type Question = Schemas['QuestionDto'];
export type Onward = Schemas['OnwardDto'];
export type Sheet = Schemas['SheetDto'];
export type Board = Schemas['BoardDto'];
export type Brief = Schemas['BriefDto'];
export type Fit = Schemas['FitDto'];
export type Project = Schemas['ProjectDto'];
export type DesignMatch = Schemas['DesignMatchDto'];
export type Verdict = Schemas['Verdict'];
export type Unit = Schemas['Unit'];

export const api = createClient<paths>({ baseUrl: '/', headers: OURS, fetch: fetched });

/** What went wrong with a request: sentences by field, and one for the whole. */
export interface Trouble {
  status: number;
  whole: string;
  fields: Record<string, string>;
}

interface ProblemBody {
  title?: string | null;
  detail?: string | null;
  errors?: Record<string, string[]>;
}

/** Reads problem details into sentences; a body that is none still gives one sentence. */
export function troubleOf(status: number, body: unknown): Trouble {
  const problem = (typeof body === 'object' && body !== null ? body : {}) as ProblemBody;
  const fields = Object.fromEntries(
    Object.entries(problem.errors ?? {}).map(([field, words]) => [field, words.join(' ')]),
  );
  const first = Object.values(fields)[0];
  return { status, whole: problem.detail ?? first ?? problem.title ?? 'The garden did not answer.', fields };
}

export const unreachable: Trouble = {
  status: 0,
  whole: 'The garden cannot be reached. Is Metaplant still running? Nothing you typed is lost.',
  fields: {},
};
