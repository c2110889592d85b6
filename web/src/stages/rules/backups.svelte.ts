import { api, troubleOf, unreachable, type Schemas, type Trouble } from '../../lib/api/client';
import { garden } from '../../lib/garden.svelte';

/** The backups of the garden and what is done with them. */
class Backups {
  all = $state.raw<Schemas['BackupsDto'] | null>(null);
  /** The one that is about to be gone back to, once it is said again. */
  chosen = $state<string | null>(null);
  wrong = $state('');
  said = $state('');
  busy = $state(false);

  async read(): Promise<void> {
    await this.ask(async () => {
      const { data, error, response } = await api.GET('/api/backups');
      if (!data) return troubleOf(response.status, error);
      this.all = data;
      return null;
    });
  }

  async keep(): Promise<void> {
    this.said = '';
    const well = await this.ask(async () => {
      const { error, response } = await api.POST('/api/backups');
      return response.ok ? null : troubleOf(response.status, error);
    });
    await this.read();
    if (well) this.said = 'A backup of the garden as it is now is kept.';
  }

  /** Goes back to one. What is there now is kept first, so that it can be come back to. */
  async restore(name: string): Promise<void> {
    this.said = '';
    const well = await this.ask(async () => {
      const { error, response } = await api.POST('/api/backups/restore', { body: { name } });
      return response.ok ? null : troubleOf(response.status, error);
    });
    if (!well) return;
    this.chosen = null;
    await garden.open();
    await this.read();
    this.said = `The garden is as it was in ${name}.`;
  }

  private async ask(send: () => Promise<Trouble | null>): Promise<boolean> {
    this.busy = true;
    try {
      const trouble = await send();
      this.wrong = trouble?.whole ?? '';
      return trouble === null;
    } catch {
      this.wrong = unreachable.whole;
      return false;
    } finally {
      this.busy = false;
    }
  }
}

export const backups = new Backups();
