// A company of 500 jobs, 50,000 positions and 400,000 entries: how long what is opened every day takes.
import { makeLarge } from './large-company.mjs';
import { Person } from './person.mjs';

const SIZES = {
  large: { jobs: 500, entriesPerEntry: 3, photos: 20_000 },
  small: { jobs: 8, entriesPerEntry: 1, photos: 50 },
};
const TIMES = 7;

/**
 * @param {import('./running-server.mjs').RunningServer} server @param {boolean} isLarge
 * @returns {Promise<string[]>} what went wrong
 */
export async function large({ address, databaseUrl }, isLarge) {
  const size = isLarge ? SIZES.large : SIZES.small;
  const from = Date.now();
  console.log(`${JSON.stringify(await makeLarge(databaseUrl, size))} made in ${Date.now() - from} ms`);
  const owner = await Person.demo(address);
  const job = await owner.demoJob();
  const line = (await owner.send('GET', `lines/${job.lines[0].id}`)).body;
  const position = line.positions[0].id;
  /** What is asked, and within how many milliseconds the middle answer comes of a large company. @type {readonly (readonly [string, number])[]} */
  const asked = [
    ['jobs', 1000],
    ['jobs/listings', 1000],
    [`jobs/${job.id}/board`, 1000],
    [`jobs/${job.id}/positions`, 1000],
    // What an emergency is answered from.
    [`jobs/${job.id}/walk`, 300],
    ['search?text=cw-10', 100],
    ['search?text=restroom', 100],
    ['jobs/names', 300],
    [`jobs/${job.id}/overdue`, 1000],
    [`lines/${line.id}`, 1000],
    [`positions/${position}/history`, 300],
    [`positions/${position}/photos`, 300],
    [`positions/${position}/life`, 1000],
    ['due?until=2027-01-01', 1000],
    ['rounds', 1000],
    ['changes/mine', 300],
    [`budget?jobId=${job.id}`, 5000],
    ['budget', 20_000],
  ];
  /** @type {string[]} */
  const wrong = [];
  for (const [path, mostMs] of asked) {
    /** @type {{ status: number, ms: number, text: string }[]} */
    const answers = [];
    for (let at = 0; at < (mostMs > 2000 ? 3 : TIMES); at += 1) answers.push(await owner.send('GET', path));
    const times = answers.map(({ ms }) => ms).sort((a, b) => a - b);
    const [first] = answers;
    const middle = Math.round(times[Math.floor(times.length / 2)] ?? 0);
    const said = `GET ${path.replace(/[0-9a-f-]{36}/g, 'ID')}: ${first?.status}, first ${Math.round(first?.ms ?? 0)} ms, middle ${middle} ms, ${first?.text.length} bytes`;
    const isWrong = (first?.status ?? 0) >= 500 || (isLarge && middle > mostMs);
    console.log(`${isWrong ? 'WRONG ' : ''}${said}`);
    if (isWrong) wrong.push(said);
  }
  return wrong;
}
