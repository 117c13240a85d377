import type { Sheet } from '@gorvane/core/paper/sheet.ts';
import { sheets } from '@gorvane/core/paper/sheet.ts';
import { pageRule } from '../../drawing/page-rule.ts';

/** Tells the printer what this house prints on. */
export const PageStyle = ({ sheet }: { readonly sheet: Sheet }) => (
  <style>{pageRule(sheets[sheet], '13mm 15mm')}</style>
);
