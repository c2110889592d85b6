<script lang="ts">
  import { Select } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import Hint from '../../lib/controls/Hint.svelte';
  import { push } from 'svelte-spa-router';
  import Drawing from '../../lib/drawing/Drawing.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { goingOn } from '../../lib/words';
  import { digits, money, say } from '../../lib/units/tell';
  import AsMade from './AsMade.svelte';
  import CutBoard from './CutBoard.svelte';
  import Ending from './Ending.svelte';
  import FromTheHeap from './FromTheHeap.svelte';
  import Holes from './Holes.svelte';
  import PalletCut from './PalletCut.svelte';
  import Pictures from './Pictures.svelte';
  import Steps from './Steps.svelte';
  import Tools from './Tools.svelte';
  import { MakingState } from './making.svelte';

  const { params }: { params?: { project?: string } } = $props();

  const id = $derived(Number(params?.project ?? garden.projects[0]?.id ?? 0));
  const making = new MakingState(() => id);

  const STATES = {
    Drawn: 'drawn',
    BeingBuilt: 'being built',
    Built: 'built',
    TakenDown: 'taken down',
    GivenUp: 'given up',
  } as const;
  const project = $derived(making.project);
  const plan = $derived(making.plan);
  const fit = $derived(making.fit);
  const wrong = $derived(making.wrong);
  const unlooked = $derived(new Set(fit?.pending.filter((p) => p.notLookedAt).map((p) => p.thingId) ?? []));
  const lacking = $derived(plan?.tools.filter((t) => t.having !== 'Owned') ?? []);
</script>

