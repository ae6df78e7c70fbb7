import { randomBytes } from 'node:crypto';
import { Agent, request } from 'node:http';

// Given up before the server gives them up.
const agent = new Agent({ keepAlive: true, timeout: 3_000 });

/** Somebody who sends requests, signed in or not. */
export class Person {
  /** @param {string} address @param {string} [cookie] */
  constructor(address, cookie = '') {
    this.address = address;
    this.cookie = cookie;
  }

  /**
   * @param {string} method @param {string} path @param {unknown} [body] an object is sent as JSON, text and bytes as they are
   * @returns {Promise<{ status: number, body: any, text: string, ms: number }>}
   */
  send(method, path, body) {
    const from = performance.now();
    const isRaw = typeof body === 'string' || body instanceof Uint8Array;
    const sent = body === undefined ? undefined : Buffer.from(isRaw ? body : JSON.stringify(body));
    return new Promise((resolve, reject) => {
      const asking = request(
        `${this.address}/api/${path}`,
        {
          method,
          agent,
          headers: {
            cookie: this.cookie,
            'content-type': 'application/json',
            ...(sent && { 'content-length': sent.length }),
          },
        },
        (answer) => {
          /** @type {Buffer[]} */
          const pieces = [];
          answer.on('data', (piece) => pieces.push(piece));
          answer.on('error', reject);
          answer.on('end', () => {
            const text = Buffer.concat(pieces).toString();
            const ms = performance.now() - from;
            // Read as JSON only where it is asked for: a client has a machine of its own.
            resolve({
              status: answer.statusCode ?? 0,
              text,
              ms,
              get body() {
                return parsed(text);
              },
            });
          });
        },
      );
      asking.on('error', reject);
      asking.end(sent);
    });
  }

  /** The job that the demo company came with, whatever was added since. @returns {Promise<any>} */
  async demoJob() {
    const jobs = (await this.send('GET', 'jobs')).body;
    return jobs.find((/** @type {{ lines: object[] }} */ { lines }) => lines.length > 1);
  }

  /** Somebody who looks around in the demo company. @param {string} address @param {string} [role] */
  static async demo(address, role = 'owner') {
    return Person.entering(address, 'session/demo', { role });
  }

  /** The owner of a new company. @param {string} address @param {string} company */
  static async owner(address, company) {
    const email = `${randomBytes(5).toString('hex')}@attack.example`;
    const owner = { company, name: 'Tove Aldous', email, password: 'lantern over the quay' };
    return Person.entering(address, 'session/company', owner);
  }

  /** @param {string} address @param {string} path @param {object} body */
  static async entering(address, path, body) {
    const answer = await fetch(`${address}/api/${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
    return new Person(address, answer.headers.get('set-cookie')?.split(';')[0]);
  }
}

/** @param {string} text */
function parsed(text) {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
