import { toleranceText } from '../../controls/tolerance-text.ts';
import { cableLeft, cableLeftAt } from '@gorvane/core/unit/cable-left.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { layersOfStep, toolCutsOf } from '@gorvane/core/recipe/strip-steps.ts';
import { looksOf } from '@gorvane/core/recipe/trouble.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import { stripperOf } from '@gorvane/core/recipe/step.ts';
import { isCoaxial } from '@gorvane/core/connector/connector.ts';
import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { endOfStep } from '@gorvane/core/plan/shown-plan.ts';
import { adaptStrip } from '@gorvane/core/strip/adapt.ts';
import type { Drift } from '@gorvane/core/strip/drift.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { assumedTerms } from '@gorvane/core/quantity/explained.ts';
import { cutKey } from '@gorvane/core/strip/cut-of.ts';
import { judgeStrip, withCut } from '@gorvane/core/strip/measured.ts';
import { BladeWear } from '../../controls/blade-wear.tsx';
import { Figure } from '../../controls/figure.tsx';
import { useLengthTexts } from '../../controls/length.tsx';
import { stepLength } from '../../controls/step-length.ts';
import { useWriting } from '../../controls/writing.ts';
import { MeasuredStripTable } from '../../controls/measured-strip.tsx';
import { useBench } from '../../data/live.ts';
import { LookDrawing } from '../../drawing/look-drawing.tsx';
import { Run } from '../../drawing/run.tsx';
import { SectionDrawing } from '../../drawing/section-drawing.tsx';
import { EndStrip } from '../../drawing/end-strip.tsx';
import { JointDrawing } from '../../drawing/joint-drawing.tsx';
import { DriftAdvice } from './drift-advice.tsx';
import { TimerPanel } from './timer-panel.tsx';
import { useFromTop } from './use-from-top.ts';
import { WholeDrawing } from './whole-drawing.tsx';
import type { Timer } from './use-timer.ts';
import type { Told } from './use-unit-work.ts';

interface StepViewProps {
  readonly step: Step;
  readonly plan: ShownPlan;
  readonly progress: UnitProgress;
  readonly unitId: string;
  readonly onRecord: (happenings: Told) => Promise<void>;
  readonly onGoOn: () => void;
  readonly timer: Timer;
  /** How the tool has been cutting over this batch, for the end of this step. */
  readonly drift: readonly Drift[];
}

/** One step: what, how, the figures, a drawing of this very step, and what good and bad look like. */
export function StepView(props: StepViewProps) {
  const { step, plan, progress } = props;
  const depth = useBench()?.stepDepth ?? 'first time';
  const section = useFromTop(step.id);
  return (
    <section className="step-view" aria-label="Step" ref={section}>
      <div className="step-words">
        <h1 aria-live="polite">{step.title}</h1>
        <p className="step-text">{depth === 'first time' ? step.text.firstTime : step.text.experienced}</p>
        {depth === 'first time' && <p className="soft step-why">{step.why}</p>}
      </div>
      <div className="step-rest">
        <div className="step-body">
          <JointFace step={step} plan={plan} progress={progress} />
          <div className="step-figures">
            {!step.recordsStrip && !isDrawnFirst(step) && <Tiles step={step} />}
            <TimerPanel step={step} timer={props.timer} />
          </div>
        </div>
        {step.recordsStrip && (
          <div className="measure-row">
            <RecordedStrip key={step.id} {...props} />
            <WholeDrawing of={step.id}>
              <StepDrawing step={step} plan={plan} progress={progress} />
            </WholeDrawing>
          </div>
        )}
        <Adapted step={step} plan={plan} progress={progress} />
        <CableWords step={step} plan={plan} progress={progress} />
        <DriftAdvice drift={props.drift} />
        <BladeWear stripperId={stripperOf(step)} />
        {hasFace(step, plan) && <Looks step={step} plan={plan} />}
        {!step.recordsStrip && (
          <WholeDrawing of={step.id}>
            <StepDrawing step={step} plan={plan} progress={progress} />
          </WholeDrawing>
        )}
        {isDrawnFirst(step) && <Tiles step={step} />}
        {!hasFace(step, plan) && <Looks step={step} plan={plan} />}
        {depth === 'first time' && <Hands step={step} />}
      </div>
    </section>
  );
}

