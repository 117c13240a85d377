import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { preparedEnds } from '@gorvane/core/plan/shown-plan.ts';
import { stripTemplate } from '@gorvane/core/strip/template.ts';
import { Button } from '@mantine/core';
import { useState } from 'react';
import { usePapers } from '../data/live.ts';
import { saveFile } from './save-file.ts';

/** Strip templates of all ends at true size, as a PDF. */
export function TemplateButton({ plan }: { readonly plan: ShownPlan }) {
  const papers = usePapers();
  const [problem, setProblem] = useState<string | undefined>();
  const write = async () => {
    try {
      // The PDF library is loaded when a template is asked for.
      const { templatePdf } = await import('../drawing/template-pdf.ts');
      const templates = preparedEnds(plan).map(({ end, strip, cable }) =>
        stripTemplate(strip, cable.jacket.diameter, `End ${end.name}, ${cable.name}`),
      );
      const name = `strip-template-${plan.lead.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.pdf`;
      const bytes = await templatePdf(`Strip template: ${plan.lead.name}`, templates, papers?.sheet ?? 'A4');
      saveFile(bytes, name, 'application/pdf');
      setProblem(undefined);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <>
      <Button variant="default" onClick={() => void write()}>
        Strip template, true size (PDF)
      </Button>
      {problem && (
        <p className="out" role="alert">
          ■ {problem}
        </p>
      )}
    </>
  );
}
