import pg from 'pg';

/** The same id for the same original and copy, in the form of a version 4 UUID. */
const COPIED = `CREATE FUNCTION pg_temp.copied(original uuid, copy int) RETURNS uuid IMMUTABLE LANGUAGE sql AS $$
  SELECT overlay(overlay(md5(original::text || copy) placing '4' from 13) placing '8' from 17)::uuid $$`;

/** A walk with the ids of its copy. */
const WALKED = `CREATE FUNCTION pg_temp.walked(items jsonb, copy int) RETURNS jsonb LANGUAGE plpgsql AS $$
  DECLARE said text := items::text; id text;
  BEGIN
    FOR id IN SELECT DISTINCT (regexp_matches(said, '[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}', 'g'))[1] LOOP
      said := replace(said, id, pg_temp.copied(id::uuid, copy)::text);
    END LOOP;
    RETURN said::jsonb;
  END $$`;

/**
 * Makes a waterworks of the demo company: its job copied many times, with walks, picks, hand-overs, entries over the years and photos.
 *
 * @param {string} databaseUrl @param {{ jobs: number, entriesPerEntry: number, photos: number }} size
 * @returns {Promise<Record<string, number>>} rows of each table afterwards
 */
export async function makeLarge(databaseUrl, { jobs, entriesPerEntry, photos }) {
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    for (const make of [COPIED, WALKED]) await client.query(make);
    const { rows } = await client.query(`SELECT id FROM jobs ORDER BY created_at LIMIT 1`);
    const { id: jobId } = rows[0];
    const copies = `generate_series(1, ${jobs - 1}) AS n`;
    const all = [
      `INSERT INTO jobs (id, company_id, name, house_rules) SELECT pg_temp.copied(id, n), company_id, name || ' ' || n, house_rules FROM jobs, ${copies} WHERE id = $1`,
      `INSERT INTO lines (id, company_id, job_id, name, medium, place_in_job, facts)
       SELECT pg_temp.copied(id, n), company_id, pg_temp.copied(job_id, n), name, medium, place_in_job, facts FROM lines, ${copies} WHERE job_id = $1`,
      `INSERT INTO positions (id, company_id, job_id, line_id, tag, remarks, place_on_line, duty, condition, hook_up, longitude, latitude)
       SELECT pg_temp.copied(id, n), company_id, pg_temp.copied(job_id, n), pg_temp.copied(line_id, n), tag, remarks, place_on_line, duty, condition, hook_up, longitude, latitude FROM positions, ${copies} WHERE job_id = $1`,
      `INSERT INTO walks (line_id, company_id, job_id, version, items)
       SELECT pg_temp.copied(line_id, n), company_id, pg_temp.copied(job_id, n), version, pg_temp.walked(items, n) FROM walks, ${copies} WHERE job_id = $1`,
      `INSERT INTO picks (position_id, company_id, model_id, reason, verdict, picked_by, edges)
       SELECT pg_temp.copied(k.position_id, n), k.company_id, model_id, reason, verdict, picked_by, edges FROM picks k JOIN positions p ON p.id = k.position_id, ${copies} WHERE p.job_id = $1`,
      `INSERT INTO hand_overs (company_id, line_id, handed_by, taken_by, at, person_id)
       SELECT h.company_id, pg_temp.copied(h.line_id, n), handed_by, taken_by, at, person_id FROM hand_overs h JOIN lines l ON l.id = h.line_id, ${copies} WHERE l.job_id = $1`,
      `INSERT INTO entries (id, company_id, position_id, person_id, signed_as, kind, text, turns, happened_at, found)
       SELECT gen_random_uuid(), e.company_id, pg_temp.copied(e.position_id, n), e.person_id, e.signed_as, e.kind, e.text, e.turns, e.happened_at - make_interval(months => 5 * m), e.found
       FROM entries e JOIN positions p ON p.id = e.position_id, ${copies}, generate_series(0, ${entriesPerEntry - 1}) AS m WHERE p.job_id = $1`,
      `INSERT INTO changes (id, company_id, job_id, position_id, kind, what, before, after, person_id, at)
       SELECT gen_random_uuid(), e.company_id, p.job_id, p.id, 'entry', p.tag, 'null', '{}', coalesce(e.person_id, (SELECT id FROM people WHERE company_id = e.company_id LIMIT 1)), e.happened_at
       FROM entries e JOIN positions p ON p.id = e.position_id WHERE p.job_id <> $1`,
      `INSERT INTO photos (id, company_id, position_id, person_id, type, content, taken_at, sent_sha256)
       SELECT gen_random_uuid(), company_id, id, (SELECT id FROM people q WHERE q.company_id = p.company_id LIMIT 1), 'image/png', decode(repeat('89504e47', 2000), 'hex'), now(), sha256(id::text::bytea)
       FROM positions p WHERE job_id <> $1 LIMIT ${photos}`,
    ];
    for (const sql of all) await client.query(sql, [jobId]);
    await client.query('ANALYZE');
    const counted = await client.query(
      `SELECT coalesce(w.relname, s.relname) AS name, sum(s.n_live_tup)::int AS count
       FROM pg_stat_user_tables s LEFT JOIN pg_inherits i ON i.inhrelid = s.relid LEFT JOIN pg_class w ON w.oid = i.inhparent
       WHERE coalesce(w.relname, s.relname) IN ('jobs', 'lines', 'positions', 'picks', 'entries', 'changes', 'photos') GROUP BY 1`,
    );
    return Object.fromEntries(counted.rows.map(({ name, count }) => [name, count]));
  } finally {
    await client.end();
  }
}