/** What good looks like, and what does not: in words, and drawn where a drawing says it. */
function Looks({ step, plan }: Pick<StepViewProps, 'step' | 'plan'>) {
  const looks = looksOf(step);
  const end = endOfStep(plan, step) ?? plan.ends[0]!;
  if (step.good.length + step.bad.length === 0 && !looks) return null;
  return (
    <div className="step-looks">
      {step.good.length > 0 && (
        <p>
          <span className="good">● Good:</span> {step.good.join(', ')}.
        </p>
      )}
      {step.bad.length > 0 && (
        <p>
          <span className="out">■ Out:</span> {step.bad.join(', ')}.
        </p>
      )}
      {looks && (
        <div className="looks">
          {(['good', ...looks.bad] as const).map((look) => (
            <LookDrawing
              key={look}
              look={look}
              subject={looks.subject}
              cores={end.cable.structure !== 'coax'}
            />
          ))}
        </div>
      )}
    </div>
  );
}

/** How the work is held, what is seen to happen, and the tip. */
function Hands({ step: { held, cues, tipCare } }: { readonly step: Step }) {
  if (held === '' && cues.length === 0) return null;
  return (
    <dl className="hands">
      {held !== '' && (
        <div>
          <dt>Held</dt>
          <dd>{held}</dd>
        </div>
      )}
      {cues.length > 0 && (
        <div>
          <dt>What you see, in order</dt>
          <dd>{cues.join('; ')}.</dd>
        </div>
      )}
      {tipCare && (
        <div>
          <dt>Tip</dt>
          <dd>{tipCare}</dd>
        </div>
      )}
    </dl>
  );
}

/** Figures that moved because of what was cut before. */
function Adapted({ step, plan, progress }: Pick<StepViewProps, 'step' | 'plan' | 'progress'>) {
  const end = endOfStep(plan, step);
  if (!end || step.stage !== 'Strip') return null;
  return adaptStrip(end.strip, progress.strips.get(end.end.id) ?? {}).map(({ cut, position, because }) => (
    <p key={cutKey(cut)} className="advice" role="status">
      {cut.label} now at <span className="reading">{formatMillimetres(position)} mm</span>, planned{' '}
      {formatMillimetres(cut.position.value)}. {because}
    </p>
  ));
}

/** How much cable rework has left, where an end is begun: another try, or none. */
function CableWords({ step, plan, progress }: Pick<StepViewProps, 'step' | 'plan' | 'progress'>) {
  const first = progress.steps.find(
    ({ stage, endId, side }) => stage === 'Strip' && endId === step.endId && side === step.side,
  );
  if (step.id !== first?.id || progress.used === 0) return null;
  const left = cableLeft(plan.lead, plan.cuts, progress);
  const { allowed, used, left: rest } = cableLeftAt(plan.lead, left, step.endId);
  if (used === 0) return null;
  return (
    <p className="advice" role="status">
      Rework has used {formatMillimetres(used)} mm of this cable; {formatMillimetres(allowed)} mm were
      allowed.{' '}
      {rest >= 0
        ? `${formatMillimetres(rest)} mm are left for another try.`
        : `The lead comes out ${formatMillimetres(-rest)} mm short of what was asked.`}
    </p>
  );
}