{#if plan && fit && project}
  <article class="make">
    <header>
      <div>
        <h1>{project.name}</h1>
        <p class="soft">{project.designName} · {fit.size} · {STATES[project.state]} · {garden.info?.name}</p>
        {#if project.castAnew}<p class="problem" role="status">{project.castAnew}</p>{/if}
        {#if making.better}<p class="better no-print" role="status">
            What lies there now would do it {making.better.saves > 0
              ? `for ${money(making.better.saves, garden.system)} less`
              : 'better'}{making.better.instead.length > 0 ? `, with ${making.better.instead.join(' and ')}` : ''}.
            <Button class="px-3" onclick={() => void making.takeBetter()}>Take that</Button>
          </p>{/if}
      </div>
      <dl class="facts">
        <div>
          <dt>To go</dt>
          <dd>{digits(making.left / 60, 1, garden.system)} h</dd>
        </div>
        {#if making.took > 0}<div>
            <dt>Took so far</dt>
            <dd>{digits(making.took / 60, 1, garden.system)} h</dd>
          </div>{/if}
        <div>
          <dt>Steps</dt>
          <dd>{plan.steps.filter((s) => s.done).length} of {plan.steps.length}</dd>
        </div>
        <div>
          <dt>To buy</dt>
          <dd>{money(plan.cost, garden.system)}</dd>
        </div>
        {#if fit.hold.wetMass}<div>
            <dt>Wet</dt>
            <dd>{say(fit.hold.wetMass.value, 'Kilogram', garden.system)}</dd>
          </div>{/if}
      </dl>
      <div class="no-print actions">
        <label
          ><span class="sr">Project</span>
          <Select placeholder="" value={String(id)} onchange={(e) => void push(`/make/${e.currentTarget.value}`)}>
            {#each garden.projects as p (p.id)}<option value={String(p.id)}>{p.name}</option>{/each}
          </Select>
        </label>
        <Button class="px-4" onclick={() => void push(`/draw?project=${id}`)}>Drawing</Button>
        {#if project.filled}
          <Button class="px-4" onclick={() => void making.empty()}>Empty it</Button>
          <Hint words="Its soil goes back to the heap as used soil" />
        {/if}
        <Button class="px-4" onclick={() => window.print()}>Print the sheet</Button>
        <Button kind="main" class="px-5" onclick={() => void push(`/bench/${id}`)}>At the bench</Button>
      </div>
    </header>
    {#if wrong}<p class="problem" role="alert">{wrong}</p>{/if}
    <div class="body">
      <Steps project={project.id} steps={plan.steps} ontick={(s, d, m) => void making.tick(s, d, m)} />
      <div class="side">
        <AsMade
          tapes={project.tapes}
          told={project.told}
          wrong={making.wrongTape}
          onmeasure={(t, v) => void making.measure(t, v)}
        />
        <section class="drawings">
          {#each project.board?.views.slice(0, 2) ?? [] as view (view.id)}
            <figure>
              <Drawing {view} height={200} weakest={fit.hold.weakest?.part} />
              <figcaption>{view.title}</figcaption>
            </figure>
          {/each}
        </section>
        {#if plan.palletCuts.length > 0}
          <section>
            <h2>Saw the pallets</h2>
            <div class="pallets">
              {#each plan.palletCuts as cut (cut.thingId + '-' + cut.pieces[0])}<PalletCut {cut} />{/each}
            </div>
          </section>
        {/if}
        {#if plan.cuts.length > 0}
          <section>
            <h2>
              Cut from the boards <span class="soft small"
                >{digits(plan.waste * 100, 0, garden.system)} % waste; {say(0.003, 'Metre', garden.system)} a saw cut, bad
                places left out</span
              >
            </h2>
            {#each plan.cuts as bar, i (i)}<CutBoard {bar} />{/each}
          </section>
        {/if}
        {#each plan.templates as template (template.title)}
          <section class="template">
            <h2>{template.title}</h2>
            <Drawing view={template.view} height={300} />
            <Holes holes={template.holes} />
          </section>
        {/each}
        <Pictures project={project.id} templates={plan.templates} />
        <section class="lists">
          <div>
            <FromTheHeap project={project.id} takes={fit.takes} {unlooked} />
          </div>
          <div>
            <h2>To buy</h2>
            <ul>
              {#each fit.standIns as s, i (i)}<li class="soft">
                  Before you buy {goingOn(s.part)}: {s.words}
                </li>{/each}
              {#each plan.shopping as b, i (i)}<li>
                  <span class="print-box" aria-hidden="true"></span>{b.product
                    ? `${b.packs} × ${b.product}`
                    : `${b.name}${b.soil ? ': to dig or fetch' : ': nothing bought will do'}`}
                  <span class="soft"
                    >{b.product ? money(b.cost, garden.system) : 'price not known'}; {say(
                      b.amount,
                      b.unit,
                      garden.system,
                    )} needed</span
                  >
                </li>{:else}<li>Nothing.</li>{/each}
            </ul>
          </div>
          <div>
            <h2>Tools</h2>
            <p><Tools tools={plan.tools} /></p>
            {#if lacking.length > 0}<p class="small">
                <a href="#/house-rules/tools">{lacking.length} to find a way round or borrow</a>
              </p>{/if}
          </div>
        </section>
        <Ending
          filled={project.filled}
          onempty={() => void making.empty()}
          onend={(how, why) => void making.end(how, why)}
        />
        <p class="caution">{plan.caution}</p>
      </div>
    </div>
  </article>
{:else}
  <section class="empty">
    <h1>Make</h1>
    {#if wrong}<p class="problem" role="alert">{wrong}</p>{/if}
    {#if project?.whyNot}
      <p class={making.ended ? '' : 'problem'}>
        {project.name}: {project.whyNot}{project.why ? ` ${project.why}` : ''}
      </p>
      {#if project.lastPicture}<figure>
          <img src="/api/projects/{project.id}/last-picture.svg" alt="{project.name} as it was last kept" />
          <figcaption>As it was last kept</figcaption>
        </figure>{/if}
    {:else if garden.projects.length === 0}
      <p>
        Nothing is kept yet. Find something in <a href="#/match">Match</a>, draw it and keep it; the sheet for making it
        comes of itself.
      </p>
    {/if}
    <ul>
      {#each garden.projects as p (p.id)}<li>
          <a class="tag" href="#/make/{p.id}"
            ><b>{p.name}</b> {p.designName}{p.state === 'Drawn' ? '' : `, ${STATES[p.state]}`}</a
          >
        </li>{/each}
    </ul>
  </section>
{/if}

<style>
  .make {
    padding: 14px 22px 30px;
  }

  .better {
    border-left: 5px solid var(--accent);
    padding: 4px 10px;
  }

  header {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 30px;
    align-items: center;
    border-bottom: 2px solid var(--ink);
    padding-bottom: 10px;
  }

  header > div:first-child {
    flex: 1 1 200px;
    min-width: 0;
  }

  .facts {
    display: flex;
    gap: 22px;
  }

  .facts dt {
    font-size: 0.8rem;
    color: var(--ink-soft);
  }

  .facts dd {
    font-family: var(--font-mono);
    font-size: 1.2rem;
    font-weight: 600;
  }

  .actions {
    display: flex;
    gap: 8px;
    margin-left: auto;
  }

  .body {
    display: grid;
    grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
    gap: 26px;
    padding-top: 10px;
  }

  .drawings {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 10px;
  }

  figcaption {
    text-align: center;
    font-size: 0.85rem;
    color: var(--ink-soft);
  }

  .pallets {
    display: flex;
    flex-wrap: wrap;
    gap: 14px;
  }

  h2 {
    margin: 12px 0 5px;
  }

  h2 span {
    font-family: var(--font-sans);
    font-weight: 400;
  }

  .lists {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
    gap: 0 20px;
  }

  .caution {
    margin-top: 14px;
    font-weight: 600;
  }

  .empty {
    padding: 24px;
    max-width: 640px;
  }

  .empty a:not(.tag) {
    color: var(--chalk);
    text-decoration: underline;
  }

  .empty li {
    margin: 8px 0;
  }

  .empty .tag {
    min-height: var(--target);
  }

  @media (max-width: 900px) {
    .body {
      grid-template-columns: minmax(0, 1fr);
    }
  }

  @media (max-width: 620px) {
    .make {
      padding: 12px 14px 24px;
    }

    .drawings {
      grid-template-columns: 1fr;
    }

    .actions {
      margin-left: 0;
      flex-wrap: wrap;
    }
  }

  @media print {
    .make {
      padding: 0;
    }

    .body {
      display: block;
    }

    section {
      break-inside: avoid;
    }

    .template {
      break-inside: auto;
    }
  }
</style>
