import { MediaQuery } from 'svelte/reactivity';

/** True where there is room for one thing at a time. */
export const phone = new MediaQuery('(max-width: 760px)', false);
