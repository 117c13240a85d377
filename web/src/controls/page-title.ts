import { useDocumentTitle } from '@mantine/hooks';

/** What the tab of the browser is called: the most particular first. Words that are not known yet are left out. */
export const usePageTitle = (...words: readonly (string | undefined)[]): void =>
  useDocumentTitle([...words.filter(Boolean), 'Gorvane'].join(', '));

/** The same for a page of a unit. */
export const useUnitTitle = (
  view: { readonly unit: { readonly serial: string } } | null | undefined,
  page: string,
): void => usePageTitle(view?.unit.serial, page);
