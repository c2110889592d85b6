<script lang="ts">
  import { troubleWith } from '../../lib/api/held';
  import Fold from '../../lib/controls/Fold.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import { bendAsked } from './place.svelte';

  /** The same length and width as an arc, by offsets from a string. */
  const { project, length }: { project: number; length: number } = $props();

  /** Nothing that is folded away is printed. */
  let open = $state(false);

  let rise = $state<number | null>(null);
  let wrong = $state('');
  const asked = bendAsked(
    () => project,
    () => rise,
  );
  const bend = $derived(rise === null ? null : (asked.data ?? null));
  const m = (value: number) => say(value, 'Metre', garden.system);
</script>

<div class:no-print={!open}>
  <Fold title="To lay it round a bend instead" heading="h2" bind:open>
    <div class="rise">
      <MeasureField
        name="How far the bend rises"
        hint="At the middle of a string of {m(length)}"
        unit="Metre"
        value={rise}
        blank="straight"
        error={wrong || (rise === null ? undefined : troubleWith(asked)?.fields.rise)}
        onclear={() => ((rise = null), (wrong = ''))}
        onvalue={(v) => ((rise = v), (wrong = ''))}
        onerror={(w) => (wrong = w)}
      />
    </div>
    {#if bend}
      <p>
        A string of <b class="mono">{m(length)}</b> between the ends: along it, then square off it to the outside of the
        bend; what is below nothing lies before its beginning. Each outer peg belongs to the inner one in its row:
        between the two it is <b>one width</b> all round. The inner edge is {m(bend.length)} long, the outer one {m(
          bend.outerLength,
        )}, about a middle {m(bend.radius)} away.
      </p>
      <table class="measures">
        <thead>
          <tr>
            <th scope="col">inner: along</th><th scope="col">off</th><th scope="col">outer: along</th><th scope="col"
              >off</th
            >
          </tr>
        </thead>
        <tbody>
          {#each bend.inner as p, i (i)}<tr>
              {#each [p.along, p.off, bend.outer[i].along, bend.outer[i].off] as v, n (n)}<td class="mono">{m(v)}</td
                >{/each}
            </tr>{/each}
        </tbody>
      </table>
    {/if}
  </Fold>
</div>

<style>
  .rise {
    max-width: 420px;
  }
</style>
