import { createQuery } from '@tanstack/svelte-query';
import { api, troubleOf, unreachable, type Schemas } from '../../lib/api/client';
import { again, held, taken } from '../../lib/api/held';
import { garden } from '../../lib/garden.svelte';

/** Who is in and who may come in; others come and go meanwhile, so that it is asked whenever somebody looks. */
export const insideAsked = () =>
  createQuery(
    () => ({
      queryKey: ['inside'],
      queryFn: ({ signal }) => taken(api.GET('/api/door/inside', { signal })),
      staleTime: 0,
    }),
    () => held,
  );

/** Changes who may come in over the home network. */
class Network {
  /** The invitation just made, whose code is shown this once. */
  made = $state.raw<Schemas['MadeInvitationDto'] | null>(null);
  /** Sentences by field. */
  wrong = $state.raw<Record<string, string>>({});
  said = $state('');

  async setPassphrase(passphrase: string): Promise<boolean> {
    const well = await this.ask(() => api.PUT('/api/door/passphrase', { body: { passphrase } }));
    if (well) {
      this.said = 'The passphrase is set. Every device signs in with it from now on.';
      await garden.open();
      await again('inside');
    }
    return well;
  }

  async invite(name: string, project: number | null, hours: number): Promise<boolean> {
    const well = await this.ask(
      () => api.POST('/api/door/invitations', { body: { for: name, project, hours } }),
      (data) => (this.made = data),
    );
    if (well) await again('inside');
    return well;
  }

  async withdraw(invitation: string): Promise<void> {
    await this.ask(() => api.DELETE('/api/door/invitations/{invitation}', { params: { path: { invitation } } }));
    if (this.made?.invitation.id === invitation) this.made = null;
    await again('inside');
  }

  async signOut(device: string): Promise<void> {
    await this.ask(() => api.DELETE('/api/door/devices/{device}', { params: { path: { device } } }));
    await garden.open();
    if (garden.door?.role === 'gardener') await again('inside');
  }

  private async ask<T>(
    send: () => Promise<{ data?: T; error?: unknown; response: Response }>,
    take: (data: T) => void = () => undefined,
  ): Promise<boolean> {
    this.said = '';
    try {
      const { data, error, response } = await send();
      const trouble = response.ok ? null : troubleOf(response.status, error);
      this.wrong = trouble ? { whole: trouble.whole, ...trouble.fields } : {};
      if (trouble) return false;
      if (data !== undefined) take(data);
      return true;
    } catch {
      this.wrong = { whole: unreachable.whole };
      return false;
    }
  }
}

export const network = new Network();
