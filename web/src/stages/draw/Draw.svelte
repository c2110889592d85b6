<script lang="ts">
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { untrack } from 'svelte';
  import Field from '../../lib/controls/Field.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import { push, router } from 'svelte-spa-router';
  import type { Schemas } from '../../lib/api/client';
  import BandSlider from '../../lib/controls/BandSlider.svelte';
  import Fold from '../../lib/controls/Fold.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { fromHere } from '../../lib/go';
  import { goingOn, stencilled } from '../../lib/words';
  import { money, say } from '../../lib/units/tell';
  import BriefBar from '../match/BriefBar.svelte';
  import { board } from './board.svelte';
  import Sheet from './Sheet.svelte';
  import VerdictBar from './VerdictBar.svelte';
  import Verdicts from './Verdicts.svelte';

  const { params }: { params?: { design?: string } } = $props();

  const asked = $derived(params?.design ?? '');
  const query = $derived(new URLSearchParams(router.querystring ?? ''));
  const project = $derived(query.get('project'));
  const source = $derived(query.get('source'));
  const set = $derived(query.get('set'));

  // Opens what the address names, once for each address.
  let opened = '';
  $effect(() => {
    const address = `${asked}|${project ?? ''}|${source ?? ''}${set ? `|${set}` : ''}`;
    if (address === opened) return;
    opened = address;
    // What was changed on it and is not kept yet is still on the board.
    if (untrack(() => board.changed && !set && board.project?.id === Number(project))) return;
    if (project) void board.openProject(Number(project), settingsOf(set));
    else if (asked) void board.open(asked, source);
  });

  /** "hole:0.01,pad:0.06" as settings. */
  function settingsOf(text: string | null): Record<string, number> {
    const pairs = (text ?? '').split(',').map((pair) => pair.split(':'));
    return Object.fromEntries(
      pairs
        .filter(([name, value]) => name && Number.isFinite(Number(value)))
        .map(([name, value]) => [name, Number(value)]),
    );
  }

  // Units or rules changed, here or by undo: it is told anew.
  let told = untrack(() => garden.told);
  $effect(() => {
    if (garden.told === told) return;
    told = garden.told;
    untrack(() => board.retell());
  });

  const fit = $derived(board.board?.fit ?? null);
  const sliders = $derived(board.board?.sliders.filter((s) => !s.isAddition) ?? []);
  const additions = $derived(board.board?.sliders.filter((s) => s.isAddition) ?? []);
  const added = $derived(additions.filter((s) => s.value !== 0).map((s) => goingOn(s.name)));
  /** Whether they were opened or closed by hand. */
  let adding = $state<boolean>();
  const names = $derived(Object.fromEntries(board.board?.sliders.map((s) => [s.id, s.name]) ?? []));
  const nearest = $derived.by(() => {
    const slider = board.board?.sliders.find((s) => s.id === board.nearest?.parameter);
    return slider && board.nearest ? { name: slider.name, unit: slider.unit, value: board.nearest.value } : null;
  });
  const weakest = $derived(fit?.hold.weakest ?? null);
  const weakestWords = $derived(
    weakest && weakest.utilisation !== null
      ? `weakest: ${weakest.name.toLowerCase()}, ${Math.round(weakest.utilisation * 100)} %`
      : '',
  );

  const views = $derived(board.board?.views ?? []);
  /** Soil pushes only where there is soil. */
  const pushed = $derived(views.some((v) => v.shapes.some((s) => s.ink === 'Pressure')));

  // The corner follows when nothing moves any more: it would hold up the drawing in hand. The one there is stays until the next has come.
  $effect(() => {
    if (!board.board?.tried) return;
    const picture = board.picture;
    untrack(() => void board.look(picture));
  });

  function choose(value: string) {
    if (value) void push(`/draw?project=${value}`);
  }

  async function keep() {
    const go = fromHere();
    const id = await board.keep();
    if (id === null) return;
    opened = `|${id}|`;
    go(`/draw?project=${id}`);
  }

  async function drop() {
    const go = fromHere();
    if (await board.drop()) go('/match');
  }
