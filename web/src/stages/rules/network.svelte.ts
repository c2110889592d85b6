import { api, troubleOf, unreachable, type Schemas } from '../../lib/api/client';
import { garden } from '../../lib/garden.svelte';

/** Who may come in over the home network. */
class Network {
  inside = $state.raw<Schemas['InsideDto'] | null>(null);
  /** The invitation just made, whose code is shown this once. */
  made = $state.raw<Schemas['MadeInvitationDto'] | null>(null);
  /** Sentences by field. */
  wrong = $state.raw<Record<string, string>>({});
  said = $state('');

  async read(): Promise<void> {
    await this.ask(
      () => api.GET('/api/door/inside'),
      (data) => (this.inside = data),
    );
  }

  async setPassphrase(passphrase: string): Promise<boolean> {
    const well = await this.ask(() => api.PUT('/api/door/passphrase', { body: { passphrase } }));
    if (well) {
      this.said = 'The passphrase is set. Every device signs in with it from now on.';
      await garden.open();
      await this.read();
    }
    return well;
  }

  async invite(name: string, project: number | null, hours: number): Promise<boolean> {
    const well = await this.ask(
      () => api.POST('/api/door/invitations', { body: { for: name, project, hours } }),
      (data) => (this.made = data),
    );
    if (well) await this.read();
    return well;
  }

  async withdraw(invitation: string): Promise<void> {
    await this.ask(() => api.DELETE('/api/door/invitations/{invitation}', { params: { path: { invitation } } }));
    if (this.made?.invitation.id === invitation) this.made = null;
    await this.read();
  }

  async signOut(device: string): Promise<void> {
    await this.ask(() => api.DELETE('/api/door/devices/{device}', { params: { path: { device } } }));
    await garden.open();
    if (garden.door?.role === 'gardener') await this.read();
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
