import type { Step } from '@gorvane/core/recipe/step.ts';
import { stripperOf } from '@gorvane/core/recipe/step.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { isCoaxial } from '@gorvane/core/connector/connector.ts';
import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { endOfStep } from '@gorvane/core/plan/shown-plan.ts';
import { toleranceText } from '../../controls/tolerance-text.ts';
import { BladeWear } from '../../controls/blade-wear.tsx';
import { Figure } from '../../controls/figure.tsx';
import { useLengthTexts } from '../../controls/length.tsx';
import { stepLength } from '../../controls/step-length.ts';
import { useWriting } from '../../controls/writing.ts';
import { EndStrip } from '../../drawing/end-strip.tsx';
import { Run } from '../../drawing/run.tsx';
import { SectionDrawing } from '../../drawing/section-drawing.tsx';
import { Button } from '@mantine/core';
import { JointDrawing } from '../../drawing/joint-drawing.tsx';
import { MomentSide } from './moment-side.tsx';
import { useFromTop } from './use-from-top.ts';
import type { MomentAtWork } from './use-moment.ts';
import { WholeDrawing } from './whole-drawing.tsx';

interface MomentViewProps {
  readonly at: MomentAtWork;
  readonly plan: ShownPlan;
  readonly progress: UnitProgress;
}

/** A moment, and beside it what it asks for. */
export function MomentScreen({ onGoOn, ...shown }: MomentViewProps & { readonly onGoOn: () => void }) {
  return (
    <>
      <MomentView {...shown} />
      <div className="build-column">
        <MomentSide at={shown.at} onGoOn={onGoOn} />
        {isStrip(shown.at) && (
          <div className="step-rest">
            <MomentWhole {...shown} />
          </div>
        )}
      </div>
    </>
  );
}

/** Everything of one working moment on one screen: what is done in it, line by line, with its figures, and its drawing. */
function MomentView({ at, plan, progress }: MomentViewProps) {
  const { moment } = at;
  const section = useFromTop(moment.id);
  const wears = [...new Set(moment.steps.flatMap((step) => stripperOf(step) ?? []))];
  return (
    <section className="step-view" aria-label="Moment" ref={section}>
      <div className="step-words">
        <div className="row-head">
          <h1 aria-live="polite">{moment.title}</h1>
          <Button variant="default" size="md" onClick={at.unfold}>
            Step by step
          </Button>
        </div>
        <div className="moment-words">
          <ol className="moment-lines">
            {moment.steps.map((step, index) => (
              <MomentLine key={step.id} step={step} before={moment.steps.slice(0, index)} />
            ))}
          </ol>
          <MomentFace step={moment.steps[0]!} plan={plan} progress={progress} />
        </div>
      </div>
      <div className="step-rest">
        {wears.map((id) => (
          <BladeWear key={id} stripperId={id} />
        ))}
        {!isStrip(at) && <MomentWhole at={at} plan={plan} progress={progress} />}
      </div>
    </section>
  );
}

/** A strip has many lines and a narrow drawing: it stands beside them. */
const isStrip = ({ moment }: MomentAtWork) => moment.steps[0]!.stage === 'Strip';

function MomentWhole({ at: { moment }, ...shown }: MomentViewProps) {
  return (
    <WholeDrawing of={moment.id} least={200}>
      <MomentDrawing step={moment.steps[0]!} {...shown} />
    </WholeDrawing>
  );
}

/** One step of a moment: what, in the short form, and behind it the figures and tools that were not said before. */
function MomentLine({ step, before }: { readonly step: Step; readonly before: readonly Step[] }) {
  const end = step.endId === null ? '' : `, end ${step.endId}`;
  const said = new Set(before.flatMap(({ tools }) => tools.map(toolText)));
  const figures = step.recordsStrip ? [] : step.figures;
  return (
    <li>
      <strong>{step.title.replace(end, '')}</strong> <span>{step.text.experienced}</span>{' '}
      <span className="moment-figures">
        {figures.map((figure, n) => (
          <InlineFigure key={n} step={step} shown={figure} />
        ))}
        {step.tools
          .filter((tool) => tool.setting !== '' && !said.has(toolText(tool)))
          .map(({ label, setting }) => (
            <span key={label}>
              <span className="soft">{label.toLowerCase()}</span> {setting}
            </span>
          ))}
      </span>
    </li>
  );
}

const toolText = ({ label, setting }: Step['tools'][number]) => `${label} ${setting}`;

function InlineFigure({ step, shown }: { readonly step: Step; readonly shown: Step['figures'][number] }) {
  const write = useWriting();
  const texts = useLengthTexts();
  const { label, figure, plus, minus } = shown;
  const text =
    figure.kind === 'length' ? texts(stepLength(step, shown)).first : write(figure.value, figure.kind);
  return (
    <span>
      <span className="soft">{label}</span>{' '}
      <Figure figure={figure} label={label}>
        <strong className="reading">{text}</strong>
      </Figure>
      {plus !== null && minus !== null && (
        <span className="reading soft"> {toleranceText({ plus, minus })}</span>
      )}
    </span>
  );
}

/** An end with several contacts is joined on its face, or on its lugs: beside the words, so that both are seen at once. */
function MomentFace({ step, plan, progress }: { readonly step: Step } & Omit<MomentViewProps, 'at'>) {
  const end = endOfStep(plan, step);
  if (!end || step.stage !== 'Join' || isCoaxial(end.connector)) return null;
  return <JointDrawing end={end} joints={progress.steps.filter(({ role }) => role === 'joint')} size={216} />;
}

/** The strip or the seated joint of the end at hand; of the whole lead its run. */
function MomentDrawing({ step, plan, progress }: { readonly step: Step } & Omit<MomentViewProps, 'at'>) {
  const end = endOfStep(plan, step);
  if (!end || step.stage === 'Finish') return <Run plan={plan} progress={progress} />;
  if (step.stage === 'Strip')
    return (
      <EndStrip plan={end.strip} cable={end.cable} tallest={90} title={`Strip of end ${end.end.name}`} />
    );
  if (!isCoaxial(end.connector)) return null;
  return <SectionDrawing strip={end.strip} title={`end ${end.end.name}`} tallest={210} />;
}
