import type { Connector } from '@gorvane/core/connector/connector.ts';
import { Button } from '@mantine/core';
import { useAppDispatch } from '../../draft/hooks.ts';
import { useNavigate } from 'react-router';
import { cardForConnector } from '../../data/gauge-cards.ts';
import { arrived } from '../../draft/draft-slice.ts';
import { useDraft } from '../../draft/use-draft.ts';

/** Puts a connector that was found on an end of the lead it was looked for. */
export function UseEnd({
  leadId,
  endId,
  connector,
}: {
  readonly leadId: string;
  readonly endId: string;
  readonly connector: Connector;
}) {
  const draft = useDraft('leads', leadId);
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const end = draft?.record.ends.find(({ id }) => id === endId);
  if (!draft || !end) return null;
  const use = async () => {
    const card = await cardForConnector(connector.id, [], draft.record.name);
    dispatch(arrived({ table: 'gaugeCards', record: card }));
    draft.edit(`connector of end ${end.name}`, (now) => ({
      ...now,
      ends: now.ends.map((other) =>
        other.id === endId ? { ...other, connectorId: connector.id, gaugeCardId: card.id } : other,
      ),
    }));
    await navigate(`/leads/${leadId}/choose`);
  };
  return (
    <Button size="compact-sm" onClick={() => void use()}>
      Use for end {end.name}
    </Button>
  );
}
