import type { Step } from '../recipe/step.ts';

/** Role of a step with the contact where it is a joint: "joint 2". What tests call a step by. */
export const calledOf = ({ role, about }: Pick<Step, 'role' | 'about'>): string =>
  role === 'joint' && about !== null ? `joint ${about}` : role;
