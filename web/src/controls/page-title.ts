import { useDocumentTitle } from '@mantine/hooks';

/** What the tab of the browser is called: the most particular first. Words that are not known yet are left out. */
export const usePageTitle = (...words: readonly (string | undefined)[]): void =>
  useDocumentTitle([...words.filter(Boolean), 'Gorvane'].join(', '));
