import { parseShrink } from '@gorvane/core/house/shrink.ts';
import type { House } from '@gorvane/core/house/house.ts';
import { shopTools } from '@gorvane/core/house/usual-shop.ts';
import { formatMillimetres, parseLength } from '@gorvane/core/quantity/length.ts';
import { decimalOf } from '@gorvane/core/quantity/number.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { Checkbox } from '@mantine/core';
import { QuantityField } from '../../controls/quantity-field.tsx';
import { Table } from '../../controls/table.tsx';
import type { Draft } from '../../draft/use-draft.ts';

interface ShopProps {
  readonly house: Draft<House>;
}

/** `0.7 mm 2.2 %`. */
function parseSolderWire(text: string): House['solderWire'] {
  const match = /^\s*([\d.,]+\s*(?:mm|in|")?)\s+([\d.,]+)\s*%?\s*$/i.exec(text);
  const expected = 'a diameter of 0.2 to 3 mm and flux of 0 to 10 %, such as 0.7 mm 2.2 %';
  if (!match) throw new QuantityError(text, expected);
  const diameter = parseLength(match[1]!);
  const fluxByMass = decimalOf(match[2]!) / 100;
  if (!(diameter >= 0.2e-3 && diameter <= 3e-3 && fluxByMass >= 0 && fluxByMass <= 0.1))
    throw new QuantityError(text, expected);
  return { diameter, fluxByMass };
}

function parseDies(text: string): number[] {
  const dies = text
    .split(/[;\n]|,\s/)
    .filter((part) => part.trim() !== '')
    .map((part) => parseLength(part));
  if (dies.some((die) => !(die > 0.5e-3 && die < 60e-3)))
    throw new QuantityError(text, 'hex sizes of 0.5 to 60 mm across flats, with ; between');
  return dies.sort((a, b) => a - b);
}

/** Dies, tools, solder and shrink: what the planners choose from. */
export function Shop({ house }: ShopProps) {
  const { record, edit, key } = house;
  return (
    <>
      <section aria-labelledby="shop">
        <h2 id="shop">Dies, tools and solder</h2>
        <QuantityField
          field={`${key}/dies`}
          label="Hex dies, mm across flats"
          description="with ; between: fit and recipes read this list"
          written={record.dies.map((die) => formatMillimetres(die, 2)).join('; ')}
          onRead={(text) => {
            const dies = parseDies(text);
            edit('dies', (now) => ({ ...now, dies }));
          }}
        />
        <fieldset className="shop-tools">
          <legend>Tools at hand: the finder of ends reads this list</legend>
          {shopTools.map((tool) => (
            <Checkbox
              key={tool}
              label={tool}
              checked={record.tools.includes(tool)}
              onChange={({ currentTarget: { checked } }) =>
                edit('tools', (now) => ({
                  ...now,
                  tools: shopTools.filter((other) => (other === tool ? checked : now.tools.includes(other))),
                }))
              }
            />
          ))}
        </fieldset>
        <QuantityField
          field={`${key}/solder`}
          label="Solder wire"
          description="diameter and flux by mass, such as 0.7 mm 2.2 %"
          written={`${formatMillimetres(record.solderWire.diameter, 2)} mm ${Number((record.solderWire.fluxByMass * 100).toPrecision(3))} %`}
          onRead={(text) => {
            const solderWire = parseSolderWire(text);
            edit('solder wire', (now) => ({ ...now, solderWire }));
          }}
        />
      </section>
      <section aria-labelledby="shrink">
        <h2 id="shrink">Shrink, supplied and recovered bore</h2>
        <Table>
          {record.shrink.map((tube) => (
            <tr key={tube.name}>
              <th scope="row">{tube.name}</th>
              <td className="reading">
                {formatMillimetres(tube.supplied)} / {formatMillimetres(tube.recovered)} mm
              </td>
              <td>
                <button
                  type="button"
                  className="text-button"
                  aria-label={`Remove ${tube.name}`}
                  onClick={() =>
                    edit('shrink', (now) => ({
                      ...now,
                      shrink: now.shrink.filter(({ name }) => name !== tube.name),
                    }))
                  }
                >
                  remove
                </button>
              </td>
            </tr>
          ))}
        </Table>
        <AddShrink house={house} />
      </section>
    </>
  );
}

/** `9.5/3.2` adds a tube; its outside as supplied is taken as 0.8 mm more than its bore. */
function AddShrink({ house: { edit, key } }: ShopProps) {
  return (
    <QuantityField
      field={`${key}/shrink`}
      label="Add a size"
      description="supplied/recovered bore in mm, such as 19/6.4, then Enter; “adhesive” behind it where it is lined"
      written=""
      onRead={() => undefined}
      onTake={(text) => {
        const tube = parseShrink(text);
        edit('shrink', (now) => ({
          ...now,
          shrink: [...now.shrink.filter(({ name }) => name !== tube.name), tube].sort(
            (a, b) => a.supplied - b.supplied,
          ),
        }));
      }}
    />
  );
}
