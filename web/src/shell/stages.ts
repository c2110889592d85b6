import { counted } from '../lib/when';
import type { garden } from '../lib/garden.svelte';

export interface Stage {
  name: string;
  path: string;
  /** Pages of it that lie beside its own. */
  also?: string[];
  /** One plain fact on how things stand there. */
  fact: (g: typeof garden) => string;
}

/** The stages that are built, in the order of the work. */
export const stages: Stage[] = [
  { name: 'Gather', path: '/gather', fact: (g) => `${g.things.length} things` },
  {
    name: 'Place',
    path: '/place',
    fact: (g) => (g.plan === null ? ' ' : g.spots.length === 0 ? 'not measured' : counted(g.spots.length, 'spot')),
  },
  {
    name: 'Match',
    path: '/match',
    also: ['/whole-heap', '/fetch'],
    fact: (g) => (g.matches ? `${g.matches.filter((m) => m.standing === 'WillDo').length} will do` : ' '),
  },
  { name: 'Draw', path: '/draw', fact: (g) => `${g.projects.length} kept` },
  {
    name: 'Make',
    path: '/make',
    also: ['/bench'],
    fact: (g) => (g.projects.length === 0 ? 'nothing yet' : `${g.projects.length} to make`),
  },
  { name: 'Plant', path: '/plant', fact: () => 'fill them' },
];
