import type { Cladding } from '@gorvane/core/cable/cladding.ts';
import { claddingNames, claddingOf, strandLayers } from '@gorvane/core/cable/cladding.ts';
import { fromMegahertz, inMegahertz, inMillimetres } from '@gorvane/core/quantity/multiple.ts';
import { foot } from '@gorvane/core/quantity/length.ts';
import { loadCable } from '@gorvane/core/cable/cable.ts';
import type { CableEntry, CoaxEntry } from '@gorvane/core/cable/construction.ts';
import { cableEntrySchema } from '@gorvane/core/cable/construction.ts';
import { lineFigures } from '@gorvane/core/cable/line-figures.ts';
import type { OwnCable } from '@gorvane/core/cable/own-cable.ts';
import { withLayers } from '@gorvane/core/cable/own-cable.ts';
import { formatFrequency, parseFrequency } from '@gorvane/core/quantity/frequency.ts';
import { parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { parseScalar } from '@gorvane/core/quantity/scalar.ts';
import { Button, Checkbox, NativeSelect } from '@mantine/core';
import { QuantityField } from '../../controls/quantity-field.tsx';
import type { Draft } from '../../draft/use-draft.ts';

const pointsExpected = 'two or more points in dB per 100 m, such as 100 MHz 4.1; 450 MHz 8.9; 1 GHz 13.6';

/** Reads attenuation points, semicolons between; `per 100 ft` after a point converts it. */
export function parseAttenuation(text: string): [number, number][] {
  const points = text
    .split(/;|\n/)
    .filter((part) => part.trim() !== '')
    .map((part): [number, number] => {
      const match = /^\s*([\d.,]+\s*[a-z]*)\s+([\d.,]+)\s*(?:db)?\s*(?:(?:\/|per)\s*100\s*(m|ft))?\s*$/i.exec(
        part,
      );
      if (!match) throw new QuantityError(part.trim(), pointsExpected);
      const db = parseScalar(match[2]!, { min: 1e-4, max: 1e5, expected: pointsExpected });
      return [
        inMegahertz(parseFrequency(match[1]!)),
        match[3]?.toLowerCase() === 'ft' ? Number((db / foot).toPrecision(6)) : db,
      ];
    })
    .sort((a, b) => a[0] - b[0]);
  if (new Set(points.map(([frequency]) => frequency)).size < 2) throw new QuantityError(text, pointsExpected);
  return points;
}

const writeAttenuation = (points: readonly (readonly [number, number])[]) =>
  points.map(([megahertz, db]) => `${formatFrequency(fromMegahertz(megahertz))} ${db}`).join('; ');

const ratio = (text: string, what: string, min: number, max: number) =>
  parseScalar(text, { min, max, expected: `${what}, ${min} to ${max}` });

const millimetresOf = (text: string) => Number(inMillimetres(parsePositiveLength(text, 0.1)).toPrecision(6));

/** The data sheet of an own cable, typed over. Every change is checked whole before it is taken. */
export function OwnCableForm({ draft }: { readonly draft: Draft<OwnCable> }) {
  const { record, key, edit } = draft;
  const { entry } = record;
  const take = (label: string, next: CableEntry) => {
    const checked = cableEntrySchema.safeParse(next);
    if (!checked.success) throw new Error(checked.error.issues[0]!.message);
    lineFigures(loadCable(checked.data));
    edit(label, (now) => ({ ...now, entry: checked.data }));
  };
  if (entry.structure === 'cores')
    return (
      <>
        <NameField entry={entry} field={key} take={take} />
        <p className="soft">
          Cables of cores are copied and renamed here; their layers are not typed over yet.
        </p>
      </>
    );
  return (
    <>
      <h2>Data sheet</h2>
      <NameField entry={entry} field={key} take={take} />
      <NativeSelect
        label="Family"
        value={entry.family}
        data={['flexible coax', 'low-loss coax', 'semi-rigid coax', 'feeder', 'trunk', 'unbalanced audio']}
        onChange={({ currentTarget: { value } }) =>
          take('family', { ...entry, family: value as CableEntry['family'] })
        }
      />
      <QuantityField
        field={`${key}/impedance`}
        label="Impedance, ohm"
        written={String(entry.nominalImpedanceOhm)}
        onRead={(text) =>
          take('impedance', { ...entry, nominalImpedanceOhm: ratio(text, 'an impedance', 10, 300) })
        }
      />
      {entry.structure === 'sheet' && (
        <>
          <QuantityField
            field={`${key}/velocity`}
            label="Velocity factor"
            written={String(entry.velocityFactor)}
            onRead={(text) =>
              take('velocity factor', { ...entry, velocityFactor: ratio(text, 'a velocity factor', 0.2, 1) })
            }
          />
          <QuantityField
            field={`${key}/jacket`}
            label="Outside diameter"
            description="leave it if the sheet does not say"
            written={entry.jacketDiameterMm ? `${entry.jacketDiameterMm} mm` : ''}
            onRead={(text) =>
              take('outside', {
                ...entry,
                jacketDiameterMm: text.trim() === '' ? undefined : millimetresOf(text),
              })
            }
          />
        </>
      )}
      <QuantityField
        field={`${key}/attenuation`}
        label="Loss points, dB per 100 m"
        description="100 MHz 4.1; 1 GHz 13.6 (or 1.25 per 100 ft)"
        written={writeAttenuation(entry.nominalAttenuationMHz)}
        onRead={(text) => take('loss points', { ...entry, nominalAttenuationMHz: parseAttenuation(text) })}
      />
      {entry.structure === 'sheet' ? (
        <Button variant="default" onClick={() => take('layers', withLayers(entry))}>
          Enter its layers too
        </Button>
      ) : (
        <LayerFields entry={entry} field={key} take={take} />
      )}
    </>
  );
}

interface FieldsProps<Entry> {
  readonly entry: Entry;
  readonly field: string;
  readonly take: (label: string, next: CableEntry) => void;
}

function NameField({ entry, field, take }: FieldsProps<CableEntry>) {
  return (
    <QuantityField
      field={`${field}/name`}
      label="Name"
      written={entry.name}
      onRead={(text) => {
        if (text.trim() === '') throw new QuantityError(text, 'a name');
        take('name', { ...entry, name: text });
      }}
    />
  );
}

function LayerFields({ entry, field, take }: FieldsProps<CoaxEntry>) {
  const { conductor, dielectric, braids, foil, jacket } = entry;
  const conduct = (diameterMm: number, strands: 1 | 7 | 19, cladding: Cladding) =>
    take('conductor', {
      ...entry,
      conductor: { strands, diameterMm, strandLayers: strandLayers(cladding, diameterMm, strands) },
    });
  const size = (name: string, label: string, written: number, set: (value: number) => void) => (
    <QuantityField
      field={`${field}/${name}`}
      label={label}
      written={`${written} mm`}
      onRead={(text) => set(millimetresOf(text))}
    />
  );
  return (
    <>
      <h2>Layers</h2>
      {size('conductor', 'Conductor diameter', conductor.diameterMm, (value) =>
        conduct(value, conductor.strands, claddingOf(conductor.strandLayers)),
      )}
      <NativeSelect
        label="Strands"
        value={String(conductor.strands)}
        data={['1', '7', '19']}
        onChange={({ currentTarget: { value } }) =>
          conduct(conductor.diameterMm, Number(value) as 1 | 7 | 19, claddingOf(conductor.strandLayers))
        }
      />
      <NativeSelect
        label="Conductor metal"
        value={claddingOf(conductor.strandLayers)}
        data={[...claddingNames]}
        onChange={({ currentTarget: { value } }) =>
          conduct(conductor.diameterMm, conductor.strands, value as Cladding)
        }
      />
      <NativeSelect
        label="Dielectric"
        value={dielectric.material}
        data={['polyethylene', 'foam polyethylene', 'PTFE']}
        onChange={({ currentTarget: { value } }) =>
          take('dielectric', {
            ...entry,
            dielectric: { ...dielectric, material: value as typeof dielectric.material },
          })
        }
      />
      {size('dielectric', 'Dielectric diameter', dielectric.diameterMm, (value) =>
        take('dielectric', { ...entry, dielectric: { ...dielectric, diameterMm: value } }),
      )}
      <QuantityField
        field={`${field}/permittivity`}
        label="Velocity factor"
        description="gives the permittivity of the dielectric"
        written={(1 / Math.sqrt(dielectric.permittivity)).toFixed(3)}
        onRead={(text) =>
          take('velocity factor', {
            ...entry,
            dielectric: {
              ...dielectric,
              permittivity: Number((1 / ratio(text, 'a velocity factor', 0.4, 1) ** 2).toFixed(4)),
            },
          })
        }
      />
      <Checkbox
        label="Foil under the braid"
        checked={foil !== undefined}
        onChange={({ currentTarget: { checked } }) =>
          take('foil', { ...entry, foil: checked ? { metal: 'aluminium', thicknessMm: 0.05 } : undefined })
        }
      />
      {braids[0] && (
        <>
          {size('braid', 'Braid wire', braids[0].wireDiameterMm, (value) =>
            take('braid', {
              ...entry,
              braids: braids.map((braid) => ({
                ...braid,
                wireDiameterMm: value,
                wireLayers: [{ metal: braid.wireLayers[0]!.metal, thicknessMm: value / 2 }],
              })),
            }),
          )}
          <QuantityField
            field={`${field}/coverage`}
            label="Braid coverage, %"
            written={String(Math.round(braids[0].coverage * 100))}
            onRead={(text) =>
              take('coverage', {
                ...entry,
                braids: braids.map((braid) => ({
                  ...braid,
                  coverage: ratio(text, 'a coverage', 40, 99) / 100,
                })),
              })
            }
          />
        </>
      )}
      {size('jacket', 'Outside diameter', jacket.diameterMm, (value) =>
        take('jacket', { ...entry, jacket: { ...jacket, diameterMm: value } }),
      )}
      <Checkbox
        label="For outdoors"
        checked={jacket.outdoor}
        onChange={({ currentTarget: { checked } }) =>
          take('outdoor', { ...entry, jacket: { ...jacket, outdoor: checked } })
        }
      />
    </>
  );
}