/** A length in both units, with its tolerance where it has one. */
function LengthTile({ step, shown }: { readonly step: Step; readonly shown: Step['figures'][number] }) {
  const { label, figure, plus, minus } = shown;
  const { first, second } = useLengthTexts()(stepLength(step, shown));
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

/** So many assumed figures are named; the rest stand behind the figure itself. */
const mostNamed = 3;

/** Cuts that hang on what nobody has measured say so in words, and on what: once for the step. */
function AssumedWords({ step }: { readonly step: Step }) {
  if (step.stage !== 'Strip') return null;
  const assumed = [...new Set(step.figures.flatMap(({ figure }) => assumedTerms(figure)))];
  if (assumed.length === 0) return null;
  const more = assumed.length - mostNamed;
  return (
    <p className="not-yet assumed-words">
      ◌ assumed, not measured: {assumed.slice(0, mostNamed).join('; ')}
      {more > 0 && `; ${more} more`}
    </p>
  );
}

/** With more figures than these each takes less room. */
const manyFigures = 3;
/** Several cuts are read off the drawing that carries them: it comes first. */
const isDrawnFirst = ({ stage, figures, recordsStrip }: Step) =>
  stage === 'Strip' && !recordsStrip && figures.length > 1;

function Tiles({ step }: { readonly step: Step }) {
  const write = useWriting();
  const figures = step.figures.filter(({ figure }) => figure.kind !== 'seconds');
  if (figures.length + step.tools.length === 0) return null;
  return (
    <>
      <ul className={figures.length > manyFigures ? 'tiles many' : 'tiles'}>
        {figures.map((shown, index) => (
          <li key={index}>
            <span>{shown.label}</span>
            {shown.figure.kind === 'length' ? (
              <LengthTile step={step} shown={shown} />
            ) : (
              <Figure figure={shown.figure} label={shown.label}>
                <strong className="reading">{write(shown.figure.value, shown.figure.kind)}</strong>
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
      <AssumedWords step={step} />
    </>
  );
}

function StepDrawing({ step, plan, progress }: Pick<StepViewProps, 'step' | 'plan' | 'progress'>) {
  const end = endOfStep(plan, step);
  if (end && step.stage === 'Strip') {
    const measured = progress.strips.get(end.end.id);
    return (
      <EndStrip
        plan={end.strip}
        cable={end.cable}
        layers={step.role === 'nick-and-whisker' ? [] : layersOfStep[step.role]}
        toolCuts={toolCutsOf(step, end.strip)}
        tallest={110}
        judged={measured && judgeStrip(end.strip, measured)}
        title={`Strip of end ${end.end.name}`}
      />
    );
  }
  if (end && step.stage === 'Join' && !isCoaxial(end.connector))
    return (
      <EndStrip plan={end.strip} cable={end.cable} contact={contactOf(step)} title={`End ${end.end.name}`} />
    );
  if (end && step.stage === 'Join')
    return <SectionDrawing strip={end.strip} title={`end ${end.end.name}`} tallest={210} />;
  return <Run plan={plan} progress={progress} />;
}

/** The contact that a joint step is about. */
const contactOf = ({ role, about }: Step) => (role === 'joint' && about !== null ? about : undefined);

/** A joint of an end with several contacts is looked at on its face. */
function hasFace(step: Step, plan: ShownPlan): boolean {
  const end = endOfStep(plan, step);
  return end !== undefined && !isCoaxial(end.connector) && step.stage === 'Join';
}

/** The face as it lies on the bench, with the contact of this joint: beside the words, so that both are seen at once. */
function JointFace({ step, plan, progress }: Pick<StepViewProps, 'step' | 'plan' | 'progress'>) {
  const end = endOfStep(plan, step);
  if (!end || isCoaxial(end.connector) || !hasFace(step, plan)) return null;
  return (
    <div className="joint-face">
      <JointDrawing
        end={end}
        joints={progress.steps.filter(({ role }) => role === 'joint')}
        contact={contactOf(step)}
        size={216}
      />
    </div>
  );
}

function RecordedStrip({ step, plan, progress, unitId, onRecord, onGoOn }: StepViewProps) {
  const end = endOfStep(plan, step)!;
  const measured = progress.strips.get(end.end.id) ?? {};
  // A caliper is quicker than the screen: each cut is added to what the record holds by then.
  const read = (key: string, length: number | undefined) =>
    void onRecord(({ strips }) => [
      {
        kind: 'strip measured',
        stepId: step.id,
        endId: end.end.id,
        lengths: withCut(strips.get(end.end.id) ?? {}, key, length),
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
        onCut={read}
        onLastEnter={onGoOn}
      />
    </div>
  );
}