</script>

{#snippet shade(of: 'wet' | 'push')}
  <svg aria-hidden="true"><rect width="30" height="15" fill="url(#hatch-{of})" /></svg>
{/snippet}

{#snippet band(slider: Schemas['SliderDto'])}<BandSlider
    {slider}
    stale={!board.knows(slider.id)}
    onvalue={(v) => board.set(slider.id, v)}
  />{/snippet}

{#if fit && board.board}
  <div class="draw">
    <section class="settings" aria-label="Settings">
      <label class="small"
        >Project
        <Field
          class="title"
          bind:value={board.name}
          maxlength={200}
          aria-invalid={board.trouble?.fields.name ? 'true' : undefined}
          oninput={() => (board.changed = true)}
        />
      </label>
      {#if board.trouble?.fields.name}<p class="problem">{board.trouble.fields.name}</p>{/if}
      <p class="soft small kind">{fit.designName} · {fit.size}</p>
      {#each sliders as slider (slider.id)}{@render band(slider)}{/each}
      {#if additions.length > 0}<Fold
          title={added.length > 0 ? `Added: ${added.join(', ')}` : 'What may be added'}
          heading="h3"
          bind:open={() => adding ?? added.length > 0, (open) => (adding = open)}
        >
          {#each additions as slider (slider.id)}{@render band(slider)}{/each}
        </Fold>{/if}
      {#if nearest}<p class="nearest" role="status">
          {nearest.name}: {say(nearest.value, nearest.unit, garden.system)} is the nearest that can be.
        </p>{/if}
      {#if board.refused}<p class="problem" role="alert">{board.refused} The picture is of the last that could.</p>{/if}
      <div class="brief"><BriefBar onchange={() => board.again()} /></div>
      <h3>Takes from the heap</h3>
      <p class="tags">
        {#each fit.takes as take (take.thingId)}<span class="tag"
            ><b>{stencilled(take.number)}</b>
            {take.name}{take.part ? `, ${take.part}` : take.count > 1 ? ` × ${take.count}` : ''}</span
          >{/each}
      </p>
      <h3>Still to find</h3>
      {#if fit.buys.length === 0}<p class="soft">Nothing; the heap has it all.</p>{/if}
      <ul class="buys">
        {#each fit.buys as buy, i (i)}
          <li>
            {say(buy.amount, buy.unit, garden.system)}
            {goingOn(buy.name)} · {buy.product
              ? money(buy.cost, garden.system)
              : buy.soil
                ? 'to dig or fetch, price not known'
                : 'nothing bought will do'}
          </li>
        {/each}
      </ul>
      {#if fit.standIns.length > 0}
        <h3>Or from the heap instead</h3>
        <ul class="buys">
          {#each fit.standIns as s, i (i)}<li>
              For {goingOn(s.part)}: {s.words} <a href="#/gather/{s.thingId}">{s.name}</a>
            </li>{/each}
        </ul>
      {/if}
      {#if fit.passedOver.length > 0}
        <h3>Not taken from the heap</h3>
        <ul class="buys">
          {#each fit.passedOver as over, i (i)}<li>
              <a href="#/gather/{over.thingId}">{over.name}</a>, for {goingOn(over.part)}: {over.why}
            </li>{/each}
        </ul>
      {/if}
      {#if board.trouble && !board.trouble.fields.name}<p class="problem" role="alert">{board.trouble.whole}</p>{/if}
      <div class="actions">
        <Button kind="main" class="px-4" disabled={board.project !== null && !board.changed} onclick={() => void keep()}
          >{board.project ? 'Keep changes' : 'Keep it'}</Button
        >
        {#if board.project}
          <Button class="px-4" onclick={() => void push(`/make/${board.project!.id}`)}>Make it</Button>
          <Button class="px-4" onclick={() => void drop()}>Drop it</Button>
        {/if}
      </div>
    </section>

    <section class="views" aria-label="Drawings to scale">
      <Sheet
        {views}
        corner={board.corner}
        {names}
        weakest={weakest?.part}
        remark={weakestWords}
        stale={board.refused !== ''}
        onmeasure={(f, v) => board.set(f, v)}
        onerror={(_, s) => (board.refused = s)}
      />
      <ul class="legend small">
        {#if fit.drain.wetLayer > 0}<li>{@render shade('wet')} wet layer that stays</li>{/if}
        {#if pushed}<li>{@render shade('push')} push of the soil</li>{/if}
        {#if weakest?.part}<li><i class="weak"></i> weakest part</li>{/if}
      </ul>
      <VerdictBar {fit} />
    </section>

    <Verdicts {fit} onchanged={() => board.again()} />
  </div>
{:else}
  <section class="empty">
    <h1>The drawing board</h1>
    {#if board.refused}<p class="problem" role="alert">{board.refused}</p>{/if}
    {#if board.trouble}<p class="problem" role="alert">{board.trouble.whole}</p>{/if}
    {#if board.pending > 0}<Waiting words="Drawing…" />{/if}
    <p>Open one that is kept, or go to <a href="#/match">Match</a> and draw something new.</p>
    <ul>
      {#each garden.projects as p (p.id)}<li>
          <Button kind="bare" class="tag" onclick={() => choose(String(p.id))}><b>{p.name}</b> {p.designName}</Button>
        </li>{/each}
    </ul>
  </section>
{/if}

<style>
  .draw {
    display: grid;
    grid-template-columns: 256px minmax(0, 1fr) 304px;
    height: 100%;
  }

  .settings {
    padding: 12px 16px;
    border-right: 1px solid var(--line);
    overflow: auto;
  }

  .settings :global(.title) {
    font-family: var(--font-head);
    font-weight: 700;
    font-size: 1.15rem;
  }

  .kind {
    margin: 4px 0 10px;
  }

  h3 {
    margin: 8px 0 4px;
  }

  .tags {
    display: flex;
    flex-wrap: wrap;
    gap: 5px;
  }

  .tags .tag {
    font-size: 0.8rem;
  }

  .buys {
    font-size: 0.9rem;
  }

  .buys a {
    color: var(--chalk);
    text-decoration: underline;
  }

  .nearest {
    font-weight: 600;
    color: var(--chalk);
  }

  .actions {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 12px;
  }

  .views {
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto auto;
    min-width: 0;
    min-height: 0;
    padding: 8px 14px;
    background:
      repeating-linear-gradient(0deg, color-mix(in srgb, var(--line) 35%, transparent) 0 1px, transparent 1px 38px),
      repeating-linear-gradient(90deg, color-mix(in srgb, var(--line) 35%, transparent) 0 1px, transparent 1px 38px),
      var(--board);
  }

  .brief :global(label) {
    flex: 1 1 100%;
  }

  .brief {
    --brief-field: none;
    border-block: 1px dashed var(--line);
    padding-block: 6px;
    margin-block: 6px;
  }

  .legend {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 16px;
  }

  .legend li {
    display: flex;
    align-items: center;
    gap: 7px;
  }

  .legend svg {
    width: 30px;
    height: 15px;
    border: 1px solid var(--ink);
  }

  .legend i {
    width: 30px;
    height: 15px;
  }

  .legend .weak {
    border: 2px solid var(--accent);
    background: color-mix(in srgb, var(--accent) 45%, var(--wood));
  }

  .empty {
    padding: 24px;
    max-width: 640px;
  }

  .empty a {
    color: var(--chalk);
    text-decoration: underline;
  }

  .empty li {
    margin: 8px 0;
  }

  .empty :global(.tag) {
    min-height: var(--target);
    cursor: pointer;
  }

  /* The picture and the three verdicts stay in sight above whatever is moved. */
  @media (max-width: 1020px) {
    .draw {
      display: flex;
      flex-direction: column;
      height: auto;
    }

    .settings {
      border-right: 0;
      order: 2;
      overflow: visible;
    }

    .views {
      order: 1;
      position: sticky;
      top: 0;
      z-index: 2;
      display: block;
      padding: 0 10px;
      border-bottom: 1px solid var(--line);
    }

    .legend {
      display: none;
    }
  }
</style>
