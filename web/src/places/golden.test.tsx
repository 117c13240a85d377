import { describe, expect, test, beforeEach } from '@jest/globals';
import { readArchive } from '@gorvane/core/file/archive.ts';
import { archiveFile } from '@gorvane/core/testing/old-archive.ts';
import { screen } from '@testing-library/react';
import { fill, openAt } from '../../test/open-at.tsx';

const golden = readArchive(archiveFile('golden-7'));
const [house] = golden.house;

/** The same units in a house that has turned everything over since, and over leads that are gone. */
const turnedOver = {
  ...golden,
  leads: [],
  gaugeCards: [],
  house: [
    {
      ...house!,
      dies: [],
      shrink: [],
      practice: {
        ...house!.practice,
        stripping: 'blade' as const,
        cups: 'seat and feed' as const,
        leaveOut: ['resistance' as const, 'insulation' as const],
      },
    },
  ],
};
const unit = (serial: string) => golden.units.find((each) => each.serial === serial)!;

describe('units of the golden archive, their leads, cables and connectors gone and the house another', () => {
  beforeEach(() => fill(turnedOver));

  test.each([
    ['/log/', 'GB-0005', /Record chain whole/],
    ['/log/', 'GB-0003', /gone back|Back to/i],
    ['/build/', 'GB-0012', /Measure the strip/],
    ['/build/', 'GB-0007', /waits for a die/],
    ['/print/traveller/', 'GB-0022', /Threading order/],
    ['/print/certificate/', 'GB-0015', /Good/],
    ['/leads/gone/prove?unit=', 'GB-0014', /Proved by the plan that it was started with/],
  ])('%s%s opens with what was frozen', async (place, serial, words) => {
    openAt(`${place}${unit(serial).id}`);
    expect((await screen.findAllByText(words)).length).toBeGreaterThan(0);
    const plan = unit(serial).plan!;
    expect(screen.getAllByText(new RegExp(plan.lead.name)).length).toBeGreaterThan(0);
  });
});
