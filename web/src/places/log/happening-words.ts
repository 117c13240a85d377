import { scrapWords } from '@gorvane/core/recipe/scrap.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { useWriting } from '../../controls/writing.ts';
import { levelReached } from '@gorvane/core/prove/proof-level.ts';
import type { Readings } from '@gorvane/core/reading/reading.ts';
import { instrumentsOf } from '@gorvane/core/reading/typed-from.ts';

type Words = {
  readonly [Kind in UnitHappening['kind']]: (happening: Extract<UnitHappening, { kind: Kind }>) => string;
};

/** An entry of a unit's record in words. */
export function useHappeningWords(steps: readonly Step[]): (happening: UnitHappening) => string {
  const words = wordsOver(steps, useWriting());
  return (happening) => (words[happening.kind] as (happening: UnitHappening) => string)(happening);
}

function wordsOver(steps: readonly Step[], write: ReturnType<typeof useWriting>): Words {
  const stepOf = (stepId: string) => steps.find(({ id }) => id === stepId);
  const title = (stepId: string) => stepOf(stepId)?.title ?? stepId;
  const parts = new Map(
    steps.flatMap(({ cuts, threads }) => [
      ...cuts.flatMap(({ partIds, label }) => partIds.map((partId) => [partId, label] as const)),
      ...threads.map(({ partId, label }) => [partId, label] as const),
    ]),
  );
  const part = (partId: string) => parts.get(partId) ?? partId;
  const mm = (metres: number, digits = 1) => `${formatMillimetres(metres, digits)} mm`;
  const readingOf = (stepId: string, reading: number | null) => {
    const quantity = stepOf(stepId)?.hold?.reading?.quantity;
    if (reading === null || !quantity) return '';
    return reading === Number.MAX_VALUE ? ', open' : `, ${write(reading, quantity)}`;
  };
  return {
    started: ({ programVersion }) => `Started: plan frozen, program ${programVersion}`,
    'card used': ({ card, strips }) =>
      `Card used from here: ${card.name}${strips.length > 0 ? `, strip of end ${strips.map(({ endId }) => endId).join(', ')} anew` : ''}`,
    'card kept': () => 'A card was changed; the old figures stay',
    'cable checked': ({ jacket, dielectric, copper }) =>
      `Cable checked: ${[
        jacket === null ? '' : `jacket ${mm(jacket, 2)}`,
        dielectric === null ? '' : `dielectric ${mm(dielectric, 2)}`,
        copper === null ? '' : `copper ${copper}`,
      ]
        .filter((each) => each !== '')
        .join(', ')}`,
    'part cut': ({ partId }) => `Cut to length: ${part(partId)}`,
    'cut taken back': ({ partId }) => `Not cut after all: ${part(partId)}`,
    'part on': ({ partId }) => `On the cable: ${part(partId)}`,
    'part off': ({ partId, reason }) => `Off the cable: ${part(partId)}, ${reason}`,
    'part confirmed': ({ partId, stepId }) => `Seen on the cable: ${part(partId)}, at ${title(stepId)}`,
    'step done': ({ stepId, seconds }) =>
      `Done: ${title(stepId)}${seconds === undefined ? '' : `, ${seconds} s`}`,
    'strip measured': ({ endId, lengths }) =>
      `Strip of end ${endId}: ${Object.entries(lengths)
        .map(([layer, metres]) => `${layer} ${mm(metres, 2)}`)
        .join(', ')}`,
    'trial fit': ({ endId, touches, gap }) =>
      `Trial, end ${endId}: ${touches === null ? 'seats' : `${touches} touches, ${mm(gap)} off`}`,
    'length measured': ({ legId, length }) => `Finished length of ${legId}: ${write(length, 'distance')}`,
    'hold answered': ({ stepId, good, reading }) =>
      `${stepOf(stepId)?.hold?.label ?? stepId}: ${good ? 'Good' : 'Out'}${readingOf(stepId, reading)}`,
    'hold waived': ({ name, stepId, reason }) => `Waived by ${name}: ${title(stepId)}, ${reason}`,
    rework: ({ toStepId, reason, uses, scrap }) =>
      `Back to: ${title(toStepId)}, because ${reason}. Used ${mm(uses)}${scrap.length > 0 ? `, scrap: ${scrapWords(scrap)}` : ''}`,
    'rework taken back': ({ reason }) => `Not gone back after all: ${reason}`,
    trouble: ({ seen, stepId, outcome, advice }) =>
      `Off: ${seen}, at ${title(stepId)}: ${outcome}. ${advice}`,
    'taken shorter': ({ shortage, name, reason }) => `Taken ${mm(shortage)} shorter by ${name}: ${reason}`,
    photograph: ({ caption }) => `Picture: ${caption || 'without words'}`,
    note: ({ text }) => `Note: ${text}`,
    'set aside': ({ reason }) => `Set aside: ${reason}`,
    'taken up': () => 'Taken up again',
    scrapped: ({ reason }) => `Given up: ${reason}`,
    'first article': ({ corrections }) =>
      corrections.length === 0
        ? 'First article accepted as planned'
        : `First article: ${corrections.join('; ')}`,
    proved: ({ verdict, readings, checks }) =>
      `Proved ${verdict}${checks ? ` ${levelReached(checks)}` : ''}, ${[readings].flat().map(readWithWords).join('; ')}`,
    finished: () => 'Finished',
    'came back': ({ reason }) => `Came back: ${reason}`,
  };
}

/** A set of readings by what it was read with: of a hand, the instruments that it names. */
function readWithWords(take: Readings): string {
  const used = take.typedFrom ? instrumentsOf(take).map(({ name }) => name) : [];
  return used.length > 0 ? `${take.instrument} with ${used.join(', ')}` : take.instrument;
}
