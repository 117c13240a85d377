import type { Unit } from '@gorvane/core/unit/unit.ts';
import { Button } from '@mantine/core';
import { Link } from 'react-router';

/** Where a unit that nobody works on is looked at further. */
export function UnitLinks({ unit }: { readonly unit: Unit }) {
  const links = [
    ['Its record in the Log', `/log/${unit.id}`],
    ['The batch', `/build/batch/${unit.orderId}/${unit.lineId}`],
  ] as const;
  return links.map(([label, address]) => (
    <Button key={address} component={Link} to={address} size="lg" variant="default">
      {label}
    </Button>
  ));
}
