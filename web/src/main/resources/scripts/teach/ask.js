// What the room asks the server, which may be away: it answers soon or not at all.
import { csrf } from '../shared/csrf.js';

/** The answer of the server as JSON; null when there is none in time. */
export async function ask(address, body, within = 2000) {
  try {
    const answer = await fetch(address, {
      ...(body && { method: 'POST', body: JSON.stringify(body) }),
      headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': csrf() },
      signal: AbortSignal.timeout(within),
    });
    return answer.ok ? await answer.json() : null;
  } catch {
    return null;
  }
}
