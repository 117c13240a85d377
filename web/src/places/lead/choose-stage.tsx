import { Table } from '../../controls/table.tsx';
import { powerVerdict } from '@gorvane/core/line/power-rating.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import type { CoaxCable } from '@gorvane/core/cable/cable.ts';
import { isCoaxial, seriesAndSex } from '@gorvane/core/connector/connector.ts';
import { whatWouldGo } from '@gorvane/core/plan/what-would-go.ts';
import type { FaceSide } from '@gorvane/core/connector/contact.ts';
import type { FitCheck, MeasuredFit } from '@gorvane/core/fit/clearance.ts';
import { isShortAtHighest, swrRangeOfPiece } from '@gorvane/core/fit/impedance.ts';
import type { EndPlan, LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import { preparedEnds } from '@gorvane/core/plan/shown-plan.ts';
import { signalName } from '@gorvane/core/connector/signal.ts';
import { formatDecibels, formatSwr } from '@gorvane/core/quantity/decibel.ts';
import { formatFrequency } from '@gorvane/core/quantity/frequency.ts';
import { formatPower } from '@gorvane/core/quantity/power.ts';
import { SegmentedControl } from '@mantine/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { Figure } from '../../controls/figure.tsx';
import { Length } from '../../controls/length.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { FaceDrawing } from '../../drawing/face-drawing.tsx';
import { JointDrawing } from '../../drawing/joint-drawing.tsx';
import { PinFace } from '../../drawing/pin-face.tsx';
import { Bags } from './bags.tsx';
import { ChooseInputs } from './choose-inputs.tsx';
import { budgetAddress, chainAddress, signalAddress } from './lab-address.ts';
import type { StageProps } from './stage-props.ts';
import { PinPlan } from './pin-plan.tsx';

/** Cable, connectors and what they are for, and at once: fit, match, loss and power. */
export function ChooseStage(props: StageProps) {
  const { plan } = props;
  return (
    <div className="stage">
      <section aria-label="What follows from the choice">
        <Verdict plan={plan} />
        <WouldGo {...props} />
        {plan.coaxLine ? (
          <>
            <LossTable plan={plan} />
            <Joints plan={plan} cable={plan.coaxLine.cable} />
          </>
        ) : (
          <SignalFigures plan={plan} />
        )}
        {plan.lead.signal !== 'radio' && <PinPlan {...props} />}
        <Faces plan={plan} />
        <Bags {...props} />
        {distinctEnds(plan).map(({ ends, checks }) => (
          <FitTable key={ends} title={`Fit, ${ends}`} checks={checks} />
        ))}
        {plan.coaxLine && <FrequencyLimits plan={plan} />}
        <PowerLimits plan={plan} />
      </section>
      <ChooseInputs {...props} />
    </div>
  );
}

/** Ends with the same connector and card share one table. */
function distinctEnds(plan: LeadPlan): { ends: string; checks: readonly FitCheck[] }[] {
  const same = (a: EndPlan, b: EndPlan) =>
    a.connector.id === b.connector.id &&
    a.card.id === b.card.id &&
    a.fit.map(({ label }) => label).join() === b.fit.map(({ label }) => label).join();
  const groups: EndPlan[][] = [];
  for (const end of preparedEnds(plan)) {
    const group = groups.find(([first]) => same(first!, end));
    if (group) group.push(end);
    else groups.push([end]);
  }
  return groups.map((group) => ({
    ends: `${group.length > 1 ? 'ends' : 'end'} ${group.map(({ end }) => end.name).join(group.length > 2 ? '; ' : ' and ')}`,
    checks: group[0]!.fit,
  }));
}

/** The faces of all ends: a person holds the connector up against them. */
function Faces({ plan }: { readonly plan: LeadPlan }) {
  const [side, setSide] = useState<FaceSide>('solder side');
  const pins = plan.ends.some(({ connector }) => !isCoaxial(connector));
  const joints = plan.steps.filter(({ role }) => role === 'joint');
  return (
    <section aria-labelledby="faces">
      <div className="stage-head">
        <h2 id="faces">Faces</h2>
        {pins && (
          <SegmentedControl
            aria-label="Seen from"
            value={side}
            onChange={(value) => setSide(value)}
            data={['solder side', 'mating side']}
          />
        )}
      </div>
      <div className="faces">
        {plan.ends.map((planned) => (
          <div key={planned.end.id}>
            <h3>End {planned.end.name}</h3>
            <Face end={planned} side={side} joints={joints} />
          </div>
        ))}
      </div>
    </section>
  );
}

interface FaceProps {
  readonly end: EndPlan;
  readonly side: FaceSide;
  readonly joints: LeadPlan['steps'];
}

/** One end from one side: lugs from above as they lie, what is round from its front or from behind. */
function Face({ end, side, joints }: FaceProps) {
  const { connector, input } = end;
  if (isCoaxial(connector)) return <FaceDrawing connector={connector} />;
  if (side === 'mating side') return <PinFace connector={connector} side={side} joints={input.joints} />;
  return <JointDrawing end={end} joints={joints} size={150} named />;
}

function Verdict({ plan }: { readonly plan: LeadPlan }) {
  const prepared = preparedEnds(plan);
  const refused = prepared.find(({ refusal }) => refusal !== null);
  const misfits = prepared.flatMap(({ end, fit }) =>
    fit
      .filter(({ verdict }) => verdict === 'does not fit')
      .map(({ label }) => `${label.toLowerCase()}, end ${end.name}`),
  );
  const tight = prepared.flatMap(({ fit }) => fit).filter(({ verdict }) => verdict === 'tight').length;
  const wrong = plan.pinChecks.find(({ weight }) => weight === 'wrong');
  const verdict = refused || misfits.length > 0 || wrong ? 'does not fit' : tight > 0 ? 'tight' : 'fits';
  return (
    <div className="stage-head">
      <VerdictMark verdict={verdict} large />
      <p>
        {refused ? `End ${refused.end.name}: ${refused.refusal!} ` : ''}
        {misfits.length > 0
          ? `${misfits[0]!}${misfits.length > 1 ? ` and ${misfits.length - 1} more` : ''}. `
          : refused
            ? ''
            : 'Every part goes together. '}
        {wrong ? `Pin plan: ${wrong.message} ` : ''}
        {worstOf(plan)}
      </p>
    </div>
  );
}

/** Where an end does not go together: what would. */
function WouldGo({ plan, house }: StageProps) {
  const instead = useMemo(
    () => preparedEnds(plan).map((end) => ({ end, would: whatWouldGo(end, plan.lead.signal, house.record) })),
    [plan, house.record],
  );
  const list = (things: readonly { readonly name: string }[]) => things.map(({ name }) => name).join('; ');
  return instead.map(({ end: { end, connector, cable }, would }) => {
    if (!would) return null;
    const nothing = would.connectors.length + would.cables.length === 0;
    return (
      <p key={end.id} className="advice">
        End {end.name}:{' '}
        {would.connectors.length > 0 && `for ${cable.name} there is ${list(would.connectors)}. `}
        {would.cables.length > 0 && `This ${seriesAndSex(connector)} takes ${list(would.cables)}. `}
        {nothing &&
          `the catalogue has no other ${seriesAndSex(connector)} for this cable, and no cable for this signal goes into it. Choose another series.`}
      </p>
    );
  });
}

/** The one figure of the line that a person asks for first. */
function worstOf({ matches, joints, signalFigures }: LeadPlan): string {
  if (matches.length > 0) {
    const mismatch = joints.find(({ verdict }) => verdict === 'mismatch');
    const worst = matches.reduce((most, match) => (match.totalLossDb > most.totalLossDb ? match : most));
    return `${mismatch ? `Impedance changes at ${mismatch.label}. ` : ''}Worst loss ${formatDecibels(worst.totalLossDb)} at ${formatFrequency(worst.frequency)}.`;
  }
  const beyond = signalFigures.find(({ verdict }) => verdict !== null && verdict !== 'fits');
  return beyond ? `${beyond.label}: ${beyond.note}.` : '';
}

/** What this length of this cable makes of the signal. */
function SignalFigures({ plan }: { readonly plan: LeadPlan }) {
  if (plan.signalFigures.length === 0) return null;
  return (
    <section aria-labelledby="signal">
      <h2 id="signal">What the cable makes of {signalName(plan.lead.signal)}</h2>
      <Table>
        {plan.signalFigures.map(({ label, figure, verdict, note }) => (
          <tr key={label}>
            <th scope="row">{label}</th>
            <td className="number">
              <Figure figure={figure} label={label.toLowerCase()} />
            </td>
            <td>
              {verdict && <VerdictMark verdict={verdict} />} <span className="soft">{note}</span>
            </td>
          </tr>
        ))}
      </Table>
      <p>
        <Link to={signalAddress(plan)}>Ask the Line lab further</Link>
      </p>
    </section>
  );
}

function LossTable({ plan }: { readonly plan: LeadPlan }) {
  return (
    <section aria-labelledby="loss">
      <h2 id="loss">Loss, match and power</h2>
      <Table
        head={[
          'Frequency',
          { figures: 'Matched loss' },
          { figures: 'Added by mismatch' },
          { figures: 'SWR at far end' },
          { figures: 'SWR seen from near end' },
          { figures: 'Power at far end' },
        ]}
      >
        {plan.matches.map((match) => (
          <tr key={match.frequency}>
            <th scope="row" className="reading">
              {formatFrequency(match.frequency)}
            </th>
            <td className="number">
              <Figure
                figure={match.matchedLoss}
                label={`Matched loss at ${formatFrequency(match.frequency)}`}
              />
              {match.isBeyondTable && <div className="not-yet">◌ beyond its table</div>}
            </td>
            <td className="number reading">{formatDecibels(match.additionalLossDb)}</td>
            <td className="number reading">{formatSwr(match.swrLoad)}</td>
            <td className="number reading">{formatSwr(match.swrInput)}</td>
            <td className="number">
              <Figure
                figure={match.powerAtLoad}
                label={`Power at the far end at ${formatFrequency(match.frequency)}`}
              />
            </td>
          </tr>
        ))}
      </Table>
      <p className="soft">
        SWR is against the system&rsquo;s {plan.lead.requirement.systemImpedance} ohm. Loss is positive: from
        the fit of the cable&rsquo;s nominal table; the figure computed from its construction stands in each
        sum.
      </p>
    </section>
  );
}

function Joints({ plan, cable }: { readonly plan: LeadPlan; readonly cable: CoaxCable }) {
  const { systemImpedance: system, frequencies } = plan.lead.requirement;
  const highest = Math.max(...frequencies);
  const range = swrRangeOfPiece(cable.nominalImpedance, system);
  return (
    <section aria-labelledby="joints">
      <h2 id="joints">Impedance at each joint</h2>
      <Table>
        {plan.joints.map((joint) => (
          <tr key={joint.label}>
            <th scope="row">{joint.label}</th>
            <td className="reading">
              {joint.before.impedance} / {joint.after.impedance} ohm
            </td>
            <td className="reading">
              SWR {joint.swr.toFixed(2)}
              {isShortAtHighest(joint) && (
                <div className="soft">
                  {joint.swrAtHighest.toFixed(2)} at {formatFrequency(highest)}: the piece is short
                </div>
              )}
            </td>
            <td>
              <VerdictMark verdict={joint.verdict} />
            </td>
          </tr>
        ))}
      </Table>
      {range.max > 1.1 && (
        <p className="advice">
          A piece of {cable.nominalImpedance} ohm in a system of {system} ohm shows an SWR of 1 to{' '}
          {range.max.toFixed(2)} at its input, depending on length and frequency.
        </p>
      )}
    </section>
  );
}

function FitTable({ title, checks }: { readonly title: string; readonly checks: readonly FitCheck[] }) {
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      <Table head={['Part', 'Opening', 'Goes in', 'Margin', 'Verdict']}>
        {checks.map((check) => (
          <tr key={check.id}>
            <th scope="row">{check.label}</th>
            {check.kind === 'measured' ? (
              <>
                <Dimension term={check.hole} />
                <Dimension term={check.shaft} />
                <td className="reading">{formatMillimetres(check.margin, 2)} mm</td>
              </>
            ) : (
              <>
                <td>{check.one}</td>
                <td>{check.other}</td>
                <td />
              </>
            )}
            <td>
              <VerdictMark verdict={check.verdict} />
              {check.consequence && <div className="soft">{check.consequence}</div>}
            </td>
          </tr>
        ))}
      </Table>
    </section>
  );
}

