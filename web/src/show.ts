import { mount } from 'svelte';
import App from './App.svelte';
import { garden } from './lib/garden.svelte';

/** Milliseconds that the first picture waits for what is on it: drawn twice it takes longer. */
const AT_MOST = 400;

export async function show(): Promise<void> {
  const target = document.getElementById('app');
  if (!target) throw new Error('index.html has no element #app to mount in.');
  await Promise.race([garden.arrive(), new Promise((late) => setTimeout(late, AT_MOST))]);
  mount(App, { target });
}
