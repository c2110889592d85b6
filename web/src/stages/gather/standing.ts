/** What a thing is told to be fit for. Pure. */
import type { Schemas } from '../../lib/api/client';

/** As much of a judgement as its word needs. */
export interface Judged {
  fitness: Schemas['Fitness'];
  notLookedAtYet: boolean;
}

export type ThingStanding = Schemas['Fitness'] | 'NotLookedAt';

/** Words and marks by standing; the mark is a shape, so that colour is not needed. */
export const STANDINGS: Record<ThingStanding, { said: string; short: string; mark: string }> = {
  NotLookedAt: { said: 'Not looked at yet', short: 'not looked at', mark: '◌' },
  Food: { said: 'May grow food', short: 'food', mark: '●' },
  Ornamentals: { said: 'Ornamentals only', short: 'flowers', mark: '◐' },
  StructureOnly: { said: 'Structure only', short: 'structure', mark: '◧' },
  Refused: { said: 'Not for this', short: 'refused', mark: '✕' },
};

/** What nobody has looked at is never called fit; what is known to be bad is told as that. */
export function standingOf(judged: Judged): ThingStanding {
  return judged.notLookedAtYet ? 'NotLookedAt' : judged.fitness;
}