function Dimension({ term }: { readonly term: MeasuredFit['hole'] }) {
  return (
    <td>
      {Number.isFinite(term.value) && <Length metres={term.value} digits={2} />}
      <div className="soft">
        {term.label}
        {term.assumed ? ', assumed' : ''}
      </div>
    </td>
  );
}

function FrequencyLimits({ plan }: { readonly plan: LeadPlan }) {
  return (
    <section aria-labelledby="limits">
      <h2 id="limits">Highest working frequency</h2>
      <Table>
        {plan.frequencies.map((check) => (
          <tr key={check.label}>
            <th scope="row">{check.label}</th>
            <td className="reading">
              {formatFrequency(check.highest)} of {formatFrequency(Number(check.limit.toPrecision(3)))}
            </td>
            <td>
              <VerdictMark verdict={check.verdict} />
            </td>
          </tr>
        ))}
      </Table>
    </section>
  );
}

/** What the lead stands, and questions about its line that go further. */
function PowerLimits({ plan }: { readonly plan: LeadPlan }) {
  const { requirement } = plan.lead;
  const [weakest] = plan.power;
  if (!weakest) return null;
  const { value } = requirement.inputPower;
  const verdict = powerVerdict(value, weakest.power);
  return (
    <section aria-labelledby="power">
      <h2 id="power">Power it stands</h2>
      <Table>
        <tr>
          <th scope="row">
            {weakest.part}, {weakest.kind}
          </th>
          <td className="reading">
            {formatPower(value)} of <Figure figure={weakest.how} label="power that the lead stands" />
          </td>
          <td>
            <VerdictMark verdict={verdict} />
          </td>
        </tr>
      </Table>
      <p>
        <Link to={budgetAddress(plan)}>Compare every cable for this run</Link>,{' '}
        <Link to={chainAddress(plan)}>look at it as a chain</Link>
      </p>
    </section>
  );
}
