<script lang="ts">
  import { Asking } from '../../lib/ask.svelte';
  import { api, type Kind, type Schemas } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import Field from '../../lib/controls/Field.svelte';
  import Small from '../../lib/drawing/Small.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';

  type Heard = Schemas['HeardDto'];

  const { onpick }: { onpick: (kind: Kind, said?: Heard) => void } = $props();

  let line = $state('');
  let heard = $state.raw<{ line: string; kinds: Heard[] }>({ line: '', kinds: [] });
  let wrong = $state('');
  const asking = new Asking();

  const groups = $derived([...new Set(garden.catalogue?.kinds.map((k) => k.group) ?? [])]);
  const example = $derived(
    garden.system.lengths === 'in' ? '5 pallets 47 1/4 x 39 3/8 HT' : '5 pallets 1200 x 1000 HT',
  );

  /** With a keyboard to hand one types at once; under a thumb a keyboard would only cover the pictures. */
  function ready(field: HTMLElement) {
    if (matchMedia('(pointer: fine)').matches) field.focus();
  }

  async function hear(): Promise<void> {
    const said = line.trim();
    wrong = '';
    if (said === '') {
      asking.stop();
      heard = { line: '', kinds: [] };
      return;
    }
    try {
      const answer = await asking.ask((signal) => api.POST('/api/things/heard', { body: { line: said }, signal }));
      if (answer?.data) heard = { line: said, kinds: answer.data };
    } catch {
      wrong = 'Metaplant does not answer. What you typed stays here; pick a picture below.';
    }
  }

  /** Enter takes the best, also when it is pressed before the answer to the last letter is here. */
  async function take(event: SubmitEvent) {
    event.preventDefault();
    if (heard.line !== line.trim()) await hear();
    if (heard.kinds[0]) pick(heard.kinds[0]);
  }

  function pick(said: Heard) {
    const kind = garden.kinds.get(said.kind);
    if (kind) onpick(kind, said);
  }

  /** What of it was said: "5, 1200 mm × 1000 mm". */
  function summary(said: Heard): string {
    const fields = garden.kinds.get(said.kind)?.fields ?? [];
    const taken = fields.filter((f) => said.taken.includes(f.id));
    return [
      said.count > 1 ? `${said.count} of them` : '',
      taken.map((f) => say(said.measures[f.id], f.unit, garden.system)).join(' × '),
    ]
      .filter(Boolean)
      .join(', ');
  }
</script>

<section class="picker" aria-label="What is it?">
  <form class="top" onsubmit={take}>
    <h1>What is it?</h1>
    <Field
      type="search"
      placeholder={example}
      aria-label="Say what it is"
      autocomplete="off"
      maxlength={200}
      bind:value={line}
      {@attach ready}
      oninput={() => void hear()}
    />
  </form>
  <p class="soft">
    Say it as you would: how many, what, its measures, its mark. Enter takes the first; the rest can wait until you have
    the tape out.
  </p>
  {#if wrong}<p class="problem" role="alert">{wrong}</p>{/if}
  {#if garden.things.length === 0 && garden.needsALook.length === 0}
    <p>Or <a href="#/house-rules/file">begin from a garden file</a>, yours or another’s.</p>
  {/if}
  <div aria-live="polite">
    {#if heard.line !== '' && heard.kinds.length > 0}
      <h2>It may be</h2>
      <ul class="heard">
        {#each heard.kinds as said, i (said.kind)}
          {@const kind = garden.kinds.get(said.kind)}
          {#if kind}
            <li>
              <Button kind="bare" class={i === 0 ? 'first' : ''} onclick={() => pick(said)}>
                <Small shapes={kind.silhouette} width={92} height={52} edge={3} />
                <span>{kind.name}</span>
                <small>{summary(said)}</small>
              </Button>
            </li>
          {/if}
        {/each}
      </ul>
    {:else if heard.line !== ''}
      <p>
        Nothing of that name. An odd vessel is entered by its widths, or by buckets poured in; anything flat is a sheet.
      </p>
    {/if}
  </div>
  {#if heard.kinds.length === 0}
    {#each groups as group (group)}
      <h2>{group}</h2>
      <ul>
        {#each garden.catalogue?.kinds.filter((k) => k.group === group) ?? [] as kind (kind.id)}
          <li>
            <Button kind="bare" onclick={() => onpick(kind)}>
              <Small shapes={kind.silhouette} width={92} height={52} edge={3} />
              <span>{kind.name}</span>
            </Button>
          </li>
        {/each}
      </ul>
    {/each}
  {/if}
</section>

<style>
  .picker {
    grid-column: 2 / -1;
    padding: 14px 24px 24px;
    overflow: auto;
  }

  .top {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 20px;
    align-items: center;
  }

  .top :global(input) {
    flex: 1 1 320px;
    max-width: 560px;
  }

  h2 {
    margin: 12px 0 5px;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(118px, 1fr));
    gap: 8px;
  }

  ul :global(button) {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 4px;
    width: 100%;
    height: 100%;
    padding: 8px 4px;
    background: var(--board);
    border: 1px solid var(--line);
    border-bottom: 3px solid var(--kraft);
    border-radius: 3px;
    font: inherit;
    font-weight: 600;
    font-size: 0.9rem;
    line-height: 1.15;
    color: var(--ink);
    cursor: pointer;
  }

  ul :global(button:hover) {
    border-color: var(--accent);
  }

  ul :global(button.first) {
    border-color: var(--accent);
    border-width: 2px;
    border-bottom-width: 4px;
  }

  .heard {
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  }

  small {
    color: var(--ink-soft);
    text-align: center;
    font-weight: 400;
  }
</style>
