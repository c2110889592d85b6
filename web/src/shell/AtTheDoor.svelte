<script lang="ts">
  import Field from '../lib/controls/Field.svelte';
  import Button from '../lib/controls/Button.svelte';
  import { replace, router } from 'svelte-spa-router';
  import { api, troubleOf, unreachable } from '../lib/api/client';
  import { garden } from '../lib/garden.svelte';

  // A helper's link carries the code.
  const invited = /^\/helper\/([\w-]+)/.exec(router.location)?.[1] ?? '';
  let helper = $state(invited !== '');
  let passphrase = $state('');
  let code = $state(invited);
  let device = $state(/Android|iPhone|iPad/.exec(navigator.userAgent)?.[0] ?? 'Computer');
  let wrong = $state('');
  let busy = $state(false);

  async function come(event: Event) {
    event.preventDefault();
    busy = true;
    try {
      const { error, response } = await api.POST('/api/door/in', {
        body: helper ? { code, device, passphrase: null } : { passphrase, device, code: null },
      });
      wrong = response.ok ? '' : troubleOf(response.status, error).whole;
      // Not kept longer than it takes.
      passphrase = '';
      if (response.ok) {
        if (invited) await replace('/');
        await garden.open();
      }
    } catch {
      wrong = unreachable.whole;
    } finally {
      busy = false;
    }
  }
</script>

<section class="door" aria-labelledby="door">
  <p class="brand"><span class="hook" aria-hidden="true"></span> Metaplant</p>
  <h1 id="door">{helper ? 'Come in and help' : 'Who is there?'}</h1>
  {#if !helper && garden.door && !garden.door.hasPassphrase}
    <p>
      This garden has no passphrase yet, so nobody can come in over the network. Set one at the machine that Metaplant
      runs on: House rules, Home network.
    </p>
  {:else}
    <form onsubmit={come}>
      {#if helper}
        <label>The code you were given <Field class="mono" bind:value={code} autocomplete="off" maxlength={60} /></label
        >
      {:else}
        <label
          >The garden’s passphrase <Field
            type="password"
            bind:value={passphrase}
            autocomplete="current-password"
            maxlength={200}
          /></label
        >
      {/if}
      <label>What to call this device <Field bind:value={device} autocomplete="off" maxlength={60} /></label>
      {#if wrong}<p class="problem" role="alert">{wrong}</p>{/if}
      <Button type="submit" kind="main" class="px-5" disabled={busy}>Come in</Button>
    </form>
  {/if}
  <Button kind="link" class="other" onclick={() => ((helper = !helper), (wrong = ''))}
    >{helper ? 'I am the gardener' : 'I was given a helper’s code'}</Button
  >
</section>

<style>
  .door {
    max-width: 440px;
    margin: 8vh auto 0;
    padding: 0 20px;
    display: grid;
    gap: 16px;
    justify-items: start;
  }

  .brand {
    display: flex;
    align-items: center;
    gap: 12px;
    width: 100%;
    padding: 12px 16px;
    background: #22303c;
    color: #fdf6e6;
    border-bottom: 10px solid var(--tape);
    font-family: var(--font-head);
    font-weight: 700;
    font-size: 1.3rem;
  }

  .hook {
    width: 9px;
    height: 9px;
    border-radius: 50%;
    background: #fdf6e6;
  }

  form {
    display: grid;
    gap: 14px;
    width: 100%;
  }
</style>
