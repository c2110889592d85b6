<script lang="ts">
  import { Checkbox, Select } from 'flowbite-svelte';
  import { garden, type Means } from '../../lib/garden.svelte';
  import { counted } from '../../lib/when';
  import { money, say } from '../../lib/units/tell';

  const HOURS: [number, string][] = [
    [3, 'an evening'],
    [8, 'a day'],
    [16, 'a weekend'],
  ];
  const MONEY = [0, 20, 50, 100];
  /** What everybody knows the height of; makers of furniture keep to about these. */
  const HEIGHTS: [number, string][] = [
    [0.45, 'a seat'],
    [0.75, 'a table'],
    [0.9, 'a worktop'],
  ];
  const LIMITS = { Time: 'time', Money: 'money', Hands: 'hands', Tools: 'tools', Height: 'height' } as const;

  const means = $derived(garden.means);
  const good = $derived(garden.matches?.filter((m) => m.standing === 'WillDo') ?? []);
  const away = $derived(good.filter((m) => m.beyond.length > 0));
  /** "2 for time, 1 for money". */
  const forWhat = $derived(
    Object.entries(LIMITS)
      .map(([limit, name]) => [away.filter((m) => m.beyond.some((b) => b.limit === limit)).length, name] as const)
      .filter(([count]) => count > 0)
      .map(([count, name]) => `${count} for ${name}`)
      .join(', '),
  );

  function set(change: Partial<Means>) {
    garden.setMeans({ ...means, ...change });
  }

  const number = (text: string) => (text === '' ? null : Number(text));
</script>

<fieldset>
  <legend>This time I have</legend>
  <label
    >Time
    <Select placeholder="" value={means.hours ?? ''} onchange={(e) => set({ hours: number(e.currentTarget.value) })}>
      <option value="">any</option>
      {#each HOURS as [hours, name] (hours)}<option value={hours}>{name}, {hours} h</option>{/each}
    </Select>
  </label>
  <label
    >To spend
    <Select placeholder="" value={means.money ?? ''} onchange={(e) => set({ money: number(e.currentTarget.value) })}>
      <option value="">any</option>
      {#each MONEY as sum (sum)}<option value={sum}
          >{sum === 0 ? 'nothing' : `up to ${money(sum, garden.system)}`}</option
        >{/each}
    </Select>
  </label>
  <label
    >Soil up at least
    <Select placeholder="" value={means.height ?? ''} onchange={(e) => set({ height: number(e.currentTarget.value) })}>
      <option value="">any height</option>
      {#each HEIGHTS as [height, name] (height)}<option value={height}
          >as {name}, {say(height, 'Metre', garden.system)}</option
        >{/each}
    </Select>
  </label>
  <label class="tick"
    ><Checkbox checked={means.alone} onchange={(e) => set({ alone: e.currentTarget.checked })} /> by myself</label
  >
  <label class="tick"
    ><Checkbox checked={means.tools} onchange={(e) => set({ tools: e.currentTarget.checked })} /> only with
    <a href="#/house-rules/tools">my tools</a></label
  >
</fieldset>
{#if away.length > 0}
  <p role="status">
    {good.length - away.length} of {counted(good.length, 'design')} that will do can be done so; {away.length === 1
      ? 'one falls'
      : `${away.length} fall`} away: {forWhat}.
  </p>
{/if}

<style>
  fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: end;
    font-size: 0.85rem;
  }

  legend {
    float: left;
    align-self: center;
    font-weight: 700;
    padding-bottom: 10px;
  }

  fieldset :global(select) {
    font-size: 0.95rem;
  }

  a {
    text-decoration: underline;
  }

  p {
    margin-top: 4px;
    font-weight: 600;
  }
</style>
