/** What is done to a thing that lies on the heap: taken apart, cut, sawn, photographed. The garden does it; the bench shows what came of it. */
import { api } from '../../lib/api/client';
import { OURS } from '../../lib/api/ours';
import { heed } from '../../lib/api/held';
import { garden } from '../../lib/garden.svelte';
import type { Bench } from './bench.svelte';

/** Takes so many of the batch apart one way; what comes of it lies on the heap, each piece naming its parent. */
export function takeApart(bench: Bench, way: string, count: number): Promise<void> {
  return work(
    bench,
    (id, version) => api.POST('/api/things/{id}/break', { params: { path: { id } }, body: { way, count, version } }),
    'taken apart',
  );
}

export function cutOff(bench: Bench, length: number): Promise<void> {
  return work(
    bench,
    (id, version) => api.POST('/api/things/{id}/cut', { params: { path: { id } }, body: { length, version } }),
    'cut; both pieces are on the heap, the rest too where it is worth keeping',
  );
}

export function sawSections(bench: Bench, boards: number, sections: number): Promise<void> {
  return work(
    bench,
    (id, version) =>
      api.POST('/api/things/{id}/saw', { params: { path: { id } }, body: { boards, sections, version } }),
    'sawn; the section and what is left of it are on the heap',
  );
}

/** Photographs it. The picture is turned upright and drawn anew by the garden. */
export async function photograph(bench: Bench, file: File): Promise<void> {
  const id = bench.draft?.id;
  if (id == null) return;
  const trouble = await garden.write(async () => {
    const response = await fetch(`/api/things/${id}/photos`, {
      method: 'POST',
      headers: { ...OURS, 'content-type': file.type || 'image/jpeg' },
      body: file,
    });
    heed(response);
    return { response, error: response.ok ? undefined : await response.json().catch(() => null) };
  }, 'The photograph is kept');
  if (trouble) bench.explain({ ...trouble, fields: { photo: trouble.fields.photo ?? trouble.whole } });
  else delete bench.errors.photo;
}

export async function removePhoto(photo: number): Promise<void> {
  await garden.write(
    () => api.DELETE('/api/photos/{id}', { params: { path: { id: photo } } }),
    'The photograph is off; undo brings it back',
  );
}

async function work(
  bench: Bench,
  send: (id: number, version: number | null) => Promise<{ error?: unknown; response: Response }>,
  words: string,
): Promise<void> {
  const draft = bench.draft;
  if (draft?.id == null) return;
  const { id, version } = draft;
  const trouble = await garden.write(() => send(id, version), `${draft.name}: ${words}`);
  if (trouble) bench.explain({ ...trouble, fields: { work: trouble.whole } });
  else bench.reload(id);
}
