<script lang="ts">
  import Field from '../../lib/controls/Field.svelte';
  import { Select } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import { troubleWith } from '../../lib/api/held';
  import { garden } from '../../lib/garden.svelte';
  import { when } from '../../lib/when';
  import { insideAsked, network } from './network.svelte';

  let passphrase = $state('');
  let name = $state('');
  let project = $state('');
  let hours = $state('24');
  const lasts: [string, string][] = [
    ['4', 'this afternoon: 4 hours'],
    ['24', 'a day'],
    ['168', 'a week'],
    ['744', 'a month'],
  ];

  const asked = insideAsked();
  const inside = $derived(asked.data);

  async function setPassphrase(event: Event) {
    event.preventDefault();
    if (await network.setPassphrase(passphrase)) passphrase = '';
  }

  async function invite(event: Event) {
    event.preventDefault();
    if (await network.invite(name, project === '' ? null : Number(project), Number(hours))) name = '';
  }

  /** In groups of four, as it is read out over a fence. */
  const spaced = (code: string) => code.replace(/(.{4})(?=.)/g, '$1 ');
  const link = (code: string) => `${garden.door?.network ?? ''}/#/helper/${code}`;
</script>

<h2>Home network</h2>
{#if garden.door?.network}
  <p>
    Open to the home network at <b class="mono">{garden.door.network}</b>. A phone there signs in with the passphrase;
    this machine itself is never asked.
  </p>
{:else}
  <p>
    Served to this machine only. Start it with <span class="mono">./metaplant serve --data DIR --host ADDRESS</span>,
    with the address of this machine on the home network, and phones there can sign in.
  </p>
{/if}

<h3>Passphrase</h3>
{#if garden.door?.atTheMachine}
  <form class="row" onsubmit={setPassphrase}>
    <label
      >{garden.door.hasPassphrase ? 'A new passphrase; all devices sign in again' : 'Set the passphrase'}
      <Field
        type="password"
        autocomplete="new-password"
        maxlength={200}
        bind:value={passphrase}
        aria-describedby="passphrase-wrong"
      /></label
    >
    <Button type="submit" class="px-4">Set it</Button>
  </form>
  <p id="passphrase-wrong" class="problem" role="alert">{network.wrong.passphrase ?? ''}</p>
{:else}
  <p class="soft">
    It is changed at the machine itself, here or with <span class="mono">./metaplant passphrase</span>.
  </p>
{/if}
{#if network.said}<p role="status"><b>{network.said}</b></p>{/if}

<h3>Devices that are in</h3>
{#if troubleWith(asked)}<p class="problem" role="alert">{troubleWith(asked)?.whole}</p>{/if}
{#if inside?.devices.length}
  <ul class="listed">
    {#each inside.devices as d (d.id)}
      <li>
        <div>
          <b>{d.name}</b>{#if d.this}
            · this one{/if}
          <small class="soft"
            >{d.helperOf ? `helps with ${d.helperOf}` : 'gardener'} · last seen {when(d.lastSeen, garden.dates)}</small
          >
        </div>
        <Button class="px-4" onclick={() => void network.signOut(d.id)}
          >Sign out<span class="sr"> {d.name}</span></Button
        >
      </li>
    {/each}
  </ul>
{:else}
  <p class="soft">None.</p>
{/if}

<h3>Helpers</h3>
<p class="soft">
  A helper sees the steps of one project and can tick them, and nothing else. An invitation ends by itself or when you
  withdraw it.
</p>
{#if garden.projects.length === 0}
  <p class="soft">Keep a project first; helpers are invited to one.</p>
{:else}
  <form class="row" onsubmit={invite}>
    <label>Whom <Field bind:value={name} maxlength={60} placeholder="a name" /></label>
    <label
      >Helps with <Select placeholder="" bind:value={project}
        ><option value="">choose…</option>{#each garden.projects as p (p.id)}<option value={String(p.id)}
            >{p.name}</option
          >{/each}</Select
      ></label
    >
    <label
      >For <Select placeholder="" bind:value={hours}
        >{#each lasts as [h, words] (h)}<option value={h}>{words}</option>{/each}</Select
      ></label
    >
    <Button type="submit" class="px-4">Invite</Button>
  </form>
{/if}
{#each ['for', 'project', 'hours'].filter((f) => network.wrong[f]) as field (field)}
  <p class="problem" role="alert">{network.wrong[field]}</p>
{/each}
{#if network.made}
  <div class="code" role="status">
    <p>For {network.made.invitation.for}, shown this once:</p>
    <p class="large">{spaced(network.made.code)}</p>
    {#if garden.door?.network}
      <p class="small">{link(network.made.code)}</p>
    {:else}
      <p class="small problem">It is of no use until the garden is served to the home network; see above.</p>
    {/if}
  </div>
{/if}
{#if inside?.invitations.length}
  <ul class="listed">
    {#each inside.invitations as i (i.id)}
      <li>
        <div>
          <b>{i.for}</b> <small class="soft">helps with {i.projectName} until {when(i.until, garden.dates)}</small>
        </div>
        <Button class="px-4" onclick={() => void network.withdraw(i.id)}
          >Withdraw<span class="sr"> the invitation of {i.for}</span></Button
        >
      </li>
    {/each}
  </ul>
{/if}
{#if network.wrong.whole && !network.wrong.passphrase && !network.wrong.for && !network.wrong.project && !network.wrong.hours}
  <p class="problem" role="alert">{network.wrong.whole}</p>
{/if}

<style>
  h3 {
    margin-top: 22px;
    font-size: 1.1rem;
    font-weight: 700;
  }

  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    align-items: end;
  }

  .row :global(:is(input, select)) {
    display: block;
    min-width: 200px;
  }

  li small {
    display: block;
  }

  .code {
    border: 1.5px solid var(--ink);
    border-radius: 3px;
    background: var(--board);
    padding: 12px 16px;
    margin: 12px 0;
    max-width: 620px;
  }

  .large {
    font-family: var(--font-mono);
    font-size: 1.7rem;
    font-weight: 700;
    letter-spacing: 0.04em;
  }

  .code .small {
    overflow-wrap: anywhere;
  }
</style>
