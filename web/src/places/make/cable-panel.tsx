import type { LayeredCable } from '@gorvane/core/cable/cable.ts';
import type { CableFinding, CableSeen } from '@gorvane/core/cable/cable-check.ts';
import { checkCable } from '@gorvane/core/cable/cable-check.ts';
import { leadCable } from '@gorvane/core/lead/lead-cable.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import { formatMillimetres, parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { Button, Group } from '@mantine/core';
import { QuantityField } from '../../controls/quantity-field.tsx';

interface CablePanelProps {
  readonly lead: Lead;
  readonly unitId: string;
  readonly progress: UnitProgress;
  readonly onRecord: (happenings: readonly UnitHappening[]) => Promise<void>;
}

/** Before the cable is cut: is it the class that it says, and is its copper bright. May be passed over. */
export function CablePanel({ lead, unitId, progress, onRecord }: CablePanelProps) {
  const ids = [...new Set(lead.pieces.map(({ cableId }) => cableId))];
  return ids.map((cableId) => {
    const cable = leadCable(lead, cableId);
    const seen: CableSeen = progress.cables.get(cableId) ?? { jacket: null, dielectric: null, copper: null };
    const record = (change: Partial<CableSeen>) => {
      const { jacket, dielectric, copper } = { ...seen, ...change };
      void onRecord([{ kind: 'cable checked', cableId, jacket, dielectric, copper }]);
    };
    return (
      <section key={cableId} className="hold-panel" aria-label={`Check the cable: ${cable.name}`}>
        <h2>Check the cable</h2>
        <p>{cable.name}. By caliper at the cut end; nothing has to be filled in.</p>
        <Layer
          of="jacket"
          cable={cable}
          seen={seen}
          unitId={unitId}
          onRead={(jacket) => record({ jacket })}
        />
        {cable.structure === 'coax' && (
          <Layer
            of="dielectric"
            cable={cable}
            seen={seen}
            unitId={unitId}
            onRead={(dielectric) => record({ dielectric })}
          />
        )}
        <Group gap="xs">
          <span>Copper</span>
          {(['bright', 'dark'] as const).map((copper) => (
            <Button
              key={copper}
              variant={seen.copper === copper ? 'filled' : 'default'}
              aria-pressed={seen.copper === copper}
              onClick={() => record({ copper })}
            >
              {copper}
            </Button>
          ))}
        </Group>
        {seen.copper === 'dark' && (
          <p className="out" role="status">
            ■ Dark copper does not crimp or solder: cut back until it is bright, or take another cable.
          </p>
        )}
      </section>
    );
  });
}

interface LayerProps {
  readonly of: CableFinding['of'];
  readonly cable: LayeredCable;
  readonly seen: CableSeen;
  readonly unitId: string;
  readonly onRead: (metres: number) => void;
}

function Layer({ of, cable, seen, unitId, onRead }: LayerProps) {
  const finding = checkCable(cable, seen).find((each) => each.of === of);
  const written = seen[of] === null ? '' : formatMillimetres(seen[of], 2);
  return (
    <div>
      <QuantityField
        label={of === 'jacket' ? 'Over the jacket' : 'Over the dielectric'}
        field={`cable/${unitId}/${cable.id}/${of}`}
        placeholder="mm"
        readWhenLeft
        written={written}
        onRead={(text) => onRead(parsePositiveLength(text, 0.2))}
      />
      {finding && (
        <span className={finding.fits ? 'good' : 'out'} role="status">
          {finding.fits ? '● as its class' : '■ not its class'}: {formatMillimetres(finding.nominal, 2)} ±{' '}
          {formatMillimetres(finding.off, 2)} mm
          {finding.fits ? '' : '. Strip and fit are worked out for another cable: look at the print on it'}
        </span>
      )}
    </div>
  );
}
