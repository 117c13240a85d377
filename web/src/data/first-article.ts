import type { Unit } from '@gorvane/core/unit/unit.ts';
import type { Correction } from '@gorvane/core/unit/first-article.ts';
import { correctedCut, correctedFeatures } from '@gorvane/core/unit/first-article.ts';
import { revise } from '@gorvane/core/record/revise.ts';
import { database, timeNow } from './database.ts';
import { recordTables } from './summaries.ts';
import { recordHappenings } from './units.ts';

/** Writes what a first article taught to its gauge cards and its lead, and the decision to its record: all or nothing. */
export async function takeOverCorrections(unit: Unit, corrections: readonly Correction[]): Promise<void> {
  await database.transaction('rw', [...recordTables, database.gaugeCards, database.leads], async () => {
    const cardIds = corrections.flatMap((correction) =>
      correction.kind === 'gauge card' ? [correction.cardId] : [],
    );
    for (const id of new Set(cardIds)) {
      const card = await database.gaugeCards.get(id);
      if (card)
        await database.gaugeCards.put(
          revise(card, { features: correctedFeatures(card, corrections) }, timeNow()),
        );
    }
    const lead = await database.leads.get(unit.leadId);
    const cutCorrection = lead && correctedCut(lead, corrections);
    if (lead && cutCorrection !== lead.cutCorrection)
      await database.leads.put(revise(lead, { cutCorrection: cutCorrection! }, timeNow()));
    await recordHappenings(unit.id, ({ firstArticle }) =>
      firstArticle ? [] : [{ kind: 'first article', corrections: corrections.map(({ words }) => words) }],
    );
  });
}
