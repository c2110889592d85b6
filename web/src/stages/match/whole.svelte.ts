import { api, troubleOf, unreachable, type Schemas, type Trouble } from '../../lib/api/client';
import { garden } from '../../lib/garden.svelte';

export type HeapPlan = Schemas['HeapPlanDto'];
export type PlannedProject = Schemas['PlannedProjectDto'];

/** So many plants of a crop, in soil or on something to climb. */
export interface PlantsWanted {
  crop: string;
  plants: number;
  climbing: boolean;
}

/** What is wanted of the whole heap, and the plan that is looked for; it goes on while another stage is open. */
class WholeHeap {
  plants = $state<PlantsWanted[]>([]);
  /** m³ */
  soil = $state<number | null>(null);
  money = $state<number | null>(null);
  hours = $state<number | null>(null);
  /** Things to be used up, by id. */
  useUp = $state<number[]>([]);

  plan = $state.raw<HeapPlan | null>(null);
  looking = $state(false);
  trouble = $state.raw<Trouble | null>(null);
  /** By their place in the plan, the ids of what was kept. */
  kept = $state<Record<number, number>>({});

  private job = '';
  private events: EventSource | null = null;

  add(crop: string, climbing: boolean): void {
    this.plants.push({ crop, plants: climbing ? 6 : 12, climbing });
  }

  remove(at: number): void {
    this.plants.splice(at, 1);
  }

  async start(): Promise<void> {
    this.close();
    this.plan = null;
    this.kept = {};
    this.trouble = null;
    this.looking = true;
    const of = (climbing: boolean) =>
      this.plants.filter((p) => p.climbing === climbing).map(({ crop, plants }) => ({ crop, plants }));
    try {
      const { data, error, response } = await api.POST('/api/whole-heap', {
        body: {
          wants: {
            crops: of(false),
            supports: of(true),
            litres: this.soil === null ? 0 : this.soil * 1000,
            mostMoney: this.money,
            mostHours: this.hours,
            useUp: this.useUp.map((thing) => ({ thing, by: null })),
            spots: null,
          },
          seconds: 30,
          brief: garden.place,
        },
      });
      if (data) this.follow(data.job);
      else this.trouble = troubleOf(response.status, error);
    } catch {
      this.trouble = unreachable;
    }
    if (this.trouble) this.looking = false;
  }

  /** Looks no further; what is best so far stays. */
  async stop(): Promise<void> {
    this.close();
    this.looking = false;
    try {
      const { data } = await api.DELETE('/api/whole-heap/{job}', { params: { path: { job: this.job } } });
      if (data) this.show(data);
    } catch {
      this.trouble = unreachable;
    }
  }

  /** Keeps one project of the plan, or all that are not kept yet. */
  async keep(project: number | null): Promise<void> {
    let kept: Schemas['KeptPlanDto'] | undefined;
    this.trouble = await garden.write(
      async () => {
        const answer = await api.POST('/api/whole-heap/{job}/keep', {
          params: { path: { job: this.job } },
          body: { project },
        });
        kept = answer.data;
        return answer;
      },
      project === null ? 'All of it is kept and speaks for its things' : 'It is kept and speaks for its things',
    );
    for (const p of kept?.projects ?? []) this.kept[p.project] = p.id;
  }

  private follow(job: string): void {
    this.job = job;
    const events = new EventSource(`/api/whole-heap/${job}/progress`);
    this.events = events;
    const told = (event: MessageEvent<string>) => this.show(JSON.parse(event.data) as HeapPlan);
    events.addEventListener('plan', told);
    events.addEventListener('end', (event) => {
      told(event);
      this.close();
      this.looking = false;
    });
    // Broken off, it would be asked for for ever.
    events.onerror = () => {
      this.close();
      this.looking = false;
    };
  }

  private show(plan: HeapPlan): void {
    this.plan = plan;
    // The heap strip shows what becomes of it.
    const lifted: Record<number, number> = {};
    for (const take of plan.projects.flatMap((p) => p.takes))
      lifted[take.thingId] = (lifted[take.thingId] ?? 0) + take.count;
    garden.lifted = lifted;
  }

  private close(): void {
    this.events?.close();
    this.events = null;
  }
}

export const whole = new WholeHeap();
