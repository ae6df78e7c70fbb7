import type { JobArchive } from '@grevik/contracts';
import { InvalidInput, TAG_PATTERN } from '@grevik/core';
import { refuseOddWalk } from '../walks/odd-walk.js';

/** What each field alone cannot tell: tags and names given twice, a valve of the walk that is no position, a pick without its model. */
export function refuseContradictions({ lines, models }: JobArchive): void {
  const once = (seen: Set<string>, given: string, field: string): void => {
    const key = given.trim().toLowerCase();
    if (seen.has(key)) throw new InvalidInput(field, `${field} is “${given}”, which is already used.`);
    seen.add(key);
  };
  const tags = new Set<string>();
  const names = new Set<string>();
  const known = new Set(models.map(({ maker, model }) => `${maker}\n${model}`));
  if (known.size < models.length) throw new InvalidInput('models', 'models names one model twice.');
  lines.forEach(({ name, walked, walk, positions }, at) => {
    const here = `lines[${at}]`;
    once(names, name, `${here}.name`);
    positions.forEach(({ tag, longitude, latitude, pick }, index) => {
      const field = `${here}.positions[${index}]`;
      if (!TAG_PATTERN.test(tag))
        throw new InvalidInput(`${field}.tag`, `${field}.tag is “${tag}”: write it like CW-04.`);
      once(tags, tag, `${field}.tag`);
      if ((longitude === undefined) !== (latitude === undefined))
        throw new InvalidInput(`${field}.latitude`, `${field} needs longitude and latitude, or neither.`);
      if (pick && !known.has(`${pick.maker}\n${pick.model}`))
        throw new InvalidInput(
          `${field}.pick.model`,
          `${field}.pick.model is ${pick.model}, which models does not have.`,
        );
    });
    if (!walked) return;
    refuseOddWalk(walk, `${here}.walk`);
    const own = new Set(positions.map(({ tag }) => tag));
    walk.forEach(({ kind, tag }, index) => {
      const field = `${here}.walk[${index}].tag`;
      if (kind === 'valve' ? tag === undefined || !own.delete(tag) : tag !== undefined)
        throw new InvalidInput(
          field,
          `${field} is ${tag ?? 'missing'}: a valve, and only a valve, names a position of its line, once.`,
        );
    });
  });
}
