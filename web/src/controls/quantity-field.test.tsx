import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { parseLength } from '@gorvane/core/quantity/length.ts';
import { MantineProvider } from '@mantine/core';
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../app/store.ts';
import { database } from '../data/database.ts';
import { QuantityField } from './quantity-field.tsx';

/** A field over a length in metres, with another behind it, as a panel has them. */
function Panel({ onRead }: { readonly onRead: (metres: number) => void }) {
  const [metres, setMetres] = useState(0.0098);
  const read = (text: string) => {
    const value = parseLength(text);
    setMetres(value);
    onRead(value);
  };
  return (
    <main>
      <QuantityField
        label="Stem"
        field="stem"
        written={`${Number((metres * 1e3).toFixed(3))} mm`}
        onRead={read}
      />
      <QuantityField label="Stop" field="stop" written="" onRead={parseLength} />
    </main>
  );
}

function show() {
  const onRead = jest.fn<(metres: number) => void>();
  render(
    <MantineProvider env="test">
      <Provider store={createStore()}>
        <Panel onRead={onRead} />
      </Provider>
    </MantineProvider>,
  );
  return { onRead, field: screen.getByLabelText<HTMLInputElement>('Stem') };
}

describe('a field for what people type', () => {
  beforeEach(async () => {
    cleanup();
    await database.kept.clear();
  });

  test('takes over what parses, keeps the text while it is typed, and writes it well when left', async () => {
    const { onRead, field } = show();
    await userEvent.clear(field);
    await userEvent.type(field, '1/2 in');
    expect(field.value).toBe('1/2 in');
    await userEvent.tab();
    expect(field.value).toBe('12.7 mm');
    expect(onRead.mock.calls).toEqual([[0.0127]]);
  });

  test('what does not parse stays, says what was expected, and never reaches the value', async () => {
    const { onRead, field } = show();
    await userEvent.clear(field);
    await userEvent.type(field, 'x');
    await userEvent.tab();
    expect(field.value).toBe('x');
    expect(screen.getByText(/Found "x"; expected a length/)).not.toBeNull();
    expect(onRead).not.toHaveBeenCalled();
    await waitFor(async () => expect((await database.kept.get('stem'))?.text).toBe('x'));
  });

  test('half a number never counts: what is refused leaves the value as it was', async () => {
    const { onRead, field } = show();
    await userEvent.clear(field);
    await userEvent.type(field, '9 mmm');
    expect(await screen.findByText(/Found "9 mmm"/)).not.toBeNull();
    expect(onRead).not.toHaveBeenCalled();
  });

  test('a pause in typing is enough, without leaving the field', async () => {
    const { onRead, field } = show();
    await userEvent.clear(field);
    await userEvent.type(field, '11');
    await waitFor(() => expect(onRead).toHaveBeenLastCalledWith(0.011));
    expect(field.value).toBe('11');
  });

  test('Escape forgets it and shows the last good value', async () => {
    const { field } = show();
    await userEvent.clear(field);
    await userEvent.type(field, 'x{Escape}');
    expect(field.value).toBe('9.8 mm');
    await waitFor(async () => expect(await database.kept.get('stem')).toBeUndefined());
  });

  test('after a reload the unread text is there again', async () => {
    await database.kept.put({ key: 'stem', text: '9,8 mmm' });
    const { field } = show();
    await waitFor(() => expect(field.value).toBe('9,8 mmm'));
  });

  test('Enter, as a caliper sends it, goes to the next field; not while the text does not parse', async () => {
    const { field } = show();
    await userEvent.clear(field);
    await userEvent.type(field, '10.1{Enter}');
    expect(document.activeElement).toBe(screen.getByLabelText('Stop'));
    await userEvent.click(field);
    await userEvent.clear(field);
    await userEvent.type(field, 'ten{Enter}');
    expect(document.activeElement).toBe(field);
  });
});
