<script lang="ts">
  import { Checkbox } from 'flowbite-svelte';
  import { api, troubleOf, unreachable, type Schemas } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import Fold from '../../lib/controls/Fold.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import { mark } from './place.svelte';

  interface Props {
    baseLine: number;
    latitude: number;
    onbearing: (degrees: number) => void;
  }

  /** How the base line lies, by the shadow of a stick. */
  const { baseLine, latitude, onbearing }: Props = $props();

  const marks = $state({ foot: mark(), tip: mark() });
  let found = $state<Schemas['NorthByStick'] | null>(null);
  let errors = $state<Record<string, string>>({});
  let whole = $state('');

  async function workOut() {
    const answer = await api
      .POST('/api/plan/north', { body: { ...$state.snapshot(marks), baseLine, latitude } })
      .catch(() => null);
    found = answer?.data ?? null;
    const trouble = !answer ? unreachable : found ? null : troubleOf(answer.response.status, answer.error);
    errors = trouble?.fields ?? {};
    // What is said at a tape is not said again below.
    whole = trouble && !Object.keys(errors).some((field) => field.includes('.')) ? trouble.whole : '';
    if (found) onbearing(found.bearing);
  }
</script>

<Fold title="Find its direction by a stick">
  <p class="small">
    Stand a straight stick plumb in level ground. From an hour before noon, mark the tip of its shadow every few
    minutes: the shortest shadow points to north, and south of the equator to south. Measure its foot and that tip.
  </p>
  {#each [['foot', 'Foot of the stick'], ['tip', 'Tip of its shortest shadow']] as const as [which, name] (which)}
    {#each [['a', 'from A'], ['b', 'from B']] as const as [end, from] (end)}
      <MeasureField
        name="{name}, {from}"
        unit="Metre"
        value={marks[which][end] ?? null}
        error={errors[`${which}.${end}`]}
        blank="hold the tape"
        onclear={() => (marks[which][end] = null)}
        onvalue={(v) => (marks[which][end] = v)}
        onerror={(w) => (errors = { ...errors, [`${which}.${end}`]: w })}
      />
    {/each}
    <label class="tick"
      ><Checkbox
        checked={marks[which].right ?? false}
        onchange={(e) => (marks[which].right = e.currentTarget.checked)}
      /><span>to the right, looking from A to B</span></label
    >
  {/each}
  <Button class="px-4" onclick={() => void workOut()}>Work it out</Button>
  <div role="status">
    {#if found}<p>
        A to B lies <b>{say(found.bearing, 'Degree', garden.system)}</b> from north, within {say(
          found.within,
          'Degree',
          garden.system,
        )} where no tape is out by more than a thumb. It stands in the field above.
      </p>{:else if whole}<p class="problem">{whole}</p>{/if}
  </div>
</Fold>
