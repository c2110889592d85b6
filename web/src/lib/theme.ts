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
  tabs: { base: 'flex flex-wrap gap-1 list-none', content: 'p-0 m-0 bg-transparent rounded-none' },
  tabItem: {
    button:
      'inline-flex flex-col items-center justify-center gap-0.5 min-h-(--target) px-2 py-1 border border-transparent border-b-2 text-sm font-semibold text-ink-soft hover:text-ink hover:border-line aria-selected:text-ink aria-selected:bg-board aria-selected:border-line aria-selected:border-b-accent',
  },
  accordion: 'border-0 rounded-none',
  accordionItem: {
    button:
      'flex-row-reverse items-center justify-end gap-2 p-0 border-0 rounded-none min-h-(--target) text-base text-ink hover:bg-transparent bg-transparent focus:ring-0 group-first:rounded-none',
    content: 'p-0 border-0',
    active: 'text-ink bg-transparent',
    inactive: 'text-ink bg-transparent hover:bg-transparent',
  },
  drawer: { base: 'bg-board text-ink border-0 border-l-2 border-iron rounded-none p-4 w-[min(92vw,420px)]' },
  toast: {
    base: 'max-w-[min(92vw,460px)] w-auto gap-3 p-0 ps-3 bg-ink text-paper rounded-none shadow-none border-s-4 border-accent',
    content: 'text-base py-2',
  },
  progressbar: { base: 'bg-board border border-iron rounded-none h-3', inside: 'bg-accent rounded-none h-full' },
  spinner: 'size-5 shrink-0 text-line [&>path:last-child]:fill-accent',
  dropdown: 'mt-0 bg-board text-ink border-2 border-iron rounded-none shadow-none divide-y-0',
  dropdownGroup: 'p-0 m-0 list-none text-base text-ink',
  dropdownItem: { base: 'min-h-(--target) px-4 py-2 text-base font-semibold hover:bg-ground hover:text-ink' },
  table: { div: 'relative overflow-x-auto', table: 'w-full text-left text-base text-ink' },
  tableHead: 'bg-transparent text-ink-soft text-sm normal-case border-b border-iron',
  tableHeadCell: 'px-2 py-1 font-semibold',
  tableBodyRow: 'bg-transparent border-b border-line',
  tableBodyCell: 'px-2 py-1.5 font-normal text-ink whitespace-normal align-top',
  kbd: 'inline-block min-w-7 px-2 text-center font-mono text-base bg-transparent text-ink border border-iron border-b-2 rounded-sm',
  radio: { input: `${TICK} rounded-full`, label: 'tick m-0 gap-2.5 text-base font-normal text-ink' },
} satisfies ThemeConfig;
