import type { ModelView } from '@grevik/contracts';
import { CONSUMED, type HookUp, type UnitSystem, partWords } from '@grevik/core';

/** Something that can go on the order beside the valve. */
export interface Along {
  key: string;
  group: 'kit' | 'spares';
  text: string;
  quantity: number;
}

/** The kit of the hook-up, and the spares the model has; tools and what is bought by the job stay away. */
export function goingAlong(joined: HookUp | undefined, model: ModelView, system: UnitSystem): Along[] {
  const kit = (joined?.kit ?? [])
    .filter(({ id, count }) => count !== undefined && !CONSUMED.has(id))
    .map((part): Along => {
      const text = partWords(part, system);
      return { key: `kit ${text}`, group: 'kit', text, quantity: part.count ?? 1 };
    });
  const spares = (model.spares ?? []).map(({ name }): Along => ({
    key: `spare ${name}`,
    group: 'spares',
    text: `${name} for ${model.maker} ${model.model}`,
    quantity: 1,
  }));
  return [...kit, ...spares];
}
