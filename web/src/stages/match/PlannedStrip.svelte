<script lang="ts">
  import Button from '../../lib/controls/Button.svelte';
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import Small from '../../lib/drawing/Small.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { digits, money, say } from '../../lib/units/tell';
  import { stencilled } from '../../lib/words';
  import type { PlannedProject } from './whole.svelte';

  interface Props {
    project: PlannedProject;
    /** Its id once it is kept. */
    kept?: number;
    /** While it may still become another. */
    looking: boolean;
    onkeep: () => void;
  }

  const { project, kept, looking, onkeep }: Props = $props();
</script>

<article class="planned" aria-label={project.name}>
  <Small shapes={project.drawing.shapes} width={170} height={104} edge={6} label="{project.name}, from a corner" />
  <div>
    <h3>{project.name} <VerdictWord verdict={project.worst} /></h3>
    <p>{project.size}{project.spot ? `, ${project.spot}` : ''}</p>
    <p class="gives">
      {#if project.crop}<b>{project.plants} × {project.crop.toLowerCase()}</b>{/if}
      {#if project.litres}<b>{say(project.litres, 'CubicMetre', garden.system)}</b>{/if}
    </p>
    <p class="takes">
      {#each project.takes as take (take.thingId)}<span class="tag"
          ><b>{stencilled(take.number)}</b>
          {take.name}{take.part ? `, ${take.part}` : take.count > 1 ? ` × ${take.count}` : ''}</span
        >{/each}
    </p>
  </div>
  <div class="cost">
    <b>{project.money === 0 ? 'Nothing to buy' : `About ${money(project.money, garden.system)} to buy`}</b>
    <span>{digits(project.hours, 1)} hours of work</span>
    {#if kept}<a class="kept" href="#/draw?project={kept}">Kept: open it</a>
    {:else}<Button disabled={looking} onclick={onkeep}>Keep it</Button>{/if}
  </div>
</article>

<style>
  .planned {
    display: grid;
    grid-template-columns: 170px minmax(0, 1fr) 190px;
    gap: 6px 18px;
    background: var(--board);
    border: 1px solid var(--line);
    border-radius: var(--radius);
    padding: 8px 14px;
    margin-bottom: 8px;
  }

  .gives {
    display: flex;
    gap: 16px;
    font-size: 1.05rem;
  }

  .takes {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 8px;
    font-size: 0.87rem;
  }

  .cost {
    display: flex;
    flex-direction: column;
    gap: 4px;
  }

  .cost :global(button),
  .kept {
    margin-top: auto;
  }

  .kept {
    color: var(--chalk);
    font-weight: 600;
    text-decoration: underline;
  }

  @media (max-width: 760px) {
    .planned {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
