<script lang="ts">
  import Field from '../../lib/controls/Field.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import { push, router } from 'svelte-spa-router';
  import BandSlider from '../../lib/controls/BandSlider.svelte';
  import Drawing from '../../lib/drawing/Drawing.svelte';
  import { boundsOf } from '../../lib/drawing/frame';
  import type { View } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import { goingOn } from '../../lib/words';
  import { money, say } from '../../lib/units/tell';
  import BriefBar from '../match/BriefBar.svelte';
  import Corner from './Corner.svelte';
  import { board } from './board.svelte';
  import Verdicts from './Verdicts.svelte';

  const { params }: { params?: { design?: string } } = $props();
  let width = $state(700);

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

  const fit = $derived(board.board?.fit ?? null);
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

  /** Front and plan share one scale and a column; the section has its own beside them. */
  const views = $derived(board.board?.views ?? []);
  /** Soil pushes only where there is soil. */
  const pushed = $derived(views.some((v) => v.shapes.some((s) => s.ink === 'Pressure')));
  const scale = $derived.by(() => {
    const wide = views.slice(0, 2).map((v) => boundsOf(v.shapes));
    if (wide.length === 0) return undefined;
    const x = Math.max(...wide.map((b) => b.x1 - b.x0));
    const y = wide.reduce((sum, b) => sum + b.y1 - b.y0, 0);
    const column = width > 640 ? width * 0.6 : width;
    return Math.min((column - 130) / x, 360 / y);
  });
  const heights = $derived(
    views.slice(0, 2).map((v) => {
      const b = boundsOf(v.shapes);
      return Math.max(110, (b.y1 - b.y0) * (scale ?? 1) + 112);
    }),
  );

  function sectionHeight(view: View): number {
    const b = boundsOf(view.shapes);
    const column = width > 640 ? width * 0.4 - 12 : width;
    return Math.max(130, (b.y1 - b.y0) * Math.min((column - 130) / (b.x1 - b.x0), 300 / (b.y1 - b.y0)) + 126);
  }

  function choose(value: string) {
    if (value) void push(`/draw?project=${value}`);
  }

  async function keep() {
    const id = await board.keep();
    if (id === null) return;
    opened = `|${id}|`;
    await push(`/draw?project=${id}`);
  }
</script>

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
      {#each board.board.sliders as slider (slider.id)}<BandSlider
          {slider}
          onvalue={(v) => board.set(slider.id, v)}
        />{/each}
      {#if nearest}<p class="nearest" role="status">
          {nearest.name}: {say(nearest.value, nearest.unit, garden.system)} is the nearest that can be.
        </p>{/if}
      {#if board.refused}<p class="problem" role="alert">{board.refused} The picture is of the last that could.</p>{/if}
      <h3>Takes from the heap</h3>
      <p class="tags">
        {#each fit.takes as take (take.thingId)}<span class="tag"
            ><b>{String(take.number).padStart(2, '0')}</b>
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
          <Button class="px-4" onclick={async () => (await board.drop()) && void push('/match')}>Drop it</Button>
        {/if}
      </div>
    </section>

    <section class="views" aria-label="Drawings to scale" bind:clientWidth={width}>
      <div class="brief"><BriefBar onchange={() => board.again()} /></div>
      <div class="columns" class:narrow={width <= 640}>
        <div>
          {#each views.slice(0, 2) as view, i (view.id)}
            <h2>
              {view.title}{#if i === 0}<span class="weakest">{weakestWords}</span>{/if}
            </h2>
            <Drawing
              {view}
              height={heights[i]}
              {scale}
              {names}
              weakest={weakest?.part}
              stale={board.refused !== ''}
              onmeasure={(f, v) => board.set(f, v)}
              onerror={(_, s) => (board.refused = s)}
            />
          {/each}
        </div>
        <div>
          {#each views.slice(2) as view (view.id)}
            <h2>{view.title}</h2>
            <Drawing
              {view}
              height={sectionHeight(view)}
              {names}
              weakest={weakest?.part}
              stale={board.refused !== ''}
              onmeasure={(f, v) => board.set(f, v)}
              onerror={(_, s) => (board.refused = s)}
            />
          {/each}
          <Corner height={300} weakest={weakest?.part} />
          <ul class="legend small">
            {#if fit.drain.wetLayer > 0}<li><i class="wet"></i> wet layer that stays</li>{/if}
            {#if pushed}<li><i class="push"></i> push of the soil</li>{/if}
            {#if weakest?.part}<li><i class="weak"></i> weakest part</li>{/if}
          </ul>
        </div>
      </div>
    </section>

    <Verdicts {fit} onchanged={() => board.again()} />
  </div>
{:else}
  <section class="empty">
    <h1>The drawing board</h1>
    {#if board.refused}<p class="problem" role="alert">{board.refused}</p>{/if}
    {#if board.trouble}<p class="problem" role="alert">{board.trouble.whole}</p>{/if}
    {#if board.pending > 0}<p class="soft">Drawing…</p>{/if}
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
    grid-template-columns: 268px minmax(0, 1fr) 312px;
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
    padding: 8px 14px;
    overflow: auto;
    background:
      repeating-linear-gradient(0deg, color-mix(in srgb, var(--line) 35%, transparent) 0 1px, transparent 1px 38px),
      repeating-linear-gradient(90deg, color-mix(in srgb, var(--line) 35%, transparent) 0 1px, transparent 1px 38px),
      var(--board);
  }

  h2 .weakest {
    margin-left: 14px;
    color: var(--accent);
    font-family: var(--font-sans);
    font-size: 0.9rem;
  }

  .brief {
    border-bottom: 1px dashed var(--line);
    padding-bottom: 6px;
    margin-bottom: 6px;
  }

  .columns {
    display: grid;
    grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
    gap: 12px;
  }

  .columns.narrow {
    grid-template-columns: minmax(0, 1fr);
  }

  .legend {
    display: grid;
    gap: 3px;
  }

  .legend li {
    display: flex;
    align-items: center;
    gap: 7px;
  }

  .legend i {
    width: 18px;
    height: 11px;
    border: 1px solid var(--ink);
  }

  .legend .wet {
    background: var(--water);
  }

  .legend .push {
    background: color-mix(in srgb, var(--accent) 16%, var(--board));
    border-color: var(--accent);
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

  @media (max-width: 1020px) {
    .draw {
      display: flex;
      flex-direction: column;
      height: auto;
    }

    .settings {
      border-right: 0;
      order: 2;
    }

    .views {
      order: 1;
    }
  }
</style>
