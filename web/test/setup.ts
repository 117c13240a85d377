import { jest } from '@jest/globals';
import { configure } from '@testing-library/react';

// Two test files at a time on two slow cores: what comes is waited for, what does not come still fails.
configure({ asyncUtilTimeout: 8000 });
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

class StillResizeObserver {
  observe() {}
  unobserve() {}
  disconnect() {}
}
window.ResizeObserver = StillResizeObserver;
