<script lang="ts">
  import { Table, TableBody, TableBodyCell, TableBodyRow, TableHead, TableHeadCell } from 'flowbite-svelte';
  import type { DesignMatch } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { digits, money, say } from '../../lib/units/tell';
  import { takesHours } from './fact';
  import { shelf } from './shelf.svelte';

  /** Two or three that can be made. */
  const { matches }: { matches: DesignMatch[] } = $props();

  const fits = $derived(matches.flatMap((m) => (m.best ? [{ match: m, fit: m.best }] : [])));
  const tell = (metres3: number | undefined) => (metres3 ? say(metres3, 'CubicMetre', garden.system) : 'none');

  type Of = (typeof fits)[number];
  const rows: [string, (of: Of) => string][] = [
    ['Size', ({ fit }) => fit.size],
    ['Soil', ({ fit }) => tell(fit.grow.litres?.value)],
    [
      'Plants',
      ({ fit }) =>
        fit.grow.crops
          .filter((c) => c.count > 0)
          .slice(0, 2)
          .map((c) => `${digits(c.count, 0, garden.system)} ${c.called}`)
          .join(' or ') || 'none',
    ],
    ['Work', ({ match }) => takesHours(match, garden.system)],
    ['To buy', ({ fit }) => (fit.cost === 0 ? 'nothing' : money(fit.cost, garden.system))],
    [
      'Wet',
      ({ fit }) => (fit.hold.wetMass ? say(fit.hold.wetMass.value, 'Kilogram', garden.system) : fit.hold.handling),
    ],
    ['Takes', ({ fit }) => fit.takes.map((t) => (t.count > 1 ? `${t.name} × ${t.count}` : t.name)).join(', ')],
  ];
</script>

<section class="compare" aria-label="Side by side">
  <Table>
    <TableHead>
      <TableHeadCell><span class="sr">What</span></TableHeadCell>
      {#each fits as { match } (match.design)}<TableHeadCell
          ><b>{match.name}</b>
          <Button kind="link" onclick={() => shelf.compare(match.design)} aria-label="{match.name}: compare no more"
            >away</Button
          ></TableHeadCell
        >{/each}
    </TableHead>
    <TableBody>
      {#each rows as [name, of] (name)}<TableBodyRow>
          <TableBodyCell class="soft whitespace-nowrap">{name}</TableBodyCell>
          {#each fits as one (one.match.design)}<TableBodyCell>{of(one)}</TableBodyCell>{/each}
        </TableBodyRow>{/each}
      {#each ['grow', 'drain', 'hold'] as const as part (part)}<TableBodyRow>
          <TableBodyCell class="soft">{part === 'grow' ? 'Grow' : part === 'drain' ? 'Drain' : 'Hold'}</TableBodyCell>
          {#each fits as { match, fit } (match.design)}<TableBodyCell
              ><VerdictWord verdict={fit[part].verdict} />
              <span class="small soft">{fit[part].words}</span></TableBodyCell
            >{/each}
        </TableBodyRow>{/each}
    </TableBody>
  </Table>
</section>

<style>
  .compare {
    margin: 8px 0 14px;
    border: 1px solid var(--line);
    background: var(--board);
    padding: 6px 8px;
  }

  .compare b {
    color: var(--ink);
    font-size: 1.05rem;
    margin-right: 8px;
  }
</style>
