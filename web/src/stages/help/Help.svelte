<script lang="ts">
  import { stages } from '../../shell/stages';

  const keys: { keys: string[]; between?: string; does: string }[] = [
    { keys: ['Ctrl', 'Z'], does: 'take back what was done last, wherever nothing is being typed' },
    { keys: ['Ctrl', 'Y'], does: 'do it again; Ctrl, Shift and Z as well' },
    ...stages.map((s, i) => ({ keys: [String(i + 1)], does: `go to ${s.name}` })),
    {
      keys: ['←', '→'],
      between: ' or ',
      does: 'along the heap at the foot of the page, once it has the focus; Home and End to its ends',
    },
    { keys: ['Enter'], does: 'keep a number typed on a drawing' },
    { keys: ['Tab'], does: 'on to the next thing to do; the first Tab of a page leads past the tape' },
  ];
</script>

<section class="help">
  <h1>Keys and marks</h1>
  <p>Everything can be done without a mouse. No letter by itself does anything.</p>
  <table>
    <tbody>
      {#each keys as k (k.does)}<tr
          ><th scope="row"
            >{#each k.keys as key, i (i)}{i > 0 ? (k.between ?? ' + ') : ''}<kbd>{key}</kbd>{/each}</th
          ><td>{k.does}</td></tr
        >{/each}
    </tbody>
  </table>
  <h2>What the marks say</h2>
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
  <p class="soft">Nothing Metaplant says is a certificate. Local rules and a qualified person come first.</p>
</section>

<style>
  .help {
    padding: 18px 24px 30px;
    max-width: 760px;
  }

  table {
    margin: 12px 0 18px;
    border-collapse: collapse;
  }

  th {
    text-align: left;
    white-space: nowrap;
    padding: 4px 22px 4px 0;
    font-weight: 600;
  }

  td {
    padding: 4px 0;
  }

  kbd {
    display: inline-block;
    min-width: 26px;
    padding: 1px 7px;
    text-align: center;
    font-family: var(--font-mono);
    background: var(--kraft);
    border: 1px solid var(--kraft-edge);
    border-bottom-width: 2px;
    border-radius: 3px;
    color: var(--tape-ink);
  }

  a {
    text-decoration: underline;
  }

  dt {
    font-weight: 700;
    margin-top: 8px;
  }

  dd {
    margin: 0 0 4px;
  }
</style>
