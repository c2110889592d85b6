import { OURS } from './ours';

/** What every stage stands on. */
const GROUND = ['/api/catalogue', '/api/garden', '/api/things', '/api/projects', '/api/things/needs-a-look'];

/** Answers on their way that nobody has asked for yet, by path; null where there is none after all. */
const answers = new Map<string, Promise<Response | null>>();

const ask = (path: string) => fetch(path, { headers: OURS });

/** Asks who we are and, let in as a gardener, for what every stage stands on: the answers come while the application is still being read. */
export function askEarly(): void {
  const door = ask('/api/door');
  const letIn = door
    .then((answer) => answer.clone().json())
    .then((said: { role?: string }) => said.role === 'gardener')
    .catch(() => false);
  answers.set('/api/door', door);
  // Each waits for the door, also for whoever asks in earnest before it has answered: never is one asked twice.
  for (const path of GROUND)
    answers.set(
      path,
      letIn.then((inside) => (inside ? ask(path) : null)),
    );
  // Where one cannot be read, whoever asks in earnest asks anew and says what is wrong.
  for (const answer of answers.values()) answer.catch(() => null);
}

/** Fetches, or gives what was asked for early; that once only, since a second time it may be old. */
export async function fetched(request: Request): Promise<Response> {
  const path = request.method === 'GET' ? new URL(request.url).pathname : '';
  const early = answers.get(path);
  answers.delete(path);
  return (await early?.catch(() => null)) ?? fetch(request);
}
