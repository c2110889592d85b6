import type { DesignMatch } from '../../lib/api/client';
import { digits, say } from '../../lib/units/tell';
import type { System } from '../../lib/units/system';

/** What it comes to, shortly: soil, else what of one crop finds room, else its size. */
export function comesTo(match: DesignMatch, system: System): string {
  const fit = match.best;
  if (!fit) return '';
  if (fit.grow.litres) return say(fit.grow.litres.value, 'CubicMetre', system);
  const crop = fit.grow.crops.find((c) => c.count > 0);
  return crop ? `${digits(crop.count, 0, system)} ${crop.called}` : fit.size;
}

export function takesHours(match: DesignMatch, system: System): string {
  const hours = match.best?.hours ?? 0;
  return `${digits(hours, hours < 10 ? 1 : 0, system)} h`;
}
