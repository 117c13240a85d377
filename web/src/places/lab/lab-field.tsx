import { connectorSeries } from '@gorvane/core/connector/series.ts';
import type { Cable } from '@gorvane/core/cable/cable.ts';
import { NativeSelect } from '@mantine/core';
import { QuantityField } from '../../controls/quantity-field.tsx';
import type { AddressFields, AddressState } from './address.ts';

interface FieldProps<Fields extends AddressFields> {
  readonly lab: AddressState<Fields>;
  readonly page: string;
  readonly name: keyof Fields & string;
  readonly label: string;
  readonly description?: string;
}

/** A typed value of a page: text that reads goes into the address, text that does not stays in the field. */
export function LabField<Fields extends AddressFields>({
  lab,
  page,
  name,
  label,
  description,
}: FieldProps<Fields>) {
  return (
    <QuantityField
      field={`lab/${page}/${name}`}
      label={label}
      description={description}
      written={lab.texts[name]}
      onRead={(text) => {
        lab.fields[name]!.read(text);
        lab.set({ [name]: text.trim() } as Partial<Record<keyof Fields, string>>);
      }}
    />
  );
}

interface SelectProps<Fields extends AddressFields> extends FieldProps<Fields> {
  readonly data: readonly { readonly value: string; readonly label: string }[];
}

export function LabSelect<Fields extends AddressFields>({
  lab,
  name,
  label,
  description,
  data,
}: SelectProps<Fields>) {
  return (
    <NativeSelect
      label={label}
      description={description}
      value={lab.texts[name]}
      data={[...data]}
      onChange={({ currentTarget: { value } }) =>
        lab.set({ [name]: value } as Partial<Record<keyof Fields, string>>)
      }
    />
  );
}

/** Cables to choose from, in their families. */
export function LabCable<Fields extends AddressFields>({
  cables,
  ...field
}: FieldProps<Fields> & { readonly cables: readonly Cable[] }) {
  const families = [...new Set(cables.map(({ family }) => family))];
  return (
    <NativeSelect
      label={field.label}
      description={field.description}
      value={field.lab.texts[field.name]}
      onChange={({ currentTarget: { value } }) =>
        field.lab.set({ [field.name]: value } as Partial<Record<keyof Fields, string>>)
      }
      data={families.map((family) => ({
        group: family,
        items: cables
          .filter((cable) => cable.family === family)
          .map(({ id, name }) => ({ value: id, label: name })),
      }))}
    />
  );
}

export const seriesOptions = [
  { value: 'none', label: 'none' },
  ...connectorSeries.map(({ id, name }) => ({ value: id, label: name })),
];
