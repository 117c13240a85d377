import type { Temper, VirtualSetup } from '@gorvane/core/instrument/virtual-setup.ts';
import { virtualSetupSchema } from '@gorvane/core/instrument/virtual-setup.ts';
import type { LeadNetwork, VirtualLead } from '@gorvane/core/prove/lead-network.ts';
import { drawnCopper } from '@gorvane/core/prove/virtual-copper.ts';
import { leadNetwork } from '@gorvane/core/prove/lead-network.ts';
import { leadWiring } from '@gorvane/core/wiring/lead-wiring.ts';
import type { Wiring } from '@gorvane/core/wiring/wiring.ts';
import type { Random } from '@gorvane/core/quantity/random.ts';
import { seededRandom } from '@gorvane/core/quantity/random.ts';
import type { ScpiCommands } from '../scpi/session.ts';
import { ScpiFailure } from '../scpi/session.ts';

/** The lead that lies on the bench of a simulated instrument. */
export interface LaidOut {
  readonly virtual: VirtualLead;
  readonly wiring: Wiring;
  readonly network: LeadNetwork;
  readonly random: Random;
}

/** The bench of one session: nothing lies on it until a lead is laid there. */
export class Bench {
  #laid: LaidOut | undefined;
  #clipped: string | undefined;
  #temper: Temper = 'well';

  /** @throws ScpiFailure -200 where nothing lies there. */
  get laid(): LaidOut {
    if (!this.#laid) throw new ScpiFailure(-200, 'Execution error; no lead lies on the simulated bench');
    return this.#laid;
  }

  /** The choke that the ports are clipped to either side of, instead of the ends of the lead. */
  get clipped(): string | undefined {
    return this.#clipped;
  }

  get temper(): Temper {
    return this.#temper;
  }

  /** Commands that only a simulated instrument has. */
  readonly commands: ScpiCommands = {
    'SIMulation:LEAD': ([block]) => {
      const setup = readSetup(block);
      const { lead, lengths, celsius, faults } = setup;
      const virtual = { lead, lengths: new Map(Object.entries(lengths)), celsius, faults };
      const wiring = leadWiring(lead);
      const random = seededRandom(setup.seed);
      this.#laid = {
        virtual,
        wiring,
        network: leadNetwork(virtual, wiring, drawnCopper(celsius, random)),
        random,
      };
      this.#clipped = undefined;
      this.#temper = setup.temper;
    },
    'SIMulation:CLIP': ([choke]) => void (this.#clipped = String(choke).replaceAll('"', '')),
    'SIMulation:CLEar': () => {
      this.#laid = undefined;
      this.#clipped = undefined;
      this.#temper = 'well';
    },
  };
}

/** @throws ScpiFailure -224 where the block is no design. */
function readSetup(block: string | Buffer | undefined): VirtualSetup {
  try {
    return virtualSetupSchema.parse(JSON.parse(String(block)));
  } catch {
    throw new ScpiFailure(-224, 'Illegal parameter value; expected the design of a lead');
  }
}

/** Points, from 1, as indices of a wiring. @throws ScpiFailure -222 where the lead has no such point. */
export function indexOfPoint({ wiring }: LaidOut, point: number): number {
  if (!(point >= 1 && point <= wiring.points.length))
    throw new ScpiFailure(-222, `Data out of range; the lead has points 1 to ${wiring.points.length}`);
  return point - 1;
}
