import type { ArchivedPosition } from '@grevik/contracts';
import type { CatalogueModel } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Pick } from './pick.model.js';
import { Position } from './position.model.js';

type Own = Omit<ArchivedPosition, 'pick' | 'entries' | 'photos'>;

/** Positions and their picks out to an archive, and back. */
@Injectable()
export class ArchivedPositions {
  constructor(
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectModel(Pick) private readonly picks: typeof Pick,
  ) {}

  /** The positions of a job in flow order, each with its pick. */
  of(jobId: string): Promise<Position[]> {
    return this.positions.findAll({
      where: { jobId },
      include: [Pick],
      order: [['placeOnLine', 'ASC']],
    });
  }

  /** What a position itself says in an archive. */
  write(
    { tag, remarks, duty, longitude, latitude, pick, hookUp }: Position,
    modelOf: ReadonlyMap<string, CatalogueModel>,
    nameOf: ReadonlyMap<string, string>,
  ): Omit<ArchivedPosition, 'entries' | 'photos'> {
    return {
      tag,
      remarks,
      duty,
      ...(longitude !== null && { longitude }),
      ...(latitude !== null && { latitude }),
      ...pickOf(pick, modelOf, nameOf),
      ...(Object.keys(hookUp).length > 0 && { hookUp }),
    };
  }

  /** @returns its new id */
  async add(
    where: { jobId: string; lineId: string; placeOnLine: number },
    own: Own & Partial<globalThis.Pick<Position, 'condition'>>,
  ): Promise<string> {
    return (await this.positions.create({ ...where, ...own })).id;
  }

  async addPick(
    positionId: string,
    modelId: string | undefined,
    { reason, verdict, edges, pickedAt, by }: NonNullable<ArchivedPosition['pick']>,
    importedBy: string,
  ): Promise<void> {
    await this.picks.create({
      positionId,
      modelId,
      reason,
      verdict,
      edges: edges ?? [],
      pickedAt: new Date(pickedAt),
      signedAs: by ?? null,
      importedBy,
    });
  }
}

function pickOf(
  pick: Pick | null,
  modelOf: ReadonlyMap<string, CatalogueModel>,
  nameOf: ReadonlyMap<string, string>,
): { pick?: NonNullable<ArchivedPosition['pick']> } {
  const model = pick && modelOf.get(pick.modelId);
  if (!model) return {};
  const by = nameOf.get(pick.pickedBy ?? '') ?? pick.signedAs;
  return {
    pick: {
      maker: model.maker,
      model: model.model,
      reason: pick.reason,
      verdict: pick.verdict,
      ...(pick.edges.length > 0 && { edges: pick.edges }),
      pickedAt: pick.pickedAt.toISOString(),
      ...(by !== null && { by }),
    },
  };
}
