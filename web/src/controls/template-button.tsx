import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { preparedEnds } from '@gorvane/core/plan/shown-plan.ts';
import { stripTemplate } from '@gorvane/core/strip/template.ts';
import { Button } from '@mantine/core';
import { usePapers } from '../data/live.ts';
import { saveFile } from './save-file.ts';
import { useFileMaker } from './use-file-maker.tsx';

/** Strip templates of all ends at true size, as a PDF. */
export function TemplateButton({ plan }: { readonly plan: ShownPlan }) {
  const papers = usePapers();
  const { make, said } = useFileMaker();
  const write = async () => {
    // The PDF library is loaded when a template is asked for.
    const { templatePdf } = await import('../drawing/template-pdf.ts');
    const templates = preparedEnds(plan).map(({ end, strip, cable }) =>
      stripTemplate(strip, cable.jacket.diameter, `End ${end.name}, ${cable.name}`),
    );
    const name = `strip-template-${plan.lead.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.pdf`;
    const bytes = await templatePdf(`Strip template: ${plan.lead.name}`, templates, papers?.sheet ?? 'A4');
    saveFile(bytes, name, 'application/pdf');
  };
  return (
    <>
      <Button variant="default" onClick={() => void make(write)}>
        Strip template, true size (PDF)
      </Button>
      {said}
    </>
  );
}
