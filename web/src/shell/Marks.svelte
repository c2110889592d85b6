<script lang="ts">
  /** Shades of drawings, by the pattern they are drawn with. */
  const shades = [
    ['hatch-wet', 'Wet', 'what stays wet at the foot, or water'],
    ['hatch-push', 'Push', 'how hard the soil pushes, wider where it pushes harder'],
    ['hatch-bad', 'Bad', 'a place marked bad: cut round it'],
  ] as const;
</script>

<h3>Verdicts</h3>
<dl>
  <dt>◌ Not looked at yet</dt>
  <dd>
    Nobody has answered the questions that decide. You may plan with it; nothing grown in or against it is called food
    until you have walked round it, in <a href="#/gather">Gather</a>.
  </dd>
  <dt>● Sound, ◐ Tight, ✕ Won’t do</dt>
  <dd>Up to 80 % of what it can take; up to all of it; more than that.</dd>
  <dt>◌ Test it with water</dt>
  <dd>
    No sum can tell: a thin wall bulges farther than the theory of plates reaches. The steps of a test with water are
    there; do it before you drill.
  </dd>
  <dt>◇ Ask a professional</dt>
  <dd>Outside what these methods reach. No number is given as safe.</dd>
</dl>
<h3>On the heap</h3>
<dl class="pictured">
  <dt><i class="whole"></i></dt>
  <dd>lies there free</dd>
  <dt><i class="dashed"></i></dt>
  <dd>nobody has looked at it yet</dd>
  <dt><svg aria-hidden="true"><rect width="30" height="15" fill="url(#hatch-taken)" /></svg></dt>
  <dd>a project speaks for it</dd>
  <dt><i class="lies"></i></dt>
  <dd>lies on its back: refused, never to be used for this</dd>
  <dt><i class="up"></i></dt>
  <dd>lifted: the drawing or project in hand takes it</dd>
</dl>
<h3>On drawings</h3>
<dl class="pictured">
  {#each shades as [id, name, means] (id)}
    <dt><svg aria-hidden="true"><rect width="30" height="15" fill="url(#{id})" /></svg></dt>
    <dd><b>{name}</b>: {means}</dd>
  {/each}
  <dt><svg aria-hidden="true"><line x1="2" y1="8" x2="28" y2="8" class="ink-sinking" /></svg></dt>
  <dd><b>Sinking</b>: how low the fill will lie</dd>
  <dt><i class="weak"></i></dt>
  <dd>the weakest part</dd>
  <dt><span class="typed mono">900</span></dt>
  <dd>a measure that can be typed, there on the drawing</dd>
</dl>

<style>
  h3 {
    margin: 14px 0 4px;
  }

  dt {
    font-weight: 700;
    margin-top: 8px;
  }

  dd {
    margin: 0 0 4px;
  }

  a {
    text-decoration: underline;
  }

  .pictured {
    display: grid;
    grid-template-columns: 46px minmax(0, 1fr);
    gap: 6px 12px;
    align-items: center;
  }

  .pictured dt,
  .pictured dd {
    margin: 0;
  }

  svg,
  i {
    display: block;
    width: 30px;
    height: 15px;
  }

  .whole {
    background: var(--iron);
  }

  .dashed {
    border: 2px dashed var(--iron);
  }

  .lies {
    border: 2px dashed var(--fails);
  }

  .up {
    background: var(--accent);
  }

  .weak {
    border: 2px solid var(--accent);
    background: color-mix(in srgb, var(--accent) 45%, var(--wood));
  }

  .typed {
    display: inline-block;
    padding: 0 5px;
    border: 1px solid var(--chalk);
    color: var(--chalk);
  }
</style>
