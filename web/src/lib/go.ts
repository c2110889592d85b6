import { push, router } from 'svelte-spa-router';

/**
 * A way to somewhere for when something that is under way is done: asked for before it begins, and gone only if the gardener has not gone elsewhere meanwhile. Nobody is called back from another page.
 */
export function fromHere(): (path: string) => void {
  const here = router.location;
  return (path) => {
    if (router.location === here) void push(path);
  };
}
