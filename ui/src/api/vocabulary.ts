import { queryOptions, useSuspenseQuery } from '@tanstack/react-query';
import { type Answers, api, ask, type Schemas, type Setting } from './client';
import { CALCULATED } from './keys';

/** What things are called, what they start with and how far they go: one answer, when somebody signs in. */
export const vocabulary = queryOptions({
  queryKey: [CALCULATED, 'vocabulary'],
  queryFn: async () => {
    const words = await ask(api.GET('/api/vocabulary'));
    return { ...words, answers: Object.assign({}, ...words.surfaces, words.answers) };
  },
  staleTime: 60_000,
});

export type Vocabulary = Omit<Schemas['VocabularyView'], 'answers' | 'setting'> & {
  answers: Answers;
  setting: Setting;
};

/** For pages inside the frame, which waits for it. */
export const useVocabulary = () => useSuspenseQuery(vocabulary).data as Vocabulary;

/** What a choice is called; its value where nobody says. */
export const labelOf = (choices: readonly { value: string; label: string }[], value: string) =>
  choices.find((one) => one.value === value)?.label ?? value;
