import type { UnitProgress } from '@gorvane/core/build/progress.ts';
import { layersOfStep } from '@gorvane/core/build/strip-steps.ts';
import type { Step } from '@gorvane/core/build/step.ts';
import type { UnitHappening } from '@gorvane/core/build/unit.ts';
import { isCoaxial } from '@gorvane/core/connector/connector.ts';
import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import type { MeasuredStrip } from '@gorvane/core/strip/measured.ts';
import { judgeStrip } from '@gorvane/core/strip/measured.ts';
import { useEffect } from 'react';
import { Caution } from '../../controls/caution.tsx';
import { Figure } from '../../controls/figure.tsx';
import { useLengthTexts } from '../../controls/length.tsx';
import { useWriting } from '../../controls/writing.ts';
import { MeasuredStripTable } from '../../controls/measured-strip.tsx';
import { useHouse } from '../../data/live.ts';
import { PinFace } from '../../drawing/pin-face.tsx';
import { Run } from '../../drawing/run.tsx';
import { SectionDrawing } from '../../drawing/section-drawing.tsx';
import { EndStrip } from '../../drawing/end-strip.tsx';
import { toleranceText } from '../../drawing/strip-drawing.tsx';

interface StepViewProps {
  readonly step: Step;
  readonly plan: LeadPlan;
  readonly progress: UnitProgress;
  readonly unitId: string;
  readonly onRecord: (happenings: readonly UnitHappening[]) => Promise<void>;
  readonly onGoOn: () => void;
}

/** One step: what, how, the figures, a drawing of this very step, and what good and bad look like. */
export function StepView(props: StepViewProps) {
  const { step, plan, progress } = props;
  const house = useHouse();
  const depth = house?.stepDepth ?? 'first time';
  useEffect(() => {
    // What was scrolled to at the step before is not what this one begins with.
    if (window.scrollY > 0) window.scrollTo(0, 0);
  }, [step.id]);
  return (
    <section className="step-view" aria-label="Step">
      <div className="step-words">
        <JointFace step={step} plan={plan} />
        <h1 aria-live="polite">{step.title}</h1>
        <p className="step-text">{depth === 'first time' ? step.text.firstTime : step.text.experienced}</p>
        {depth === 'first time' && <p className="soft step-why">{step.why}</p>}
      </div>
      {step.caution && <Caution>{step.caution}</Caution>}
      {!step.recordsStrip && <Tiles step={step} />}
      {step.recordsStrip && <RecordedStrip key={step.id} {...props} />}
      <StepDrawing step={step} plan={plan} progress={progress} />
      {(step.good.length > 0 || step.bad.length > 0) && (
        <div className="step-looks">
          <p>
            <span className="good">● Good:</span> {step.good.join(', ')}.
          </p>
          {step.bad.length > 0 && (
            <p>
              <span className="out">■ Out:</span> {step.bad.join(', ')}.
            </p>
          )}
        </div>
      )}
    </section>
  );
}

/** A length in both units, with its tolerance where it has one. */
function LengthTile({ label, figure, plus, minus }: Step['figures'][number]) {
  const { first, second } = useLengthTexts()({
    metres: figure.value,
    tolerance: Math.min(plus ?? 1e-3, minus ?? 1e-3),
  });
  return (
    <>
      <Figure figure={figure} label={label}>
        <strong className="reading">{first}</strong>
      </Figure>
      <span className="reading soft">
        {plus !== null && minus !== null && `${toleranceText({ plus, minus })} mm, `}
        {second}
      </span>
    </>
  );
}

function Tiles({ step }: { readonly step: Step }) {
  const write = useWriting();
  if (step.figures.length + step.tools.length === 0) return null;
  return (
    <ul className="tiles">
      {step.figures.map(({ label, figure, plus, minus }) => (
        <li key={label}>
          <span>{label}</span>
          {figure.kind === 'length' ? (
            <LengthTile label={label} figure={figure} plus={plus} minus={minus} />
          ) : (
            <Figure figure={figure} label={label}>
              <strong className="reading">{write(figure.value, figure.kind)}</strong>
            </Figure>
          )}
        </li>
      ))}
      {step.tools.map(({ label, setting }) => (
        <li key={label}>
          {setting && <span>{label}</span>}
          <strong className="tool">{setting || label}</strong>
        </li>
      ))}
    </ul>
  );
}

function StepDrawing({ step, plan, progress }: Pick<StepViewProps, 'step' | 'plan' | 'progress'>) {
  const end = plan.ends.find(({ end: { id } }) => id === step.endId);
  if (end && step.stage === 'Strip') {
    const measured = progress.strips.get(end.end.id);
    return (
      <EndStrip
        plan={end.strip}
        cable={end.cable}
        layers={step.name === 'nick-and-whisker' ? [] : layersOfStep[step.name]}
        judged={measured && judgeStrip(end.strip, measured)}
        title={`Strip of end ${end.end.name}`}
      />
    );
  }
  if (end && step.stage === 'Join' && !isCoaxial(end.connector))
    return (
      <EndStrip plan={end.strip} cable={end.cable} contact={contactOf(step)} title={`End ${end.end.name}`} />
    );
  if (end && step.stage === 'Join') return <SectionDrawing strip={end.strip} title={`end ${end.end.name}`} />;
  return <Run plan={plan} progress={progress} />;
}

/** The contact that a joint step is about. */
const contactOf = ({ name }: Step) => /^joint (.+)$/.exec(name)?.[1];

/** The face as it lies on the bench, with the contact of this joint: beside the words, so that both are seen at once. */
function JointFace({ step, plan }: Pick<StepViewProps, 'step' | 'plan'>) {
  const end = plan.ends.find(({ end: { id } }) => id === step.endId);
  if (!end || isCoaxial(end.connector) || step.stage !== 'Join') return null;
  return (
    <div className="joint-face">
      <PinFace
        connector={end.connector}
        side="solder side"
        joints={end.input.joints}
        contact={contactOf(step)}
        size={170}
      />
    </div>
  );
}

function RecordedStrip({ step, plan, progress, unitId, onRecord, onGoOn }: StepViewProps) {
  const end = plan.ends.find(({ end: { id } }) => id === step.endId)!;
  const measured = progress.strips.get(end.end.id) ?? {};
  const write = (lengths: MeasuredStrip) =>
    void onRecord([
      {
        kind: 'strip measured',
        stepId: step.id,
        endId: end.end.id,
        lengths: { ...lengths } as Record<string, number>,
      },
    ]);
  return (
    <div className="recorded-strip">
      <MeasuredStripTable
        autoFocus
        readWhenLeft
        field={`build/${unitId}/${step.id}`}
        plan={end.strip}
        measured={measured}
        judged={judgeStrip(end.strip, measured)}
        onMeasured={write}
        onLastEnter={onGoOn}
      />
    </div>
  );
}
