import { jest } from '@jest/globals';
import { configure } from '@testing-library/react';

// However busy the machine is, what comes is waited for; what does not come still fails.
configure({ asyncUtilTimeout: 120_000 });
// What is waited for is looked for many times: the whole page would be written out each time that it is not there yet.
process.env.DEBUG_PRINT_LIMIT ??= '0';
window.scrollTo = () => undefined;

Object.defineProperty(window, 'matchMedia', {
  value: (query: string) => ({
    matches: false,
    media: query,
    addEventListener: jest.fn(),
    removeEventListener: jest.fn(),
    addListener: jest.fn(),
    removeListener: jest.fn(),
  }),
});

// jsdom looks through the whole document for the field of every label, for every field: minutes on a page of many.
for (const { prototype } of [HTMLInputElement, HTMLSelectElement, HTMLTextAreaElement, HTMLButtonElement])
  Object.defineProperty(prototype, 'labels', {
    get(this: HTMLElement) {
      return Array.from(document.querySelectorAll('label')).filter((label) =>
        label.htmlFor === '' ? label.contains(this) : label.htmlFor === this.id,
      );
    },
  });

// jsdom holds every rule of every sheet against an element that is asked for its style; here only what it says itself counts.
const nothing = document.createElement('i').style;
const hidden = document.createElement('i').style;
hidden.display = 'none';
window.getComputedStyle = (element, pseudo) => {
  if (pseudo) return nothing;
  return (element as HTMLElement).hidden ? hidden : (element as HTMLElement).style;
};

// React takes the name from a field and gives it back whenever it draws it, so that a radio button leaves its group meanwhile;
// jsdom looks for the group of every field, each time.
const name = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'name')!;
Object.defineProperty(HTMLInputElement.prototype, 'name', {
  ...name,
  set(this: HTMLInputElement, value: string) {
    const isLent = value === '' && this.type !== 'radio';
    if (!isLent && this.getAttribute('name') !== value) name.set!.call(this, value);
  },
});

class StillResizeObserver {
  observe() {}
  unobserve() {}
  disconnect() {}
}
window.ResizeObserver = StillResizeObserver;

// jsdom's files cannot be read as a whole yet.
Blob.prototype.arrayBuffer ??= function arrayBuffer(this: Blob) {
  return new Promise((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as ArrayBuffer);
    reader.readAsArrayBuffer(this);
  });
};
Blob.prototype.text ??= async function text(this: Blob) {
  return new TextDecoder().decode(await this.arrayBuffer());
};
