/** How the components of Flowbite Svelte look here, said once: paper, ink and iron instead of their own shades. Colours are roles of app.css, which each light gives its own. */
import type { ThemeConfig } from 'flowbite-svelte';

const FIELD =
  'bg-board text-ink border border-iron rounded-sm min-h-(--target) px-2.5 py-2 text-base focus:border-chalk focus:ring-0 aria-invalid:border-2 aria-invalid:border-fails';
const TICK =
  'size-5 m-0 me-0 rounded-none border-2 border-iron bg-board text-accent focus:ring-0 checked:border-ink checked:bg-accent';

export const theme = {
  button: {
    base: 'bg-board text-ink border border-ink rounded-sm min-h-(--target) px-3 py-1.5 text-base font-semibold hover:bg-ground hover:text-ink focus-within:text-ink focus-within:ring-0 disabled:opacity-55 disabled:cursor-default',
  },
  select: { base: 'w-full min-w-0', select: `${FIELD} pe-8 text-ellipsis` },
  input: { base: 'w-full min-w-0', input: FIELD },
  checkbox: { base: TICK, div: 'm-0' },
  modal: {
    base: 'bg-board text-ink border-2 border-iron rounded-none shadow-none max-w-[min(96vw,1100px)]',
    body: 'p-3 space-y-0',
  },
  radio: { input: `${TICK} rounded-full`, label: 'tick m-0 gap-2.5 text-base font-normal text-ink' },
} satisfies ThemeConfig;
