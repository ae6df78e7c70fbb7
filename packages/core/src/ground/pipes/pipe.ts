import { PIPE_TABLES, type PipeTable } from './pipe-tables.js';

export const PIPE_MATERIALS = [
  'copper',
  'steel',
  'galvanised',
  'stainless',
  'pex',
  'pvc',
  'cpvc',
  'hdpe',
  'ductile-iron',
  'csst',
] as const;
export type PipeMaterial = (typeof PIPE_MATERIALS)[number];

interface PipeFacts {
  words: string;
  /** The series assumed for a size when no inside diameter is given. */
  table?: keyof typeof PIPE_TABLES;
  /** Equivalent sand roughness, m. */
  roughnessM: number;
  /** Young's modulus of the wall, Pa: what the pipe gives when the water hits it. */
  elasticModulusPa?: number;
}

/** Roughness: usual handbook values for new pipe. Moduli: the values used for water hammer in AWWA M11 and M23 and plastics data sheets. */
export const PIPE_FACTS: Record<PipeMaterial, PipeFacts> = {
  copper: { words: 'copper', table: 'copper-l', roughnessM: 1.5e-6, elasticModulusPa: 117e9 },
  steel: { words: 'steel', table: 'steel-40', roughnessM: 4.5e-5, elasticModulusPa: 207e9 },
  galvanised: { words: 'galvanized steel', table: 'steel-40', roughnessM: 1.5e-4, elasticModulusPa: 207e9 },
  stainless: { words: 'stainless steel', table: 'steel-40', roughnessM: 4.5e-5, elasticModulusPa: 207e9 },
  pex: { words: 'PEX', table: 'pex-sdr9', roughnessM: 1.5e-6, elasticModulusPa: 0.6e9 },
  pvc: { words: 'PVC', table: 'pvc-80', roughnessM: 1.5e-6, elasticModulusPa: 2.76e9 },
  cpvc: { words: 'CPVC', table: 'pvc-80', roughnessM: 1.5e-6, elasticModulusPa: 2.9e9 },
  hdpe: { words: 'HDPE', table: 'pe-sdr11', roughnessM: 1.5e-6, elasticModulusPa: 0.8e9 },
  'ductile-iron': { words: 'ductile iron', table: 'ductile-52', roughnessM: 1.2e-4, elasticModulusPa: 166e9 },
  csst: { words: 'corrugated stainless tube', roughnessM: 4.5e-5 },
};

/**
 * Outside and inside diameter of the usual pipe of a material and nominal size.
 *
 * @param material pipe material
 * @param dn nominal size
 * @returns m; undefined where no table here covers it
 * Source: the standard named in PIPE_TABLES.
 *
 * @example
 * usualPipe('copper', 20) // { dn: 20, outsideM: 0.022225, insideM: 0.019939 }
 */
export function usualPipe(material: PipeMaterial, dn: number): PipeTable['sizes'][number] | undefined {
  const { table } = PIPE_FACTS[material];
  const sizes: PipeTable['sizes'] = table ? PIPE_TABLES[table].sizes : [];
  return sizes.find((size) => size.dn === dn);
}

/**
 * Thickness of the wall of a pipe, m.
 *
 * @param pipe outside and inside diameter, m
 *
 * @example
 * wallOfM({ outsideM: 0.022225, insideM: 0.019939 }) // 0.001143
 */
export const wallOfM = ({
  outsideM,
  insideM,
}: Pick<PipeTable['sizes'][number], 'outsideM' | 'insideM'>): number => (outsideM - insideM) / 2;

/** Pipe of plastic: it burns, stretches under pressure, and is never held by air. */
const PLASTIC_PIPES: readonly PipeMaterial[] = ['pex', 'pvc', 'cpvc', 'hdpe'];

/**
 * Whether a pipe is of plastic.
 *
 * @example
 * isPlasticPipe('pex') // true
 */
export const isPlasticPipe = (material: PipeMaterial): boolean => PLASTIC_PIPES.includes(material);

/**
 * The usual pipe of the nominal size nearest to one: for what hardly changes from size to size, as the thickness of the wall against the bore.
 *
 * @param material pipe material
 * @param dn nominal size
 * @returns undefined where no table covers the material
 *
 * @example
 * nearestPipe('hdpe', 150).dn // 50
 */
export function nearestPipe(material: PipeMaterial, dn: number): PipeTable['sizes'][number] | undefined {
  const { table } = PIPE_FACTS[material];
  const sizes: PipeTable['sizes'] = table ? PIPE_TABLES[table].sizes : [];
  return [...sizes].sort((a, b) => Math.abs(a.dn - dn) - Math.abs(b.dn - dn))[0];
}
