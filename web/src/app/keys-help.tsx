import { Table } from '../controls/table.tsx';
import { Kbd, Modal } from '@mantine/core';

const keyList: [string, string][] = [
  ['Ctrl K', 'find a lead, a serial, a place or an action'],
  [
    'Ctrl Z',
    'take back the last change of what is open: the lead, the house, a page of the lab, readings in Prove',
  ],
  ['Ctrl Y', 'make it again'],
  ['Ctrl Z', 'in Build: look at the step before; what is recorded is corrected there, never taken back'],
  ['?', 'show these keys'],
  ['Enter', 'in a field: take the reading, go to the next field'],
  ['Escape', 'in a field: forget what does not parse'],
  ['Space, Page Down', 'in Build: the next thing, as the bar says it (a pedal sends either)'],
  ['Page Up', 'in Build: look at the step before'],
  ['G, X', 'in Build: the look or tug is Good, or Out'],
  ['O', 'in Build: something is off'],
  ['E', 'in Build: a picture or a note'],
  ['T', 'in Build: start or set back the time'],
  ['R', 'in Build: read the step aloud'],
];

/** The keys that work everywhere and in Build. */
export function KeysHelp({ onClose }: { readonly onClose: () => void }) {
  return (
    <Modal opened onClose={onClose} title="Keys" centered closeButtonProps={{ 'aria-label': 'Close' }}>
      <Table>
        {keyList.map(([key, what]) => (
          <tr key={what}>
            <th scope="row">
              <Kbd>{key}</Kbd>
            </th>
            <td>{what}</td>
          </tr>
        ))}
      </Table>
    </Modal>
  );
}
