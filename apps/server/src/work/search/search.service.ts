import type { Found } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { companyRows } from '../../ground/database/company-rows.js';

/** One letter more finds what is beyond these. */
const MOST = 20;
/** From so many letters on they are found anywhere in a name: an index of triples needs three. */
const ANYWHERE_FROM = 3;

/** Tags that begin so first, shortest first; then what has it anywhere in tag or remarks. Each part by its own index, and no further than is shown. */
const FOUND = `
  WITH tagged AS (
    SELECT id, line_id, tag, remarks, duty, condition, 0 AS rank FROM positions
    WHERE company_id = :companyId AND lower(tag) LIKE :begins ORDER BY length(tag), tag LIMIT :most
  ), called AS (
    SELECT id, line_id, tag, remarks, duty, condition, 1 AS rank FROM positions
    WHERE :isAnywhere AND company_id = :companyId AND lower(tag || ' ' || remarks) LIKE :has LIMIT :most
  ), positions_found AS (
    SELECT DISTINCT ON (id) line_id, tag, remarks, (duty->>'dn')::int AS dn, condition, rank
    FROM (SELECT * FROM tagged UNION ALL SELECT * FROM called) t ORDER BY id, rank
  ), lines_found AS (
    SELECT id AS line_id FROM lines
    WHERE :isAnywhere AND company_id = :companyId AND lower(name) LIKE :has LIMIT :most
  )
  SELECT j.id AS "jobId", j.name AS job, l.id AS "lineId", l.name AS line, l.medium, f.position
  FROM (
    SELECT line_id, rank, jsonb_build_object('tag', tag, 'remarks', remarks, 'dn', dn, 'condition', condition) AS position FROM positions_found
    UNION ALL SELECT line_id, 2, NULL FROM lines_found
  ) f
    JOIN lines l ON l.company_id = :companyId AND l.id = f.line_id
    JOIN jobs j ON j.company_id = :companyId AND j.id = l.job_id
  ORDER BY j.archived_at IS NOT NULL, f.rank, length(f.position->>'tag'), f.position->>'tag', j.name LIMIT :most`;

/** What letters a search is for means as they stand, not as a pattern. */
const asWritten = (text: string): string => text.replace(/[\\%_]/g, '\\$&');

/** Finds positions and lines of all jobs of the company by a part of what they are called. */
@Injectable()
export class SearchService {
  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  /** @param text what was typed, two characters or more: “cw-1” */
  find(text: string): Promise<Found[]> {
    const sought = asWritten(text.trim().toLowerCase());
    return companyRows<Found>(this.sequelize, FOUND, {
      begins: `${sought}%`,
      has: `%${sought}%`,
      isAnywhere: text.trim().length >= ANYWHERE_FROM,
      most: MOST,
    });
  }
}
