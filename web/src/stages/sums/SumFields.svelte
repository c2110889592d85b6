<script lang="ts">
  import { Checkbox, Select } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import type { SumInput } from '../../lib/api/client';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import SumFields from './SumFields.svelte';
  import type { SumTable } from './table.svelte';
  import { chosenGroup, get, startOf, typical, type Node } from '../../lib/tree';

  interface Props {
    table: SumTable;
    inputs: SumInput[];
    /** The path to these inputs, with its last dot. */
    before?: string;
    /** Paths that are typed on the drawing. */
    drawn: ReadonlySet<string>;
  }

  const { table, inputs, before = '', drawn }: Props = $props();

  const at = (name: string): Node | undefined => get(table.inputs, before + name);

  /** Words of the method as a gardener reads them. */
  const said = (word: string) =>
    word
      .replace(/([a-z])([A-Z])/g, '$1 $2')
      .replace(/-/g, ' ')
      .replace(/^[A-Z](?=[a-z])/, (c) => c.toLowerCase());
</script>

{#each inputs as input (input.name)}
  {@const path = before + input.name}
  {#if input.kind === 'Number'}
    {#if !drawn.has(path)}
      {@const value = at(input.name)}
      <MeasureField
        name={input.title}
        unit={input.unit!}
        value={typeof value === 'number' ? value : null}
        error={table.errors[path]}
        onvalue={(v) => table.set(path, v)}
        onclear={input.optional ? () => table.set(path, (input.default as number | null) ?? undefined) : undefined}
        onerror={(s) => table.wrong(path, s)}
      />
    {/if}
  {:else if input.kind === 'Choice'}
    {#if input.options.length > 1}
      <label class="choice">
        <span>{input.title}</span>
        <Select
          placeholder=""
          value={String(at(input.name) ?? input.default)}
          aria-invalid={table.errors[path] ? 'true' : undefined}
          onchange={(e) =>
            before === '' ? table.choose(input, e.currentTarget.value) : table.set(path, e.currentTarget.value)}
        >
          {#each input.options as option (option)}<option value={option}>{said(option)}</option>{/each}
        </Select>
      </label>
    {/if}
  {:else if input.kind === 'Flag'}
    <label class="tick"
      ><Checkbox
        checked={(at(input.name) ?? input.default) === true}
        onchange={(e) => table.set(path, e.currentTarget.checked)}
      /><span>{input.title}</span></label
    >
  {:else if input.kind === 'Group'}
    <SumFields {table} inputs={input.fields} before="{path}." {drawn} />
  {:else if input.kind === 'Either'}
    {@const group = chosenGroup(input, at(input.name))}
    <label class="choice">
      <span>{input.title}</span>
      <Select
        placeholder=""
        value={group.name}
        onchange={(e) =>
          table.set(path, typical(input.fields.find((g) => g.name === e.currentTarget.value)?.fields ?? []))}
      >
        {#each input.fields as g (g.name)}<option value={g.name}>{g.title.toLowerCase()}</option>{/each}
      </Select>
    </label>
    <SumFields {table} inputs={group.fields} before="{path}." {drawn} />
  {:else if input.kind === 'List'}
    {@const rows = (at(input.name) ?? []) as Node[]}
    <fieldset class="rows">
      <legend>{input.title}</legend>
      {#each rows.keys() as i (i)}
        <div class="row">
          <SumFields {table} inputs={input.fields} before="{path}.{i}." drawn={new Set()} />
          {#if rows.length > (input.fewest ?? 0)}
            <Button
              class="px-3"
              aria-label="Take away number {i + 1}"
              onclick={() =>
                table.set(
                  path,
                  rows.filter((_, j) => j !== i),
                )}>✕</Button
            >
          {/if}
        </div>
      {/each}
      {#if rows.length < (input.most ?? 99)}
        <Button class="px-3" onclick={() => table.set(path, [...rows, (startOf(input) as Node[])[0]])}>One more</Button>
      {/if}
    </fieldset>
  {/if}
{/each}

<style>
  .choice {
    display: grid;
    grid-template-columns: 1fr minmax(110px, 46%);
    gap: 10px;
    align-items: center;
  }

  .rows {
    grid-column: 1 / -1;
    border: 0;
    padding: 0;
  }

  .row {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
    gap: 6px 18px;
    align-items: center;
    padding: 6px 0;
    border-bottom: 1px dashed var(--line);
    margin-bottom: 6px;
  }

  .row :global(button) {
    justify-self: start;
  }
</style>
