<script lang="ts">
  import Button from '../../lib/controls/Button.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  interface Props {
    project: number;
    templates: { title: string; sheets: number }[];
  }

  const { project, templates }: Props = $props();

  const views: [string, string][] = [
    ['front', 'Front'],
    ['side', 'Side'],
    ['plan', 'Plan'],
    ['section', 'Section'],
    ['corner-0', 'From a corner'],
    ['apart', 'Taken apart'],
  ];
  const inches = $derived(garden.system.lengths === 'in');
  let shown = $state<number | null>(null);
</script>

<section class:no-print={shown === null}>
  <h2 class="no-print">Drawings to take along</h2>
  <ul class="files">
    {#each views as [name, title] (name)}
      <li>
        {title}
        <a href="/api/projects/{project}/pictures/{name}.svg?save=true">SVG</a>
        <a href="/api/projects/{project}/pictures/{name}.dxf">DXF</a>
      </li>
    {/each}
    {#each templates as template, i (template.title)}
      <li>
        {template.title}
        <a href="/api/projects/{project}/pictures/template-{i}.svg?save=true">SVG</a>
        <a href="/api/projects/{project}/pictures/template-{i}.dxf">DXF</a>
        <Button kind="link" onclick={() => (shown = shown === i ? null : i)}
          >{shown === i
            ? 'Put away'
            : `True size, ${template.sheets} ${template.sheets === 1 ? 'sheet' : 'sheets'}`}</Button
        >
      </li>
    {/each}
  </ul>
  {#if shown !== null}
    <p class="soft small no-print">
      Print at 100 %, not fitted to the page. Measure the bar on the first sheet: it must be {say(
        inches ? 0.1016 : 0.1,
        'Metre',
        garden.system,
      )}. Lay the crosses of neighbours on each other.
    </p>
    <div class="sheets" data-paper={garden.info?.manner.paper}>
      {#each { length: templates[shown].sheets }, k (k)}<img
          src="/api/projects/{project}/templates/{shown}/{k}"
          alt="Sheet {k + 1} of {templates[shown].sheets}, {templates[shown].title}"
          loading="lazy"
        />{/each}
    </div>
  {/if}
</section>

<style>
  .files li {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    align-items: center;
    min-height: 34px;
    border-top: 1px solid var(--line);
  }

  .files a {
    color: var(--chalk);
    text-decoration: underline;
    min-height: 34px;
    display: inline-flex;
    align-items: center;
  }

  .sheets img {
    width: 210mm;
    max-width: 100%;
    border: 1px solid var(--line);
    background: #fff;
    margin: 6px 0;
  }

  .sheets[data-paper='Letter'] img {
    width: 8.5in;
  }

  @media (pointer: coarse) {
    .files li,
    .files a {
      min-height: var(--target);
    }
  }

  @media print {
    .files {
      display: none;
    }

    .sheets img {
      display: block;
      page: true-size;
      max-width: none;
      border: 0;
      margin: 0;
    }

    .sheets[data-paper='Letter'] img {
      page: true-size-letter;
    }
  }
</style>
