<script lang="ts">
  import { api } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import { garden } from '../../lib/garden.svelte';

  const sides = [
    { id: 'length', name: 'Length inside', hint: 'From the tailgate to what stops it, seats down' },
    { id: 'width', name: 'Width inside', hint: 'At its narrowest, between the wheel arches' },
    { id: 'height', name: 'Height of the opening', hint: 'Where the load goes in' },
  ] as const;

  /** m; what is kept until something is typed. */
  let typed = $state<Partial<Record<(typeof sides)[number]['id'], number>>>({});
  let errors = $state<Record<string, string>>({});
  const kept = $derived(garden.info?.carrier ?? null);
  const all = $derived({ ...kept, ...typed });

  /** What is still wanted is said at its field. */
  function keepAll() {
    const { length, width, height } = all;
    for (const side of sides)
      if (all[side.id] === undefined && !errors[side.id]) errors[side.id] = 'Hold the tape here.';
    if (length !== undefined && width !== undefined && height !== undefined) void keep({ length, width, height });
  }

  async function keep(carrier: { length: number; width: number; height: number } | null) {
    const trouble = await garden.write(
      () => api.PUT('/api/carrier', { body: { carrier } }),
      carrier ? 'The car is measured' : 'The car is forgotten',
    );
    errors = trouble?.fields ?? {};
    if (!trouble) typed = {};
  }
</script>

<section class="car" aria-labelledby="the-car">
  <h2 id="the-car">Your car or trailer</h2>
  <p class="soft small">Measured once, it says of everything seen whether it goes in.</p>
  <div class="fields">
    {#each sides as side (side.id)}
      <MeasureField
        name={side.name}
        hint={side.hint}
        unit="Metre"
        value={all[side.id] ?? null}
        error={errors[side.id]}
        onvalue={(v) => ((typed[side.id] = v), delete errors[side.id])}
        onerror={(s) => (errors[side.id] = s)}
      />
    {/each}
  </div>
  <div class="press">
    <Button class="px-4" onclick={keepAll}>Keep the car</Button>
    {#if kept}<Button class="px-4" onclick={() => void keep(null)}>Forget it</Button>{/if}
  </div>
</section>

<style>
  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
    gap: 6px 14px;
  }

  .press {
    display: flex;
    gap: 8px;
    margin-top: 8px;
  }
</style>
